<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Fields\Choice;

/** What seed is kept in. */
enum ContainerKind: string implements Choice
{
    case Jar = 'jar';
    case FoilPouch = 'foil_pouch';
    case PaperEnvelope = 'paper_envelope';
    case ClothBag = 'cloth_bag';
    case Tin = 'tin';

    public function label(): string
    {
        return match ($this) {
            self::Jar => 'glass jar',
            self::FoilPouch => 'foil pouch',
            self::PaperEnvelope => 'paper envelope',
            self::ClothBag => 'cloth bag',
            self::Tin => 'tin',
        };
    }

    /** Whether it keeps the air's moisture out, so that the seed stays as dry as it was put in. A tin's lid does not. */
    public function isTight(): bool
    {
        return $this === self::Jar || $this === self::FoilPouch;
    }
}
