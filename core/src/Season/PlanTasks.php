<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\LifeCycle;
use Marrow\Core\Year\YearTurn;

/** What a plan asks to be done, in order of time. */
final class PlanTasks
{
    private const DAYS_BEFORE_BLOOM = 7;

    /** What does not belong is pulled before it gives pollen. */
    private const DAYS_TO_LOOK_OVER = 14;

    private const DAYS_TO_COVER = 3;

    private const FEWEST_MORNINGS = 4;

    /** Stored roots are looked over in the middle of January. */
    private const SORTING = '-01-15';

    private const AUTUMN = '10-20';

    /** From then to the end of April. */
    private const UNTIL_SPRING = '+105 days';

    /**
     * @param  array<string, Grown>  $grown  by id of the planned planting: what is recorded is done
     * @return list<PlanTask>
     */
    public static function of(SeasonPlan $plan, array $grown = []): array
    {
        $tasks = [];
        foreach ($plan->standing() as $planting) {
            $done = $grown[$planting->id] ?? new Grown;
            foreach (self::ofCourse(PlannedCourse::of($planting, $plan->ground), $plan) as $task) {
                if (! self::isDone($task->kind, $done)) {
                    $tasks[] = $task->later($done->later[$task->kind->value] ?? null);
                }
            }
        }
        usort($tasks, static fn (PlanTask $a, PlanTask $b): int => $a->on <=> $b->on);

        return $tasks;
    }

    private static function isDone(PlanTaskKind $kind, Grown $grown): bool
    {
        return match ($kind) {
            PlanTaskKind::Sow, PlanTaskKind::Unsown => $grown->sownAt !== null,
            PlanTaskKind::WatchBloom => $grown->firstBloom !== null || $grown->isPicked,
            // Once it is sown, the planting itself says when to look for ripe seed.
            PlanTaskKind::LookForRipe, PlanTaskKind::LiftKept => $grown->sownAt !== null || $grown->isPicked,
            PlanTaskKind::ClearBed => in_array($kind, $grown->done, true),
            // What was picked has bloomed; whatever was not done before that is past.
            default => $grown->isPicked || in_array($kind, $grown->done, true),
        };
    }

