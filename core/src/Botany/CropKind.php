<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What a crop is grown for. */
enum CropKind: string
{
    case Vegetable = 'vegetable';
    case Herb = 'herb';
    case Grain = 'grain';
    case Pulse = 'pulse';
    case CutFlower = 'cut_flower';
    case WildFlower = 'wild_flower';
}
