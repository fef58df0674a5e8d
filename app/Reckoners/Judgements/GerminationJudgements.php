<?php

declare(strict_types=1);

namespace App\Reckoners\Judgements;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judges;
use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\Verdict;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Sowing\SeedsPerCell;
use Marrow\Core\Statistics\Interval;

/** What a germination test means, and how much to sow. */
final class GerminationJudgements implements Judges
{
    public static function families(): array
    {
        return ['germination' => 'Germination tests', 'sowing' => 'Sowing'];
    }

    /** More seeds than this to a cell are no longer a cell but a tray. */
    private const MOST_PER_CELL = 12;

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'germination.rate' => self::rate($asked),
            'germination.replicates' => self::replicates($asked),
            'germination.compare' => self::compare($asked),
            'germination.speed' => self::speed($asked),
            'germination.test_size' => self::testSize($asked),
            'germination.small' => self::small($asked),
            'germination.outlook' => self::outlook($asked),
            'germination.stop' => self::stop($asked),
            'germination.power' => self::power($asked),
            'sowing.seeds' => self::seeds($asked),
            'sowing.cell' => self::cell($asked),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }

    private static function stop(Asked $asked): Judgement
    {
        $verdict = Verdict::from($asked->word('verdict_now'));
        $turns = Figures::oneIn(max(0.001, $asked->figure('chance_turns')));

        return new Judgement(
            match ($verdict) {
                Verdict::Open => sprintf('Let it run: likeliest settled on day %d.', $asked->count('look_on')),
                Verdict::Good => 'Settled: sow it as usual, whatever the rest does.',
                Verdict::Fair => 'Settled: it comes up thinly; sow it thicker.',
                Verdict::Poor => 'Settled: do not rely on it.',
            },
            match (true) {
                $verdict === Verdict::Open => sprintf('By what is up so far the verdict would turn until the last count %s.', $turns),
                $asked->figure('chance_turns') <= 0.0 => 'No outcome of what is left can change it.',
                default => sprintf('It ends otherwise %s: what comes late is reckoned with.', $turns),
            },
            'By an assumed pace, to less than half of the usual; seed that sleeps or lay too cold comes later than any of that, and is no part of it. On made-up tests, also of seed half as fast, the early verdict was the last in 98 of 100.',
        );
    }

    private static function power(Asked $asked): Judgement
    {
        $power = $asked->figure('power');
        [$a, $b] = [Quantity::percent($asked->in->number('a_share')), Quantity::percent($asked->in->number('b_share'))];
        if ($asked->has('seeds')) {
            return new Judgement(
                sprintf('%s in each group show it %s.', Figures::count($asked->count('seeds'), 'seed'), Figures::oneIn($power)),
                "If $a of the one come up and $b of the other: with fewer a test like this more often shows nothing.",
                'By Fisher’s exact test, which is never too ready to see a difference.',
            );
        }

        return new Judgement(
            match (true) {
                $power >= 0.8 => sprintf('It would show: %s.', Figures::oneIn($power)),
                $power >= 0.5 => sprintf('It may show, or may not: %s.', Figures::oneIn($power)),
                default => sprintf('It would hardly show: %s.', Figures::oneIn($power)),
            },
            "If $a of the one come up and $b of the other. No difference shown would then mean ".($power >= 0.8 ? 'that there is hardly one so large.' : 'little: lay more, or ask for a larger difference.'),
            'By Fisher’s exact test, which is never too ready to see a difference.',
        );
    }

    private static function small(Asked $asked): Judgement
    {
        $seeds = $asked->count('seeds');

        return $seeds === 0
            ? new Judgement('None can be spared: grow it out, and test the seed of that.', 'All there are, or more, must be left.', 'As sure as the counts.')
            : new Judgement(
                sprintf('%s can be spared, and tell it to within %s points either way.', Figures::count($seeds, 'seed'), (int) round(100 * $asked->figure('half_width'))),
                sprintf('That is %s of what there is, and as many as wanted are left.', Quantity::percent($asked->figure('eaten_share'))),
                'Where little is left a rough answer is often enough: whether most come up, about half, or hardly any. What comes up can be grown on.',
            );
    }

    private static function rate(Asked $asked): Judgement
    {
        $practice = new Practice;
        $sown = $asked->in->integer('sown');
        $low = $asked->figure('low');
        $share = Quantity::percent($asked->figure('rate')).', '.Quantity::likely(new Interval($low, $asked->figure('high')));
        $perCell = $low > 0.0 ? SeedsPerCell::of(max(0.001, min(0.999999, $low)), $practice->number('max_empty')) : PHP_INT_MAX;
        $sow = $perCell > self::MOST_PER_CELL ? 'sow it thickly in a tray' : 'sow '.$perCell.' to a cell';
        $because = $perCell > self::MOST_PER_CELL
            ? 'At the low end so little comes up that no sensible number to a cell would fill it.'
            : sprintf('Even at the low end, %s, that leaves at most 1 cell in 20 empty.', Quantity::percent($low));
        $verdict = Verdict::of($asked->figure('rate'), $practice->good, $practice->poor);
        $sentence = $verdict === Verdict::Poor
            ? "$share: do not rely on it; grow it out again now, and $sow."
            : "$share: $sow.";

        return new Judgement($sentence, $because, sprintf(
            '%s: a range made like this holds the true share %s. Four times the seeds would halve it.%s',
            Figures::count($sown, 'seed').' tested',
            Figures::oneIn($asked->in->number('confidence')),
            $sown < 20 ? ' So few seeds say little; do not believe the middle figure alone.' : '',
        ));
    }

    private static function replicates(Asked $asked): Judgement
    {
        $share = Quantity::percent($asked->figure('rate'));
        $p = $asked->figure('p');
        $sure = 'Chance is doubted below 1 time in 40, so 1 sound test in 40 is doubted wrongly.';

        return $asked->yes('agree')
            ? new Judgement("They agree: $share over all of them.", $p === 1.0
                ? 'All came out alike.'
                : sprintf('Sound dishes differ as much as this by chance %s.', Figures::oneIn($p)), $sure)
            : new Judgement('They do not agree: mix the seed well and test again.', sprintf(
                'Sound dishes differ as much as this by chance %s. One was set or kept differently, or the seed was not mixed; %s over all of them means little.',
                Figures::oneIn($p),
                $share,
            ), $sure);
    }

    private static function several(Asked $asked): Judgement
    {
        $p = $asked->figure('p');
        $rates = $asked->list('rates');
        [$best, $worst] = [(int) array_search(max([0.0, ...$rates]), $rates, true), (int) array_search(min([1.0, ...$rates]), $rates, true)];
        $apart = [];
        $pair = 0;
        foreach (array_keys($rates) as $a) {
            for ($b = $a + 1; $b < count($rates); $b++) {
                if (($asked->list('pairs')[$pair++] ?? 1.0) < 0.05) {
                    $apart[] = sprintf('%d and %d', $a + 1, $b + 1);
                }
            }
        }
        $ends = sprintf('number %d came up best, %s, and number %d worst, %s', $best + 1, Quantity::percent($rates[$best]), $worst + 1, Quantity::percent($rates[$worst]));

        return new Judgement(
            match (true) {
                $apart !== [] => sprintf('They differ: %s.', $ends),
                $p < 0.05 => sprintf('They differ somewhere, but no two of them plainly: %s.', $ends),
                default => 'No difference is shown among them.',
            },
            sprintf(
                'If all were the same, tests would differ as much as these %s%s. %s',
                Figures::oneIn($p),
                $asked->yes('rough') ? ', roughly, as some counts are small' : '',
                $apart === [] ? 'Of the pairs none stands out, as of many some differ by chance.' : (count($apart) > 6 ? sprintf('%d pairs stand out.', count($apart)) : 'What stands out: '.implode(', ', $apart).'.'),
            ),
            $apart === []
                ? 'Not shown is not the same as none: more seeds in each would narrow it.'
                : 'Each pair is looked at more strictly the more pairs there are, so that not one in twenty differs by chance.',
        );
    }

    private static function compare(Asked $asked): Judgement
    {
        if ($asked->has('pairs')) {
            return self::several($asked);
        }
        $difference = $asked->figure('difference');
        $low = $asked->figure('low');
        $high = $asked->figure('high');
        $p = $asked->figure('p');
        $points = sprintf('likely %s to %s points', self::signed($low), self::signed($high));
        $apart = $low > 0.0 || $high < 0.0;
        $which = $difference > 0.0 ? 'better' : 'worse';
        $by = Figures::count((int) round(abs($difference) * 100), 'point');
        $sentence = match (true) {
            $apart && $p < 0.05 => "The first is $which by $by, $points: they differ.",
            $apart || $p < 0.05 => "The first looks $which by $by, $points: on the edge, so test more seeds before acting on it.",
            default => "No difference is shown ($points).",
        };

        return new Judgement(
            $sentence,
            sprintf('If they were the same, a difference as unlikely as this would come by chance %s.', Figures::oneIn($p)),
            $apart || $p < 0.05
                ? 'The range holds the true difference 95 times in 100.'
                : 'Not shown is not the same as none: anything in that range is still possible, and more seeds narrow it.',
        );
    }

    private static function signed(float $share): string
    {
        $points = (int) round($share * 100);

        return $points > 0 ? "+$points" : str_replace('-', '−', (string) $points);
    }

    private static function speed(Asked $asked): Judgement
    {
        return new Judgement(
            $asked->has('t50')
                ? sprintf('Half of what came up was up by day %s.', Figures::round($asked->figure('t50'), 2))
                : 'Half of it was up by the first count already: how long before, nobody saw. Count sooner next time.',
            sprintf(
                '%s came up, after %s days on average.',
                Figures::count($asked->count('total'), 'seedling'),
                Figures::round($asked->figure('mean_days'), 2),
            ),
            'Good to about the time between two counts. Compare it only with a test at the same warmth; slower than last year’s means older, often before the share falls.',
        );
    }

    private static function testSize(Asked $asked): Judgement
    {
        $seeds = $asked->count('seeds');

        return new Judgement(
            'Test '.Figures::count($seeds, 'seed').'.',
            sprintf(
                'Then about %s is known to within %s points either way, %s.',
                Quantity::percent($asked->in->number('expected')),
                Figures::round($asked->in->number('half_width') * 100, 2),
                Figures::oneIn($asked->in->number('confidence')),
            ),
            'If it comes out nearer to half the range is a little wider, nearer to all or none narrower. Half the margin takes about four times the seeds.',
        );
    }

    private static function outlook(Asked $asked): Judgement
    {
        $lowest = Quantity::percent($asked->figure('lowest'));
        $highest = Quantity::percent($asked->figure('highest'));
        $undecided = Figures::count($asked->in->integer('undecided'), 'seed');
        $ends = $lowest === $highest ? "It ends at $lowest" : "It ends between $lowest and $highest";

        return new Judgement(
            match ($asked->word('verdict_now')) {
                'good' => 'Settled: good, sow as usual. You may stop.',
                'fair' => 'Settled: fair, sow thicker. You may stop.',
                'poor' => 'Settled: do not rely on it; grow it out again now.',
                default => 'Still open: go on counting.',
            },
            $asked->in->integer('undecided') === 0
                ? "$ends; no seed is left undecided."
                : "$ends, whatever the $undecided still to come do.",
            'That is sure for the seeds in this test. What it says of the whole lot is another question: see what a germination test says.',
        );
    }

    private static function seeds(Asked $asked): Judgement
    {
        $seeds = $asked->count('seeds');
        $plants = $asked->in->integer('plants');
        $tested = $asked->in->has('sown');
        $test = $tested ? GerminationShare::of($asked->in->integer('germinated'), $asked->in->integer('sown')) : null;
        $share = $test?->rate() ?? $asked->in->number('rate') * $asked->in->number('field_factor');

        return new Judgement(
            sprintf('Sow %s for %s.', Figures::count($seeds, 'seed'), Figures::count($plants, 'plant')),
            match (true) {
                $share === 0.0 => 'Nothing came up in the test, so this rests on the bare chance that the test had bad luck. Rather find other seed.',
                $test === null && $share >= 1.0 => 'Every seed makes a plant, as you say.',
                default => sprintf(
                    'About %s should come up, and fewer than %d would be bad luck: it happens %s.',
                    Figures::round($seeds * $share, 2),
                    $plants,
                    Figures::atMost(1 - $asked->in->number('confidence')),
                ),
            },
            $test !== null
                ? sprintf('The test of %s leaves the share open (%s); that doubt is counted in.', Figures::count($test->sown, 'seed'), Quantity::likely($test->interval()))
                : 'As sure as the share you gave. From a test, give its counts instead: then the doubt of a small test is counted in.',
        );
    }

    private static function cell(Asked $asked): Judgement
    {
        $perCell = $asked->count('seeds_per_cell');
        $empty = (1 - $asked->in->number('rate')) ** $perCell;

        return new Judgement(
            "Sow $perCell to a cell.",
            $empty === 0.0 ? 'Every seed comes up.' : sprintf(
                'At %s each, %s %s.',
                Quantity::percent($asked->in->number('rate')),
                $perCell === 1 ? 'a cell stays empty' : "all $perCell of a cell fail",
                Figures::oneIn($empty),
            ),
            'As sure as the share you gave; for a small test give its lower limit. Thin to the best one.',
        );
    }
}
