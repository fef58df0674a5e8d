<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Choice;

/** What is put over plants. */
enum CoverKind: string implements Choice
{
    case Cage = 'cage';
    case Bags = 'bags';
    case Fleece = 'fleece';
    case Net = 'net';

    public function label(): string
    {
        return match ($this) {
            self::Cage => 'a cage of insect mesh',
            self::Bags => 'bags over the flowers',
            self::Fleece => 'fleece',
            self::Net => 'a net against birds',
        };
    }

    /** Whether insects that carry pollen stay out, as long as it is shut; birds' nets let them through. */
    public function keepsInsectsOut(): bool
    {
        return $this !== self::Net;
    }
}
