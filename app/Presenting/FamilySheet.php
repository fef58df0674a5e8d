<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\DiversityDocument;
use App\Documents\FamilyDocument;
use App\Documents\FamilyStepDocument;
use App\Lineage\Crossings;
use App\Lineage\Family;
use App\Lineage\Kin;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Voice\Quantity;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Steps\Origin\Received;

/** Where a lot, or all lots of a variety, came from and what came of them: drawn, and as a list that says the same. */
final readonly class FamilySheet
{
    /** Lots that are told of each side. */
    private const MOST = 150;

    public function __construct(private Crossings $crossings, private Tags $tags, private Facts $facts) {}

    public function of(Lot $lot): FamilyDocument
    {
        $family = Family::of($lot->id);
        [$lots, $plantings] = self::read($family);
        $words = new FamilyWords($family, $lots, $plantings);

        return new FamilyDocument(
            FamilyWords::said($family, $lot->id),
            $this->step($family, $words, $lots[$lot->id] ?? $lot),
            $this->steps($family, $words, $lots, $family->forebears),
            $this->steps($family, $words, $lots, $family->offspring),
            max(count($family->forebears), count($family->offspring)) > self::MOST,
            $this->diversity($lot, $family, $lots),
            $words->madeOf($lot->id),
            FamilyDrawing::of($family, $lots, $plantings, $this->facts, $this->crossings),
        );
    }

    public function ofVariety(Variety $variety): FamilyDocument
    {
        $family = Family::ofVariety($variety->id);
        [$lots, $plantings] = self::read($family);
        $words = new FamilyWords($family, $lots, $plantings);
        $others = [...$family->forebears, ...$family->offspring];

        return new FamilyDocument(
            self::saidOf($variety, $family),
            null,
            $this->steps($family, $words, $lots, $family->forebears),
            $this->steps($family, $words, $lots, [...$family->roots, ...$family->offspring]),
            max(count($others), count($family->roots)) > self::MOST,
            null,
            '',
            FamilyDrawing::of($family, $lots, $plantings, $this->facts, $this->crossings),
        );
    }

    private static function saidOf(Variety $variety, Family $family): string
    {
        $most = $family->roots === [] ? 0 : max(array_map($family->pedigree->generation(...), $family->roots));

        return $family->roots === []
            ? "There is no lot of $variety->name yet."
            : sprintf('%s of %s%s%s.', Quantity::number(count($family->roots), 'lot'), $variety->name, $most === 0 ? ', none of them grown here yet' : ', grown out here '.($most === 1 ? 'once' : "$most times in a row"), $family->offspring === [] ? '' : '; '.Quantity::number(count($family->offspring), 'lot').' of other names came of them');
    }

    /** @return array{array<string, Lot>, array<string, Planting>} by id */
    private static function read(Family $family): array
    {
        $lots = $plantings = [];
        foreach (array_chunk($family->all(), 900) as $some) {
            $lots += Tagged::lots($some);
        }
        uasort($lots, static fn (Lot $a, Lot $b): int => $a->number <=> $b->number);
        foreach (array_chunk($family->plantingsOf(...array_keys($lots)), 900) as $some) {
            foreach (Planting::query()->with('standing')->findMany($some) as $planting) {
                $plantings[$planting->id] = $planting;
            }
        }

        return [$lots, $plantings];
    }

    /**
     * @param  array<string, Lot>  $lots
     * @param  list<string>  $ids
     * @return list<FamilyStepDocument>
     */
    private function steps(Family $family, FamilyWords $words, array $lots, array $ids): array
    {
        return array_values(array_map(fn (string $id): FamilyStepDocument => $this->step($family, $words, $lots[$id]), array_slice($ids, 0, self::MOST)));
    }

    private function step(Family $family, FamilyWords $words, Lot $lot): FamilyStepDocument
    {
        return new FamilyStepDocument($this->tags->lot($lot), $family->generations->label($lot->id), $family->pedigree->generation($lot->id), $family->links($lot->id) === [] ? $this->received($lot) : $words->came($lot->id));
    }

    private function received(Lot $lot): string
    {
        $received = $this->facts->lot($lot)->origin->received;

        return match (true) {
            ! $received instanceof Received => 'nobody knows what it came from',
            $received->from === '' => 'came from elsewhere',
            default => "came from $received->from",
        };
    }

    /** @param  array<string, Lot>  $lots */
    private function diversity(Lot $lot, Family $family, array $lots): ?DiversityDocument
    {
        $crop = $this->facts->crop($lot->variety);
        // What comes of a cross was narrowed on purpose; of what is crossed nothing is to be kept.
        if (array_any([$lot->id, ...$family->forebears], $family->pedigree->isCross(...)) || $family->generations->filial($lot->id) !== '' || $this->crossings->of($lot->id) !== null) {
            return null;
        }
        $kin = new Kin($family->generations, $crop, [$lot->id]);
        $kept = $kin->kept($lot->id);
        if ($kept === null) {
            return null;
        }
        $unknown = in_array(null, $family->pedigree->pickings($lot->id), true);
        $narrowest = $kin->narrowest($lot->id);
        $plants = $narrowest === null ? null : Kin::plants($family->generations, $narrowest);
        $isFew = $plants !== null && $plants < $crop->parents->variety;
        $mix = Kin::toMixIn($lot->id, $lot->variety_id, $crop, $this->crossings->touched());
        $tag = $mix === null ? null : array_values(Tagged::lots([$mix[0]]))[0] ?? null;
        $grow = $lot->variety->type === VarietyType::Landrace ? $crop->parents->landrace : $crop->parents->variety;

        return new DiversityDocument(
            sprintf(
                'Of a form that one plant in twenty had when it came here, %s %s likely still there%s; %s of what its plants differed in is left%s.',
                $unknown ? 'at most' : 'about',
                Quantity::percent($kept),
                $family->pedigree->isWhole($lot->id) ? '' : ', by the pickings that are known',
                Quantity::percent(1.0 - $kin->kinship()->within($lot->id)),
                $crop->outcrossing() < 0.2 ? ' between one plant and another' : '',
            ),
            $isFew && $narrowest !== null ? sprintf('The picking of %s%s off %s cost the most of it.', ($lots[$narrowest] ?? $lot)->code(), ($lots[$narrowest]->standing->year ?? null) === null ? '' : ' in '.$lots[$narrowest]->standing->year, Quantity::number($plants, 'plant')) : '',
            match (true) {
                $mix !== null && $tag !== null => sprintf('Mixing in %s, which is wider, would bring it to %s; else grow %d plants or more and pick off all of them, so that no more is lost.', $tag->code(), Quantity::percent(1.0 - $mix[1]), $grow),
                $isFew => sprintf('No other lot of it is here to mix in. Grow %d plants or more and pick off all of them, so that no more is lost; what is gone comes back only with seed from elsewhere.', $grow),
                default => sprintf('Grow %d plants or more and pick off all of them, and little more is lost.', $grow),
            },
            $tag === null ? null : $this->tags->lot($tag),
        );
    }
}
