<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\ChosenTraitDocument;
use App\Documents\PhotographedDocument;
use App\Documents\TakenOverDocument;
use App\Documents\TradeoffDocument;
use App\Documents\TraitYearsDocument;
use App\Documents\WalkDocument;
use App\Documents\WalkedPlantDocument;
use App\Voice\Figures;
use App\Words\ChoosingWords;
use App\Words\WalkedYear;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Selection\ChosenTrait;
use Marrow\Core\Selection\ParentChoice;
use Marrow\Core\Selection\SelectionTradeoff;
use Marrow\Core\Selection\TraitScale;
use Marrow\Core\Steps\Choosing\WalkedPlant;

/** The plants of a row as they were looked at, and whom to keep. */
final class Walk
{
    /** @param  list<WalkedYear>  $earlier  plantings of the variety in years before, the oldest first */
    public static function of(PlantingCourse $planting, array $earlier = [], ?int $season = null): WalkDocument
    {
        $choosing = $planting->choosing;
        $choice = ParentChoice::of($choosing->traits(), array_map(static fn (WalkedPlant $plant): array => ['scores' => $plant->scores, 'out' => $plant->out !== null], $choosing->plants));
        $settled = $choosing->setsItsOwnSeed();

        return new WalkDocument(
            // Of what was taken up there are as many as were laid in store, and nobody knows them by where they stood.
            $planting->tending->isLifted ? null : $planting->growing->sown?->plants,
            array_map(self::chosenTrait(...), $choosing->traits()->traits),
            array_values(array_map(static fn (WalkedPlant $plant): WalkedPlantDocument => new WalkedPlantDocument(
                $plant->number,
                array_map(static fn (ChosenTrait $trait): ?string => self::told($trait, $plant->scores[$trait->name] ?? null), $choosing->traits()->traits),
                $plant->out?->value,
                $plant->out?->label() ?? '',
                $plant->atEdge,
                $plant->rare,
                in_array($plant->number, $choosing->kept, true),
            ), $choosing->plants)),
            $choice->order,
            array_map(static fn (SelectionTradeoff $one): TradeoffDocument => new TradeoffDocument(
                $one->keep,
                $settled ? '' : Figures::round($one->response, 2),
                $settled ? '' : Figures::round($one->ofMothers(), 2),
                Figures::oneIn($one->rareKept),
            ), $choice->tradeoffs),
            array_map(static fn (int $plant, array $ids): PhotographedDocument => new PhotographedDocument($plant, $ids), array_keys($choosing->photographs), $choosing->photographs),
            (new ChoosingWords($planting, $choice, $earlier))->said(),
            $planting->tending->isLifted,
            $choosing->isNamed || $earlier === [] ? null : self::takenOver($earlier[count($earlier) - 1]),
            $season === null ? [] : self::years(ChoosingWords::years([...$earlier, new WalkedYear($season, $choosing, '')], $choosing->traits())),
        );
    }

    /**
     * @param  array<string, list<string>>  $years  by the name of the trait
     * @return list<TraitYearsDocument>
     */
    private static function years(array $years): array
    {
        return array_map(static fn (string $trait, array $lines): TraitYearsDocument => new TraitYearsDocument($trait, $lines), array_keys($years), $years);
    }

    private static function takenOver(WalkedYear $last): TakenOverDocument
    {
        return new TakenOverDocument($last->season, $last->choosing->traits()->typed(), $last->choosing->aim->value);
    }

    private static function chosenTrait(ChosenTrait $trait): ChosenTraitDocument
    {
        return new ChosenTraitDocument($trait->name, $trait->scale->value, $trait->scale === TraitScale::Marks ? array_map(strval(...), range(1, ChosenTrait::MOST_MARKS)) : $trait->words, $trait->unit);
    }

    private static function told(ChosenTrait $trait, ?float $figure): ?string
    {
        return $figure === null ? null : ($trait->scale === TraitScale::Words ? $trait->words[(int) $figure - 1] ?? null : rtrim(rtrim(number_format($figure, 3, '.', ''), '0'), '.'));
    }
}
