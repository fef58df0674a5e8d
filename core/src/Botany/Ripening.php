<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** When the seed is ripe on the plant, what it looks like, and how long it rests before it is cleaned. */
final readonly class Ripening
{
    /**
     * @param  int  $daysMin  from sowing to the first ripe seed
     * @param  int  $daysMax  from sowing to the last pass
     * @param  string  $tooEarly  what is lost by picking too early
     * @param  string  $tooLate  and too late
     * @param  bool  $shatters  whether ripe seed falls by itself
     * @param  int  $passesMin  times to go over it
     * @param  int  $restDaysMin  from picking to cleaning: ripening on inside the fruit, or drying of pods and heads
     * @param  int  $restDaysMax  longer than this and seed is lost to rot, sprouting or mice
     */
    public function __construct(
        public int $daysMin,
        public int $daysMax,
        public string $cue,
        public string $tooEarly,
        public string $tooLate,
        public bool $shatters,
        public int $passesMin,
        public int $passesMax,
        public int $restDaysMin,
        public int $restDaysMax,
    ) {}
}
