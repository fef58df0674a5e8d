<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Isolation\Protection;

/** What is put over plants. */
enum CoverKind: string implements Choice
{
    case Cage = 'cage';
    case Bags = 'bags';
    case TightBags = 'tight_bags';
    case Cloth = 'cloth';
    case Fleece = 'fleece';
    case Net = 'net';
    case Glass = 'glass';

    public function label(): string
    {
        return match ($this) {
            self::Cage => 'a cage of insect mesh',
            self::Bags => 'bags over the flowers, gauze or not known',
            self::TightBags => 'pollen-tight bags over the flowers: paper, or closely woven cloth',
            self::Cloth => 'pollen-tight cloth over all of it',
            self::Fleece => 'fleece',
            self::Net => 'a net against birds',
            self::Glass => 'glass or a room, shut or screened',
        };
    }

    /** Whether what carries the crop's pollen stays out, as long as it is shut: birds' nets let bees through, and gauze the wind. */
    public function keepsOut(Crop $crop): bool
    {
        return (match ($this) {
            self::Cage, self::Bags, self::Fleece, self::Glass => Protection::Caged,
            self::TightBags => Protection::Bagged,
            self::Cloth => Protection::Cloth,
            self::Net => Protection::Open,
        })->keepsOut($crop);
    }
}
