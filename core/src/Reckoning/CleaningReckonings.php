<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Cleaning\MeasuredSeed;
use Marrow\Core\Cleaning\PickOver;
use Marrow\Core\Cleaning\Purity;
use Marrow\Core\Cleaning\Screens;
use Marrow\Core\Cleaning\SeedMass;
use Marrow\Core\Cleaning\Sieve;
use Marrow\Core\Cleaning\SieveShape;
use Marrow\Core\Cleaning\Soak;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Values;
use Marrow\Core\Germination\TestSize;

final class CleaningReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::fermentWindow(), self::soak($crops), self::screens($crops), self::pickOver(), self::seedMass(), self::purity()];
    }

    private static function soak(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'cleaning.soak',
            'How long may this seed lie in water?',
            [
                Field::crop('crop', 'the crop'),
                Field::number('temperature', 'temperature of the water', '°C', Soak::MIN_TEMPERATURE, Soak::MAX_TEMPERATURE),
            ],
            [new Output('hours', 'h', 'in water at the most')],
            'Rule of thumb: the crop’s limit at 20 °C, halved per 10 °C rise, doubled per 10 °C fall, and never beyond 24 h.',
            static function (Values $in) use ($crops): array {
                $crop = $crops->get($in->text('crop'));

                return ['hours' => Soak::hours($crop->cleaning->soakHours ?? throw InvalidFigure::because('crop', sprintf('%s is not cleaned in water.', $crop->name)), $in->number('temperature'))];
            },
            also: 'squash pumpkin pepper overnight sprout water rinse',
        );
    }

    private static function screens(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'cleaning.screens',
            'Which screens for this seed?',
            [
                Field::crop('crop', 'the crop')->optional(),
                Field::numbers('breadths', 'how broad seeds of a sample are', 'mm', 0.1, 60)->optional(),
                Field::numbers('thicknesses', 'how thick they are', 'mm', 0.1, 60)->optional(),
                Field::numbers('set', 'round holes there are at hand', 'mm', 0.1, 100)->optional(),
            ],
            [
                new Output('through', 'mm', 'round holes that all the seed falls through'),
                new Output('holding', 'mm', 'round holes that hold all of it'),
                new Output('through_inch', '', 'the same, in sixty-fourths of an inch'),
                new Output('holding_inch', '', 'the same, in sixty-fourths of an inch'),
                new Output('slot_through', 'mm', 'slots that all the seed falls through'),
                new Output('slot_holding', 'mm', 'slots that hold all of it'),
                new Output('set_through', 'mm', 'the nearest at hand'),
                new Output('set_holding', 'mm', 'the nearest at hand'),
                new Output('lost_through', 'share', 'of the seed that was measured held back with the pods'),
                new Output('lost_holding', 'share', 'of the seed that was measured lost with the dust'),
            ],
            'Seven in a hundred to spare either way, then the nearest common hole. Round holes sort by breadth, slots by thickness. Of a sample the least and the greatest; from 40 seeds on those at the outer 2.5 % of either end.',
            static function (Values $in) use ($crops): array {
                $breadths = $in->has('breadths') ? MeasuredSeed::of($in->numbers('breadths')) : null;
                $look = $breadths === null ? $crops->get($in->text('crop'))->look : null;
                $screens = match (true) {
                    $breadths !== null => Screens::forSeed($breadths->narrowest, $breadths->broadest),
                    $look !== null => Screens::forSeed(...$look->width),
                    default => throw InvalidFigure::because('crop', 'How broad its seed is, is not known: measure a sample.'),
                };
                $thick = $in->has('thicknesses') ? MeasuredSeed::of($in->numbers('thicknesses'), 'thicknesses') : null;
                $slots = match (true) {
                    $thick !== null => Screens::forSeed($thick->narrowest, $thick->broadest),
                    $look?->thickness !== null => Screens::forSeed(...$look->thickness),
                    default => null,
                };
                $holes = $in->has('set') ? array_map(static fn (float $hole): Sieve => Sieve::of(SieveShape::Round, $hole), $in->numbers('set')) : [];
                [$through, $holding] = $holes === [] ? [null, null] : array_map(static fn (Sieve $sieve): float => $sieve->width, $screens->among($holes));

                return [
                    'through' => $screens->through,
                    'holding' => $screens->holding,
                    'through_inch' => $screens->throughInch(),
                    'holding_inch' => $screens->holdingInch(),
                    'slot_through' => $slots?->through,
                    'slot_holding' => $slots?->holding,
                    'set_through' => $through,
                    'set_holding' => $holding,
                    'lost_through' => $breadths === null ? null : 1.0 - $breadths->through($through ?? $screens->through),
                    'lost_holding' => $breadths === null ? null : $breadths->through($holding ?? $screens->holding),
                ];
            },
            [new Alternatives('The seed', [new Way('by its crop', ['crop']), new Way('measured', ['breadths'])])],
            'sieve mesh holes slots chaff winnow inch size',
        );
    }

    private static function pickOver(): Reckoning
    {
        return new Reckoning(
            'cleaning.pick_over',
            'How much of it is flat, holed or broken, and is picking it over worth it?',
            [
                Field::integer('looked', 'seeds that were looked at', 'seeds', 1, 1_000_000),
                Field::integer('bad', 'of them flat, holed, broken or stained', 'seeds', 0, 1_000_000),
                Field::share('half_width', 'how far out the answer may be either way', 0.001, 0.5)->optional(),
                Field::share('confidence', 'how sure to be of that', 0.5, 0.9999)->optional(0.95),
            ],
            [
                new Output('share', 'share', 'of the seed is bad'),
                new Output('low', 'share', 'at the least'),
                new Output('high', 'share', 'at the most'),
                new Output('look_at', 'seeds', 'to look at for an answer as narrow as asked'),
            ],
            'Wilson’s interval (Wilson 1927); the smallest number whose interval at that share is no wider than asked.',
            static function (Values $in): array {
                $over = PickOver::of($in->integer('looked'), $in->integer('bad'), $in->number('confidence'));

                return [
                    'share' => $over->share,
                    'low' => $over->low,
                    'high' => $over->high,
                    'look_at' => $in->has('half_width') ? TestSize::of($over->share, $in->number('half_width'), $in->number('confidence')) : null,
                ];
            },
            also: 'weevil hollow empty broken stained sort by hand sample',
        );
    }

    private static function fermentWindow(): Reckoning
    {
        return new Reckoning(
            'ferment.window',
            'When may I pour off my ferment?',
            [Field::number('temperature', 'temperature of the room', '°C', FermentWindow::MIN_TEMPERATURE, FermentWindow::MAX_TEMPERATURE)],
            [
                new Output('earliest_hours', 'h', 'look from'),
                new Output('typical_hours', 'h', 'usually ready at'),
                new Output('latest_hours', 'h', 'poured off by'),
            ],
            'Rule of thumb: about 72 h at 21 °C, halved per 10 °C rise, doubled per 10 °C fall, within 24 to 168 h; from two thirds to twice that time.',
            static function (Values $in): array {
                $window = FermentWindow::at($in->number('temperature'));

                return [
                    'earliest_hours' => $window->earliestHours,
                    'typical_hours' => $window->typicalHours,
                    'latest_hours' => $window->latestHours,
                ];
            },
            also: 'tomato cucumber gel mould ferment days',
        );
    }

    private static function seedMass(): Reckoning
    {
        return new Reckoning(
            'seed.mass',
            'What do a thousand seeds weigh, and how many have I?',
            [
                Field::integer('counted', 'seeds in each sample', 'seeds', 1, 100_000),
                Field::numbers('masses', 'what each sample weighs', 'g', 0.0001, 100_000),
                Field::number('mass', 'what the whole lot weighs', 'g', 0.001, 1_000_000)->optional(),
            ],
            [
                new Output('tsm', 'g', 'thousand-seed mass'),
                new Output('cv', '%', 'variation between the samples'),
                new Output('seeds', 'seeds', 'seeds in the lot'),
            ],
            'Mean × 1000/counted. Samples that vary by more than 4 % (6 % for chaffy seed) want weighing again (ISTA, 8 × 100 method).',
            static function (Values $in): array {
                $seedMass = SeedMass::of($in->integer('counted'), $in->numbers('masses'));

                return [
                    'tsm' => $seedMass->tsm,
                    'cv' => $seedMass->cv,
                    'seeds' => $in->has('mass') ? $seedMass->seedsIn($in->number('mass')) : null,
                ];
            },
            also: 'thousand seed weight TSM TKW count number grams',
        );
    }

    private static function purity(): Reckoning
    {
        return new Reckoning(
            'seed.purity',
            'How clean is this lot, and how much of it will grow?',
            [
                Field::number('pure', 'seed of the crop', 'g', 0, 1_000_000),
                Field::number('inert', 'chaff, soil and broken bits', 'g', 0, 1_000_000),
                Field::number('other', 'other seed', 'g', 0, 1_000_000),
                Field::share('germination', 'share that germinates')->optional(),
            ],
            [
                new Output('purity', 'share', 'by mass, seed of the crop'),
                new Output('pure_live', 'share', 'by mass, seed that will grow'),
            ],
            'By mass; pure live seed is purity × germination.',
            static function (Values $in): array {
                $purity = Purity::of($in->number('pure'), $in->number('inert'), $in->number('other'));

                return [
                    'purity' => $purity->share,
                    'pure_live' => $in->has('germination') ? $purity->pureLive($in->number('germination')) : null,
                ];
            },
            also: 'chaff clean pure live weed',
        );
    }
}
