<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Work\Offer;

/** Where a container stood over time. */
final class ContainerStrand extends Strand
{
    /** @var list<Move> */
    public array $moves = [];

    /** @param  ?Holdings  $others  where all the others stand; null while that is only being found out */
    public function __construct(private readonly string $id, private readonly string $name, private readonly ?Holdings $others) {}

    #[Takes]
    public function placed(Placed $placed, Entry $entry): void
    {
        if ($placed->inside !== null && ($placed->inside === $this->id || $this->others?->isWithin($placed->inside, $this->id, $entry->happenedAt, $entry->order) === true)) {
            throw Misfit::at('place_id', $placed->inside === $this->id
                ? sprintf('%s cannot lie in itself.', $this->name)
                : sprintf('%s lay in %s then: neither can be in the other.', $this->others?->holder($placed->inside)->name ?? 'That container', $this->name));
        }
        $this->moves[] = new Move($entry->happenedAt, $entry->order, $placed);
    }

    public function offers(): array
    {
        return [Offer::of(Placed::class, 10)];
    }
}
