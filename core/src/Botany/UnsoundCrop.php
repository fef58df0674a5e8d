<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\Refused;

/** A file of the crop reference does not hold what a crop needs. Its path is that of the figure. */
final class UnsoundCrop extends Refused
{
    public static function of(string $crop, string $figure, string $reason): self
    {
        return self::at($figure, sprintf('Crop %s, %s: %s.', $crop, $figure, $reason));
    }
}
