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
use Marrow\Core\Journal\Subject;

/** What is asked of each part of a season's plan. */
final class PlanFields
{
    private const NAME = 80;

    /** @var array<string, FieldList> once made: a plan of hundreds of plantings is read by one list */
    private static array $made = [];

    /** @return array<string, FieldList> what is asked of each part of a plan, by its name; a planting has a spot besides */
    public static function parts(): array
    {
        return [
            'ground' => self::ground(),
            'isolation' => self::isolation(),
            'beds' => self::bed(),
            'barriers' => self::barrier(),
            'sources' => self::source(),
            'plantings' => self::planting(),
        ];
    }

    public static function plan(): FieldList
    {
        return self::$made['plan'] ??= FieldList::of(Field::integer('year', 'the year', '', 1900, 2200), Field::integer('form', 'the form of the document', '', 0, 1000)->optional(0)->unasked());
    }

    public static function ground(): FieldList
    {
        return self::$made['ground'] ??= FieldList::of(
            Field::number('width', 'Width', 'm', 1, 2000)->called('the width of the garden'),
            Field::number('depth', 'Depth', 'm', 1, 2000)->called('the depth of the garden'),
            Field::integer('north', 'North, from the top', '°', 0, 359)->called('the direction of north'),
            Field::integer('wind', 'Wind comes from', '°', 0, 359)->called('the direction of the wind'),
            Field::yearDay('last_frost', 'Last frost')->called('the last frost in spring')->hint('Where frost comes rarely or never, nothing goes by it'),
            Field::yearDay('first_frost', 'First frost')->called('the first frost in autumn'),
        );
    }

    public static function isolation(): FieldList
    {
        return self::$made['isolation'] ??= FieldList::of(
            Field::choice('standard', 'Distances of', IsolationStandard::class)->called('how strictly')->optional(IsolationStandard::Careful),
            Field::choice('climate', 'Climate', Climate::class)->called('the climate')->optional(Climate::Temperate),
            Field::share('allowed', 'Crossed seed put up with', 0.0001)->called('the share of crossed seed put up with')->optional(IsolationSetting::ALLOWED),
            Field::share('behind_barrier', 'Pollen past a hedge')->called('what gets past a hedge')->optional(CrossShare::BEHIND_BARRIER),
        );
    }

    public static function bed(): FieldList
    {
        return self::$made['bed'] ??= FieldList::of(Field::id('id', 'the id'), Field::text('name', 'Name', self::NAME)->called('the name of the bed'), ...self::rectangle(0.1, 4, 1.2));
    }

    public static function barrier(): FieldList
    {
        $corner = static fn (string $key, string $label): Field => Field::number($key, $label, 'm', -Ground::FARTHEST, Ground::FARTHEST);

        return self::$made['barrier'] ??= FieldList::of(
            Field::id('id', 'the id'),
            Field::text('name', 'Name', self::NAME)->called('its name')->optional(''),
            Field::choice('kind', 'What it is', Barrier::class)->without(Barrier::None)->called('a hedge or a building')->usually(Barrier::Hedge->value),
            $corner('x1', 'From, left'),
            $corner('y1', 'From, top'),
            $corner('x2', 'To, left'),
            $corner('y2', 'To, top'),
        );
    }

    public static function source(): FieldList
    {
        return self::$made['source'] ??= FieldList::of(
            Field::id('id', 'the id'),
            Field::text('name', 'What or whose', self::NAME),
            Field::crop('crop', 'The crop'),
            ...self::rectangle(0, 0, 0),
            ...[
                Field::integer('plants', 'Plants', '', 1, 1_000_000)->called('the number of plants'),
                Field::day('first_bloom', 'First bloom')->optional(),
                Field::day('last_bloom', 'Last bloom')->optional(),
            ],
        );
    }

    public static function planting(): FieldList
    {
        return self::$made['planting'] ??= FieldList::of(
            Field::id('id', 'the id'),
            Field::crop('crop', 'The crop'),
            Field::reference('variety', 'Variety', 'variety'),
            Field::integer('plants', 'Plants', '', 1, PlannedPlanting::MOST_PLANTS)->called('the number of plants'),
            Field::choice('purpose', 'Grown for', Purpose::class)->called('what it is for')->usually(Purpose::Seed->value),
            Field::day('sow', 'Sown')->called('the day of sowing'),
            Field::day('plant_out', 'Planted out')->called('the day of planting out')->optional()->hint('Empty if sown where it stands'),
            Field::day('first_bloom', 'First bloom, as seen')->called('the first bloom')->optional(),
            Field::day('last_bloom', 'Last bloom, as seen')->called('the last bloom')->optional(),
            Field::choice('cover', 'Kept apart by', Cover::class)->called('how it is kept apart')->optional(Cover::Open),
            Field::share('allowed', 'Crossed seed put up with', 0.0001)->called('the share of crossed seed put up with')->optional()->hint('As for the whole garden if left empty'),
            Field::number('seeds_wanted', 'Seeds wanted', '', 1, 100_000_000)->called('the seeds wanted')->optional(),
            Field::reference('lot', 'Seed from lot', Subject::Lot)->optional(),
            Field::reference('planting', 'Sown as planting', Subject::Planting)->optional()->hint('Left empty, the one of its variety that was sown about then'),
            Field::flag('flowers', 'It will or may flower')->optional(true),
            Field::flag('mixing', 'Mixed on purpose: crossing is welcome'),
            Field::flag('lifted', 'Lifted for the winter and replanted'),
            Field::flag('out', 'Left out this year'),
        );
    }

    /** Where it stands; a side that is not said is worked out from the plants. */
    public static function spot(): FieldList
    {
        $far = Ground::FARTHEST;

        return self::$made['spot'] ??= FieldList::of(
            Field::number('x', 'From the left', 'm', -$far, $far)->called('where it begins, from the left')->usually(0.5),
            Field::number('y', 'From the top', 'm', -$far, $far)->called('where it begins, from the top')->usually(0.5),
            Field::number('width', 'Wide', 'm', PlannedPlanting::SMALLEST_SIDE, $far)->called('its width')->optional()->hint('Empty: what the plants need'),
            Field::number('depth', 'Deep', 'm', PlannedPlanting::SMALLEST_SIDE, $far)->called('its depth')->optional()->hint('One spacing for a single row'),
        );
    }

    /** @return list<Field> */
    private static function rectangle(float $least, float $width, float $depth): array
    {
        $far = Ground::FARTHEST;

        return [
            Field::number('x', 'From the left', 'm', -$far, $far)->called('where it begins, from the left')->usually(0),
            Field::number('y', 'From the top', 'm', -$far, $far)->called('where it begins, from the top')->usually(0),
            Field::number('width', 'Wide', 'm', $least, $far)->called('its width')->usually($width),
            Field::number('depth', 'Deep', 'm', $least, $far)->called('its depth')->usually($depth),
        ];
    }
}
