<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

/**
 * The year of a garden against the year of the handbook, which is of the northern half of the earth: in the southern it is turned by half. It is the
 * one place where that is known. Days are turned by 182 of them, there and back, so that every stretch of days is as long as it was; months by six.
 */
final readonly class YearTurn
{
    private const DAYS = 182;

    private const MONTHS = 6;

    public function __construct(public bool $isSouth = false) {}

    /** @param  ?float  $latitude  degrees, north positive; null where it is not known, and taken for north */
    public static function at(?float $latitude): self
    {
        return new self($latitude !== null && $latitude < 0.0);
    }

    /** The handbook's day for one of this garden. */
    public function inBook(\DateTimeImmutable $here): \DateTimeImmutable
    {
        return $this->isSouth ? $here->modify(sprintf('-%d days', self::DAYS)) : $here;
    }

    /** This garden's day for one of the handbook. */
    public function here(\DateTimeImmutable $inBook): \DateTimeImmutable
    {
        return $this->isSouth ? $inBook->modify(sprintf('+%d days', self::DAYS)) : $inBook;
    }

    /** @param  int  $month  of the handbook, 1 to 12. @return int of this garden */
    public function monthHere(int $month): int
    {
        return $this->isSouth ? ($month + self::MONTHS - 1) % 12 + 1 : $month;
    }

    /** @param  int  $month  of this garden, 1 to 12. @return int of the handbook */
    public function monthInBook(int $month): int
    {
        // Six from either side is the same.
        return $this->monthHere($month);
    }

    /** A point of the handbook's year as one of this garden's, in months: 6.5 is the middle of June. */
    public function partHere(float $month): float
    {
        return $this->isSouth ? fmod($month + self::MONTHS - 1.0, 12.0) + 1.0 : $month;
    }

    /** Months since a January, of what goes on over several years: half a year on, or half a year back where that would leave the first year out. */
    public function monthsOn(float $first): float
    {
        return ! $this->isSouth ? 0.0 : ($first >= self::MONTHS ? -1.0 : 1.0) * self::MONTHS;
    }

    /** The season that a day belongs to, by the year in which it begins: in the south it goes from July to June. */
    public function season(\DateTimeImmutable $day): int
    {
        return (int) $day->format('Y') - ($this->isSouth && (int) $day->format('n') <= self::MONTHS ? 1 : 0);
    }

    /** When a season begins, at an hour of the morning. */
    public function begins(int $season, \DateTimeImmutable $as): \DateTimeImmutable
    {
        return $as->setDate($season, $this->monthHere(1), 1)->setTime(9, 0);
    }

    /** What a season is called: "2026", or where it goes over a new year "2026/27". */
    public function called(int $season): string
    {
        return $this->isSouth ? sprintf('%d/%02d', $season, ($season + 1) % 100) : (string) $season;
    }

    /** @param  string  $day  month-day of the handbook's year. @return string of this garden's */
    public function dayHere(string $day): string
    {
        return $this->isSouth ? $this->here(new \DateTimeImmutable("2001-$day"))->format('m-d') : $day;
    }
}
