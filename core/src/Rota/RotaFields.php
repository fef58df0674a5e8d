<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;

/** What stands in each part of a rota's problem. */
final class RotaFields
{
    private const MOST = 1e6;

    public static function problem(): FieldList
    {
        return FieldList::of(
            Field::integer('first_year', 'the first year', '', 1900, 2200),
            Field::integer('years', 'the years ahead', 'years', RotaProblem::FEWEST_YEARS, RotaProblem::MOST_YEARS),
            Field::number('hour_price', 'what an hour of work is worth', '', 0, self::MOST)->optional(RotaProblem::HOUR_PRICE),
        );
    }

    /** Of one line; its chances stand beside it. */
    public static function line(): FieldList
    {
        return FieldList::of(
            Field::text('id', 'the line', 120),
            Field::number('weight', 'its weight', '', 0, self::MOST)->optional(1.0),
            Field::share('fails', 'the chance that a growing fails')->optional(0.0),
            Field::integer('stands', 'the seasons that it stands', 'seasons', 1, RotaProblem::MOST_YEARS)->optional(1),
            Field::integer('sowings', 'the sowings that its seed suffices for', '', 0, 1_000_000)->optional(),
            Field::number('area_m2', 'its ground', 'm²', 0, self::MOST)->optional(0.0),
            Field::number('hours', 'its hours', 'h', 0, self::MOST)->optional(0.0),
            Field::number('cages', 'its cages', '', 0, self::MOST)->optional(0.0),
            Field::integers('pinned', 'the years that it is pinned to', '', 1900, 2300)->optional([]),
            Field::integers('forbidden', 'the years that are ruled out', '', 1900, 2300)->optional([]),
        );
    }

    public static function conflict(): FieldList
    {
        return FieldList::of(
            Field::flag('never', 'whether they never flower together'),
            Field::number('hours', 'the hours of keeping them apart', 'h', 0, self::MOST)->optional(0.0),
            Field::number('cages', 'the cages for keeping them apart', '', 0, self::MOST)->optional(0.0),
        );
    }

    public static function growing(): FieldList
    {
        return FieldList::of(Field::text('line', 'the line', 120), Field::integer('sow', 'the year of sowing', '', 1900, 2300));
    }
}
