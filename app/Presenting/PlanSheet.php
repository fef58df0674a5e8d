<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Clock;
use App\Documents\IsolationRiskDocument;
use App\Documents\PlanContentDocument;
use App\Documents\PlanDocument;
use App\Documents\PlannedCourseDocument;
use App\Documents\PlanRemarkDocument;
use App\Documents\PlanTaskDocument;
use App\Documents\PlanTypedDocument;
use App\Documents\RiskSourceDocument;
use App\Lineage\Crossings;
use App\Models\Lot;
use App\Models\Variety;
use App\Plans\Observed;
use App\Plans\OpenPlan;
use App\Plans\PlannedTask;
use App\Plans\PlannedWork;
use App\Voice\When;
use App\Words\CrossingWords;
use App\Words\PlanWords;
use Marrow\Core\Season\CrossRisk;
use Marrow\Core\Season\GardenIsolation;
use Marrow\Core\Season\IsolationStanding;
use Marrow\Core\Season\PlannedCourse;
use Marrow\Core\Season\PlanRemark;
use Marrow\Core\Season\PlanRemarks;
use Marrow\Core\Season\SeasonPlan;

/** A season's plan with everything that is reckoned from it. */
final readonly class PlanSheet
{
    /** More sources than this of one planting are not told one by one. */
    private const MOST_SOURCES = 6;

    public function __construct(private Observed $observed, private Crossings $crossings, private PlannedWork $work, private Clock $clock) {}

    public function of(OpenPlan $open): PlanDocument
    {
        $plan = $this->observed->onto($open->plan);
        $words = self::words($plan);
        $when = new When($this->clock->now());
        $garden = GardenIsolation::of($plan);
        $verdicts = [];
        foreach ($garden->standings as $standing) {
            $verdicts[$standing->planting->id] = $standing->isInformation ? 'information' : $standing->verdict->value;
        }

        return new PlanDocument(
            $plan->year,
            $open->version,
            $open->lastChange,
            PlanContentDocument::of($open->plan),
            PlanTypedDocument::of($open->plan),
            array_map(static fn (PlannedCourse $course): PlannedCourseDocument => self::course($course, $verdicts[$course->planting->id] ?? 'none', $words), array_values($garden->courses)),
            array_map(static fn (IsolationStanding $standing): IsolationRiskDocument => self::risk($standing, $garden, $words), $garden->standings),
            [
                ...$this->crossed($plan, $words),
                ...array_map(static fn (PlanRemark $remark): PlanRemarkDocument => new PlanRemarkDocument($remark->planting?->id, $words->remark($remark)), PlanRemarks::of($plan, $garden->courses)),
            ],
            array_map(static fn (PlannedTask $task): PlanTaskDocument => PlanTaskDocument::of($task, $when), $this->work->ofYear($plan->year)),
        );
    }

    /**
     * Where a lot of the variety has turned out to be crossed, and where it came from.
     *
     * @return list<PlanRemarkDocument>
     */
    private function crossed(SeasonPlan $plan, PlanWords $words): array
    {
        $crossed = $this->crossings->all();
        if ($crossed === []) {
            return [];
        }
        $lots = Lot::query()->whereIn('id', array_keys($crossed))->orderBy('number')->get();
        $remarks = [];
        foreach ($plan->standing() as $planting) {
            foreach ($lots as $lot) {
                if ($lot->variety_id === $planting->variety && ($planting->lot === null || $planting->lot === $lot->id)) {
                    $remarks[] = new PlanRemarkDocument($planting->id, sprintf('%s, %s. %s', $words->name($planting), $lot->code(), CrossingWords::sentence($crossed[$lot->id], $lot->code())));
                }
            }
        }

        return $remarks;
    }

    public static function words(SeasonPlan $plan): PlanWords
    {
        /** @var array<string, string> $names */
        $names = Variety::query()->whereIn('id', array_map(static fn ($planting): string => $planting->variety, $plan->plantings))->pluck('name', 'id')->all();

        return new PlanWords($plan, $names);
    }

    private static function course(PlannedCourse $course, string $verdict, PlanWords $words): PlannedCourseDocument
    {
        $planting = $course->planting;

        return new PlannedCourseDocument(
            $planting->id,
            $words->name($planting),
            $planting->crop->name,
            $planting->crop->latin,
            $verdict,
            $course->bloom?->first->format('Y-m-d'),
            $course->bloom?->last->format('Y-m-d'),
            $course->ripeFrom?->format('Y-m-d'),
            $course->ripeTo?->format('Y-m-d'),
            $course->free->format('Y-m-d'),
            $words->enough($planting),
        );
    }

    private static function risk(IsolationStanding $standing, GardenIsolation $garden, PlanWords $words): IsolationRiskDocument
    {
        $own = $garden->courses[$standing->planting->id]->bloom;

        return new IsolationRiskDocument(
            $standing->planting->id,
            $standing->isInformation ? 'information' : $standing->verdict->value,
            $standing->share,
            $words->risk($standing),
            $words->because($standing),
            array_map(static function (CrossRisk $risk) use ($own, $words): RiskSourceDocument {
                $theirs = $risk->source->bloom;

                return new RiskSourceDocument(
                    $risk->source->id,
                    $words->source($risk->source),
                    $risk->pair->share,
                    $risk->pair->verdict->value,
                    $words->fromSource($risk),
                    $own === null ? null : ($theirs === null ? $own->first : max($own->first, $theirs->first))->format('Y-m-d'),
                    $own === null ? null : ($theirs === null ? $own->last : min($own->last, $theirs->last))->format('Y-m-d'),
                );
            }, array_slice($standing->risks, 0, self::MOST_SOURCES)),
        );
    }
}
