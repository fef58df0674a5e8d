<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/**
 * What was asked of a person and cannot be so: nothing can be kept of it. `$path` says where the message belongs:
 * the key of a field, or a path into a document, as plantings.3.plants.
 */
class Refused extends \DomainException
{
    /** @param  ?Field  $outside  the field whose bounds the figure lies outside of, where that is what is wrong */
    final protected function __construct(public readonly string $path, string $message, public readonly ?Field $outside = null)
    {
        parent::__construct($message);
    }

    public static function at(string $path, string $message): static
    {
        return new static($path, $message);
    }

    public static function outside(Field $field): static
    {
        return new static($field->key, sprintf('%s must be from %s.', $field->subject(), $field->bounds()), $field);
    }

    /** The same, of a part of something larger. */
    public function within(string $path): static
    {
        return $path === '' ? $this : new static($this->path === '' ? $path : "$path.$this->path", $this->getMessage(), $this->outside);
    }
}
