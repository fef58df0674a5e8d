<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\SeedLookDocument;
use App\Documents\TagDocument;
use App\Lineage\Crossings;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\LineCertainty;

/** Makes the tag of a lot or planting. Wants variety and standing loaded. */
final readonly class Tags
{
    public function __construct(private CropReference $crops, private Crossings $crossings) {}

    public function lot(Lot $lot): TagDocument
    {
        return $this->tag('lot', $lot->code(), $lot->variety, $lot->standing?->year, $this->crossings->of($lot->id) === null ? null : LineCertainty::Crossed);
    }

    public function planting(Planting $planting): TagDocument
    {
        return $this->tag('planting', $planting->code(), $planting->variety, $planting->standing?->season);
    }

    /** @param  ?LineCertainty  $line  of this very lot, where it is known to differ from its variety's */
    private function tag(string $subject, string $code, Variety $variety, ?int $year, ?LineCertainty $line = null): TagDocument
    {
        $crop = $this->crops->get($variety->crop);

        return new TagDocument($subject, $code, $variety->name, $crop->name, $crop->latin, $year, $variety->generation, ($line ?? $variety->type->line())->value, SeedLookDocument::of($crop));
    }
}
