<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

enum TokenSort
{
    case Word;
    case Number;
    case Code;
    case Quoted;
    case Sign;
}
