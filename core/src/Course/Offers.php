<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Journal\EntryKind;

/** What can be recorded of a lot as it stands, the likeliest first. */
final class Offers
{
    /** @return list<EntryKind> */
    public static function of(LotCourse $lot): array
    {
        $offers = match ($lot->place()) {
            Place::Bench => self::bench($lot),
            Place::Racks => $lot->drying->verdict() === DryingVerdict::DryEnough
                ? [EntryKind::Stored, EntryKind::JarRead, EntryKind::Weighed, EntryKind::SampleWeighed, EntryKind::TestStarted]
                : [EntryKind::Weighed, EntryKind::JarRead, EntryKind::Stored, EntryKind::SampleWeighed, EntryKind::TestStarted],
            Place::Store => match (true) {
                $lot->isUsedUp() => [EntryKind::Stored],
                $lot->isShutInDamp() => [EntryKind::Spread, EntryKind::JarRead, EntryKind::Withdrawn, EntryKind::TestStarted],
                default => [EntryKind::Withdrawn, EntryKind::TestStarted, EntryKind::JarRead, EntryKind::SampleWeighed, EntryKind::Stored, EntryKind::Spread],
            },
            // Its picking was struck: it can only be picked anew.
            default => [EntryKind::Picked],
        };

        return [...$offers, EntryKind::Noted];
    }

    /** @return list<EntryKind> */
    private static function bench(LotCourse $lot): array
    {
        return match ($lot->cleaning->stage) {
            CleaningStage::Uncleaned => match ($lot->facts->crop->cleaning->way) {
                CleaningWay::Ferment => [EntryKind::FermentStarted, EntryKind::Rinsed, EntryKind::Picked],
                CleaningWay::Rinse => [EntryKind::Rinsed, EntryKind::Picked],
                CleaningWay::Thresh => [EntryKind::Threshed, EntryKind::Picked],
            },
            CleaningStage::Fermenting => [EntryKind::PouredOff],
            CleaningStage::PouredOff => [EntryKind::Rinsed],
            CleaningStage::Threshed => [EntryKind::Winnowed, EntryKind::Threshed, EntryKind::Spread],
            CleaningStage::Clean => [EntryKind::Spread, EntryKind::Stored, EntryKind::SampleWeighed, EntryKind::TestStarted],
        };
    }
}
