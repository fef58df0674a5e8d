<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use DateTimeImmutable;
use Marrow\Core\Drying\DryingCourse;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Work\Place;

/** How a lot dries on, as points to be drawn. */
final class DryingOutlook
{
    private const POINTS = 24;

    private const SHORTEST = 240.0;

    private const LONGEST = 1440.0;

    /**
     * @param  int  $from  the second that hours are counted from
     * @return list<CoursePointDocument>
     */
    public static function of(LotCourse $lot, int $from): array
    {
        [$since, $course] = self::course($lot) ?? [null, null];
        if ($since === null || $course === null) {
            return [];
        }
        $enough = $lot->facts->crop->jarMoisture;
        $until = $enough === null ? null : $course->until($enough)[2] ?? $course->until($enough)[1];
        $long = max(self::SHORTEST, min(self::LONGEST, 1.2 * ($until ?? self::SHORTEST)));
        $begins = ($since->getTimestamp() - $from) / 3600;

        return array_map(static function (int $i) use ($course, $long, $begins): CoursePointDocument {
            [$low, $middle, $high] = $course->after($long * $i / self::POINTS);

            return new CoursePointDocument($begins + $long * $i / self::POINTS, min($low, $middle, $high), $middle, max($low, $middle, $high));
        }, range(0, self::POINTS));
    }

    public static function read(LotCourse $lot, int $from): ?ReadPointDocument
    {
        $drying = $lot->drying;
        $evidence = $drying->evidence();
        $at = $drying->moistureKnownAt() ?? $drying->dampness->triedAt();

        return $evidence === null || $at === null ? null : new ReadPointDocument(($at->getTimestamp() - $from) / 3600, $evidence->low, min(40.0, $evidence->high));
    }

    /** @return ?array{DateTimeImmutable, DryingCourse} */
    private static function course(LotCourse $lot): ?array
    {
        if ($lot->place() !== Place::Racks || $lot->drying->verdict() === DryingVerdict::DryEnough || $lot->drying->verdict() === DryingVerdict::Stopped) {
            return null;
        }
        $jar = $lot->desiccant->jar;

        return $jar !== null && $lot->desiccant->since !== null ? [$lot->desiccant->since, $jar] : $lot->drying->course();
    }
}
