<?php

declare(strict_types=1);

namespace App\Plans;

use DateTimeImmutable;
use Marrow\Core\Season\PlannedCourse;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\SeasonPlan;

/** A season's plan from the one before: the same ground, and on it what is still growing. */
final class NextSeason
{
    /** @return array<string, mixed> */
    public static function from(SeasonPlan $plan, int $year): array
    {
        $carried = array_values(array_filter($plan->plantings, static function (PlannedPlanting $planting) use ($plan, $year): bool {
            $bloom = PlannedCourse::of($planting, $plan->ground)->bloom;

            return ! $planting->out && $bloom !== null && $plan->ground->year->shift->turn->season($bloom->last) >= $year;
        }));
        $shift = static fn (mixed $day): ?string => is_string($day)
            ? (new DateTimeImmutable($day))->modify(sprintf('%+d years', $year - $plan->year))->format('Y-m-d')
            : null;
        $document = $plan->withPlantings($carried)->toArray();
        $sources = [];
        foreach ($plan->sources as $source) {
            $one = $source->toArray();
            $sources[] = [...$one, 'first_bloom' => $shift($one['first_bloom']), 'last_bloom' => $shift($one['last_bloom'])];
        }

        return [...$document, 'year' => $year, 'sources' => $sources];
    }
}
