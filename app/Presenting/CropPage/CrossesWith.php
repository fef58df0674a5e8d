<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

final class CrossesWith implements PageSection
{
    public function of(Crop $crop): HandbookSectionDocument
    {
        $distance = static fn (float $metres): string => $metres === 0.0 ? 'none' : HandbookWords::metres($metres);
        $paragraphs = (new HandbookWords($crop))->crossing();
        if ($crop->shows !== null) {
            $paragraphs[] = ($crop->shows->shows ? 'A cross shows in the seed itself: ' : 'A cross does not show in the seed: ').lcfirst($crop->shows->note).'.';
        }

        return new HandbookSectionDocument('crossing', 'What crosses with it', $paragraphs, $crop->adjacentShare === 0.0 ? [] : [
            new FactDocument('Apart, for a home gardener', $distance($crop->distances->home)),
            new FactDocument('for seed that is passed on', $distance($crop->distances->careful)),
            new FactDocument('for a seed grower', $distance($crop->distances->grower)),
        ]);
    }
}
