<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Support;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Planting\PlantingFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\SeedLot;

/** Writes the journal of one planting for a test, in short lines. */
final class PlotDiary
{
    use MakesEntries;

    /** @var list<Entry> */
    private array $entries = [];

    private int $order = 0;

    private readonly PlantingFacts $facts;

    /** @param  array<string, SeedLot>  $lots */
    public function __construct(Crop $crop, ?string $picked = null, array $lots = [], Practice $practice = new Practice)
    {
        $this->facts = new PlantingFacts($crop, 'variety', $picked === null ? null : new \DateTimeImmutable($picked), 'L9', $lots, practice: $practice);
    }

    /** @param  array<string, mixed>  $payload */
    public function record(string $kind, string $at, array $payload = []): string
    {
        $entry = self::entry($this->next(), $kind, $at, $payload);
        $questions = PlantingCourse::admit($this->facts, $this->entries, $entry)->questions;
        if ($questions !== []) {
            throw Asked::about($questions);
        }
        $this->entries[] = $entry;

        return $entry->id;
    }

    /** @param  array<string, mixed>  $payload */
    public function insist(string $kind, string $at, array $payload = []): string
    {
        $this->entries[] = $entry = self::entry($this->next(), $kind, $at, $payload);

        return $entry->id;
    }

    /** @return list<Entry> */
    public function entries(): array
    {
        return $this->entries;
    }

    public function course(): PlantingCourse
    {
        return PlantingCourse::fold($this->facts, $this->entries);
    }

    public function shuffled(): PlantingCourse
    {
        return PlantingCourse::fold($this->facts, array_reverse($this->entries));
    }

    private function next(): string
    {
        return sprintf('entry-%04d', ++$this->order);
    }
}
