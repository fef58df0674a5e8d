<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

/**
 * How much later than in the handbook's garden things happen in this one: days, fewer than none for earlier. Half of it by
 * latitude, four days a degree in spring (Hopkins 1918), and half by how late the last frost is: either tells something that
 * the other does not, and together they would count the same cold twice.
 */
final readonly class SeasonShift
{
    /** The handbook's garden. */
    private const LATITUDE = 51.0;

    private const LAST_FROST = '04-30';

    private const DAYS_A_DEGREE = 4.0;

    /** Farther off than this the handbook's garden says little about it. */
    private const MOST = 30;

    /** @param  bool  $isServed  false south of the equator, for which the handbook has no months */
    private function __construct(public int $days, public bool $isServed = true) {}

    public static function none(): self
    {
        return new self(0);
    }

    /**
     * @param  ?float  $latitude  degrees; null where it is not known. South of the equator the seasons are not served.
     * @param  string  $lastFrost  month-day
     */
    public static function of(?float $latitude, string $lastFrost): self
    {
        $north = $latitude === null || $latitude < 0 ? 0.0 : ($latitude - self::LATITUDE) * self::DAYS_A_DEGREE;
        $frost = (int) (new \DateTimeImmutable('2001-'.self::LAST_FROST))->diff(new \DateTimeImmutable('2001-'.($lastFrost === '02-29' ? '02-28' : $lastFrost)))->format('%r%a');

        return new self((int) round(max(-self::MOST, min(self::MOST, ($north + $frost) / 2))), $latitude === null || $latitude >= 0);
    }
}
