<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Whether seed wants light or dark to germinate. */
enum Light: string
{
    case Any = 'any';
    case Light = 'light';
    case Dark = 'dark';
}