    /** @return list<PlanTask> */
    private static function ofCourse(PlannedCourse $course, SeasonPlan $plan): array
    {
        $planting = $course->planting;
        $lastSowing = self::lastSowing($course, $plan->ground->year->shiftOf($planting->crop->growing)->turn);
        $figures = ['plants' => $planting->plants, 'purpose' => $planting->purpose->value];
        $tasks = [
            new PlanTask($planting, PlanTaskKind::Sow, $planting->sow, null, $figures, $lastSowing),
            new PlanTask($planting, PlanTaskKind::Unsown, $lastSowing->modify('+1 day'), null, [...$figures, 'until' => $lastSowing->format('Y-m-d')]),
        ];
        if ($planting->plantOut !== null) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::PlantOut, $planting->plantOut, null, ['bed' => $plan->bedOf($planting)], $course->bloom->first ?? null);
        }

        return [
            ...$tasks,
            ...self::winter($planting, $plan->ground),
            ...self::bloom($course, $plan),
            ...($course->ripeFrom === null ? [] : [new PlanTask($planting, $planting->crop->isKeptAlive() ? PlanTaskKind::LiftKept : PlanTaskKind::LookForRipe, $course->ripeFrom, $course->ripeTo)]),
            new PlanTask($planting, PlanTaskKind::ClearBed, $course->free),
        ];
    }

    /** The last day on which what was to be sown still may be: the end of its months, moved with the garden, or three weeks after its day. */
    private static function lastSowing(PlannedCourse $course, YearTurn $turn): \DateTimeImmutable
    {
        $sow = $turn->inBook($course->planting->sow);
        $months = $course->sowing->to >= (int) $sow->format('n') ? $course->sowing->to : (int) $sow->format('n');
        $end = $turn->here($sow->setDate((int) $sow->format('Y'), $months + 1, 0));

        return max($course->latestSowing ?? $end, $end, $course->planting->sow->modify('+21 days'));
    }

    /**
     * Roots and bulbs of a biennial are lifted before the frost, looked over in midwinter, and put out again in spring.
     *
     * @return list<PlanTask>
     */
    private static function winter(PlannedPlanting $planting, Ground $ground): array
    {
        if (! $planting->lifted || $planting->crop->lifeCycle === LifeCycle::Annual || $planting->crop->isKeptAlive()) {
            return [];
        }
        $turn = $ground->year->shiftOf($planting->crop->growing)->turn;
        // Where no frost ends their first season, the end of the handbook's does, as it falls here.
        $frost = $ground->frosts()->firstAfter($planting->sow) ?? $turn->here(self::autumnOf($turn->inBook($planting->sow)));
        $sort = $turn->here(new \DateTimeImmutable(((int) $turn->inBook($frost)->format('Y') + 1).self::SORTING, new \DateTimeZone('UTC')));
        $spring = $ground->year->goesByFrost() ? $ground->frosts()->lastFrom($sort) : $sort->modify(self::UNTIL_SPRING);

        return [
            // What stood out until it is planted again need not be lifted any more.
            new PlanTask($planting, PlanTaskKind::Lift, $frost->modify('-14 days'), $frost, lapses: ($again = self::replant($planting, $spring, $ground))->on->modify('-1 day')),
            new PlanTask($planting, PlanTaskKind::Sort, $sort, $sort->modify('+14 days'), lapses: $again->on),
            $again->until($again->until?->modify('+30 days')),
        ];
    }

    /** The end of the season of the handbook's garden that a day lies in. */
    private static function autumnOf(\DateTimeImmutable $day): \DateTimeImmutable
    {
        $autumn = $day->modify($day->format('Y').'-'.self::AUTUMN);

        return $autumn < $day ? $autumn->modify('+1 year') : $autumn;
    }

    /** In the crop's own months, moved with the garden; where nobody has said which, in the weeks before the last frost. */
    private static function replant(PlannedPlanting $planting, \DateTimeImmutable $spring, Ground $ground): PlanTask
    {
        $months = $planting->crop->winter?->replant;
        if ($months === null) {
            return new PlanTask($planting, PlanTaskKind::Replant, $spring->modify('-35 days'), $spring);
        }
        $shift = $ground->year->shiftOf($planting->crop->growing);
        $turn = $shift->turn;
        $inBook = $turn->inBook($spring);
        $year = (int) $inBook->format('Y');
        $moved = sprintf('%+d days', $shift->days);

        return new PlanTask($planting, PlanTaskKind::Replant, $turn->here($inBook->setDate($year, $months[0], 1)->modify($moved)), $turn->here($inBook->setDate($year, $months[1] + 1, 0)->modify($moved)));
    }

    /** @return list<PlanTask> */
    private static function bloom(PlannedCourse $course, SeasonPlan $plan): array
    {
        $bloom = $course->bloom;
        $planting = $course->planting;
        if ($bloom === null || ! $planting->purpose->isForSeed()) {
            return [];
        }
        $tasks = [];
        if ($planting->firstBloom === null && $planting->crop->selection !== null) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::LookOver, $bloom->first->modify('-'.self::DAYS_TO_LOOK_OVER.' days'), $bloom->first->modify('-1 day'), lapses: $bloom->last);
        }
        if ($planting->firstBloom === null) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::WatchBloom, $bloom->first->modify('-'.self::DAYS_BEFORE_BLOOM.' days'), $bloom->first, lapses: $bloom->last->modify('+14 days'));
        }
        if ($planting->cover === Cover::Open) {
            return $tasks;
        }
        $tasks[] = new PlanTask($planting, PlanTaskKind::CoverUp, $bloom->first->modify('-'.self::DAYS_TO_COVER.' days'), $bloom->first, ['cover' => $planting->cover->value], $bloom->last);
        if ($planting->cover === Cover::Alternate) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::ChangeCages, $bloom->first, $bloom->last, self::turns($planting, $plan, $bloom->first));
        } elseif ($planting->cover === Cover::Cloth) {
            $tasks[] = new PlanTask($planting, PlanTaskKind::Shake, $bloom->first, $bloom->last);
        } elseif ($planting->cover === Cover::Bagged ? $planting->crop->wantsHandsInBag() : $planting->crop->breeding->needsVisitors() && $planting->cover->keepsOut($planting->crop)) {
            $mornings = min($bloom->days(), max(self::FEWEST_MORNINGS, intdiv($planting->plants + 1, 2)));
            $tasks[] = new PlanTask($planting, PlanTaskKind::Pollinate, $bloom->first, $bloom->first->modify('+'.($mornings - 1).' days'));
        }

        return $tasks;
    }

    /** @return array<string, int|string> the first day on which its cage stands open, every how many days, and whose the others are */
    private static function turns(PlannedPlanting $planting, SeasonPlan $plan, \DateTimeImmutable $from): array
    {
        $rota = CageRota::of($plan, $planting);
        $others = array_values(array_unique(array_map(static fn (PlannedPlanting $other): string => $other->variety, $rota->others)));

        return ['every' => $rota->every, 'opens' => $rota->openFrom($from)->format('Y-m-d'), 'others' => implode(',', $others)];
    }
}
