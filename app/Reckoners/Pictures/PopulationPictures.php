<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Quantity;
use Marrow\Core\Population\Alleles;
use Marrow\Core\Population\EffectiveSize;
use Marrow\Core\Population\SelfedLine;

final class PopulationPictures
{
    public static function of(Asked $asked): ?Picture
    {
        return match ($asked->name) {
            'population.alleles' => self::kept($asked, $asked->in->integer('plants'), $asked->figure('kept')),
            'population.plants' => self::kept($asked, $asked->count('plants'), null),
            'population.history' => self::history($asked),
            'line.fixation' => self::fixation($asked),
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
