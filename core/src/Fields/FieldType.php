<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** What kind of thing a field asks for. */
enum FieldType: string
{
    case Number = 'number';
    case Integer = 'integer';

    /** 0 to 1, typed and said in per cent by people. */
    case Share = 'share';

    case Flag = 'flag';
    case Text = 'text';

    /** A text of several lines. */
    case Prose = 'prose';

    /** One of a few named things. */
    case Choice = 'choice';

    /** A day of the calendar: 2026-07-31. */
    case Date = 'date';

    /** A day of any year: 04-20. */
    case YearDay = 'year_day';

    /** The key of a crop of the handbook. */
    case Crop = 'crop';

    /** The id of something there is: a lot, a planting, a variety, a place. */
    case Reference = 'reference';

    /** The id of something that begins with this entry, made by whoever records it. */
    case Id = 'id';

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
            self::Flag => 'yes or no',
            self::Text, self::Prose => 'a text',
            self::Choice => 'one of these',
            self::Date => 'a day',
            self::YearDay => 'a day of the year, as 04-20',
            self::Crop => 'the name of a crop',
            self::Reference, self::Id => 'an id',
            self::Plan => 'a plan as JSON',
            self::Rows => 'rows of numbers, commas within a row and semicolons between rows',
            self::Segments => 'stores as days:moisture:temperature with commas between them',
        };
    }

    public function isNumeric(): bool
    {
        return in_array($this, [self::Number, self::Integer, self::Share], true);
    }
}
