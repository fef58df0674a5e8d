<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Sowing\SeedsPerCell;

final class SowingReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::seeds(), self::cell()];
    }

    private static function seeds(): Reckoning
    {
        return new Reckoning(
            'sowing.seeds',
            'How many seeds must I sow to get the plants I want?',
            [
                Field::integer('plants', 'plants wanted', 'plants', 1, 1_000_000),
                Field::share('rate', 'share that germinates', 0.000_01)->optional(),
                Field::integer('germinated', 'normal seedlings in the test', 'seeds', 0, 1_000_000)->optional(),
                Field::integer('sown', 'seeds in the test', 'seeds', 1, 1_000_000)->optional(),
                Field::share('confidence', 'how sure to be of enough plants', 0.5, 0.9999)->optional(0.95),
                Field::share('field_factor', 'share of seedlings that make a plant outdoors', 0.01)->optional(1.0),
            ],
            [new Output('seeds', 'seeds', 'seeds to sow')],
            'Smallest number with enough plants as surely as asked: binomial from a share, beta-binomial of the Jeffreys posterior from a test.',
            static function (Values $in): array {
                if (! $in->has('sown')) {
                    return ['seeds' => SeedsNeeded::fromRate(
                        $in->integer('plants'),
                        $in->number('rate'),
                        $in->number('confidence'),
                        $in->number('field_factor'),
                    )];
                }
                $test = GerminationShare::of($in->integer('germinated'), $in->integer('sown'));

                return ['seeds' => SeedsNeeded::fromTest($in->integer('plants'), $test, $in->number('confidence'))];
            },
            [new Alternatives('what is known of the seed', [
                new Way('its share', ['rate', 'field_factor']),
                new Way('a test of it', ['germinated', 'sown']),
            ])],
            also: 'thickly enough packet how much sowing rate',
        );
    }

    private static function cell(): Reckoning
    {
        return new Reckoning(
            'sowing.cell',
            'How many seeds to a module or station?',
            [
                Field::share('rate', 'share that germinates', 0.001),
                Field::share('max_empty', 'share of cells that may stay empty', 0.0001, 0.9),
            ],
            [new Output('seeds_per_cell', 'seeds', 'seeds to a cell')],
            '⌈ln max_empty / ln(1 − rate)⌉.',
            static fn (Values $in): array => [
                'seeds_per_cell' => SeedsPerCell::of($in->number('rate'), $in->number('max_empty')),
            ],
            also: 'plug pot tray hole multi',
        );
    }
}
