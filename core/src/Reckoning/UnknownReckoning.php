<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

final class UnknownReckoning extends \DomainException
{
    public static function named(string $name): self
    {
        return new self(sprintf('There is no reckoning called "%s".', $name));
    }
}
