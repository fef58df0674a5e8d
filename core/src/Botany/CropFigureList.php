<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** The figures of a crop that a keeper may know better for the own garden, by their path in the crop's file. */
final class CropFigureList
{
    /** @return array<string, array{string, string}> path => label, unit */
    public static function all(): array
    {
        return [
            'isolation.home' => ['apart, for a home gardener', 'm'],
            'isolation.careful' => ['apart, for seed that is passed on', 'm'],
            'isolation.grower' => ['apart, for a seed grower', 'm'],
            'breeding.adjacent_share' => ['crossed seed with another variety beside it', '%'],
            'parents.bare' => ['plants, the bare minimum', 'plants'],
            'parents.variety' => ['plants to keep a variety', 'plants'],
            'parents.landrace' => ['plants to keep a mixed population', 'plants'],
            'growing.spacing' => ['between seed plants', 'm'],
            'growing.sowing_to_bloom.0' => ['from sowing to bloom, at the soonest', 'days'],
            'growing.sowing_to_bloom.1' => ['from sowing to bloom, at the latest', 'days'],
            'growing.bloom_days.0' => ['blooms for, at the least', 'days'],
            'growing.bloom_days.1' => ['blooms for, at the most', 'days'],
            'growing.bloom_to_ripe.0' => ['from flower to ripe seed, at the soonest', 'days'],
            'growing.bloom_to_ripe.1' => ['from flower to ripe seed, at the latest', 'days'],
            'ripening.rest_days.0' => ['rests before cleaning, at the least', 'days'],
            'ripening.rest_days.1' => ['rests before cleaning, at the most', 'days'],
            'drying.jar_moisture' => ['moisture at which it may be closed in', '%'],
            'drying.max_temperature' => ['dried at no more than', '°C'],
            'seed.tsm.0' => ['1000 seeds weigh, at the least', 'g'],
            'seed.tsm.1' => ['1000 seeds weigh, at the most', 'g'],
            'seed.width.0' => ['seeds are broad, at the least', 'mm'],
            'seed.width.1' => ['seeds are broad, at the most', 'mm'],
            'seed.per_plant.0' => ['seeds of a plant, at the least', 'seeds'],
            'seed.per_plant.1' => ['seeds of a plant, at the most', 'seeds'],
            'seed.oil' => ['oil, of dry mass', '%'],
            'storage.ordinary_years' => ['good in a house cupboard for', 'years'],
            'germination.temperature.0' => ['tested at, night', '°C'],
            'germination.temperature.1' => ['tested at, day', '°C'],
            'germination.first_count' => ['first count of a test', 'day'],
            'germination.last_count' => ['last count of a test', 'day'],
            'germination.minimum' => ['least share worth passing on', '%'],
        ];
    }

    /** Whether the file holds a share that people read in per cent; moisture is kept in per cent itself. */
    public static function isShare(string $path): bool
    {
        return in_array($path, ['breeding.adjacent_share', 'seed.oil', 'germination.minimum'], true);
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
}
