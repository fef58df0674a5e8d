<?php

declare(strict_types=1);

namespace App\Plans;

use App\Http\Documents\PlanContentDocument;
use App\Http\Documents\PlannedPlantingDocument;
use App\Http\Documents\PollenSourceDocument;
use DateTimeImmutable;
use Marrow\Core\Season\PlannedCourse;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\SeasonPlan;

/** A season's plan from the one before: the same ground, and on it what is still growing. */
final class NextSeason
{
    /** @return array<array-key, mixed> */
    public static function from(SeasonPlan $plan, int $year): array
    {
        $content = PlanContentDocument::of($plan);
        $carried = array_values(array_filter($plan->plantings, static function (PlannedPlanting $planting) use ($plan, $year): bool {
            $bloom = PlannedCourse::of($planting, $plan->ground)->bloom;

            return ! $planting->out && $bloom !== null && (int) $bloom->last->format('Y') >= $year;
        }));
        $shift = static fn (?string $day): ?string => $day === null
            ? null
            : (new DateTimeImmutable($day))->modify(sprintf('%+d years', $year - $plan->year))->format('Y-m-d');

        /** @var array<array-key, mixed> $document */
        $document = json_decode(json_encode([
            'year' => $year,
            'ground' => $content->ground,
            'isolation' => $content->isolation,
            'beds' => $content->beds,
            'barriers' => $content->barriers,
            'sources' => array_map(static fn (PollenSourceDocument $source): array => [
                ...get_object_vars($source),
                'first_bloom' => $shift($source->first_bloom),
                'last_bloom' => $shift($source->last_bloom),
            ], $content->sources),
            'plantings' => array_map(PlannedPlantingDocument::of(...), $carried),
        ], JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);

        return $document;
    }
}
