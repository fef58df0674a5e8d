<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\Portioning;
use Marrow\Core\Season\PollenMeter;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\RemedyKind;
use Marrow\Core\Season\RemedyPlan;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;

/**
 * What it asks to keep lines apart in the year in which they flower, by the plan's own reckoning: two of them are put into the
 * garden as far from one another as they go, and what it would take is looked for.
 */
final class Apart
{
    /** Steps of each search: two plantings are soon solved. */
    private const STEPS = 150_000;

    /** A measure without mornings is a walk and a note. */
    private const A_MEASURE = 0.5;

    /** @var array<string, ?RemedyPlan> */
    private array $known = [];

    private readonly PollenMeter $meter;

    /**
     * @param  SeasonPlan  $plan  of the garden: its ground, its beds, hedges, and what the neighbours grow
     * @param  int  $year  in which they flower
     * @param  float  $hours  that a morning by hand takes, or an evening of changing cages
     */
    public function __construct(private readonly SeasonPlan $plan, private readonly CropReference $crops, private readonly int $year, private readonly float $hours)
    {
        $this->meter = new PollenMeter($plan);
    }

    /** Whether two crops would cross at all. */
    public function cross(Crop $a, Crop $b): bool
    {
        return $this->meter->compatibility($a, $b) > 0.0 && ($a->adjacentShare > 0.0 || $b->adjacentShare > 0.0);
    }

    /**
     * What two lines ask when both flower; null where they may stand side by side without anything done.
     *
     * @return ?RotaConflict with a and b for their lines
     */
    public function two(Crop $a, int $plantsA, Crop $b, int $plantsB): ?RotaConflict
    {
        if (! $this->cross($a, $b)) {
            return null;
        }
        $both = $this->way([[$a, $plantsA], [$b, $plantsB]]);
        if ($both === null) {
            return new RotaConflict(['a', 'b'], true);
        }
        $alone = [$this->way([[$a, $plantsA]]), $this->way([[$b, $plantsB]])];
        $hours = max(0.0, $this->hoursOf($both) - array_sum(array_map($this->hoursOf(...), $alone)));
        $cages = max(0, $both->cages() - array_sum(array_map(static fn (?RemedyPlan $plan): int => $plan?->cages() ?? 0, $alone)));

        return $hours > 0.0 || $cages > 0 ? new RotaConflict(['a', 'b'], false, $hours, $cages) : null;
    }

    /** @return array{float, int, bool} hours and cages that one line asks because of what grows around; whether it can be kept true there at all */
    public function alone(Crop $crop, int $plants): array
    {
        $way = $this->way([[$crop, $plants]]);

        return [$this->hoursOf($way), $way?->cages() ?? 0, $way !== null];
    }

    private function hoursOf(?RemedyPlan $way): float
    {
        $measures = $way === null ? 0 : count(array_filter($way->remedies, static fn ($remedy): bool => $remedy->kind !== RemedyKind::LeaveOut));

        return $way === null ? 0.0 : $way->mornings() * $this->hours + $measures * self::A_MEASURE;
    }

    /** @param  non-empty-list<array{Crop, int}>  $lines */
    private function way(array $lines): ?RemedyPlan
    {
        $key = implode(' ', array_map(static fn (array $line): string => $line[0]->key.'.'.$line[1], $lines));
        if (! array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->sought($lines);
        }

        return $this->known[$key];
    }

    /** @param  non-empty-list<array{Crop, int}>  $lines */
    private function sought(array $lines): ?RemedyPlan
    {
        $plantings = [];
        $area = $this->plan->ground->area();
        foreach ($lines as $n => [$crop, $plants]) {
            $sow = Portioning::sowing($crop, $this->year - $crop->growing->sowings[0]->years, $this->plan->ground->year);
            $needs = Rectangle::forPlants(0, 0, null, null, $plants, $crop->growing->spacing);
            [$width, $depth] = [min($needs->width, $area->width), min($needs->depth, $area->depth)];
            $plantings[] = [
                'id' => "line $n", 'crop' => $crop->key, 'variety' => "variety $n", 'plants' => $plants, 'purpose' => 'seed', 'sow' => $sow->format('Y-m-d'),
                'spot' => ['x' => $n === 0 ? 0 : $area->width - $width, 'y' => $n === 0 ? 0 : $area->depth - $depth, 'width' => $width, 'depth' => $depth],
            ];
        }
        try {
            $plan = SeasonPlan::read([...$this->plan->toArray(), 'year' => $this->year, 'plantings' => $plantings], $this->crops, static fn (string $key, string $variety): Crop => $lines[(int) substr($variety, 8)][0], $this->plan->ground->year);
        } catch (Refused) {
            // It does not stand in this garden at all; ground is another limit than pollen.
            return new RemedyPlan([], false);
        }

        return Remedies::find($plan, new RemedyPreferences(new \DateTimeImmutable(($this->year - 2).'-01-01'), leaveOut: false), self::STEPS)->plan;
    }
}
