<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use App\Documents\FactDocument;
use App\Moment;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\DesiccantWords;
use App\Words\DryingWords;
use App\Words\EvidenceWords;
use App\Words\RackWords;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\Weighing;
use Marrow\Core\Work\Place;

final class DryingSection implements SheetSection
{
    public function of(LotCourse $lot, When $when): array
    {
        $drying = $lot->drying;
        $evidence = $drying->evidence();
        if ($drying->spreadAt === null && $evidence === null) {
            return [];
        }
        $words = new DryingWords($lot, $when);
        $outlook = new DryingOutlook($lot);

        return [new DryingDocument(
            $drying->verdict()->value,
            $words->drying(),
            $words->ground(),
            self::facts($lot),
            [...(new RackWords($lot))->says(), ...(new DesiccantWords($lot, $when))->says()],
            $drying->moisture(),
            $evidence?->low,
            $evidence === null || $evidence->isOpen() ? null : $evidence->high,
            $lot->facts->crop->jarMoisture,
            $drying->targetMass(),
            array_map(static fn (Weighing $weighing): WeighingDocument => new WeighingDocument(
                Moment::say($weighing->at),
                $outlook->hours($weighing->at),
                $weighing->mass,
                $weighing->moisture,
            ), $drying->weighings()),
            $outlook->chart(),
        )];
    }

    /** @return list<FactDocument> */
    private static function facts(LotCourse $lot): array
    {
        $drying = $lot->drying;
        $evidence = $drying->evidence();
        $facts = [];
        if ($evidence !== null) {
            $facts[] = new FactDocument($evidence->decidedBy->isGuess() ? 'Moisture, by hand' : 'Moisture', EvidenceWords::range($evidence));
        }
        if ($drying->lastMass() !== null) {
            $facts[] = new FactDocument('Last weighed', Quantity::grams($drying->lastMass()));
        }
        if ($drying->targetMass() !== null && ! in_array($drying->verdict(), [DryingVerdict::DryEnough, DryingVerdict::Left], true) && $lot->place() === Place::Racks) {
            $facts[] = new FactDocument('Jar it at', Quantity::grams($drying->targetMass()));
        }

        return $facts;
    }
}
