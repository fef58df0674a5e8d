<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;
use Marrow\Core\Selection\LineTrueness;
use Marrow\Core\Selection\Roguing;
use Marrow\Core\Selection\SelectionIndex;
use Marrow\Core\Selection\SelectionTradeoff;
use Marrow\Core\Selection\TasteAgreement;

final class SelectionReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::index(), self::tradeoff(), self::roguing(), self::trueness(), self::tasting()];
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

    private static function trueness(): Reckoning
    {
        return new Reckoning(
            'line.trueness',
            'How true is this line, by what I know of it?',
            [
                Field::share('parent_share', 'share of the parents that were off-type')->optional(),
                Field::share('cross_share', 'share of the seed that strange pollen can have fathered')->optional(),
                Field::share('outcrosses', 'share that the crop outcrosses where nothing is done')->optional(),
                Field::integer('seen', 'plants looked over', 'plants', 0, 1_000_000)->optional(0),
                Field::integer('off', 'off-types among them', 'plants', 0, 1_000_000)->optional(0),
                Field::number('weight', 'what the reckoned share weighs, as plants looked over', 'plants', 1, 1000)->optional(LineTrueness::WEIGHT),
            ],
            [
                new Output('word', '', 'in a word'),
                new Output('share', 'share', 'of its plants not of it'),
                new Output('low', 'share', 'at the least'),
                new Output('high', 'share', 'at the most'),
            ],
            'Beta prior of mean 1 − (1 − parents)(1 − crossed), updated by the plants looked over; Jeffreys’ where one is not known; 5 and 95 % points.',
            static function (Values $in): array {
                $share = static fn (string $key): ?float => $in->has($key) ? $in->number($key) : null;
                $line = LineTrueness::of($share('parent_share'), $share('cross_share'), $in->integer('off'), $in->integer('seen'), $share('outcrosses'), $in->number('weight'));

                return ['word' => $line->word->value, 'share' => $line->share, 'low' => $line->band?->low, 'high' => $line->band?->high];
            },
            also: 'pure true to type crossed off-types clean doubtful grow-out trust',
        );
    }

    private static function tradeoff(): Reckoning
    {
        return new Reckoning(
            'selection.tradeoff',
            'Choose hard, or keep many: what does each cost?',
            [
                ...self::chosenBy(),
                Field::integers('keep', 'numbers of plants that might be kept', 'plants', 1, SelectionIndex::MOST_PLANTS),
            ],
            [
                new Output('response', 'standard deviations', 'gain expected next generation, over all traits'),
                new Output('ne', 'plants', 'effective number of parents'),
                new Output('kept', 'share', 'chance that a form of one gene in twenty is kept'),
            ],
            'R = h²S for each number kept; Nₑ of equal parents; 1 − 0.95^(2k).',
            static function (Values $in): array {
                $each = SelectionTradeoff::each($in->numbers('weights'), $in->numbers('heritabilities'), $in->rows('scores'), $in->integers('keep'));

                return [
                    'response' => array_map(static fn (SelectionTradeoff $one): float => $one->response, $each),
                    'ne' => array_map(static fn (SelectionTradeoff $one): float => $one->ne, $each),
                    'kept' => array_map(static fn (SelectionTradeoff $one): float => $one->rareKept, $each),
                ];
            },
            also: 'select diversity inbreeding few many best balance',
        );
    }

    /** @return list<Field> what plants are chosen by */
    private static function chosenBy(): array
    {
        return [
            Field::numbers('weights', 'how much each trait counts, negative where less is better', '', -1000, 1000),
            Field::numbers('heritabilities', 'heritability of each trait', '', 0, 1),
            Field::rows('scores', 'a row for each plant, a score for each trait', -1e9, 1e9),
        ];
    }

    private static function index(): Reckoning
    {
        return new Reckoning(
            'selection.index',
            'Which plants do I keep, going by several traits at once?',
            [
                ...self::chosenBy(),
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

    private static function tasting(): Reckoning
    {
        return new Reckoning(
            'taste.agreement',
            'We tasted blind: do we agree on which is better, and what could such a tasting show?',
            [
                Field::rows('scores', 'a row for each taster, a score for each sample', -1e6, 1e6)->optional(),
                Field::integer('tasters', 'tasters', 'tasters', 2, TasteAgreement::MOST_TASTERS)->optional(),
                Field::integer('samples', 'samples', 'samples', 2, TasteAgreement::MOST_SAMPLES)->optional(),
            ],
            [
                new Output('ranks', '', 'mean rank of each sample, the best the highest'),
                new Output('w', '', 'agreement, from 0 to 1'),
                new Output('chi_square', '', 'χ² of the ranks'),
                new Output('p', 'share', 'chance of as much agreement where nobody tastes a difference'),
                new Output('exact', '', 'whether that is exact'),
                new Output('least_p', 'share', 'the least that such a tasting could show'),
            ],
            'Friedman (1937) on mid-ranks within tasters; Kendall’s W = χ²/(m(k − 1)), corrected for ties. Exact over all (k!)^(m − 1) arrangements while these are at most 200,000; else by χ², which is rough.',
            static function (Values $in): array {
                if (! $in->has('scores')) {
                    return ['ranks' => null, 'w' => null, 'chi_square' => null, 'p' => null, 'exact' => null, 'least_p' => TasteAgreement::leastP($in->integer('tasters'), $in->integer('samples'))];
                }
                $taste = TasteAgreement::of($in->rows('scores'));

                return ['ranks' => $taste->ranks, 'w' => $taste->w, 'chi_square' => $taste->chiSquare, 'p' => $taste->p, 'exact' => $taste->isExact, 'least_p' => $taste->leastP];
            },
            [new Alternatives('whether it was held', [new Way('it was', ['scores']), new Way('it is to be', ['tasters', 'samples'])])],
            also: 'tasting blind taste flavour score friedman kendall tasters panel',
        );
    }
}
