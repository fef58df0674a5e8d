<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use DateTimeImmutable;
use Marrow\Core\Cleaning\PickOver;
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

    public function offers(): array
    {
        return $this->cleaning->isOut() && ! $this->stock->stock->isUsedUp() ? [Offer::of(PickedOver::class, 70)] : [];
    }

    /** What of the lot is bad, by the last sample; null where none was looked over. */
    public function bad(): ?PickOver
    {
        return $this->last === null ? null : PickOver::of($this->last->looked, $this->last->bad());
    }
}
