<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\ScaleDocument;
use App\Documents\TickDocument;
use App\Voice\Speaking;
use DateTimeImmutable;

/** Scales of time, in days from a moment. */
final class Scale
{
    /** So many labels have room side by side. */
    private const LABELS = 7;

    /** What lasts longer is drawn to the end: what can be said of decades is little. */
    private const MOST_YEARS = 15;

    /** Days. */
    private const YEAR = 365.25;

    public static function days(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 86400;
    }

    /**
     * Years ahead, up to the last that matters.
     *
     * @param  float  $furthest  days
     */
    public static function years(string $title, string $legend, DateTimeImmutable $now, float $furthest): ScaleDocument
    {
        $years = (int) max(3, min(self::MOST_YEARS, ceil($furthest / self::YEAR)));
        $step = (int) max(1, ceil($years / self::LABELS));
        $ticks = [];
        for ($year = (int) $now->format('Y') + 1; $year <= (int) $now->format('Y') + $years; $year++) {
            if ($year % $step !== 0) {
                continue;
            }
            $ticks[] = new TickDocument(round(self::days($now, $now->setDate($year, 1, 1)->setTime(0, 0)), 2), (string) $year);
        }

        return new ScaleDocument($title, $legend, 0.0, round($years * self::YEAR, 2), $ticks, null);
    }

    /** The months around a day: what began before them begins with them. */
    public static function months(string $title, string $legend, DateTimeImmutable $now, int $before, int $after): ScaleDocument
    {
        $month = $now->setDate((int) $now->format('Y'), (int) $now->format('n'), 1)->setTime(0, 0);
        $ticks = [];
        for ($n = -$before; $n < $after; $n++) {
            $at = $month->modify(sprintf('%+d months', $n));
            $ticks[] = new TickDocument(round(self::days($now, $at), 2), $at->format('M'));
        }

        return new ScaleDocument($title, $legend, $ticks[0]->at, round(self::days($now, $month->modify(sprintf('%+d months', $after))), 2), $ticks, 0.0);
    }

    /** Days before and behind today, each with its date. */
    public static function around(string $title, string $legend, DateTimeImmutable $now, int $before, int $after): ScaleDocument
    {
        $midnight = $now->setTime(0, 0);
        $step = (int) max(1, ceil(($before + $after) / self::LABELS));
        $ticks = [];
        for ($day = -$before; $day <= $after; $day++) {
            if ($day % $step === 0) {
                $at = $midnight->modify(sprintf('%+d days', $day));
                $days = self::days($now, $at);
                if ($days >= -$before && $days <= $after) {
                    $ticks[] = new TickDocument(round($days, 3), Speaking::forms()->shortDay($at));
                }
            }
        }

        return new ScaleDocument($title, $legend, (float) -$before, (float) $after, $ticks, 0.0);
    }
}
