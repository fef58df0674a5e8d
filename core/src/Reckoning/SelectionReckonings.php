<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;
use Marrow\Core\Selection\Roguing;
use Marrow\Core\Selection\SelectionIndex;

final class SelectionReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::index(), self::roguing()];
    }

    private static function roguing(): Reckoning
    {
        return new Reckoning(
            'roguing.plants',
            'How many plants must I look over to meet an off-type?',
            [
                Field::share('share', 'share of plants that are off-type', 0.0001, 1.0),
                Field::share('confidence', 'how sure to be of meeting one', 0.5, 0.999999)->optional(0.95),
            ],
            [new Output('plants', 'plants', 'plants to look over')],
            '⌈ln(1 − c)/ln(1 − p)⌉.',
            static fn (Values $in): array => ['plants' => Roguing::plants($in->number('share'), $in->number('confidence'))],
            also: 'rogue off-type stray inspect check variety true pure how many',
        );
    }

    private static function index(): Reckoning
    {
        return new Reckoning(
            'selection.index',
            'Which plants do I keep, going by several traits at once?',
            [
                Field::numbers('weights', 'how much each trait counts, negative where less is better', '', -1000, 1000),
                Field::numbers('heritabilities', 'heritability of each trait', '', 0, 1),
                Field::rows('scores', 'a row for each plant, a score for each trait', -1e9, 1e9),
                Field::integer('keep', 'plants to keep', 'plants', 1, SelectionIndex::MOST_PLANTS),
                Field::integers('culls', 'numbers of plants that are out: sick, off-type', '', 1, SelectionIndex::MOST_PLANTS)->optional(),
            ],
            [
                new Output('ranking', '', 'plants by number, best first'),
                new Output('differential', '', 'kept less all, for each trait'),
                new Output('response', '', 'gain expected next generation, for each trait'),
            ],
            'Standardised weighted sum; R = h²S; culls first.',
            static function (Values $in): array {
                $index = SelectionIndex::of(
                    $in->numbers('weights'),
                    $in->numbers('heritabilities'),
                    $in->rows('scores'),
                    $in->integer('keep'),
                    $in->has('culls') ? $in->integers('culls') : [],
                );

                return ['ranking' => $index->ranking, 'differential' => $index->differential, 'response' => $index->response];
            },
            also: 'select best score rank keep heritability',
        );
    }
}
