<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use DateTimeImmutable;
use Marrow\Core\Cleaning\PickOver;
use Marrow\Core\Cleaning\Purity;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Work\Offer;

/** How good clean seed looks: what a sample held that will not grow. */
final class SortingStrand extends Strand
{
    public ?PickedOver $last = null;

    public ?DateTimeImmutable $lastAt = null;

    /** The last sample that was sorted out and weighed. */
    public ?SampleSorted $sorted = null;

    /** So much more than was written down two weighings may make of the same seed. */
    private const SCALES = 1.02;

    public function __construct(private readonly CleaningStrand $cleaning, private readonly StockStrand $stock) {}

    #[Takes]
    public function pickedOver(PickedOver $over, Entry $entry): void
    {
        $this->cleaning->mustBeOut('looked over', $entry);
        if ($over->bad() > $over->looked) {
            throw Misfit::at('looked', sprintf('Of %d seeds not more than %d can be bad.', $over->looked, $over->looked));
        }
        $this->last = $over;
        $this->lastAt = $entry->happenedAt;
    }

    #[Takes]
    public function sampleSorted(SampleSorted $sorted, Entry $entry): void
    {
        $this->cleaning->mustBeOut('sorted out', $entry);
        $whole = $sorted->pureG + ($sorted->inertG ?? 0.0) + ($sorted->otherG ?? 0.0);
        $there = $this->stock->stock->grams() ?? $this->cleaning->massOut;
        if ($there !== null && $whole > $there * self::SCALES) {
            throw Misfit::at('pure_g', sprintf('A sample of %s g cannot be out of the %s g that there are.', Show::grams($whole), Show::grams($there)));
        }
        $this->sorted = $sorted;
    }

    public function offers(): array
    {
        return $this->cleaning->isOut() && ! $this->stock->stock->isUsedUp() ? [Offer::of(PickedOver::class, 70), Offer::of(SampleSorted::class, 72)] : [];
    }

    /** How much of it by mass is seed of the crop, by the last sample; null where none was weighed out. */
    public function purity(): ?Purity
    {
        return $this->sorted === null ? null : Purity::of($this->sorted->pureG, $this->sorted->inertG ?? 0.0, $this->sorted->otherG ?? 0.0);
    }

    /** What of the lot is bad, by the last sample; null where none was looked over. */
    public function bad(): ?PickOver
    {
        return $this->last === null ? null : PickOver::of($this->last->looked, $this->last->bad());
    }
}
