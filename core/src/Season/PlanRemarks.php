<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Year\Chill;

/** What a plan allows but a keeper would want to be told. */
final class PlanRemarks
{
    /**
     * @param  array<string, PlannedCourse>  $courses  by id of the planting
     * @return list<PlanRemark>
     */
    public static function of(SeasonPlan $plan, array $courses): array
    {
        $remarks = self::beds($plan);
        foreach ($plan->standing() as $i => $planting) {
            array_push($remarks, ...self::planting($planting, $courses[$planting->id], $plan->ground));
            if ($planting->cover === Cover::Alternate && CageRota::of($plan, $planting)->others === []) {
                $remarks[] = new PlanRemark(PlanRemarkKind::NoTurns, $planting);
            }
            foreach (array_slice($plan->standing(), $i + 1) as $other) {
                if ($planting->spot->overlaps($other->spot) && self::atOneTime($courses[$planting->id], $courses[$other->id])) {
                    $remarks[] = new PlanRemark(PlanRemarkKind::SpotsOverlap, $planting, $other->id);
                }
            }
        }

        return $remarks;
    }

    /** @return list<PlanRemark> */
    private static function beds(SeasonPlan $plan): array
    {
        $remarks = [];
        foreach ($plan->beds as $i => $bed) {
            foreach (array_slice($plan->beds, $i + 1) as $other) {
                if ($bed->place->overlaps($other->place)) {
                    $remarks[] = new PlanRemark(PlanRemarkKind::BedsOverlap, null, $other->name, $bed->name);
                }
            }
        }

        return $remarks;
    }

    /** @return list<PlanRemark> */
    private static function planting(PlannedPlanting $planting, PlannedCourse $course, Ground $ground): array
    {
        $remarks = [];
        $fits = $planting->spot->holds($planting->crop->growing->spacing);
        if ($planting->purpose->isForSeed() && $planting->plants > $fits) {
            $remarks[] = new PlanRemark(PlanRemarkKind::DoNotFit, $planting, figure: $fits);
        }
        if ($planting->purpose->isForSeed() && $planting->firstBloom === null && ! $planting->crop->isKeptAlive() && ($ground->year->cannotBloom($planting->crop) || $ground->year->chill($planting->crop) !== Chill::Enough)) {
            $remarks[] = new PlanRemark(PlanRemarkKind::MayNotBloom, $planting);
        }
        if ($course->frost !== null) {
            $remarks[] = new PlanRemark(PlanRemarkKind::CannotRipen, $planting, day: $course->latestSowing);
        }
        if ($course->ripensAfter !== null) {
            $remarks[] = new PlanRemark(PlanRemarkKind::RipensLate, $planting, day: $course->ripensAfter);
        }
        if ($course->followsSowing && $planting->standsInFrost($ground)) {
            $remarks[] = new PlanRemark(PlanRemarkKind::OutBeforeFrost, $planting, day: $ground->frosts()->lastFrom($planting->outside()));
        }
        if ($planting->purpose->isForSeed() && $planting->cover !== Cover::Open && ! $planting->cover->stops($planting->crop)) {
            $remarks[] = new PlanRemark(PlanRemarkKind::LetsThrough, $planting);
        }
        if ($planting->purpose->isForSeed() && $planting->cover === Cover::Bagged && ! $planting->crop->setsBagged()) {
            $remarks[] = new PlanRemark(PlanRemarkKind::SetsNothing, $planting);
        }
        if ($planting->purpose->isForSeed() && $planting->plants === 1 && ! $planting->crop->isKeptAlive() && ($planting->crop->dioecious || $planting->crop->selfIncompatible)) {
            $remarks[] = new PlanRemark(PlanRemarkKind::WantsAnother, $planting);
        }
        $parents = $planting->crop->parents;
        if ($planting->purpose->isForSeed() && $planting->plants < $parents->variety) {
            $remarks[] = new PlanRemark(PlanRemarkKind::TooFewParents, $planting, figure: $parents->variety);
        }

        return $remarks;
    }

    /** Whether both stand in the ground on any one day. */
    private static function atOneTime(PlannedCourse $a, PlannedCourse $b): bool
    {
        return $a->planting->outside() <= $b->free && $b->planting->outside() <= $a->free;
    }
}
