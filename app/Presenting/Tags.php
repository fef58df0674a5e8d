<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\TagDocument;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use Marrow\Core\Botany\CropReference;

/** Makes the tag of a lot or planting. Wants variety, and for a lot its standing, loaded. */
final readonly class Tags
{
    public function __construct(private CropReference $crops) {}

    public function lot(Lot $lot): TagDocument
    {
        return $this->tag('lot', $lot->code(), $lot->variety, $lot->standing?->year);
    }

    public function planting(Planting $planting): TagDocument
    {
        return $this->tag('planting', $planting->code(), $planting->variety, $planting->season);
    }

    private function tag(string $subject, string $code, Variety $variety, ?int $year): TagDocument
    {
        $crop = $this->crops->get($variety->crop);

        return new TagDocument($subject, $code, $variety->name, $crop->name, $crop->latin, $year, $variety->generation, $variety->type->line()->value);
    }
}
