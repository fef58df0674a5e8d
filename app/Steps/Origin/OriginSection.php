<?php

declare(strict_types=1);

namespace App\Steps\Origin;

use App\Documents\FactDocument;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Origin\Received;

final class OriginSection implements SheetSection
{
    public function of(LotCourse $lot, When $when): array
    {
        $received = $lot->origin->received;
        $at = $lot->origin->receivedAt;
        if ($received === null || $at === null) {
            return [];
        }
        $facts = [
            new FactDocument('Came', Received::kind()->fields->field('how')->options[$received->how].', '.$when->date($at)),
            new FactDocument('From', $received->from === '' ? 'nobody knows' : $received->from),
            new FactDocument('Ripened in', $received->year === null ? 'nobody knows' : (string) $received->year),
        ];
        if ($received->claimed !== null) {
            $facts[] = new FactDocument('Germinates, as it was told', Quantity::percent($received->claimed));
        }

        return [new OriginDocument('Where it came from', $facts)];
    }
}
