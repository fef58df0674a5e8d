<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Work\Offer;

/** The air of a place over time. */
final class PlaceStrand extends Strand
{
    /** @var non-empty-list<Stretch> */
    private array $stretches;

    /** @param  StoredAt  $ordinary  as it is as long as nothing else was recorded */
    public function __construct(private readonly string $id, private readonly StoredAt $ordinary)
    {
        $this->stretches = [new Stretch(null, $ordinary, false, [$ordinary->name], $id)];
    }

    #[Takes]
    public function airSet(AirSet $air, Entry $entry): void
    {
        $this->stretches[] = new Stretch($entry->happenedAt, new StoredAt($this->ordinary->name, $air->temperatureC, $air->rh ?? $this->ordinary->rh, true, $air->rh !== null || $this->ordinary->isRhKnown), false, [$this->ordinary->name], $this->id);
    }

    public function surroundings(): Surroundings
    {
        return new Surroundings($this->stretches);
    }

    public function offers(): array
    {
        return [Offer::of(AirSet::class, 10)];
    }
}
