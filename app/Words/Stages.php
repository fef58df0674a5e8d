<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Work\Place;

/** Where a lot stands, in a word or two. */
final class Stages
{
    /** Looked for, and not there. */
    private const MISSING = 'missing';

    /** Cut early, and not threshed yet. */
    public const FINISHING = 'finishing';

    /** Lifted, and kept alive until it is put in store. */
    public const CURING = 'curing';

    /** Lost before anybody used it. */
    private const LOST = 'lost';

    public static function of(string $place, string $stage, bool $usedUp): string
    {
        if ($usedUp) {
            return in_array($stage, [self::MISSING, self::LOST], true) ? $stage : 'used up';
        }

        return match (Place::from($place)) {
            Place::Bench => match ($stage === self::FINISHING || $stage === self::CURING ? $stage : CleaningStage::from($stage)) {
                self::FINISHING => 'finishing under cover',
                self::CURING => self::CURING,
                CleaningStage::Uncleaned => 'picked',
                CleaningStage::Fermenting => 'fermenting',
                CleaningStage::Soaking => 'in water',
                CleaningStage::Settling => 'water on it',
                CleaningStage::PouredOff => 'poured off, not rinsed',
                CleaningStage::Threshed => 'threshed',
                CleaningStage::Clean => 'clean',
            },
            Place::Racks => match (DryingVerdict::from($stage)) {
                DryingVerdict::DryEnough => 'dry',
                DryingVerdict::Steady => 'weight steady',
                DryingVerdict::Stopped => 'stopped too damp',
                DryingVerdict::ByHand => 'dry by hand',
                DryingVerdict::MustNotDry => 'must not dry',
                DryingVerdict::NotSpread, DryingVerdict::Drying, DryingVerdict::Left => 'drying',
            },
            Place::Trays => 'under test',
            Place::Store => 'in store',
            Place::Plot => 'nothing picked',
        };
    }

    public static function ofCourse(LotCourse $course): string
    {
        return self::of($course->place()->value, self::stage($course), $course->isUsedUp());
    }

    /** As it is kept for the lists: how far it is where it is. */
    public static function stage(LotCourse $course): string
    {
        return match (true) {
            $course->stock->lostAt !== null && $course->isUsedUp() => self::LOST,
            $course->isMissing() => self::MISSING,
            $course->place() !== Place::Bench => $course->drying->verdict()->value,
            $course->facts->crop->isKeptAlive() => self::CURING,
            $course->cleaning->isClean() => CleaningStage::Clean->value,
            $course->cleaning->stage === CleaningStage::Uncleaned && $course->origin->finishing !== null => self::FINISHING,
            default => $course->cleaning->stage->value,
        };
    }
}
