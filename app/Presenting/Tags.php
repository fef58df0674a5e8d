<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\SeedLookDocument;
use App\Documents\TagDocument;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Journal\Subject;
use WeakMap;

/** Makes the tag of a lot or planting. Wants variety and standing loaded. */
final class Tags
{
    /** @var array<string, ?SeedLookDocument> by crop: a list has many of one */
    private array $looks = [];

    /** @var WeakMap<Lot|Planting, TagDocument> a list shows many twice: by itself, and with what is due of it */
    private WeakMap $made;

    public function __construct(private readonly CropReference $crops)
    {
        $this->made = new WeakMap;
    }

    public function of(Lot|Planting $thing): TagDocument
    {
        return $this->made[$thing] ??= $thing instanceof Lot ? $this->lot($thing) : $this->planting($thing);
    }

    public function shown(Lot|Planting $thing): Shown
    {
        return new Shown($thing instanceof Lot ? Subject::Lot : Subject::Planting, $thing->id, $thing->code(), $this->of($thing), $thing->variety);
    }

    public function lot(Lot $lot): TagDocument
    {
        return $this->tag(Subject::Lot, $lot->code(), $lot->variety, $lot->standing?->year, $lot->standing?->line, $lot->standing?->generation);
    }

    public function planting(Planting $planting): TagDocument
    {
        return $this->tag(Subject::Planting, $planting->code(), $planting->variety, $planting->standing?->season, $planting->standing?->line, $planting->standing?->generation);
    }

    private function tag(Subject $subject, string $code, Variety $variety, ?int $year, ?string $line, ?string $generation): TagDocument
    {
        $crop = $this->crops->title($variety->crop);

        return new TagDocument($subject->value, $code, $variety->name, $crop->name, $crop->latin, $year, $generation ?? $variety->generation, $line ?? ($variety->type->line() ?? LineWord::NotKnown)->value, $this->looks[$crop->key] ??= SeedLookDocument::of($crop));
    }
}
