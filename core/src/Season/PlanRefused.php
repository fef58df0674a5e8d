<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** Something in a plan cannot be so. `$field` is its path, as plantings.3.plants, so that the message can stand beside it. */
final class PlanRefused extends \DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }
}
