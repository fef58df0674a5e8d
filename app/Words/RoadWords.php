<?php

declare(strict_types=1);

namespace App\Words;

use App\Lineage\HowStable;
use App\Voice\Quantity;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\LifeCycle;
use Marrow\Core\Population\SelfedLine;
use Marrow\Core\Steps\Breeding\Dominance;
use Marrow\Core\Steps\Breeding\ShowsIn;
use Marrow\Core\Steps\Breeding\TraitNamed;

/** What is said on the way from a cross to a line. */
final readonly class RoadWords
{
    /** Plants of the F2 that are grown where nobody named what is looked for: a stated assumption. */
    private const SOME = 40;

    /** Plants of a later generation of one family. */
    private const FAMILY = 15;

    /** Share of seed with foreign pollen from which a crop does not become a line by being left to itself. */
    private const CROSSES = 0.2;

    /** @param  list<TraitNamed>  $traits  that are looked for */
    public function __construct(private Crop $crop, private array $traits, private ?int $filial) {}

    /** What the seed of this lot will give. */
    public function said(): string
    {
        return match (true) {
            $this->filial === null => 'Its plants will differ: of which generation after the cross they are, nobody knows.',
            $this->filial === 1 => $this->atOnce().'F1: the plants of this seed are all alike, and like no parent. What is picked off them, the F2, will be of many kinds; it is neither the hybrid again nor a variety.',
            $this->filial === 2 => 'F2: its plants show all that is in the cross, each another of it. This is the generation to grow many of, and to choose in.',
            default => sprintf('F%d: plants of one mother are alike in what is fixed, and still differ in about %s of what the cross differed in, if each was selfed.', $this->filial, Quantity::finePercent(SelfedLine::stillMixed($this->filial, 1.0))),
        };
    }

    /** Of some kinds the seed itself shows the cross. */
    private function atOnce(): string
    {
        return $this->crop->shows?->shows === true ? rtrim($this->crop->shows->note, '.').'. ' : '';
    }

    /** @return list<string> before a hybrid is made true: what it takes, and where it will not go well */
    public function expects(): array
    {
        if ($this->filial !== 1) {
            return [];
        }
        if ($this->crop->isKeptAlive()) {
            return ["{$this->crop->name} is kept as the plant itself, which stays as it is: to keep a hybrid of it no seed is needed, and its seed will be something else each time."];
        }
        $last = SelfedLine::generationBelow(HowStable::MIXED, 1.0) ?? 6;
        $seasons = $last - 1;
        $years = $seasons * ($this->crop->lifeCycle === LifeCycle::Biennial ? 2 : 1);
        $many = $this->search()[0] ?? self::SOME;
        $ground = static fn (int $plants, float $spacing): string => sprintf('%s m²', Quantity::decimal(max(0.1, round($plants * $spacing ** 2, 1))));

        return array_values(array_filter([
            sprintf('About %d years: %s from the F1 to the F%d, in which no more than %s is still mixed.', $years, Quantity::number($seasons, 'growing'), $last, Quantity::finePercent(SelfedLine::stillMixed($last, 1.0))),
            sprintf('In the second of them %s of the F2 on some %s, to have a choice; after that some %s of each plant chosen, on %s for every family.', Quantity::number($many, 'plant'), $ground($many, $this->crop->growing->spacing), Quantity::number(self::FAMILY, 'plant'), $ground(self::FAMILY, $this->crop->growing->spacing)),
            $this->crop->selfIncompatible ? 'Its plants set no seed with their own pollen, so none can be selfed: what comes of it stays a mixture that is chosen in, and never becomes as even as the hybrid.' : '',
            ! $this->crop->selfIncompatible && $this->crop->outcrossing() >= self::CROSSES ? sprintf('Left to itself it crosses (about %s of its seed): shut flowers away and pollinate them with their own pollen, else it stays mixed.', Quantity::percent($this->crop->outcrossing())) : '',
            'Some hybrids give no seed, or no pollen: look at the first plants before ground is given to it. Of a protected variety, whether it may be done depends on where you live.',
        ]));
    }

    public function other(): string
    {
        return $this->filial !== 1 || $this->crop->isKeptAlive() || ! $this->crop->bearsDrying() ? '' : sprintf('If it is the hybrid itself that is wanted: seed enough for ten years, bought at once, dried, parted into a packet a year and kept cold. In a cupboard its kind ordinarily lasts about %s.', Quantity::number((int) round($this->crop->ordinaryYears), 'year'));
    }

    /** @return list<string> a sentence for each trait */
    public function wanted(): array
    {
        return array_map($this->trait(...), $this->traits);
    }

    /** How many plants of this seed to grow; empty where growing finds nothing. */
    public function searched(): string
    {
        $search = $this->search();
        if ($this->filial === null || $search === null) {
            return '';
        }
        if ($this->filial === 1) {
            return sprintf('Of this seed a few plants are enough: all are alike. Of the F2 grow %s to meet, 95 times in 100, one that shows %s.', Quantity::number($search[0], 'plant'), $this->all());
        }

        return sprintf('Of this seed grow %s to meet, 95 times in 100, one that shows %s, if none was chosen for it yet (about one in %s does).', Quantity::number($search[0], 'plant'), $this->all(), Quantity::number((int) round(1.0 / $search[1]), 'plant'));
    }

    /** @return ?array{int, float} plants to grow, and the share of them that shows all that is wanted; null where nothing is named */
    private function search(): ?array
    {
        if ($this->traits === []) {
            return null;
        }
        $generation = max(2, $this->filial ?? 2);
        $share = array_product(array_map(static fn (TraitNamed $trait): float => $trait->dominance->shows($generation), $this->traits));

        return [SelfedLine::plantsToMeet($share, HowStable::SURELY), $share];
    }

    private function all(): string
    {
        return implode(' and ', array_map(static fn (TraitNamed $trait): string => '“'.$trait->wanted.'” ('.$trait->trait.')', $this->traits));
    }

    private function trait(TraitNamed $trait): string
    {
        $generation = $this->filial;
        $shows = match (true) {
            $generation === null => '',
            $trait->shows->lagsBehind() === 0 => sprintf(' It shows in this seed already: the inside of a seed is of its own generation, F%d.', $generation),
            $trait->shows === ShowsIn::Plant => sprintf(' It shows when this seed is grown: those plants are F%d.', $generation),
            $generation === 1 => ' Fruit and coat of this seed are its mother’s and tell nothing: it shows first on the plants grown from it, all alike, and differs from plant to plant a year later.',
            default => sprintf(' What the fruit or the coat of this seed shows is of the plant that bore it, F%d; plants of this seed show theirs when they bear.', $generation - 1),
        };

        return sprintf('%s: %s wanted%s%s.%s', $trait->trait, $trait->wanted, $trait->other === '' ? '' : ", not $trait->other", match ($trait->dominance) {
            Dominance::NotKnown => '; which hides the other is not known, so it is reckoned as hidden',
            Dominance::Recessive => '; hidden by the other, so that a plant which shows it has it for good',
            Dominance::Dominant => '; it hides the other, so that a plant which shows it may still split: its seed tells',
            Dominance::Between => '; a mixed plant shows something between, so that one which shows it has it for good',
        }, $shows);
    }
}
