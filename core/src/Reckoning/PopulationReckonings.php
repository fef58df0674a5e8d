<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Values;
use Marrow\Core\Population\Alleles;
use Marrow\Core\Population\EffectiveSize;
use Marrow\Core\Population\Kinship;
use Marrow\Core\Population\SelfedLine;

final class PopulationReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::alleles(), self::plants(), self::effective(), self::history(), self::kinship(), self::fixation(), self::search()];
    }

    private static function alleles(): Reckoning
    {
        return new Reckoning(
            'population.alleles',
            'How likely am I to keep a rare form with so many parents?',
            [Field::integer('plants', 'parents', 'plants', 1, 1_000_000), self::frequency()],
            [new Output('kept', 'share', 'chance that it is among them')],
            '1 − (1 − q)^2n.',
            static fn (Values $in): array => ['kept' => Alleles::kept($in->integer('plants'), $in->number('frequency'))],
            also: 'diversity gene rare lose trait parents plants',
        );
    }

    private static function plants(): Reckoning
    {
        return new Reckoning(
            'population.plants',
            'How many parents keep a rare form?',
            [self::frequency(), self::confidence()],
            [new Output('plants', 'plants', 'parents')],
            '⌈ln(1 − c)/(2 ln(1 − q))⌉.',
            static fn (Values $in): array => ['plants' => Alleles::plantsToKeep($in->number('frequency'), $in->number('confidence'))],
            also: 'minimum number mothers diversity inbreeding enough seed plants',
        );
    }

    private static function effective(): Reckoning
    {
        return new Reckoning(
            'population.effective',
            'How many equal parents are mine worth?',
            [
                Field::numbers('contributions', 'what each parent gave, seeds or grams', '', 0, 1e9)->optional(),
                Field::integer('males', 'plants that gave pollen', 'plants', 1, 1_000_000)->optional(),
                Field::integer('females', 'plants that gave seed', 'plants', 1, 1_000_000)->optional(),
            ],
            [new Output('ne', 'plants', 'effective size')],
            '(Σc)²/Σc² from contributions; 4mf/(m + f) from sexes.',
            static fn (Values $in): array => ['ne' => $in->has('contributions')
                ? EffectiveSize::ofContributions($in->numbers('contributions'))
                : EffectiveSize::ofSexes($in->integer('males'), $in->integer('females'))],
            [new Alternatives('what is known of the parents', [
                new Way('what each gave', ['contributions']),
                new Way('how many of each sex', ['males', 'females']),
            ])],
            also: 'bottleneck unequal mothers fathers sex ratio',
        );
    }

    private static function history(): Reckoning
    {
        return new Reckoning(
            'population.history',
            'What have these generations cost in diversity?',
            [Field::numbers('sizes', 'effective size of each generation', 'plants', 1, 1e9)],
            [
                new Output('ne', 'plants', 'effective size over all'),
                new Output('heterozygosity_kept', 'share', 'diversity within plants that is left'),
            ],
            'Harmonic mean; Π(1 − 1/2Nₑ).',
            static fn (Values $in): array => [
                'ne' => EffectiveSize::ofHistory($in->numbers('sizes')),
                'heterozygosity_kept' => EffectiveSize::heterozygosityKept($in->numbers('sizes')),
            ],
            also: 'bottleneck inbreeding generations lost vigour',
        );
    }

    private static function kinship(): Reckoning
    {
        return new Reckoning(
            'population.kinship',
            'How related are my lots?',
            [
                Field::text('lots', 'lots and what they came from', 20_000)->hint('As A=:10, B=A:4, C=A*0.6+B*0.4: from nowhere by 10 equal parents, from A by 4, a mixture of both'),
                Field::text('of', 'of which lot, or of which two', 100)->hint('As B, or B, C'),
                Field::share('outcrossing', 'share of seed with foreign pollen')->optional(1.0),
            ],
            [new Output('kinship', 'share', 'chance that a gene of one plant and of another are copies of one')],
            'f′ = (1 + F)/(2N) + (1 − 1/N)f, F = (1 − t + 2tf)/(1 + t); coancestry (Malécot 1948).',
            static function (Values $in): array {
                $kinship = Kinship::told($in->text('lots'), $in->number('outcrossing'));
                $of = array_map(trim(...), explode(',', $in->text('of')));
                if (count($of) > 2) {
                    throw InvalidFigure::because('of', 'Name one lot, or two.');
                }

                return ['kinship' => $kinship->between($of[0], $of[1] ?? $of[0])];
            },
            also: 'inbreeding related parents mixture coancestry family brothers bottleneck',
        );
    }

    private static function fixation(): Reckoning
    {
        return new Reckoning(
            'line.fixation',
            'How stable is my cross by this generation?',
            [
                Field::integer('generation', 'generation, the F1 being 1', '', 1, 60),
                Field::integer('loci', 'genes that differed in the cross', 'genes', 1, 10_000),
            ],
            [
                new Output('heterozygosity', 'share', 'genes still mixed in a plant'),
                new Output('all_fixed', 'share', 'chance that a plant is fixed at all'),
            ],
            'By selfing: (½)^(g − 1); (1 − (½)^(g − 1))^k.',
            static fn (Values $in): array => [
                'heterozygosity' => SelfedLine::heterozygosity($in->integer('generation')),
                'all_fixed' => SelfedLine::allFixed($in->integer('generation'), $in->integer('loci')),
            ],
            also: 'stabilise hybrid F1 F2 F6 true breeding dehybridise',
        );
    }

    private static function search(): Reckoning
    {
        return new Reckoning(
            'line.search',
            'How many F2 plants must I grow to find what I want?',
            [Field::integer('traits', 'recessive, unlinked traits wanted at once', 'traits', 1, 10), self::confidence()],
            [new Output('plants', 'plants', 'F2 plants')],
            '⌈ln(1 − c)/ln(1 − ¼^k)⌉.',
            static fn (Values $in): array => ['plants' => SelfedLine::plantsToFind($in->integer('traits'), $in->number('confidence'))],
            also: 'hybrid recombine F2 recessive both',
        );
    }

    private static function frequency(): Field
    {
        return Field::share('frequency', 'how common the form is', 0.0001);
    }

    private static function confidence(): Field
    {
        return Field::share('confidence', 'how sure to be', 0.5, 0.999999)->optional(0.95);
    }
}
