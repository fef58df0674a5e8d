<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Germination\Comparison;
use Marrow\Core\Germination\EarlyStop;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\GerminationSpeed;
use Marrow\Core\Germination\GroupComparison;
use Marrow\Core\Germination\Outlook;
use Marrow\Core\Germination\Power;
use Marrow\Core\Germination\ReplicateAgreement;
use Marrow\Core\Germination\SmallTest;
use Marrow\Core\Germination\TestSize;
use Marrow\Core\Statistics\Interval;

final class GerminationReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::rate(), self::replicates(), self::compare(), self::speed(), self::testSize(), self::small(), self::outlook(), self::stop($crops), self::power()];
    }

    private static function rate(): Reckoning
    {
        return new Reckoning(
            'germination.rate',
            'What does my germination test say about the whole lot?',
            [
                Field::integer('germinated', 'normal seedlings', 'seeds', 0, 1_000_000),
                Field::integer('sown', 'seeds set to germinate', 'seeds', 1, 1_000_000),
                Field::share('confidence', 'how sure the interval is to hold the true share', 0.5, 0.9999)->optional(0.95),
            ],
            [
                new Output('rate', 'share', 'share that germinated'),
                new Output('low', 'share', 'lower limit'),
                new Output('high', 'share', 'upper limit'),
            ],
            'Wilson score interval (Wilson 1927).',
            static function (Values $in): array {
                $share = GerminationShare::of($in->integer('germinated'), $in->integer('sown'));
                $interval = $share->interval($in->number('confidence'));

                return ['rate' => $share->rate(), 'low' => $interval->low, 'high' => $interval->high];
            },
            also: 'rate percent percentage good viable confidence interval how sure',
        );
    }

    private static function replicates(): Reckoning
    {
        return new Reckoning(
            'germination.replicates',
            'Do my dishes or rolls agree with one another?',
            [
                Field::integers('germinated', 'normal seedlings in each replicate', 'seeds', 0, 1_000_000),
                Field::integer('sown', 'seeds in each replicate', 'seeds', 1, 1_000_000),
            ],
            [
                new Output('rate', 'share', 'share that germinated, over all'),
                new Output('chi_square', '', 'χ² of the differences'),
                new Output('p', 'share', 'chance of differences at least as large'),
                new Output('agree', '', 'whether the replicates agree'),
            ],
            'χ² test of homogeneity, df = replicates − 1; they agree when p ≥ 0.025.',
            static function (Values $in): array {
                $agreement = ReplicateAgreement::of($in->integers('germinated'), $in->integer('sown'));

                return [
                    'rate' => $agreement->rate,
                    'chi_square' => $agreement->chiSquare,
                    'p' => $agreement->p,
                    'agree' => $agreement->agree,
                ];
            },
            also: 'repeat dish towel tray uneven chi square',
        );
    }

    private static function speed(): Reckoning
    {
        return new Reckoning(
            'germination.speed',
            'How fast did it come up?',
            [
                Field::numbers('days', 'day of each count', 'days', 0, 3650),
                Field::integers('counts', 'seedlings new at each count', 'seedlings', 0, 1_000_000),
            ],
            [
                new Output('total', 'seedlings', 'germinated in all'),
                new Output('mean_days', 'days', 'mean time to germinate'),
                new Output('t50', 'days', 'half had come up by'),
                new Output('index', 'seedlings per day', 'speed index'),
            ],
            'Mean time Σnt/Σn; T50 by linear interpolation (Farooq et al. 2005); index Σn/t (AOSA).',
            static function (Values $in): array {
                $speed = GerminationSpeed::of($in->numbers('days'), $in->integers('counts'));

                return [
                    'total' => $speed->total,
                    'mean_days' => $speed->meanDays,
                    't50' => $speed->t50,
                    'index' => $speed->index,
                ];
            },
            also: 'slow vigour vigor days t50 age',
        );
    }

    private static function compare(): Reckoning
    {
        $tested = static fn (string $which, string $of): array => [
            Field::integer($which.'_germinated', "normal seedlings of the $of", 'seeds', 0, 1_000_000)->optional(),
            Field::integer($which.'_sown', "seeds of the $of", 'seeds', 1, 1_000_000)->optional(),
        ];

        return new Reckoning(
            'germination.compare',
            'Do these tests really differ?',
            [
                ...$tested('a', 'first'),
                ...$tested('b', 'second'),
                Field::integers('germinated', 'normal seedlings of each', 'seeds', 0, 1_000_000)->optional(),
                Field::integers('sown', 'seeds of each', 'seeds', 1, 1_000_000)->optional(),
            ],
            [
                new Output('difference', 'share', 'first less second'),
                new Output('low', 'share', 'lower limit of the difference'),
                new Output('high', 'share', 'upper limit of the difference'),
                new Output('p', 'share', 'chance of a difference at least as unlikely'),
                new Output('rates', 'share', 'share of each'),
                new Output('lows', 'share', 'lower limit of each'),
                new Output('highs', 'share', 'upper limit of each'),
                new Output('chi_square', '', 'χ² of the differences'),
                new Output('rough', '', 'whether p is rough, as a count of fewer than 5 was to be expected'),
                new Output('pairs', 'share', 'chance for each pair: first and second, first and third …'),
            ],
            'Two: Newcombe 1998 (method 10) from the Wilson limits; Fisher’s exact test, two-sided. Several: χ², df = groups − 1; each pair by Fisher’s test with Holm’s correction (Holm 1979).',
            static function (Values $in): array {
                if ($in->has('germinated')) {
                    return self::several($in->integers('germinated'), $in->integers('sown'));
                }
                $comparison = Comparison::of(
                    self::tested($in, 'a'),
                    self::tested($in, 'b'),
                );

                return [
                    'difference' => $comparison->difference,
                    'low' => $comparison->limits->low,
                    'high' => $comparison->limits->high,
                    'p' => $comparison->p,
                    'rates' => null,
                    'lows' => null,
                    'highs' => null,
                    'chi_square' => null,
                    'rough' => null,
                    'pairs' => null,
                ];
            },
            [new Alternatives('how many tests', [
                new Way('two', ['a_germinated', 'a_sown', 'b_germinated', 'b_sown']),
                new Way('several', ['germinated', 'sown']),
            ])],
            also: 'float floaters sinkers difference treatment old new lots versus',
        );
    }

    private static function testSize(): Reckoning
    {
        return new Reckoning(
            'germination.test_size',
            'How many seeds must I test?',
            [
                Field::share('expected', 'share that is expected'),
                Field::share('half_width', 'how far out it may be either way', 0.001, 0.5),
                Field::share('confidence', 'how sure to be of that', 0.5, 0.9999)->optional(0.95),
            ],
            [new Output('seeds', 'seeds', 'seeds to test')],
            'Smallest number whose Wilson interval (Wilson 1927) is no wider than asked.',
            static fn (Values $in): array => [
                'seeds' => TestSize::of($in->number('expected'), $in->number('half_width'), $in->number('confidence')),
            ],
            also: 'sample size how big enough',
        );
    }

    private static function small(): Reckoning
    {
        return new Reckoning(
            'germination.small',
            'I have few seeds left: how many can I spare for a test, and what would it tell?',
            [
                Field::integer('seeds_left', 'seeds there are', 'seeds', 0, 100_000_000),
                Field::integer('wanted_after', 'seeds that must be left', 'seeds', 0, 100_000_000),
                Field::share('expected', 'share that is expected', 0.01, 0.99)->optional(0.8),
                Field::share('confidence', 'how sure to be of the range', 0.5, 0.999)->optional(0.95),
            ],
            [
                new Output('seeds', 'seeds', 'to spare for the test'),
                new Output('half_width', 'share', 'how far out it may be either way'),
                new Output('eaten_share', 'share', 'of what there is'),
            ],
            'What is left over what is wanted; half the width of Wilson’s interval (Wilson 1927) at the expected share.',
            static function (Values $in): array {
                $test = SmallTest::of($in->integer('seeds_left'), $in->integer('wanted_after'), $in->number('expected'), $in->number('confidence'));

                return ['seeds' => $test->seeds, 'half_width' => $test->halfWidth, 'eaten_share' => $test->eaten];
            },
            also: 'last few rare spare sample eat use up',
        );
    }

    private static function outlook(): Reckoning
    {
        return new Reckoning(
            'germination.outlook',
            'Is my running test settled, or can it still turn?',
            [
                Field::integer('germinated', 'normal seedlings so far', 'seeds', 0, 1_000_000),
                Field::integer('sown', 'seeds set to germinate', 'seeds', 1, 1_000_000),
                Field::integer('undecided', 'seeds neither up nor dead', 'seeds', 0, 1_000_000),
                Field::share('good', 'sown as usual from')->optional(0.8),
                Field::share('poor', 'not relied on below')->optional(0.6),
            ],
            [
                new Output('verdict_now', '', 'verdict: good, fair, poor or open'),
                new Output('lowest', 'share', 'it ends no lower than'),
                new Output('highest', 'share', 'and no higher than'),
            ],
            'The verdict is settled when no outcome of the undecided seeds can change it.',
            static function (Values $in): array {
                $share = GerminationShare::of($in->integer('germinated'), $in->integer('sown'));
                $outlook = Outlook::of($share, $in->integer('undecided'), $in->number('good'), $in->number('poor'));

                return ['verdict_now' => $outlook->verdictNow->value, 'lowest' => $outlook->lowest, 'highest' => $outlook->highest];
            },
            also: 'stop early finished done verdict wait',
        );
    }

    private static function stop(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'germination.stop',
            'Need my test run on, or is it settled by what is up?',
            [
                Field::integer('sown', 'seeds set to germinate', 'seeds', 1, 100_000),
                Field::integers('days', 'days since it was laid, of each count', 'days', 0, 400),
                Field::integers('germinated', 'normal seedlings new at each of them', 'seeds', 0, 100_000),
                Field::integer('undecided', 'seeds neither up nor dead', 'seeds', 0, 100_000),
                Field::crop('crop', 'the crop')->optional(),
                Field::integer('first_count', 'day of its first count', 'day', 1, 120)->optional(),
                Field::integer('last_count', 'day of its last count', 'day', 2, 400)->optional(),
                Field::share('good', 'sown as usual from')->optional(0.8),
                Field::share('poor', 'not relied on below')->optional(0.6),
            ],
            [
                new Output('verdict_now', '', 'verdict: good, fair, poor or open'),
                new Output('chance_turns', 'share', 'chance that it ends otherwise than it looks'),
                new Output('look_on', 'day', 'likeliest settled'),
            ],
            'Bayes over the share that comes up, the pace and how closely together: every share as likely before, paces from 0.4 to 1.6 of the crop’s usual (six tenths up by the first count, all but one in a hundred by the last, logistic over the logarithm of the days); each seed not up comes by the last count with the chance that leaves. Settled where another verdict has 3 chances in 100 at the most.',
            static function (Values $in) use ($crops): array {
                [$days, $germinated] = [$in->integers('days'), $in->integers('germinated')];
                if (count($days) !== count($germinated) || $days === []) {
                    throw InvalidFigure::because('germinated', sprintf('There are %d days and %d counts; each count needs its day.', count($days), count($germinated)));
                }
                $test = $in->has('crop') ? $crops->get($in->text('crop'))->test : null;
                $last = $test->lastCount ?? $in->integer('last_count');
                $new = [];
                foreach ($days as $i => $day) {
                    if ($i > 0 && $day <= $days[$i - 1]) {
                        throw InvalidFigure::because('days', 'The days rise from count to count.');
                    }
                    $new[$day] = $germinated[$i];
                }
                $stop = EarlyStop::of($new, $in->integer('sown'), $in->integer('undecided'), $test->firstCount ?? $in->integer('first_count'), $last, $in->number('good'), $in->number('poor'));

                return ['verdict_now' => $stop->verdictNow->value, 'chance_turns' => $stop->chanceTurns, 'look_on' => $stop->lookOn];
            },
            [new Alternatives('how long such a test runs', [new Way('as its crop', ['crop']), new Way('by its counts', ['first_count', 'last_count'])])],
            also: 'stop early enough finished running wait next look',
        );
    }

    private static function power(): Reckoning
    {
        return new Reckoning(
            'germination.power',
            'With so many seeds, would a difference between two groups show?',
            [
                Field::share('a_share', 'share that comes up in one group'),
                Field::share('b_share', 'share in the other'),
                Field::integer('a_sown', 'seeds of the one', 'seeds', 1, Power::MOST)->optional(),
                Field::integer('b_sown', 'seeds of the other', 'seeds', 1, Power::MOST)->optional(),
                Field::share('power', 'how surely it is to show', 0.05, 0.99)->optional(),
                Field::share('level', 'chance of showing one that is not there', 0.0001, 0.5)->optional(0.05),
                Field::integer('comparisons', 'comparisons made of the same tests', '', 1, 100)->optional(1),
            ],
            [
                new Output('power', 'share', 'chance that it shows'),
                new Output('seeds', 'seeds', 'in each group, at the least'),
            ],
            'Fisher’s exact test, two-sided, at the level over the number of comparisons; summed exactly over all outcomes. The least equal number is tried one by one up to 400, as power rises in saws.',
            static function (Values $in): array {
                $level = max(0.0001, $in->number('level') / $in->integer('comparisons'));
                [$a, $b] = [$in->number('a_share'), $in->number('b_share')];
                if (! $in->has('power')) {
                    return ['power' => Power::of($in->integer('a_sown'), $in->integer('b_sown'), $a, $b, $level), 'seeds' => null];
                }
                $seeds = Power::seeds($a, $b, $in->number('power'), $level) ?? throw InvalidFigure::because('power', sprintf('More than %d seeds in each would be wanted: so small a difference no test at home shows.', Power::MOST));

                return ['power' => Power::of($seeds, $seeds, $a, $b, $level), 'seeds' => $seeds];
            },
            [new Alternatives('what is known', [new Way('how many seeds there are', ['a_sown', 'b_sown']), new Way('how sure to be', ['power'])])],
            also: 'sample size compare difference enough seeds experiment trial detect',
        );
    }

    /**
     * @param  list<int>  $germinated
     * @param  list<int>  $sown
     * @return array<string, float|bool|list<float>|null>
     *
     * @throws Refused|InvalidFigure
     */
    private static function several(array $germinated, array $sown): array
    {
        if (count($germinated) !== count($sown)) {
            throw Refused::at('sown', sprintf('There are %d counts of seedlings and %d of seeds; each test needs both.', count($germinated), count($sown)));
        }
        if (count($sown) < 2) {
            throw Refused::at('germinated', 'To compare takes two tests or more; there is one.');
        }
        $groups = array_map(GerminationShare::of(...), $germinated, $sown);
        $comparison = GroupComparison::of($groups);
        $limits = array_map(static fn (GerminationShare $group): Interval => $group->interval(), $groups);

        return [
            'difference' => null,
            'low' => null,
            'high' => null,
            'p' => $comparison->p,
            'rates' => array_map(static fn (GerminationShare $group): float => $group->rate(), $groups),
            'lows' => array_map(static fn (Interval $limit): float => $limit->low, $limits),
            'highs' => array_map(static fn (Interval $limit): float => $limit->high, $limits),
            'chi_square' => $comparison->chiSquare,
            'rough' => $comparison->isRough,
            'pairs' => $comparison->pairs,
        ];
    }

    /** @throws Refused naming the input of the right test */
    private static function tested(Values $in, string $which): GerminationShare
    {
        try {
            return GerminationShare::of($in->integer($which.'_germinated'), $in->integer($which.'_sown'));
        } catch (InvalidFigure $e) {
            throw Refused::at($which.'_'.$e->path, $which.'_'.$e->getMessage());
        }
    }
}
