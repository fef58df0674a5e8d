<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** Which day is meant by one without a year, or by the name of a weekday. */
enum DayOf
{
    /** What has happened. */
    case Past;
    case Nearest;
    case ToCome;
}
