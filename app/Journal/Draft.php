<?php

declare(strict_types=1);

namespace App\Journal;

use DateTimeImmutable;
use Marrow\Core\Journal\EntryKind;

/** An entry as it was sent, before anything of it has been found good. */
final readonly class Draft
{
    /**
     * @param  string  $id  UUID made by the sender
     * @param  array<array-key, mixed>  $payload
     */
    public function __construct(
        public string $id,
        public EntryKind $kind,
        public DateTimeImmutable $happenedAt,
        public array $payload,
        public string $by = '',
    ) {}
}
