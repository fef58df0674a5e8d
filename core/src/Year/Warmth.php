<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

use DateTimeImmutable;

/**
 * How warm this year has been in this garden, against what is usual in it: by that plants are ahead or behind. What brings a
 * planting on in a day is the day's mean above 5 °C, of whatever crop: a stated assumption. Where nobody measured it, or not
 * yet a year before, nothing moves.
 */
final readonly class Warmth
{
    /** °C below which nothing grows. */
    public const BASE = 5.0;

    /** Days by which a year moves anything at the most: what is farther off is a fault of the instrument. */
    private const MOST = 21;

    /** Share of the days so far that must have been measured. */
    private const MEASURED = 0.8;

    /**
     * @param  array<string, float>  $came  mean of each day, °C, by the day: 2026-05-01
     * @param  array<string, float>  $usual  mean of the years before, °C, by month and day: 05-01; none where there is not a year of them
     */
    public function __construct(private array $came, private array $usual) {}

    public static function unknown(): self
    {
        return new self([], []);
    }

    public function isKnown(): bool
    {
        return $this->came !== [] && $this->usual !== [];
    }

    /**
     * When as much warmth has come as usually comes from one day to another.
     *
     * @param  DateTimeImmutable  $from  the day from which it counts: of the sowing, or of the first flower
     * @param  DateTimeImmutable  $expected  when it usually has come
     */
    public function moved(DateTimeImmutable $from, DateTimeImmutable $expected): DateTimeImmutable
    {
        if (! $this->isKnown() || $expected <= $from || ! $this->isMeasured($from, $expected)) {
            return $expected;
        }
        $wanted = 0.0;
        for ($day = $from; $day < $expected; $day = $day->modify('+1 day')) {
            $usual = $this->usual[$day->format('m-d')] ?? null;
            if ($usual === null) {
                return $expected;
            }
            $wanted += max(0.0, $usual - self::BASE);
        }
        if ($wanted <= 0.0) {
            return $expected;
        }
        $latest = $expected->modify(sprintf('+%d days', self::MOST));
        $had = 0.0;
        for ($day = $from; $had < $wanted - 1e-9 && $day < $latest; $day = $day->modify('+1 day')) {
            $had += max(0.0, ($this->came[$day->format('Y-m-d')] ?? $this->usual[$day->format('m-d')] ?? self::BASE) - self::BASE);
        }

        return max($expected->modify(sprintf('-%d days', self::MOST)), min($latest, $day->setTime((int) $expected->format('G'), (int) $expected->format('i'))));
    }

    /** Whether most of the days that are over were measured. */
    private function isMeasured(DateTimeImmutable $from, DateTimeImmutable $expected): bool
    {
        $last = array_key_last($this->came);
        $over = $measured = 0;
        for ($day = $from; $day < $expected && $day->format('Y-m-d') <= $last; $day = $day->modify('+1 day')) {
            $over++;
            $measured += (int) isset($this->came[$day->format('Y-m-d')]);
        }

        return $over > 0 && $measured >= self::MEASURED * $over;
    }
}
