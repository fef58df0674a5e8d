<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Treating;

use Marrow\Core\Botany\HotWater;

/** A bath that seed was given, and what it cost: probits of its share alive. */
final readonly class Bath
{
    /**
     * Sound seed of 95 % is commonly found at about 92 % after the usual bath: a quarter of a probit. A stated assumption;
     * the next test replaces it.
     */
    private const COST = 0.25;

    /** So many °C hotter cost twice as much. */
    private const TWICE = 2.0;

    private const MOST = 4.0;

    private function __construct(public \DateTimeImmutable $at, public float $temperature, public int $minutes, public float $cost) {}

    public static function of(\DateTimeImmutable $at, Bathed $bathed, HotWater $usual): self
    {
        $cost = self::COST * $bathed->minutes / $usual->minutes * 2 ** (($bathed->temperatureC - $usual->temperature) / self::TWICE);

        return new self($at, $bathed->temperatureC, $bathed->minutes, min(self::MOST, $cost));
    }
}
