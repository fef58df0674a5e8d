<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** When plants are looked over for those to take seed from. */
enum LookTime: string
{
    case Seedling = 'seedling';
    case Leaf = 'leaf';
    case Eating = 'eating';
    case Lifting = 'lifting';
    case Store = 'store';
    case Winter = 'winter';
    case Bolting = 'bolting';
    case Bloom = 'bloom';
    case Fruit = 'fruit';
    case Ripe = 'ripe';
}
