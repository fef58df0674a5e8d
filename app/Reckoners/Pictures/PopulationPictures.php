<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Quantity;
use Marrow\Core\Population\Alleles;
use Marrow\Core\Population\EffectiveSize;
use Marrow\Core\Population\SelfedLine;
use Marrow\Core\Selection\SelectionTradeoff;

final class PopulationPictures implements Draws
{
    public static function families(): array
    {
        return ['population', 'line', 'selection', 'roguing'];
    }

    public function of(Asked $asked): Picture|Range|null
    {
        return match ($asked->name) {
            'population.alleles' => self::kept($asked, $asked->in->integer('plants'), $asked->figure('kept')),
            'population.plants' => self::kept($asked, $asked->count('plants'), null),
            'population.history' => self::history($asked),
            'line.fixation' => self::fixation($asked),
            'line.trueness' => self::trueness($asked),
            'selection.tradeoff' => self::tradeoff($asked),
            'roguing.plants' => self::roguing($asked),
            default => null,
        };
    }

    private static function kept(Asked $asked, int $plants, ?float $kept): Picture
    {
        $frequency = $asked->in->number('frequency');
        $chance = static fn (int $n): float => Alleles::kept($n, $frequency);
        $most = min(1_000_000, max(10, (int) ceil($plants * 1.8)));

        return new Picture(
            sprintf('The chance of keeping a rare form rises with the parents, to %s at %d.', Quantity::percent($chance($plants)), $plants),
            new Axis('parents', '', 0, (float) $most),
            new Axis('chance that it is kept', '%', 0, 1),
            [[0.0, 0.0], ...Picture::sampleWhole(1, $most, $chance)],
            dots: [[(float) $plants, $chance($plants)]],
            marks: $kept === null ? [new Mark('y', $asked->in->number('confidence'), Quantity::percent($asked->in->number('confidence')).' sure')] : [],
        );
    }

    private static function history(Asked $asked): Picture
    {
        $line = [[0.0, 1.0]];
        $sizes = $asked->in->numbers('sizes');
        foreach (array_keys($sizes) as $i) {
            $line[] = [$i + 1.0, EffectiveSize::heterozygosityKept(array_slice($sizes, 0, $i + 1))];
        }

        return new Picture(
            sprintf('Diversity left after each generation, down to %s.', Quantity::percent($asked->figure('heterozygosity_kept'))),
            new Axis('generations', '', 0, (float) count($sizes)),
            new Axis('diversity left', '%', 0, 1),
            $line,
            dots: array_slice($line, 1),
        );
    }

    private static function trueness(Asked $asked): ?Range
    {
        if (! $asked->has('share')) {
            return null;
        }
        $high = $asked->figure('high');

        // From clean to doubtful is told apart on a scale that does not reach to the whole.
        return new Range($asked->figure('share'), $asked->figure('low'), $high, $high > 0.25 ? [0.2] : [0.05, 0.2], 0.0, $high > 0.25 ? 1.0 : 0.25);
    }

    private static function tradeoff(Asked $asked): Picture
    {
        $all = count($asked->in->rows('scores'));
        $chosen = $asked->in->integers('keep');
        $each = SelectionTradeoff::each($asked->in->numbers('weights'), $asked->in->numbers('heritabilities'), $asked->in->rows('scores'), self::steps($all));
        $line = array_map(static fn (SelectionTradeoff $one): array => [$one->rareKept, $one->response], $each);
        $gains = [...array_column($line, 1), ...$asked->list('response')];
        [$least, $most] = [min([0.0, ...$gains]), max([0.0, ...$gains])];

        return new Picture(
            'What is gained by choosing hard, against the chance of keeping what is rare: from few plants kept, at the left, to all of them.',
            new Axis('chance that a rare form is kept', '%', 0, 1),
            new Axis('gain, standard deviations', '', $least, $most > $least ? $most * 1.1 : $least + 1.0),
            $line,
            dots: array_map(static fn (float $kept, float $gain): array => [$kept, $gain], $asked->list('kept'), $asked->list('response')),
            marks: self::ends($chosen, $asked->list('kept')),
        );
    }

    /**
     * The hardest and the mildest choice; names of those between them would lie on one another.
     *
     * @param  list<int>  $chosen
     * @param  list<float>  $kept
     * @return list<Mark>
     */
    private static function ends(array $chosen, array $kept): array
    {
        $at = array_combine($chosen, $kept);
        ksort($at);
        $ends = array_unique(array_filter([array_key_first($at), array_key_last($at)], is_int(...)));

        return array_values(array_map(static fn (int $keep): Mark => new Mark('x', $at[$keep], "$keep kept"), $ends));
    }

    /** @return list<int> numbers of plants that might be kept, few enough to draw */
    private static function steps(int $all): array
    {
        $steps = [];
        for ($keep = 1; $keep <= $all; $keep += max(1, intdiv($all, 40))) {
            $steps[] = $keep;
        }

        return $steps;
    }

    private static function roguing(Asked $asked): Picture
    {
        $plants = $asked->count('plants');
        $confidence = $asked->in->number('confidence');
        $share = $asked->in->number('share');
        $met = static fn (int $n): float => 1.0 - (1.0 - $share) ** $n;
        $most = max(4, (int) ceil($plants * 1.6));

        return new Picture(
            sprintf('The chance of meeting an off-type rises with the plants looked over, to %s at %d.', Quantity::percent($confidence), $plants),
            new Axis('plants looked over', '', 0, (float) $most),
            new Axis('chance of meeting one', '%', 0, 1),
            Picture::sampleWhole(0, $most, $met),
            dots: [[(float) $plants, $met($plants)]],
            marks: [new Mark('y', $confidence, Quantity::percent($confidence).' sure')],
        );
    }

    private static function fixation(Asked $asked): Picture
    {
        $generation = $asked->in->integer('generation');
        $fixed = static fn (int $g): float => SelfedLine::allFixed($g, $asked->in->integer('loci'));

        return new Picture(
            'Plants that are stable altogether, by generation of selfing.',
            new Axis('generation (F1 is 1)', '', 1, max(10.0, $generation + 2.0)),
            new Axis('plants that are stable', '%', 0, 1),
            Picture::sampleWhole(1, min(60, max(10, $generation + 2)), $fixed),
            dots: [[(float) $generation, $fixed($generation)]],
        );
    }
}
