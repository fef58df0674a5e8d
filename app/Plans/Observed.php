<?php

declare(strict_types=1);

namespace App\Plans;

use App\Journal\EntryStore;
use App\Journal\Subject;
use App\Models\Code;
use App\Models\Planting;
use DateTimeImmutable;
use DateTimeZone;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\SeasonPlan;

/** What the journal knows of plantings that were planned: their bloom as it was seen moves what follows in the plan. */
final readonly class Observed
{
    public function __construct(private CropReference $crops) {}

    public function onto(SeasonPlan $plan): SeasonPlan
    {
        $numbers = [];
        foreach ($plan->plantings as $planting) {
            $number = Code::number($planting->code, 'P');
            if ($planting->code !== '' && $number !== null) {
                $numbers[$planting->id] = $number;
            }
        }
        if ($numbers === []) {
            return $plan;
        }
        $grown = Planting::query()->whereIn('number', array_values($numbers))->with('variety')->get()->keyBy('number');

        return $plan->withPlantings(array_map(function (PlannedPlanting $planting) use ($numbers, $grown): PlannedPlanting {
            $real = $grown->get($numbers[$planting->id] ?? 0);
            if ($real === null) {
                return $planting;
            }
            $course = PlantingCourse::fold($this->crops->get($real->variety->crop), EntryStore::of(Subject::Planting, $real->id), false);

            return $planting->with(firstBloom: self::day($course->firstBloomAt), lastBloom: self::day($course->lastBloomAt));
        }, $plan->plantings));
    }

    private static function day(?DateTimeImmutable $at): ?DateTimeImmutable
    {
        return $at === null ? null : new DateTimeImmutable($at->format('Y-m-d'), new DateTimeZone('UTC'));
    }
}
