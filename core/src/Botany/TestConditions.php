<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How this crop's germination is tested. */
final readonly class TestConditions
{
    /**
     * @param  float  $temperatureLow  °C; night temperature where it alternates
     * @param  float  $temperatureHigh  °C; the same as low where it is steady
     * @param  int  $firstCount  day of the first count
     * @param  int  $lastCount  day of the last
     * @param  float  $minimum  share below which seed of this crop is usually not passed on
     * @param  string  $note  another need, in a short sentence; may be empty
     * @param  string  $method  on or in what
     * @param  ?string  $dormancy  what breaks it, where fresh seed sleeps
     * @param  bool  $hardSeeded  whether some seed takes no water until it is nicked or rubbed
     * @param  ?FreshDormancy  $fresh  how long fresh seed sleeps; null where it is not known to
     * @param  bool  $chilling  whether it needs damp cold first
     */
    public function __construct(
        public float $temperatureLow,
        public float $temperatureHigh,
        public int $firstCount,
        public int $lastCount,
        public float $minimum,
        public string $note,
        public string $method,
        public Light $light,
        public ?string $dormancy,
        public bool $hardSeeded,
        public bool $chilling,
        public ?FreshDormancy $fresh = null,
    ) {}

    /** Where nothing changes by day and night: the middle of what it wants, which suits those that like it cool and those that like it warm. °C */
    public function steadyTemperature(): float
    {
        return ($this->temperatureLow + $this->temperatureHigh) / 2;
    }
}
