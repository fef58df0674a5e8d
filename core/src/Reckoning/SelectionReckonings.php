<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;
use Marrow\Core\Selection\SelectionIndex;

final class SelectionReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::index()];
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
