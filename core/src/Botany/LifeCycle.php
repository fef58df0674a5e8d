<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** In how many seasons the plant makes seed. */
enum LifeCycle: string
{
    case Annual = 'annual';
    case Biennial = 'biennial';
    case Perennial = 'perennial';
}
