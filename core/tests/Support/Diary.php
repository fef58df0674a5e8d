<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Support;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Storing\StoredAt;

/** Writes the journal of one lot for a test, in short lines. */
final class Diary
{
    use MakesEntries;

    /** @var list<Entry> */
    private array $entries = [];

    private int $order = 0;

    private readonly LotFacts $facts;

    /** @param  array<string, StoredAt>  $places */
    public function __construct(Crop $crop, ?string $sown = null, array $places = [], bool $crossed = false, ?Holdings $holdings = null, bool $splits = false)
    {
        $this->facts = new LotFacts('L1', $crop, $sown === null ? null : new \DateTimeImmutable($sown), $places, $crossed, null, $holdings, $crossed ? new \DateTimeImmutable('2025-01-01') : null, splits: $splits);
    }

    /**
     * Records an entry as a keeper at a form would: it must fit, with nothing to ask about.
     *
     * @param  array<string, mixed>  $payload
     * @param  ?string  $as  the field by which it refers to this lot, where it was recorded of something else
     * @return string its id
     *
     * @throws Refused
     */
    public function record(string $kind, string $at, array $payload = [], ?string $as = null): string
    {
        $entry = self::heardAs(self::entry($this->next(), $kind, $at, $payload), $as);
        $questions = $this->admission($entry)->questions;
        if ($questions !== []) {
            throw Asked::about($questions);
        }
        $this->entries[] = $entry;

        return $entry->id;
    }

    /**
     * Records what came late, or what the keeper says is so all the same: whatever it fits.
     *
     * @param  array<string, mixed>  $payload
     * @param  ?string  $as  as of record()
     * @return string its id
     */
    public function insist(string $kind, string $at, array $payload = [], ?string $as = null): string
    {
        $this->entries[] = $entry = self::heardAs(self::entry($this->next(), $kind, $at, $payload), $as);

        return $entry->id;
    }

    /** @param  array<string, mixed>  $payload */
    public function asks(string $kind, string $at, array $payload = []): Admission
    {
        return $this->admission(self::entry($this->next(), $kind, $at, $payload));
    }

    /**
     * What was recorded of something else, and refers to this lot.
     *
     * @param  array<string, mixed>  $payload
     * @param  string  $as  the field by which it refers to it
     */
    public function heard(string $kind, string $at, array $payload, string $as): void
    {
        $this->entries[] = self::heardAs(self::entry($this->next(), $kind, $at, $payload), $as);
    }

    /** @param  array<string, mixed>  $payload */
    public function asksHeard(string $kind, string $at, array $payload, string $as): Admission
    {
        return $this->admission(self::heardAs(self::entry($this->next(), $kind, $at, $payload), $as));
    }

    private static function heardAs(Entry $entry, ?string $as): Entry
    {
        return new Entry($entry->id, $entry->order, $entry->kind, $entry->payload, $entry->happenedAt, $as);
    }

    public function strike(string $id): string
    {
        return $this->insist('struck', '2030-01-01', ['entry' => $id]);
    }

    /** @return list<Entry> */
    public function entries(): array
    {
        return $this->entries;
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

    private function admission(Entry $entry): Admission
    {
        return LotCourse::admit($this->facts, $this->entries, $entry, new Practice);
    }

    private function next(): string
    {
        return sprintf('entry-%04d', ++$this->order);
    }
}
