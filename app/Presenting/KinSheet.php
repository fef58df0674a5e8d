<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\KinLotDocument;
use App\Lineage\Crossings;
use App\Lineage\Kin;
use App\Lineage\Lines;
use App\Models\Lot;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Voice\Quantity;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Population\Kinship;
use Marrow\Core\Population\Pedigree;

/** How two lots are related, and what they would be poured together. */
final readonly class KinSheet
{
    /** Kinship of people everybody can picture, in a population that is not inbred. */
    private const LIKE = [[0.375, 'nearer than brothers are'], [0.1875, 'as near as brothers are'], [0.09375, 'as near as half-brothers are'], [0.03, 'as near as cousins are'], [0.0, 'farther than cousins are']];

    public function __construct(private Facts $facts, private Crossings $crossings, private Lines $lines) {}

    /** @throws Refused of one lot twice, and of two crops */
    public function of(Lot $one, Lot $other): KinLotDocument
    {
        if ($one->id === $other->id) {
            throw Refused::at('other', 'That is one lot: choose another.');
        }
        $crop = $this->facts->crop($one->variety);
        if ($crop->species() !== $this->facts->crop($other->variety)->species()) {
            throw Refused::at('other', sprintf('%s and %s are of two species: they are not related in a way that is reckoned.', $one->code(), $other->code()));
        }
        $kin = Kin::of([$one->id, $other->id], $crop);
        $kinship = $kin->kinship();
        $between = $kinship->between($one->id, $other->id);

        return new KinLotDocument($between, $this->said($kin, $kinship, $one, $other), $this->mixed($kinship, $one, $other));
    }

    private function said(Kin $kin, Kinship $kinship, Lot $one, Lot $other): string
    {
        $pedigree = $kin->generations->pedigree;
        $between = $kinship->between($one->id, $other->id);
        $figure = sprintf('taken plant by plant, %s of their genes are copies of one and the same', Quantity::finePercent($between));
        if ($kinship->isOne($one->id, $other->id)) {
            return sprintf('%s and %s are off the same plants: by their genes they are one lot.', $one->code(), $other->code());
        }
        [$older, $younger] = in_array($one->id, $pedigree->forebears($other->id), true) ? [$one, $other] : [$other, $one];
        $mothers = $pedigree->forebears($younger->id);
        if (in_array($older->id, $mothers, true)) {
            $apart = $pedigree->generation($younger->id) - $pedigree->generation($older->id);

            return sprintf('%s came of %s%s: %s.', $younger->code(), $older->code(), $apart === 0 ? ', without being grown out' : ' in '.Quantity::number($apart, 'generation'), $figure);
        }
        $shared = $this->shared($pedigree, $one->id, $other->id);
        if ($shared === []) {
            return sprintf('By what is recorded %s and %s have no forebear in common: what came from elsewhere is taken to be unrelated.', $one->code(), $other->code());
        }

        return sprintf('%s and %s both come of %s: %s, %s.', $one->code(), $other->code(), implode(' and ', $shared), $figure, $this->like($between));
    }

    private function like(float $kinship): string
    {
        foreach (self::LIKE as [$from, $words]) {
            if ($kinship >= $from) {
                return $words;
            }
        }

        return '';
    }

    /** @return list<string> codes of the nearest lots that both come of */
    private function shared(Pedigree $pedigree, string $one, string $other): array
    {
        $both = array_values(array_intersect($pedigree->forebears($one), $pedigree->forebears($other)));
        // Those that came before a nearer one are not named.
        $nearest = array_values(array_filter($both, static fn (string $id): bool => ! array_any($both, static fn (string $near): bool => $near !== $id && in_array($id, $pedigree->forebears($near), true))));

        return array_values(array_map(static fn (Lot $lot): string => $lot->code(), Tagged::lots(array_slice($nearest, 0, 3))));
    }

    /** @return list<string> what to know before they are poured together */
    private function mixed(Kinship $kinship, Lot $one, Lot $other): array
    {
        $left = static fn (float $kinship): string => Quantity::percent(1.0 - $kinship);
        [$a, $b, $both] = [$kinship->within($one->id), $kinship->within($other->id), Kin::mixed($kinship, $one->id, $other->id)];
        $words = [sprintf('Half and half, %s of what their plants differed in at first would be left; in %s alone it is %s, in %s %s.', $left($both), $one->code(), $left($a), $other->code(), $left($b))];
        foreach ([$one, $other] as $lot) {
            $words[] = match (true) {
                $this->crossings->of($lot->id) !== null => "{$lot->code()} is crossed, and so would all of it be.",
                $this->lines->of($lot->id)->word->isDoubtful() => "{$lot->code()} is {$this->lines->of($lot->id)->word->value}: the mixture is no truer.",
                default => '',
            };
        }
        $years = array_values(array_filter([$one->standing?->year, $other->standing?->year], is_int(...)));
        sort($years);
        if (count(array_unique($years)) === 2) {
            $words[] = sprintf('%d and %d cannot be told apart again: the mixture has no year, and is tested anew.', ...$years);
        }
        if ($one->variety_id !== $other->variety_id) {
            $words[] = sprintf('%s and %s are two varieties: what comes of it is a mixing line.', $one->variety->name, $other->variety->name);
        }
        $rates = array_map(static fn (Lot $lot): ?float => $lot->standing?->rate, [Lot::query()->with('standing')->find($one->id) ?? $one, Lot::query()->with('standing')->find($other->id) ?? $other]);
        if ($rates[0] !== null && $rates[1] !== null && abs($rates[0] - $rates[1]) > 0.15) {
            $words[] = sprintf('%s came up by its last test with %s, %s with %s: of what is sown more will be of the first than is poured in.', ...($rates[0] > $rates[1] ? [$one->code(), Quantity::percent($rates[0]), $other->code(), Quantity::percent($rates[1])] : [$other->code(), Quantity::percent($rates[1]), $one->code(), Quantity::percent($rates[0])]));
        }

        return array_values(array_filter($words));
    }
}
