<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Work\Place;

/** Where a lot stands, in a word or two. */
final class Stages
{
    public static function of(string $place, string $stage, bool $usedUp): string
    {
        if ($usedUp) {
            return 'used up';
        }

        return match ($place) {
            'bench' => match ($stage) {
                'uncleaned' => 'picked',
                'fermenting' => 'fermenting',
                'poured_off' => 'poured off, not rinsed',
                'threshed' => 'threshed',
                default => 'clean',
            },
            'racks' => match ($stage) {
                'dry_enough' => 'dry',
                'steady' => 'weight steady',
                default => 'drying',
            },
            'store' => 'in store',
            default => 'nothing picked',
        };
    }

    public static function ofCourse(LotCourse $course): string
    {
        return self::of(
            $course->place()->value,
            $course->place() === Place::Bench ? ($course->cleaning->isClean() ? CleaningStage::Clean->value : $course->cleaning->stage->value) : $course->drying->verdict()->value,
            $course->isUsedUp(),
        );
    }
}
