<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Work\Later;

/**
 * One season in which a crop may be sown for seed, and when it blooms then. What has a winter before its bloom, or goes by
 * the length of the day, blooms by the calendar; the rest by the days since it was sown. All for a garden of 51° north with
 * its last frost at the end of April.
 */
final readonly class Sowing
{
    private const MONTHS_BEGIN = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334, 365];

    /**
     * @param  int  $from  month, 1 to 12, in which sowing begins
     * @param  int  $to  month, $from to 12, in which it ends
     * @param  int  $years  calendar years from sowing to bloom: 0 in the year it is sown
     * @param  ?int  $daysMin  from sowing to the first flower, of the latest sowing; null where the calendar calls the bloom
     * @param  ?int  $daysMax  of the earliest
     * @param  float  $bloomFrom  first flowers, in months from the beginning of the year: 6.5 is the middle of June
     * @param  float  $bloomTo  last flowers
     * @param  ?string  $note  what is particular about sowing it then
     */
    public function __construct(
        public int $from,
        public int $to,
        public SowingPlace $place,
        public int $years,
        public ?int $daysMin,
        public ?int $daysMax,
        public float $bloomFrom,
        public float $bloomTo,
        public ?string $note,
    ) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $figures, string $at): self
    {
        [$from, $to] = $figures->range("$at.months", 1, 12);
        $years = $figures->whole("$at.years", 0, 10);
        $follows = $figures->has("$at.days");
        if ($follows && $years > 0) {
            throw $figures->unsound("$at.days", 'with a winter before its bloom it blooms by the calendar');
        }
        [$least, $most] = $follows ? $figures->knownRange("$at.days") : [null, null];
        if ($follows && $most - $least > ($to - $from + 1) * 28) {
            throw $figures->unsound("$at.days", 'so a later sowing would bloom before an earlier one');
        }
        [$bloomFrom, $bloomTo] = $figures->knownRange("$at.bloom");

        return new self(
            (int) $from,
            (int) $to,
            $figures->one("$at.place", SowingPlace::tryFrom(...)),
            $years,
            $least === null ? null : (int) $least,
            $most === null ? null : (int) $most,
            $bloomFrom,
            $bloomTo,
            $figures->textOr("$at.note", null),
        );
    }

    /** Whether sowing later means blooming later. */
    public function followsSowing(): bool
    {
        return $this->daysMin !== null;
    }

    /** @param  int  $month  1 to 12 */
    public function isIn(int $month): bool
    {
        return $month >= $this->from && $month <= $this->to;
    }

    /** How far a day lies from the months of this sowing, days; 0 within them, whichever year it is. */
    public function distance(\DateTimeImmutable $day): int
    {
        [$before, $after] = $this->apart($day);

        return min($before, $after);
    }

    /** The calendar year in which it blooms; what is sown in January belongs to the autumn before when that lies nearer. */
    public function bloomYear(\DateTimeImmutable $day): int
    {
        [$before, $after] = $this->apart($day);
        $month = (int) $day->format('n');
        $turn = match (true) {
            $after < $before && $month < $this->from => -1,
            $before < $after && $month > $this->to => 1,
            default => 0,
        };

        return (int) $day->format('Y') + $turn + $this->years;
    }

    /** @return array{int, int} days until its months begin, and since they ended; 0 and 0 within them */
    private function apart(\DateTimeImmutable $day): array
    {
        if ($this->isIn((int) $day->format('n'))) {
            return [0, 0];
        }
        $of = (int) $day->format('z');

        return [(self::dayOfYear($this->from) - $of + 365) % 365, ($of - self::dayOfYear($this->to + 1) + 366) % 365];
    }

    /** Days to the first flower for what is sown on a day: the early sowing waits longest for warmth. Null by the calendar. */
    public function daysToBloom(\DateTimeImmutable $day): ?int
    {
        if ($this->daysMin === null || $this->daysMax === null) {
            return null;
        }
        $from = self::dayOfYear($this->from);
        $done = ((int) $day->format('z') - $from) / (self::dayOfYear($this->to + 1) - $from);

        return (int) round($this->daysMax - max(0.0, min(1.0, $done)) * ($this->daysMax - $this->daysMin));
    }

    /** Days from the middle of its months to the first flowers of the handbook's garden, of what blooms in the year it is sown. */
    public function daysGrownUp(): int
    {
        return max(30, (int) round(($this->bloomFrom - ($this->from + $this->to + 1) / 2) * Later::DAYS_A_MONTH));
    }

    /** @return array{int, int} days of the year, from 0, of the first and the last flower */
    public function window(): array
    {
        return [(int) round(($this->bloomFrom - 1) * Later::DAYS_A_MONTH), (int) round(($this->bloomTo - 1) * Later::DAYS_A_MONTH)];
    }

    /** The first day of a month, of a year without a leap day, from 0; that of the thirteenth is the year's end. */
    private static function dayOfYear(int $month): int
    {
        return self::MONTHS_BEGIN[$month - 1];
    }
}
