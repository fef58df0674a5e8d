<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Isolation\Compatibility;
use Marrow\Core\Isolation\IsolationPair;
use Marrow\Core\Isolation\PollenPath;

/** Measures what one site of a plan may get from another. */
final class PollenMeter
{
    /** @var array<string, float> by the two crops */
    private array $compatible = [];

    public function __construct(private readonly SeasonPlan $plan) {}

    /** Whether pollen of the source could set seed at all, if it got there. */
    public function couldCross(Site $kept, Site $source): bool
    {
        return $kept->id !== $source->id
            && ($kept->variety === null || $kept->variety !== $source->variety)
            && $kept->crop->adjacentShare > 0.0
            && $this->compatibility($kept->crop, $source->crop) > 0.0;
    }

    /** @return ?CrossRisk null when nothing can come of it: another species, the same variety, apart in time, or pollen kept in */
    public function risk(Site $kept, Site $source): ?CrossRisk
    {
        if (! $source->gives || $kept->cover->keepsOut($kept->crop) || ! $this->couldCross($kept, $source)) {
            return null;
        }
        if ($kept->cover === Cover::Alternate && $source->cover === Cover::Alternate && $kept->cover->stops($kept->crop)) {
            return null;
        }
        if ($kept->bloom !== null && $source->bloom !== null && $kept->bloom->overlapDays($source->bloom) === 0) {
            return null;
        }
        $distance = $kept->place->distanceTo($source->place);
        $barrier = $this->plan->barrierBetween($kept->place, $source->place);
        $path = new PollenPath($distance, $kept->plants, $source->plants, $kept->bloom, $source->bloom, $barrier, downwind: $this->plan->ground->downwind($source->place, $kept->place));

        return new CrossRisk($source, IsolationPair::of($kept->crop, $source->crop, $path, $this->plan->isolation), $distance, $barrier);
    }

    /** Share between two places if both bloomed together all the while and nothing covered them, 0 … 1. */
    public function shareBlooming(Site $kept, Rectangle $at, Site $source, Rectangle $sourceAt): float
    {
        if (! $this->couldCross($kept, $source)) {
            return 0.0;
        }

        return IsolationPair::of($kept->crop, $source->crop, new PollenPath(
            $at->distanceTo($sourceAt),
            $kept->plants,
            $source->plants,
            barrier: $this->plan->barrierBetween($at, $sourceAt),
            downwind: $this->plan->ground->downwind($sourceAt, $at),
        ), $this->plan->isolation)->share;
    }

    /** Strength of crossing between two crops, 0 … 1. */
    public function compatibility(Crop $a, Crop $b): float
    {
        return $this->compatible[$a->key.' '.$b->key] ??= Compatibility::between($a, $b);
    }
}
