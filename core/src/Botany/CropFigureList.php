<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;

/** The figures of a crop that a keeper may know better for the own garden, by their path in the crop's file. */
final class CropFigureList
{
    /** @var array<string, Field>|null */
    private static ?array $all = null;

    /** @return array<string, Field> by path: label, unit and bounds, for the file and for the keeper alike */
    public static function all(): array
    {
        return self::$all ??= self::byPath(...[
            Field::number('isolation.home', 'apart, for a home gardener', 'm', 0, 10_000),
            Field::number('isolation.careful', 'apart, for seed that is passed on', 'm', 1, 10_000),
            Field::number('isolation.grower', 'apart, for a seed grower', 'm', 1, 20_000),
            Field::share('breeding.adjacent_share', 'crossed seed with another variety beside it'),
            Field::integer('parents.bare', 'plants, the bare minimum', 'plants', 1, 10_000),
            Field::integer('parents.variety', 'plants to keep a variety', 'plants', 1, 10_000),
            Field::integer('parents.landrace', 'plants to keep a mixed population', 'plants', 1, 100_000),
            Field::number('growing.spacing', 'between seed plants', 'm', 0.01, 20),
            ...self::sowings(),
            Field::integer('growing.bloom_days.0', 'blooms for, at the least', 'days', 1, 365),
            Field::integer('growing.bloom_days.1', 'blooms for, at the most', 'days', 1, 365),
            Field::integer('growing.bloom_to_ripe.0', 'from flower to ripe seed, at the soonest', 'days', 5, 400),
            Field::integer('growing.bloom_to_ripe.1', 'from flower to ripe seed, at the latest', 'days', 5, 400),
            Field::integer('ripening.rest_days.0', 'rests before cleaning, at the least', 'days', 0, 400),
            Field::integer('ripening.rest_days.1', 'rests before cleaning, at the most', 'days', 0, 400),
            Field::number('drying.jar_moisture', 'moisture at which it may be closed in', '%', 3, 15),
            Field::number('drying.least_moisture', 'harmed when drier than', '%', 2, 12),
            Field::number('drying.max_temperature', 'dried at no more than', '°C', 20, 45),
            Field::number('seed.tsm.0', '1000 seeds weigh, at the least', 'g', 0.001, 500_000),
            Field::number('seed.tsm.1', '1000 seeds weigh, at the most', 'g', 0.001, 500_000),
            Field::number('seed.width.0', 'seeds are broad, at the least', 'mm', 0.1, 150),
            Field::number('seed.width.1', 'seeds are broad, at the most', 'mm', 0.1, 150),
            Field::integer('seed.per_plant.0', 'seeds of a plant, at the least', 'seeds', 0, 10_000_000),
            Field::integer('seed.per_plant.1', 'seeds of a plant, at the most', 'seeds', 0, 10_000_000),
            Field::share('seed.oil', 'oil, of dry mass', 0, 0.7),
            Field::number('storage.ordinary_years', 'good in a house cupboard for', 'years', 0.05, 50),
            Field::number('germination.temperature.0', 'tested at, night', '°C', 0, 35),
            Field::number('germination.temperature.1', 'tested at, day', '°C', 0, 35),
            Field::integer('germination.first_count', 'first count of a test', 'day', 1, 120),
            Field::integer('germination.last_count', 'last count of a test', 'day', 1, 200),
            Field::share('germination.minimum', 'least share worth passing on', 0.1, 0.95),
        ]);
    }

    /** The unit of a point of the year, 6.5 in the middle of June: in the file it is the handbook's year, for the keeper that of the garden. */
    public const MONTH = 'month';

    /** @return list<Field> those of each sowing; a crop has the days or goes by the calendar */
    private static function sowings(): array
    {
        $fields = [];
        foreach (['', 'second sowing: ', 'third sowing: '] as $i => $which) {
            array_push(
                $fields,
                Field::integer("growing.sowings.$i.days.0", $which.'from sowing to bloom, at the soonest', 'days', 10, 250),
                Field::integer("growing.sowings.$i.days.1", $which.'from sowing to bloom, at the latest', 'days', 10, 250),
                Field::number("growing.sowings.$i.bloom.0", $which.'first flowers (6.5 is the middle of June)', self::MONTH, 1, 13),
                Field::number("growing.sowings.$i.bloom.1", $which.'last flowers', self::MONTH, 1, 13),
            );
        }

        return $fields;
    }

    public static function field(string $path): Field
    {
        return self::all()[$path] ?? throw new \LogicException("No figure of a crop is called $path.");
    }

    /** Whether the file holds a share that people read in per cent; moisture is kept in per cent itself. */
    public static function isShare(string $path): bool
    {
        return self::field($path)->type === FieldType::Share;
    }

    /**
     * A crop's content with one figure in place of its own.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    public static function put(array $data, string $path, float|int $value): array
    {
        $steps = explode('.', $path);
        $part = &$data;
        foreach (array_slice($steps, 0, -1) as $step) {
            if (! is_array($part[$step] ?? null)) {
                $part[$step] = [];
            }
            $part = &$part[$step];
        }
        $part[$steps[count($steps) - 1]] = $value;

        return $data;
    }

    /** @param  array<array-key, mixed>  $data */
    public static function take(array $data, string $path): float|int|null
    {
        $value = $data;
        foreach (explode('.', $path) as $step) {
            if (! is_array($value) || ! array_key_exists($step, $value)) {
                return null;
            }
            $value = $value[$step];
        }

        return is_int($value) || is_float($value) ? $value : null;
    }

    /** @return array<string, Field> */
    private static function byPath(Field ...$fields): array
    {
        $byPath = [];
        foreach ($fields as $field) {
            $byPath[$field->key] = $field;
        }

        return $byPath;
    }
}
