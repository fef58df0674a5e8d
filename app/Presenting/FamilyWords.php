<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Lineage\Family;
use App\Models\Lot;
use App\Models\Planting;
use App\Voice\Quantity;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Population\Descent;
use Marrow\Core\Population\Role;
use Marrow\Core\Steps\Origin\SetApart;

/** How each lot of a family came to be, in words. */
final readonly class FamilyWords
{
    /**
     * @param  array<string, Lot>  $lots  by id; all that the family has
     * @param  array<string, Planting>  $plantings
     */
    public function __construct(private Family $family, private array $lots, private array $plantings) {}

    /** Of a lot that did not come from elsewhere. */
    public function came(string $lot): string
    {
        $links = $this->family->links($lot);
        [$first, $planting, $kind, $told] = $links[0];
        if (! $first->isGrown()) {
            return $kind === Kind::declared(SetApart::class)->name
                ? 'set apart from '.$this->code($first->from)
                : 'poured together of '.implode(' and ', array_map(fn (array $link): string => ($link[0]->share === null ? '' : Quantity::percent($link[0]->share).' ').$this->code($link[0]->from), $links));
        }
        $fathers = array_values(array_filter($links, static fn (array $link): bool => $link[0]->role === Role::Father));

        return sprintf(
            'picked off %s%s, sown from %s%s',
            $this->planting($planting),
            $first->plants === null ? '' : ' ('.Quantity::number($first->plants, 'plant').' gave seed)',
            $this->source($first, $told),
            $fathers === [] ? '' : '; a cross, with pollen of '.implode(' and ', array_map(fn (array $link): string => $link[1] === null ? ($link[3] === '' ? 'nobody knows what' : $link[3]) : $this->planting($link[1]).', sown from '.$this->source($link[0], $link[3]), $fathers)),
        );
    }

    /** "Third own generation; two lots came of it." */
    public static function said(Family $family, string $lot): string
    {
        $generation = $family->pedigree->generation($lot);
        $filial = $family->generations->filial($lot);
        $whole = $family->pedigree->isWhole($lot);

        return ucfirst(implode('; ', array_filter([
            $filial === '' ? '' : $filial.' of a cross'.($filial === 'F1' ? ': what is sown of its seed is all alike, and the seed of that is not' : ''),
            $generation === 0 ? 'as it came, not grown out here yet' : ($whole ? '' : 'at least the ').Quantity::ordinal($generation).' own generation'.($whole ? '' : ', for nobody said what the first was sown from'),
            match (count($family->offspring)) {
                0 => 'no lot has come of it yet',
                1 => 'one lot came of it',
                default => count($family->offspring).' lots came of it',
            },
        ]))).'.';
    }

    /** What a mixture or a cross is made of; empty of what is all of one. */
    public function madeOf(string $lot): string
    {
        $sources = array_filter($this->family->pedigree->sources($lot), static fn (float $share): bool => $share >= 0.005);

        return count($sources) < 2 ? '' : 'By its parents it is made of '.implode(', ', array_map(fn (int|string $of, float $share): string => Quantity::percent($share).' '.($of === '' ? 'seed that nobody named' : $this->code((string) $of).' '.($this->lots[$of] ?? null)?->variety->name), array_keys($sources), $sources)).'.';
    }

    private function source(Descent $link, string $told): string
    {
        return $link->from === null && $told !== '' ? $told : $this->code($link->from);
    }

    private function code(?string $lot): string
    {
        return $lot === null ? 'seed that nobody named' : ($this->lots[$lot] ?? Lot::query()->findOrFail($lot))->code();
    }

    private function planting(?string $planting): string
    {
        return ($this->plantings[$planting ?? ''] ?? null)?->code() ?? 'a planting';
    }
}
