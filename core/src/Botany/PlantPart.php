<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A part of the plant that is eaten. */
enum PlantPart: string
{
    case Root = 'root';
    case Leaf = 'leaf';
    case Stem = 'stem';
    case Bulb = 'bulb';
    case Bud = 'bud';
    case Shoot = 'shoot';
    case Flower = 'flower';
    case Fruit = 'fruit';
    case Seed = 'seed';
    case Tuber = 'tuber';

    /** Whether it is gathered before the plant blooms, so that a food crop of it need not bloom at all. */
    public function isGatheredBeforeBloom(): bool
    {
        return in_array($this, [self::Root, self::Leaf, self::Stem, self::Bulb, self::Bud], true);
    }
}
