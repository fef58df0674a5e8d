<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use App\Voice\Quantity;
use App\Words\PestWords;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\SeedDisease;
use Marrow\Core\Botany\SeedPest;

/** What lives on or in the seed, and what ends it. */
final class Health implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        $paragraphs = [...array_map(self::pest(...), $crop->health->pests), ...array_map(self::disease(...), $crop->health->diseases)];
        if ($paragraphs === []) {
            return null;
        }
        if ($crop->health->hotWater() !== null) {
            $paragraphs[] = 'Hot water is a bath kept exactly: seed in a bag of cloth, water stirred and measured all the while, then cold water and a rack at once. Old or weak seed does not bear it: try twenty first, and test what was bathed.';
        }

        return new HandbookSectionDocument('health', 'Pests and sickness of the seed', $paragraphs);
    }

    private static function pest(SeedPest $pest): string
    {
        $freezing = PestWords::freezing($pest);

        return "$pest->name: ".lcfirst($pest->note ?? ($pest->breedsInStore ? 'it breeds on in store' : 'it does not breed on in store')).'.'.($freezing === '' ? '' : " $freezing");
    }

    private static function disease(SeedDisease $disease): string
    {
        return "$disease->name: ".lcfirst($disease->note).'.'.($disease->hotWater === null ? '' : sprintf(' Usual bath: %s for %d minutes.', Quantity::temperature($disease->hotWater->temperature), $disease->hotWater->minutes));
    }
}
