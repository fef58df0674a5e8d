<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** The figures of one entry. Each kind has its own class, which reads itself from what was typed. */
interface Payload
{
    /** @throws EntryRefused naming the field at fault */
    public static function read(Fields $fields): self;

    /** @return array<string, mixed> what is kept in the journal, readable again by read() */
    public function toArray(): array;
}
