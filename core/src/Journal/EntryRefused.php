<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** An entry that cannot be kept as it stands. `$field` says where in the form the message belongs. */
final class EntryRefused extends \DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }

    /** The entry does not fit what has happened so far, whatever its figures. */
    public static function outOfPlace(string $message): self
    {
        return new self('kind', $message);
    }

    public static function tooEarly(string $message): self
    {
        return new self('happened_at', $message);
    }
}
