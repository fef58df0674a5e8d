<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A file of the crop reference does not hold what a crop needs. */
final class UnsoundCrop extends \DomainException
{
    public static function at(string $crop, string $figure, string $reason): self
    {
        return new self(sprintf('Crop %s, %s: %s.', $crop, $figure, $reason));
    }
}
