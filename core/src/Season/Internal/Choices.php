<?php

declare(strict_types=1);

namespace Marrow\Core\Season\Internal;

use Marrow\Core\Isolation\Bloom;
use Marrow\Core\Season\Cover;
use Marrow\Core\Season\Ground;
use Marrow\Core\Season\PlannedCourse;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Season\Remedy;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;

/** Everything that may be done with each planting under the keeper's preferences, the cheapest first. */
final readonly class Choices
{
    /** Hand pollination takes at least so many mornings, however few the plants. */
    private const FEWEST_MORNINGS = 4;

    /** @param  list<PlannedPlanting>  $around  plantings whose ground is taken */
    public function __construct(private SeasonPlan $plan, private RemedyPreferences $prefer, private array $around) {}

    /**
     * @param  int  $step  days between two shifts that are tried
     * @return non-empty-list<Choice>
     */
    public function of(PlannedPlanting $planting, int $step): array
    {
        $course = PlannedCourse::of($planting, $this->plan->ground);
        if ($course->bloom === null) {
            return [new Choice(null, $planting->spot, 0, 0, -1, false, false, false, 0.0)];
        }
        $kept = $planting->isKeptTrue();
        $crop = $planting->crop;
        $as = static fn (?Remedy $remedy, Bloom $bloom, Rectangle $place, int $spot, Cover $cover): Choice => new Choice(
            $remedy,
            $place,
            $spot,
            $bloom->firstDay,
            $bloom->lastDay,
            $kept && ! $cover->keepsOut($crop),
            ! $cover->keepsIn($crop),
            $cover === Cover::Alternate && $cover->stops($crop),
            $remedy->cost ?? 0.0,
        );
        $choices = [$as(null, $course->bloom, $planting->spot, 0, $planting->cover)];
        foreach ($this->shifts($planting, $course, $step) as $days => $bloom) {
            $choices[] = $as(Remedy::shift($planting->id, $days), $bloom, $planting->spot, 0, $planting->cover);
        }
        foreach ($this->spots($planting) as $i => $spot) {
            $choices[] = $as(Remedy::move($planting->id, $spot), $course->bloom, $spot, $i + 1, $planting->cover);
        }
        $mornings = min($course->bloom->days(), max(self::FEWEST_MORNINGS, intdiv($planting->plants + 1, 2)));
        if (! $planting->purpose->isForSeed() && $planting->crop->isEatenBeforeBloom()) {
            $choices[] = self::gone(Remedy::cutFlowers($planting->id, min(6, $course->bloom->days())), $planting);
        }
        if ($kept && $planting->cover === Cover::Open) {
            if ($this->prefer->bag && $crop->setsBagged()) {
                $choices[] = $as(Remedy::bag($planting->id, $mornings), $course->bloom, $planting->spot, 0, Cover::Bagged);
            }
            if ($this->prefer->alternate && Cover::Alternate->stops($crop)) {
                $choices[] = $as(Remedy::alternate($planting->id, $course->bloom->days()), $course->bloom, $planting->spot, 0, Cover::Alternate);
            }
            if ($this->prefer->cage) {
                $choices[] = Cover::Caged->stops($crop)
                    ? $as(Remedy::cage($planting->id, $crop->breeding->needsVisitors() ? $mornings : 0), $course->bloom, $planting->spot, 0, Cover::Caged)
                    : $as(Remedy::cloth($planting->id, $mornings), $course->bloom, $planting->spot, 0, Cover::Cloth);
            }
        }
        if ($this->prefer->leaveOut) {
            $choices[] = self::gone(Remedy::leaveOut($planting->id, $this->prefer->losses[$planting->id] ?? 10.0), $planting);
        }

        return self::worthTrying($choices);
    }

    /**
     * Of too many choices those that matter most: as planned, the last, which gives and takes least, the cheapest that takes
     * nothing, and the cheapest of the others.
     *
     * @param  non-empty-list<Choice>  $choices  the cheapest first
     * @param  int  $most  2 or more
     * @return non-empty-list<Choice>
     */
    public static function fewest(array $choices, int $most): array
    {
        $last = count($choices) - 1;
        if ($last < $most) {
            return $choices;
        }
        $keep = [0 => true, $last => true];
        foreach ($choices as $c => $choice) {
            if (! $choice->takes && count($keep) < $most) {
                $keep[$c] = true;
                break;
            }
        }
        for ($c = 1; $c < $last && count($keep) < $most; $c++) {
            $keep[$c] = true;
        }

        return array_values(array_intersect_key($choices, $keep)) ?: $choices;
    }

    /** @return array<int, Bloom> days => when it would bloom then */
    private function shifts(PlannedPlanting $planting, PlannedCourse $course, int $step): array
    {
        if (! $course->followsSowing || $planting->firstBloom !== null || $this->prefer->shiftDays < 1) {
            return [];
        }
        $shifts = [];
        $days = range($step, $this->prefer->shiftDays, $step);
        if (end($days) !== $this->prefer->shiftDays) {
            $days[] = $this->prefer->shiftDays;
        }
        foreach ([...$days, ...array_map(static fn (int $d): int => -$d, $days)] as $shift) {
            $shifted = $planting->with(sowLater: $shift);
            $then = PlannedCourse::of($shifted, $this->plan->ground);
            if ($then->sowing !== $course->sowing) {
                // Sown so much earlier or later it would be another season's.
                continue;
            }
            $tooLate = $then->frost !== null && $course->frost === null;
            if ($shifted->sow >= $this->prefer->notBefore && ! $tooLate && ! $this->freezes($shifted, $planting) && $then->bloom !== null) {
                $shifts[$shift] = $then->bloom;
            }
        }

        return $shifts;
    }

    /** Whether another date would put it out into frost that the plan had it escape, or into more of it. */
    private function freezes(PlannedPlanting $shifted, PlannedPlanting $planned): bool
    {
        return $shifted->standsInFrost($this->plan->ground) && (! $planned->standsInFrost($this->plan->ground) || $shifted->outside() < $planned->outside());
    }

    /** @return list<Rectangle> free ground in the beds, at their corners and middles */
    private function spots(PlannedPlanting $planting): array
    {
        if (! $this->prefer->move) {
            return [];
        }
        $free = [];
        foreach ($this->plan->beds as $bed) {
            $right = $bed->place->x + $bed->place->width - $planting->spot->width;
            $down = $bed->place->y + $bed->place->depth - $planting->spot->depth;
            foreach ([[$bed->place->x, $bed->place->y], [$right, $down], [($bed->place->x + $right) / 2, ($bed->place->y + $down) / 2]] as [$x, $y]) {
                $spot = $planting->spot->movedTo($x, $y);
                if ($spot->isWithin($bed->place) && $spot->isWithin($this->plan->ground->area()) && $this->isFree($spot, $planting)) {
                    $free[] = $spot;
                }
            }
        }

        return $free;
    }

    private function isFree(Rectangle $spot, PlannedPlanting $for): bool
    {
        foreach ($this->around as $other) {
            if ($other->id !== $for->id && ! $other->out && $spot->overlaps($other->spot)) {
                return false;
            }
        }

        return true;
    }

    private static function gone(Remedy $remedy, PlannedPlanting $planting): Choice
    {
        return new Choice($remedy, $planting->spot, 0, 0, -1, false, false, false, $remedy->cost);
    }

    /**
     * Of the choices that neither give nor take pollen only the cheapest can ever be best; and nothing that costs more
     * than that and still gives or takes.
     *
     * @param  non-empty-list<Choice>  $choices
     * @return non-empty-list<Choice>
     */
    private static function worthTrying(array $choices): array
    {
        usort($choices, static fn (Choice $a, Choice $b): int => $a->cost <=> $b->cost);
        $worth = [];
        foreach ($choices as $choice) {
            $worth[] = $choice;
            if (! $choice->takes && ! $choice->gives) {
                break;
            }
        }

        return $worth;
    }
}
