<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Support;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Course\LotCourse;
use Marrow\Core\Course\LotFacts;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\Fields;
use Marrow\Core\Practice;

/** Writes the journal of one lot for a test, in short lines. */
final class Diary
{
    /** @var list<Entry> */
    private array $entries = [];

    private int $order = 0;

    private readonly LotFacts $facts;

    public function __construct(Crop $crop, ?string $sown = null)
    {
        $this->facts = new LotFacts('L1', $crop, $sown === null ? null : new \DateTimeImmutable($sown));
    }

    /**
     * Records an entry as a keeper would: it must be admitted.
     *
     * @param  array<string, mixed>  $payload
     * @return string its id
     */
    public function record(string $kind, string $at, array $payload = []): string
    {
        $entry = $this->entry($kind, $at, $payload);
        LotCourse::admit($this->facts, $this->entries, $entry, new Practice);
        $this->entries[] = $entry;

        return $entry->id;
    }

    public function strike(string $id): string
    {
        return $this->record('struck', '2030-01-01', ['entry' => $id]);
    }

    public function course(): LotCourse
    {
        return LotCourse::fold($this->facts, $this->entries, new Practice);
    }

    /** The same entries, come in in another order. */
    public function shuffled(): LotCourse
    {
        return LotCourse::fold($this->facts, array_reverse($this->entries), new Practice);
    }

    /** @param  array<string, mixed>  $payload */
    private function entry(string $kind, string $at, array $payload): Entry
    {
        $kind = EntryKind::from($kind);
        $this->order++;

        return new Entry("entry-$this->order", $this->order, $kind, $kind->payload()::read(new Fields($payload)), new \DateTimeImmutable($at));
    }
}
