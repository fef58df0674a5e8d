<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** When the seed is ripe on the plant, what it looks like, and how long it rests before it is cleaned. */
final readonly class Ripening
{
    /**
     * @param  string  $tooEarly  what is lost by picking too early
     * @param  string  $tooLate  and too late
     * @param  ?Shattering  $shatters  how it is forestalled where ripe seed falls by itself; null where it holds
     * @param  int  $passesMin  times to go over it
     * @param  ?array{float, float, float}  $afterRipening  weeks that a picked fruit lies before its seed is taken out: least, best, longest; null where it is not known to gain by it
     * @param  int  $restDaysMin  from picking to cleaning: ripening on inside the fruit, or drying of pods and heads
     * @param  int  $restDaysMax  longer than this and seed is lost to rot, sprouting or mice
     */
    public function __construct(
        public string $cue,
        public string $tooEarly,
        public string $tooLate,
        public ?Shattering $shatters,
        public int $passesMin,
        public int $passesMax,
        public int $restDaysMin,
        public int $restDaysMax,
        public ?array $afterRipening = null,
        public FruitShape $fruit = FruitShape::Round,
    ) {}

    /**
     * Days that what was picked lies before its seed is taken out: fruit to ripen it on, where that is known to gain, pods and heads to dry.
     *
     * @return array{int, int, int} least, best, most
     */
    public function lies(): array
    {
        if ($this->afterRipening === null) {
            return [$this->restDaysMin, $this->restDaysMin + min(7, intdiv($this->restDaysMax - $this->restDaysMin, 2)), $this->restDaysMax];
        }
        [$least, $best, $longest] = $this->afterRipening;

        return [(int) round(7 * $least), (int) round(7 * $best), (int) round(7 * $longest)];
    }
}
