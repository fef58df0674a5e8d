<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

/**
 * The year of a garden against the year of the handbook, which is of the northern half of the earth with the growing season from May on: in the
 * southern half it is turned by six months, where the seasons go by rain or by the keeper's own months by as many as those lie on. It is the one place
 * where that is known. Days are turned by whole ones, 182 for half a year, there and back, so that every stretch of days is as long as it was.
 */
final readonly class YearTurn
{
    private const YEAR = 12;

    public const HALF = 6;

    /** A season that begins no farther than this from January is called by the one year that nearly all of it lies in. */
    private const WITHIN_A_YEAR = 2;

    /** @param  int  $months  that things happen on from the handbook's, -2 to 9: a turn by more is one back */
    public function __construct(public int $months = 0) {}

    public static function none(): self
    {
        return new self;
    }

    /** @param  ?float  $latitude  degrees, north positive; null where it is not known, and taken for north */
    public static function at(?float $latitude): self
    {
        return new self($latitude !== null && $latitude < 0.0 ? self::HALF : 0);
    }

    /** So that a month of the handbook falls on one of this garden, either 1 to 12. */
    public static function between(int $inBook, int $here): self
    {
        $on = ($here - $inBook + self::YEAR) % self::YEAR;

        return new self($on >= self::YEAR - self::WITHIN_A_YEAR ? $on - self::YEAR : $on);
    }

    public function isTurned(): bool
    {
        return $this->months !== 0;
    }

    /** Whether a season goes over a new year, and is called by both. */
    public function spansNewYear(): bool
    {
        return $this->months > self::WITHIN_A_YEAR;
    }

    /** The handbook's day for one of this garden. */
    public function inBook(\DateTimeImmutable $here): \DateTimeImmutable
    {
        return $this->isTurned() ? $here->modify(sprintf('%+d days', -$this->days())) : $here;
    }

    /** This garden's day for one of the handbook. */
    public function here(\DateTimeImmutable $inBook): \DateTimeImmutable
    {
        return $this->isTurned() ? $inBook->modify(sprintf('%+d days', $this->days())) : $inBook;
    }

    /** @param  int  $month  of the handbook, 1 to 12. @return int of this garden */
    public function monthHere(int $month): int
    {
        return ($month + $this->months + self::YEAR - 1) % self::YEAR + 1;
    }

    /** @param  int  $month  of this garden, 1 to 12. @return int of the handbook */
    public function monthInBook(int $month): int
    {
        return ($month - $this->months + self::YEAR - 1) % self::YEAR + 1;
    }

    /** A point of the handbook's year as one of this garden's, in months: 6.5 is the middle of June. */
    public function partHere(float $month): float
    {
        return $this->isTurned() ? fmod($month + $this->months + self::YEAR - 1.0, self::YEAR) + 1.0 : $month;
    }

    /** The same the other way: of this garden's year as one of the handbook's. */
    public function partInBook(float $month): float
    {
        return $this->isTurned() ? fmod($month - $this->months + self::YEAR - 1.0, self::YEAR) + 1.0 : $month;
    }

    /** Months since a January, of what goes on over several years: on, or back where that would leave the first year out. */
    public function monthsOn(float $first): float
    {
        return (float) match (true) {
            $first + $this->months >= self::YEAR => $this->months - self::YEAR,
            $first + $this->months < 0 => $this->months + self::YEAR,
            default => $this->months,
        };
    }

    /** The season that a day belongs to, by the year in which it begins: in the south it goes from July to June. */
    public function season(\DateTimeImmutable $day): int
    {
        return (int) $day->format('Y') - ($this->spansNewYear() && (int) $day->format('n') < $this->firstMonth() ? 1 : 0);
    }

    /** When a season begins, at an hour of the morning. */
    public function begins(int $season, \DateTimeImmutable $as): \DateTimeImmutable
    {
        return $as->setDate($season, $this->firstMonth(), 1)->setTime(9, 0);
    }

    /** What a season is called: "2026", or where it goes over a new year "2026/27". */
    public function called(int $season): string
    {
        return $this->spansNewYear() ? sprintf('%d/%02d', $season, ($season + 1) % 100) : (string) $season;
    }

    /** @param  string  $day  month-day of the handbook's year. @return string of this garden's */
    public function dayHere(string $day): string
    {
        return $this->isTurned() ? $this->here(new \DateTimeImmutable("2001-$day"))->format('m-d') : $day;
    }

    /** The month, 1 to 12, in which a season begins. */
    public function firstMonth(): int
    {
        return $this->spansNewYear() ? $this->monthHere(1) : 1;
    }

    private function days(): int
    {
        return intdiv(365 * $this->months, self::YEAR);
    }
}
