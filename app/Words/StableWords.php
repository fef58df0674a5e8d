<?php

declare(strict_types=1);

namespace App\Words;

use App\Lineage\HowStable;
use App\Voice\Quantity;
use Marrow\Core\Population\SelfedLine;

/** Whether a line that was made may be called stable, and by what. */
final readonly class StableWords
{
    public function __construct(private HowStable $stable) {}

    /** What is asked before what still splits is released. */
    public function asks(): string
    {
        return implode(' ', array_filter([
            $this->byGeneration(),
            $this->byPlants(),
            'Release it all the same?',
        ]));
    }

    /** What its generation alone says. */
    public function byGeneration(): string
    {
        $filial = $this->stable->filial;
        $mixed = $this->stable->mixedSelfed();
        if ($filial === null || $mixed === null) {
            return 'Of which generation after the cross it is, nobody knows.';
        }
        $enough = SelfedLine::generationBelow(HowStable::MIXED, 1.0);

        return $mixed <= HowStable::MIXED
            ? sprintf('It is F%d: selfed each year, no more than %s of what differed in the cross is still mixed in one plant.', $filial, Quantity::finePercent($mixed))
            : sprintf('It is F%d: about %s of what differed in the cross is still mixed in one plant, if each was selfed; by F%d it is %s.', $filial, Quantity::finePercent($mixed), $enough, Quantity::finePercent(SelfedLine::stillMixed($enough ?? 60, 1.0)));
    }

    /** What the plants say that were looked over. */
    public function byPlants(): string
    {
        $may = $this->stable->mayDiffer();

        return match (true) {
            $may === null => sprintf('None of its plants have been looked over: %d grown out all alike would say, 95 times in 100, that no more than one in twenty differs.', HowStable::plantsNeeded()),
            $may <= HowStable::DIFFERS => sprintf('Of %s looked over %s differed: 95 times in 100, no more than %s of them do.', Quantity::number($this->stable->looked, 'plant'), $this->stable->off === 0 ? 'none' : $this->stable->off, Quantity::finePercent($may)),
            default => sprintf('Of %s looked over %s differed: up to %s of them may; %d all alike would say that no more than one in twenty does.', Quantity::number($this->stable->looked, 'plant'), $this->stable->off === 0 ? 'none' : $this->stable->off, Quantity::finePercent($may), HowStable::plantsNeeded()),
        };
    }
}
