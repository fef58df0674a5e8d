<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Cleaning\Purity;
use Marrow\Core\Cleaning\SeedMass;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;

final class CleaningReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::fermentWindow(), self::seedMass(), self::purity()];
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
