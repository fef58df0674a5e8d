<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FamilyDocument;
use App\Documents\FamilyStepDocument;
use App\Lineage\Crossings;
use App\Lineage\Family;
use App\Models\Lot;
use App\Models\Planting;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Voice\Quantity;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Steps\Origin\SetApart;

/** Where a lot came from and what came of it, as a list that says the same as a drawing would. */
final readonly class FamilySheet
{
    /** Lots that are told of each side. */
    private const MOST = 150;

    public function __construct(private Crossings $crossings, private Tags $tags, private Facts $facts) {}

    public function of(Lot $lot): FamilyDocument
    {
        $family = Family::of($lot->id, $this->crossings);
        $told = [...array_slice($family->forebears, 0, self::MOST), ...array_slice($family->offspring, 0, self::MOST)];
        $lots = [];
        foreach (Tagged::lots([$lot->id, ...$told]) as $one) {
            $lots[$one->id] = $one;
        }
        $plantings = [];
        foreach (Tagged::plantings($family->plantingsOf(...array_keys($lots))) as $planting) {
            $plantings[$planting->id] = $planting;
        }
        /** @var array<string, int> $stood */
        $stood = DB::table('planting_standings')->whereIn('planting_id', array_keys($plantings))->whereNotNull('plants')->pluck('plants', 'planting_id')->all();
        $step = fn (Lot $one): FamilyStepDocument => new FamilyStepDocument($this->tags->lot($one), $family->pedigree->generation($one->id), $this->came($one, $family, $lots, $plantings, $stood));
        $steps = static fn (array $ids): array => array_values(array_map($step, array_filter(array_map(static fn (string $id): ?Lot => $lots[$id] ?? null, array_slice($ids, 0, self::MOST)))));
        $offspring = $family->offspring;
        usort($offspring, static fn (string $a, string $b): int => ($lots[$a]->number ?? PHP_INT_MAX) <=> ($lots[$b]->number ?? PHP_INT_MAX));

        return new FamilyDocument(
            self::said($family, $lot),
            $step($lots[$lot->id] ?? $lot),
            $steps($family->forebears),
            $steps($offspring),
            max(count($family->forebears), count($family->offspring)) > self::MOST,
        );
    }

    private static function said(Family $family, Lot $lot): string
    {
        $generation = $family->pedigree->generation($lot->id);
        $whole = $family->pedigree->isWhole($lot->id);

        return ucfirst(implode('; ', [
            $generation === 0 ? 'as it came, not grown out here yet' : ($whole ? '' : 'at least the ').Quantity::ordinal($generation).' own generation'.($whole ? '' : ', for nobody said what the first was sown from'),
            match (count($family->offspring)) {
                0 => 'no lot has come of it yet',
                1 => 'one lot came of it',
                default => count($family->offspring).' lots came of it',
            },
        ])).'.';
    }

    /**
     * @param  array<string, Lot>  $lots
     * @param  array<string, Planting>  $plantings
     * @param  array<string, int>  $stood  plants of each planting
     */
    private function came(Lot $lot, Family $family, array $lots, array $plantings, array $stood): string
    {
        $links = $family->links[$lot->id] ?? [];
        if ($links === []) {
            $received = $this->facts->lot($lot)->origin->received;

            return $received === null ? 'nobody knows what it came from' : ($received->from === '' ? 'came from elsewhere' : "came from $received->from");
        }
        $parted = Kind::declared(SetApart::class)->name;
        $code = static fn (?string $id): string => $id === null ? 'seed that nobody named' : ($lots[$id] ?? Lot::query()->findOrFail($id))->code();
        if (! $links[0]['grown']) {
            return $links[0]['kind'] === $parted
                ? 'set apart from '.$code($links[0]['from'])
                : 'poured together of '.implode(' and ', array_map(static fn (array $link): string => $code($link['from']), $links));
        }
        $planting = $plantings[$links[0]['planting'] ?? ''] ?? null;
        $plants = $planting === null ? null : $stood[$planting->id] ?? null;

        return sprintf('picked off %s%s, sown from %s', $planting?->code() ?? 'a planting', $plants === null ? '' : ' ('.Quantity::number($plants, 'plant').')', $links[0]['from'] === null && $links[0]['told'] !== '' ? $links[0]['told'] : $code($links[0]['from']));
    }
}
