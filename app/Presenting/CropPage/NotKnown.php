<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use Marrow\Core\Botany\Crop;

/** What a page has no word of, said as such: silence would pass for "there is none". */
final class NotKnown implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        $missing = array_keys(array_filter([
            'how it comes through the winter' => $crop->winter === null && max(array_map(static fn ($sowing): int => $sowing->years, $crop->growing->sowings)) > 0,
            'which plants to choose' => $crop->selection === null,
            'pollinating it by hand' => $crop->byHand === null && $crop->adjacentShare > 0.0,
            'whether it sets in a bag' => $crop->setsInBag === null && $crop->adjacentShare > 0.0,
            'whether fresh seed sleeps' => $crop->test->fresh === null && $crop->bearsDrying(),
            'pests and sickness that travel with the seed' => $crop->health->pests === [] && $crop->health->diseases === [],
            'at what temperatures it sets' => $crop->growing->fruitSet === null && $crop->growing->frostTender && ! $crop->isKeptAlive(),
        ]));

        return $missing === [] ? null : new HandbookSectionDocument('unknown', 'Not known to this book', [ucfirst(implode('; ', $missing)).'.']);
    }
}
