<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Drying\Balance;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;

final class WaterReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::oven(), self::targetMass(), self::now(), self::equilibrium($crops), self::seedRh($crops)];
    }

    private static function oven(): Reckoning
    {
        return new Reckoning(
            'moisture.oven',
            'How moist is my seed, by the oven?',
            [
                self::mass('dish', 'the empty dish'),
                self::mass('dish_wet', 'the dish with seed, before'),
                self::mass('dish_dry', 'the dish with seed, after'),
            ],
            [new Output('moisture', '% of wet mass', 'moisture')],
            'Wet loss over wet mass × 100 (ISTA low- or high-constant-temperature oven).',
            static fn (Values $in): array => [
                'moisture' => Moisture::oven($in->number('dish'), $in->number('dish_wet'), $in->number('dish_dry')),
            ],
            also: 'water content dry moist',
        );
    }

    private static function targetMass(): Reckoning
    {
        return new Reckoning(
            'moisture.target_mass',
            'What will it weigh when it is dry enough?',
            [
                self::mass('mass', 'what the seed weighs now'),
                self::moisture('moisture', 'moisture now'),
                self::moisture('target', 'moisture wanted'),
            ],
            [new Output('mass', 'g', 'mass at the moisture wanted')],
            'The dry matter stays the same: m(100 − M)/(100 − T).',
            static fn (Values $in): array => [
                'mass' => Moisture::targetMass($in->number('mass'), $in->number('moisture'), $in->number('target')),
            ],
            also: 'weight target grams scale dry',
        );
    }

    private static function now(): Reckoning
    {
        return new Reckoning(
            'moisture.now',
            'How moist is it now, by what it weighs?',
            [
                self::mass('start_mass', 'what the seed weighed at first'),
                self::moisture('start_moisture', 'its moisture then'),
                self::mass('mass', 'what it weighs now'),
            ],
            [new Output('moisture', '% of wet mass', 'moisture now')],
            'The dry matter stays the same: 100 − (100 − M₀)m₀/m.',
            static fn (Values $in): array => [
                'moisture' => Moisture::now($in->number('start_mass'), $in->number('start_moisture'), $in->number('mass')),
            ],
            also: 'weight loss water content dry enough scale',
        );
    }

    private static function equilibrium(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'moisture.equilibrium',
            'What moisture will seed settle to in this air?',
            [
                Field::share('rh', 'relative humidity of the air', Equilibrium::MIN_RH, Equilibrium::MAX_RH),
                self::temperature(),
                ...self::kindOfSeed(),
            ],
            [
                new Output('moisture', '% of wet mass', 'moisture it settles to'),
                new Output('moisture_dry_basis', '% of dry mass', 'the same, of dry mass'),
            ],
            'Cromarty, Ellis & Roberts 1982; for a crop times the ratio of what was measured to it (Harrington 1960, in Justice & Bass 1978): its own, its genus\'s, or the usual one of 22 vegetables.',
            static fn (Values $in): array => [
                'moisture' => self::balance($in, $crops)->moisture($in->number('rh'), $in->number('temperature')),
                'moisture_dry_basis' => self::balance($in, $crops)->dryBasis($in->number('rh'), $in->number('temperature')),
            ],
            [self::kindsOfSeed()],
            also: 'humidity balance water content room dry enough',
        );
    }

    private static function seedRh(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'moisture.seed_rh',
            'What humidity will a closed jar of this seed show?',
            [
                Field::number('moisture', 'moisture of the seed', '% of wet mass', 0.1, 40),
                self::temperature(),
                ...self::kindOfSeed(),
            ],
            [new Output('rh', 'share', 'relative humidity in the jar')],
            'The inverse of moisture.equilibrium.',
            static fn (Values $in): array => [
                'rh' => self::balance($in, $crops)->seedRh($in->number('moisture'), $in->number('temperature')),
            ],
            [self::kindsOfSeed()],
            also: 'hygrometer card reading dry enough mould mold jar',
        );
    }

    private static function mass(string $key, string $label): Field
    {
        return Field::number($key, $label, 'g', 0.001, 1_000_000);
    }

    private static function moisture(string $key, string $label): Field
    {
        return Field::number($key, $label, '% of wet mass', Moisture::MIN, Moisture::MAX);
    }

    private static function temperature(): Field
    {
        return Field::number('temperature', 'temperature', '°C', Equilibrium::MIN_TEMPERATURE, Equilibrium::MAX_TEMPERATURE);
    }

    /** @return list<Field> */
    private static function kindOfSeed(): array
    {
        return [
            Field::crop('crop', 'the crop')->optional(),
            Field::share('oil', 'oil, share of dry mass', 0.0, Equilibrium::MAX_OIL)->optional(),
        ];
    }

    private static function kindsOfSeed(): Alternatives
    {
        return new Alternatives('what seed it is', [
            new Way('a crop of the handbook', ['crop']),
            new Way('its oil alone', ['oil']),
        ]);
    }

    /** @throws \Marrow\Core\Fields\InvalidFigure when there is no such crop */
    public static function balance(Values $in, CropReference $crops): Balance
    {
        return $in->has('crop') ? $crops->get($in->text('crop'))->balance : Balance::ofOil($in->number('oil'));
    }
}
