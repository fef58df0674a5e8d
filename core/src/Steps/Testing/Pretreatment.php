<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\Light;
use Marrow\Core\Germination\LaidIn;
use Marrow\Core\Germination\LaidOtherwise;
use Marrow\Core\Germination\SeedCoat;

/** What was done to the seed of a test before it was laid to germinate, and how it lies. */
final readonly class Pretreatment
{
    /** Degrees beyond what a crop wants that a kitchen cannot help. */
    private const CLOSE = 2.0;

    /** Days damp and cold from which seed that only sleeps while it is fresh is taken to be awake: laboratories chill vegetable seed three to seven. */
    private const CHILL_WAKES = 3;

    /** The same of seed that wants a winter: fewer wake next to none of it. */
    private const WINTER_WAKES = 14;

    /**
     * @param  ?int  $soakedHours  in water, or in water that smoke was drawn through, before it was laid
     * @param  bool  $smoked  by smoke, or water that smoke was drawn through
     * @param  ?int  $chilledDays  damp and cold, before it was put into the warmth
     * @param  ?int  $ripenedDays  dry and warm, before it was laid
     * @param  ?float  $nightC  °C by night, where that is another than by day
     */
    public function __construct(
        public ?SeedCoat $coat = null,
        public ?int $soakedHours = null,
        public bool $smoked = false,
        public ?int $chilledDays = null,
        public ?int $ripenedDays = null,
        public ?float $nightC = null,
        public ?LaidIn $laidIn = null,
    ) {}

    /** Hours from when seed was laid damp until it lies in the warmth: only from then on is a test counted. */
    public function hours(): float
    {
        return ($this->soakedHours ?? 0) + 24.0 * ($this->chilledDays ?? 0);
    }

    /** Whether seed that sleeps has been woken, as far as anybody said. */
    public function wakes(Crop $crop): bool
    {
        $cold = $this->chilledDays ?? 0;

        return $crop->test->chilling ? $cold >= self::WINTER_WAKES : $cold >= self::CHILL_WAKES || ($this->ripenedDays ?? 0) >= 7 * ($crop->test->fresh->weeksMin ?? 1);
    }

    /**
     * @param  float  $temperatureC  °C, by day where the nights are cooler
     * @return list<LaidOtherwise>
     */
    public function otherwise(Crop $crop, float $temperatureC): array
    {
        $wants = $crop->test;
        $night = $this->nightC ?? $temperatureC;

        return [
            ...(max($temperatureC, $night) < $wants->temperatureLow - self::CLOSE ? [LaidOtherwise::Colder] : []),
            ...(max($temperatureC, $night) > $wants->temperatureHigh + self::CLOSE ? [LaidOtherwise::Warmer] : []),
            ...($this->laidIn === LaidIn::Light && $wants->light === Light::Dark ? [LaidOtherwise::InTheLight] : []),
            ...($this->laidIn === LaidIn::Dark && $wants->light === Light::Light ? [LaidOtherwise::InTheDark] : []),
            ...($wants->chilling && ! $this->wakes($crop) ? [LaidOtherwise::NotChilled] : []),
        ];
    }
}
