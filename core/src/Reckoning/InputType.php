<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

enum InputType: string
{
    case Number = 'number';
    case Integer = 'integer';
    case Share = 'share';
    case Numbers = 'numbers';
    case Integers = 'integers';
    case Crop = 'crop';

    /** One of a few named things. */
    case Choice = 'choice';

    /** A day of the calendar: 2026-07-31. */
    case Date = 'date';

    /** A whole season's plan, as the application writes it. */
    case Plan = 'plan';

    /** Rows of numbers: commas within a row, semicolons between rows. */
    case Rows = 'rows';

    /** Stores one after another: days:moisture:temperature, commas between them. */
    case Segments = 'segments';

    /** What to type, for messages and help. */
    public function describe(): string
    {
        return match ($this) {
            self::Number => 'a number',
            self::Integer => 'a whole number',
            self::Share => 'a share',
            self::Numbers => 'numbers with commas between them',
            self::Integers => 'whole numbers with commas between them',
            self::Crop => 'the name of a crop',
            self::Choice => 'one of these',
            self::Date => 'a day',
            self::Plan => 'a plan as JSON',
            self::Rows => 'rows of numbers, commas within a row and semicolons between rows',
            self::Segments => 'stores as days:moisture:temperature with commas between them',
        };
    }
}
