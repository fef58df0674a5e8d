<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What a variety of the crop is kept by: most by seed, some by a part of the plant, so that it stays the same plant. */
enum KeptBy: string
{
    case Seed = 'seed';
    case Tuber = 'tuber';
    case Clove = 'clove';
    case Bulb = 'bulb';
    case Division = 'division';
    case Cutting = 'cutting';
}
