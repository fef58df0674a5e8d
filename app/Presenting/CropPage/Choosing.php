<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\LookTime;
use Marrow\Core\Botany\SelectionLook;

/** Which plants to take seed from. */
final class Choosing implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        $selection = $crop->selection;
        if ($selection === null) {
            return null;
        }

        return new HandbookSectionDocument('choosing', 'Which plants to take it from', array_values(array_filter([
            $selection->offTypes === null ? null : "Does not belong: {$selection->offTypes}.",
            $selection->boltersOut ? 'The first to run up to flower are pulled: they teach the line to bolt.' : null,
        ])), array_map(static fn (SelectionLook $look): FactDocument => new FactDocument(self::time($look->when), $look->look), $selection->looks));
    }

    public static function time(LookTime $when): string
    {
        return match ($when) {
            LookTime::Seedling => 'As seedlings',
            LookTime::Leaf => 'In full leaf',
            LookTime::Eating => 'When fit to eat',
            LookTime::Lifting => 'At lifting',
            LookTime::Store => 'In store',
            LookTime::Winter => 'After the winter',
            LookTime::Bolting => 'As it runs up',
            LookTime::Bloom => 'In bloom',
            LookTime::Fruit => 'In fruit',
            LookTime::Ripe => 'When ripe',
        };
    }
}
