<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

use Marrow\Core\Botany\Growing;

/** A stretch of days in which a crop is sown for seed in this garden. */
final readonly class SowingWindow
{
    private function __construct(public \DateTimeImmutable $from, public \DateTimeImmutable $to) {}

    /**
     * In the order of their days, from the first that is not over on a day.
     *
     * @param  int  $years  whole ones that are looked over
     * @return list<self>
     */
    public static function from(Growing $growing, SeasonShift $shift, \DateTimeImmutable $day, int $years): array
    {
        $windows = [];
        $day = $shift->turn->inBook($day);
        for ($year = (int) $day->format('Y') - 1; $year <= (int) $day->format('Y') + $years; $year++) {
            foreach ($growing->sowings as $sowing) {
                $moved = sprintf('%+d days', $shift->days);
                $to = $day->setDate($year, $sowing->to + 1, 0)->setTime(18, 0)->modify($moved);
                if ($to > $day) {
                    $windows[] = new self($shift->turn->here($day->setDate($year, $sowing->from, 1)->setTime(9, 0)->modify($moved)), $shift->turn->here($to));
                }
            }
        }
        usort($windows, static fn (self $a, self $b): int => $a->from <=> $b->from);

        return $windows;
    }
}
