<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

/** How a germination test is laid out. */
enum TestMethod: string
{
    case DampTowel = 'damp_towel';
    case RolledCloth = 'rolled_cloth';
    case Dish = 'dish';
    case Sand = 'sand';
}
