<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** Something that happened to a planting or a lot. */
final readonly class Entry
{
    /**
     * @param  string  $id  made by whoever recorded it, so that the same entry sent twice is one entry
     * @param  int  $order  rises with every entry recorded; decides between entries of one moment
     * @param  \DateTimeImmutable  $happenedAt  in the garden's own wall-clock time
     */
    public function __construct(
        public string $id,
        public int $order,
        public EntryKind $kind,
        public Payload $payload,
        public \DateTimeImmutable $happenedAt,
    ) {}
}
