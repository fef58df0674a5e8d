<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\IsolationStandard;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\Climate;
use Marrow\Core\Isolation\CrossShare;
use Marrow\Core\Isolation\IsolationSetting;

/** What is asked of each part of a season's plan. */
final class PlanFields
{
    private const NAME = 80;

    public static function plan(): FieldList
    {
        return FieldList::of(Field::integer('year', 'the year', '', 1900, 2200), Field::integer('form', 'the form of the document', '', 0, 1000)->optional(0)->unasked());
    }

    public static function ground(): FieldList
    {
        return FieldList::of(
            Field::number('width', 'Width', 'm', 1, 2000)->called('the width of the garden'),
            Field::number('depth', 'Depth', 'm', 1, 2000)->called('the depth of the garden'),
            Field::integer('north', 'North, degrees from the top', '', 0, 359)->called('the direction of north'),
            Field::integer('wind', 'Wind mostly from, degrees', '', 0, 359)->called('the direction of the wind'),
            Field::yearDay('last_frost', 'Last frost in spring')->called('the last frost in spring'),
            Field::yearDay('first_frost', 'First frost in autumn')->called('the first frost in autumn'),
        );
    }

    public static function isolation(): FieldList
    {
        return FieldList::of(
            Field::choice('standard', 'How far apart', IsolationStandard::class)->called('how strictly')->optional(IsolationStandard::Careful),
            Field::choice('climate', 'Climate', Climate::class)->called('the climate')->optional(Climate::Temperate),
            Field::number('allowed', 'Crossed seed put up with', '', 0.0001, 1)->called('the share of crossed seed put up with')->optional(IsolationSetting::ALLOWED),
            Field::number('behind_barrier', 'Pollen past a hedge, share', '', 0, 1)->called('what gets past a hedge')->optional(CrossShare::BEHIND_BARRIER),
        );
    }

    public static function bed(): FieldList
    {
        return FieldList::of(Field::id('id', 'the id'), Field::text('name', 'Name', self::NAME)->called('the name of the bed'), ...self::rectangle(0.1));
    }

    public static function barrier(): FieldList
    {
        $corner = static fn (string $key): Field => Field::number($key, 'A corner of it', 'm', -Ground::FARTHEST, Ground::FARTHEST);

        return FieldList::of(
            Field::id('id', 'the id'),
            Field::text('name', 'Name', self::NAME)->called('its name')->optional(''),
            Field::choice('kind', 'What it is', Barrier::class)->called('a hedge or a building'),
            $corner('x1'),
            $corner('y1'),
            $corner('x2'),
            $corner('y2'),
        );
    }

    public static function source(): FieldList
    {
        return FieldList::of(
            Field::id('id', 'the id'),
            Field::text('name', 'What or whose it is', self::NAME),
            Field::crop('crop', 'The crop'),
            ...self::rectangle(0),
            ...[
                Field::integer('plants', 'Plants', '', 1, 1_000_000)->called('the number of plants'),
                Field::day('first_bloom', 'Its first bloom')->optional(),
                Field::day('last_bloom', 'Its last bloom')->optional(),
            ],
        );
    }

    public static function planting(): FieldList
    {
        return FieldList::of(
            Field::id('id', 'the id'),
            Field::crop('crop', 'The crop'),
            Field::reference('variety', 'Variety', 'variety'),
            Field::integer('plants', 'Plants', '', 1, PlannedPlanting::MOST_PLANTS)->called('the number of plants'),
            Field::choice('purpose', 'For', Purpose::class)->called('what it is for'),
            Field::day('sow', 'Sow')->called('the day of sowing'),
            Field::day('plant_out', 'Plant out')->called('the day of planting out')->optional(),
            Field::day('first_bloom', 'First bloom')->called('the first bloom')->optional(),
            Field::day('last_bloom', 'Last bloom')->called('the last bloom')->optional(),
            Field::choice('cover', 'Kept apart by', Cover::class)->called('how it is kept apart')->optional(Cover::Open),
            Field::flag('flowers', 'May flower')->optional(true),
            Field::flag('mixing', 'Mixed on purpose'),
            Field::flag('lifted', 'Lifted for the winter'),
            Field::flag('out', 'Left out this year'),
            Field::number('allowed', 'Crossed seed put up with', '', 0.0001, 1)->called('the share of crossed seed put up with')->optional(),
            Field::number('seeds_wanted', 'Seeds wanted', '', 1, 100_000_000)->called('the seeds wanted')->optional(),
            Field::reference('lot', 'Seed from lot', 'lot')->optional(),
            Field::reference('planting', 'Sown as planting', 'planting')->optional(),
        );
    }

    /** Where it stands; a side that is not said is worked out from the plants. */
    public static function spot(): FieldList
    {
        $far = Ground::FARTHEST;

        return FieldList::of(
            Field::number('x', 'Where it begins, from the left', 'm', -$far, $far),
            Field::number('y', 'Where it begins, from the top', 'm', -$far, $far),
            Field::number('width', 'Its width', 'm', PlannedPlanting::SMALLEST_SIDE, $far)->optional(),
            Field::number('depth', 'Its depth', 'm', PlannedPlanting::SMALLEST_SIDE, $far)->optional(),
        );
    }

    /** @return list<Field> */
    private static function rectangle(float $least): array
    {
        $far = Ground::FARTHEST;

        return [
            Field::number('x', 'Where it begins, from the left', 'm', -$far, $far),
            Field::number('y', 'Where it begins, from the top', 'm', -$far, $far),
            Field::number('width', 'Its width', 'm', $least, $far),
            Field::number('depth', 'Its depth', 'm', $least, $far),
        ];
    }
}
