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

    /** @return list<string> the signs of ripeness one by one: what to do then is none of them */
    public function cues(): array
    {
        $signs = explode(';', $this->cue)[0];
        $cues = [];
        foreach (preg_split('/, (?:and )?/', $signs) ?: [] as $part) {
            // "Seed red-brown, or yellow in yellow kinds" is one.
            if ($cues !== [] && preg_match('/^(or|with|before|not|a|one) /', $part) === 1) {
                $cues[count($cues) - 1] .= ", $part";
            } else {
                $cues[] = $part;
            }
        }

        return array_map(static fn (string $cue): string => mb_strtoupper(mb_substr($cue, 0, 1)).mb_substr($cue, 1), $cues);
    }

    /** Days after which it is looked at again while it is not ripe: what falls by itself is not left for long. */
    public function lookDays(): int
    {
        return match ($this->shatters) {
            null => 5,
            Shattering::PickOften, Shattering::GatherFallen, Shattering::PickDamp => 2,
            Shattering::Net => 4,
            default => 3,
        };
    }

    /**
     * Days for which ripe seed stays on, on the average. Assumptions, from how each kind is ordinarily caught: what must be gathered daily falls within
     * days, what is cut on a sheet within a week or so, what only birds take when they find it; in fruit and in pods that hold it is the fruit that goes.
     */
    public function holdsDays(): float
    {
        return match ($this->shatters) {
            null => 14.0,
            Shattering::PickOften, Shattering::GatherFallen, Shattering::PickDamp => 2.0,
            Shattering::ClothBag, Shattering::Shake => 4.0,
            Shattering::PaperBag => 5.0,
            Shattering::Rack => 6.0,
            Shattering::Sheet => 7.0,
            Shattering::Net => 10.0,
        };
    }

    /** Days before it is ripe at which seed may be cut and still ripens under cover: where stems, heads or plants are cut whole. An assumption. */
    public function finishesDays(): float
    {
        return match ($this->shatters) {
            Shattering::Sheet, Shattering::Rack => 7.0,
            Shattering::PaperBag => 4.0,
            default => 0.0,
        };
    }
}
