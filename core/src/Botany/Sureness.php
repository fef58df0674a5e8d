<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How sure a figure is: measured or laid down; what most growers say; a range or a stand-in. */
enum Sureness: string
{
    case Sure = 'sure';
    case Usual = 'usual';
    case Rough = 'rough';
}
