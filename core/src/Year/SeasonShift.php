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

    /** Farther off than this the handbook's garden says little about it; where spring comes late, long days hurry what it brings. */
    private const MOST_EARLIER = 60;

    private const MOST_LATER = 30;

    /**
     * @param  YearTurn  $turn  the year of this garden against the handbook's
     * @param  ?float  $latitude  degrees, where what goes by the length of the day goes by that of this garden; null where it goes by the handbook's months
     * @param  bool  $hasSpring  whether what is sown early waits for the warmth; where frost hardly comes, nothing does
     */
    private function __construct(public int $days, public YearTurn $turn, public ?float $latitude = null, public bool $hasSpring = true) {}

    public static function none(): self
    {
        return new self(0, YearTurn::none());
    }

    /** Of seasons that go by rain or by the keeper's own months: as those lie, and no later. */
    public static function turned(YearTurn $turn, ?float $latitude): self
    {
        return new self(0, $turn, $latitude, false);
    }

    /** Of what waits for a winter where frost hardly comes: the sun's year, as early as the latitude has it. */
    public static function bySun(?float $latitude): self
    {
        return new self(self::days(self::cooler($latitude) / 2), YearTurn::at($latitude), $latitude, false);
    }

    /**
     * @param  ?float  $latitude  degrees, south of the equator below 0; null where it is not known
     * @param  string  $lastFrost  month-day, in this garden
     */
    public static function of(?float $latitude, string $lastFrost): self
    {
        $turn = YearTurn::at($latitude);
        $cooler = self::cooler($latitude);
        $inBook = $turn->inBook(new \DateTimeImmutable('2001-'.($lastFrost === '02-29' ? '02-28' : $lastFrost)))->format('m-d');
        $frost = (int) (new \DateTimeImmutable('2001-'.self::LAST_FROST))->diff(new \DateTimeImmutable("2001-$inBook"))->format('%r%a');

        return new self(self::days(($cooler + $frost) / 2), $turn);
    }

    /** Days by latitude alone. */
    private static function cooler(?float $latitude): float
    {
        return $latitude === null ? 0.0 : (abs($latitude) - self::LATITUDE) * self::DAYS_A_DEGREE;
    }

    private static function days(float $later): int
    {
        return (int) round(max(-self::MOST_EARLIER, min(self::MOST_LATER, $later)));
    }
}
