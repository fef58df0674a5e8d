<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** Something that happened to a planting or a lot. */
final readonly class Entry
{
    /**
     * @param  string  $id  made by whoever recorded it, so that the same entry sent twice is one entry
     * @param  string  $order  decides between entries of one moment, whatever order they came in
     * @param  \DateTimeImmutable  $happenedAt  in the garden's own wall-clock time
     * @param  string|null  $heardAs  set when the entry is about something else and only refers to this: by which field
     * @param  string  $from  code of what it is about then
     */
    public function __construct(
        public string $id,
        public string $order,
        public Kind $kind,
        public Payload $payload,
        public \DateTimeImmutable $happenedAt,
        public ?string $heardAs = null,
        public string $from = '',
    ) {}
}
