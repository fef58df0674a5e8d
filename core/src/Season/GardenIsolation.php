<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Isolation\CrossShare;
use Marrow\Core\Isolation\RiskVerdict;

/**
 * Isolation over a whole garden: every planting kept for seed against every other that flowers, food and neighbours'
 * included. Shares of several sources combine as 1 − Π(1 − share).
 */
final readonly class GardenIsolation
{
    /** Less than this from one source is not worth a line. */
    private const WORTH_SAYING = 0.000_05;

    /**
     * @param  array<string, PlannedCourse>  $courses  by id of the planting
     * @param  list<IsolationStanding>  $standings  of plantings kept for seed, the most at risk first
     */
    private function __construct(public array $courses, public array $standings) {}

    public static function of(SeasonPlan $plan): self
    {
        $courses = [];
        $sites = [];
        foreach ($plan->plantings as $planting) {
            $courses[$planting->id] = PlannedCourse::of($planting, $plan->ground);
            $sites[$planting->id] = Site::ofPlanting($courses[$planting->id]);
        }
        $sources = [...array_values($sites), ...array_map(Site::ofSource(...), $plan->sources)];
        $meter = new PollenMeter($plan);
        $standings = [];
        $kin = [];
        foreach ($plan->plantings as $planting) {
            if ($planting->purpose->isForSeed() && ! $planting->out) {
                $near = $kin[$planting->crop->key] ??= array_values(array_filter(
                    $sources,
                    static fn (Site $source): bool => $source->gives && $meter->compatibility($planting->crop, $source->crop) > 0.0,
                ));
                $standings[] = self::standing($planting, $sites[$planting->id], $near, $meter, $plan);
            }
        }
        usort($standings, self::worstFirst(...));

        return new self($courses, $standings);
    }

    public function standingOf(string $id): ?IsolationStanding
    {
        foreach ($this->standings as $standing) {
            if ($standing->planting->id === $id) {
                return $standing;
            }
        }

        return null;
    }

    /** @param  list<Site>  $sources */
    private static function standing(PlannedPlanting $planting, Site $site, array $sources, PollenMeter $meter, SeasonPlan $plan): IsolationStanding
    {
        $risks = [];
        $shares = [];
        $watch = false;
        foreach ($sources as $source) {
            $risk = $meter->risk($site, $source);
            if ($risk === null || $risk->pair->share <= 0.0) {
                continue;
            }
            $shares[] = $risk->pair->share;
            $watch = $watch || $risk->pair->verdict !== RiskVerdict::Clear;
            if ($risk->pair->share >= self::WORTH_SAYING) {
                $risks[] = $risk;
            }
        }
        usort($risks, static fn (CrossRisk $a, CrossRisk $b): int => $b->pair->share <=> $a->pair->share);
        $share = CrossShare::together($shares);
        $allowed = $planting->allowed ?? $plan->isolation->allowed;

        return new IsolationStanding($planting, $share, $allowed, match (true) {
            $share > $allowed => RiskVerdict::Act,
            $watch, $share > $allowed / 2 => RiskVerdict::Watch,
            default => RiskVerdict::Clear,
        }, $risks, $planting->mixing);
    }

    private static function worstFirst(IsolationStanding $a, IsolationStanding $b): int
    {
        return [$a->isInformation, $b->share / $b->allowed] <=> [$b->isInformation, $a->share / $a->allowed];
    }
}
