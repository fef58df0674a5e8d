<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\LifeCycle;

/** What a plan asks to be done, in order of time. */
final class PlanTasks
{
    private const DAYS_BEFORE_BLOOM = 7;

    private const DAYS_TO_COVER = 3;

    private const FEWEST_MORNINGS = 4;

    /** Stored roots are looked over in the middle of January. */
    private const SORTING = '-01-15';

    /** @return list<PlanTask> */
    public static function of(SeasonPlan $plan): array
    {
        $tasks = [];
        foreach ($plan->standing() as $planting) {
            array_push($tasks, ...self::ofCourse(PlannedCourse::of($planting, $plan->ground), $plan->ground));
        }
        usort($tasks, static fn (PlanTask $a, PlanTask $b): int => $a->on <=> $b->on);

        return $tasks;
    }

    /** @return list<PlanTask> */
    private static function ofCourse(PlannedCourse $course, Ground $ground): array
    {
        $planting = $course->planting;
        $tasks = [new PlanTask($planting, PlanTaskKind::Sow, $planting->sow)];
        if ($planting->plantOut !== null) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::PlantOut, $planting->plantOut);
        }

        return [
            ...$tasks,
            ...self::winter($planting, $ground),
            ...self::bloom($course),
            ...($course->ripeFrom === null ? [] : [new PlanTask($planting, PlanTaskKind::LookForRipe, $course->ripeFrom, $course->ripeTo)]),
            new PlanTask($planting, PlanTaskKind::ClearBed, $course->free),
        ];
    }

    /**
     * Roots and bulbs of a biennial are lifted before the frost, looked over in midwinter, and put out again in spring.
     *
     * @return list<PlanTask>
     */
    private static function winter(PlannedPlanting $planting, Ground $ground): array
    {
        if (! $planting->lifted || $planting->crop->lifeCycle === LifeCycle::Annual) {
            return [];
        }
        $frost = $ground->firstFrostAfter($planting->sow);
        $sort = new \DateTimeImmutable(((int) $frost->format('Y') + 1).self::SORTING, new \DateTimeZone('UTC'));
        $spring = $ground->lastFrostFrom($sort);

        return [
            new PlanTask($planting, PlanTaskKind::Lift, $frost->modify('-14 days'), $frost),
            new PlanTask($planting, PlanTaskKind::Sort, $sort, $sort->modify('+14 days')),
            new PlanTask($planting, PlanTaskKind::Replant, $spring->modify('-35 days'), $spring),
        ];
    }

    /** @return list<PlanTask> */
    private static function bloom(PlannedCourse $course): array
    {
        $bloom = $course->bloom;
        $planting = $course->planting;
        if ($bloom === null || ! $planting->purpose->isForSeed()) {
            return [];
        }
        $tasks = [];
        if ($planting->firstBloom === null) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::WatchBloom, $bloom->first->modify('-'.self::DAYS_BEFORE_BLOOM.' days'), $bloom->first);
        }
        if ($planting->cover === Cover::Open) {
            return $tasks;
        }
        $tasks[] = new PlanTask($planting, PlanTaskKind::CoverUp, $bloom->first->modify('-'.self::DAYS_TO_COVER.' days'), $bloom->first);
        if ($planting->cover === Cover::Alternate) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::ChangeCages, $bloom->first, $bloom->last);
        } elseif ($planting->crop->breeding->needsVisitors() || $planting->cover === Cover::Bagged) {
            $mornings = min($bloom->days(), max(self::FEWEST_MORNINGS, intdiv($planting->plants + 1, 2)));
            $tasks[] = new PlanTask($planting, PlanTaskKind::Pollinate, $bloom->first, $bloom->first->modify('+'.($mornings - 1).' days'));
        }

        return $tasks;
    }
}
