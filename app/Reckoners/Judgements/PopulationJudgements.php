<?php

declare(strict_types=1);

namespace App\Reckoners\Judgements;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judges;
use App\Voice\Figures;
use App\Voice\Quantity;
use App\Words\TastingWords;

/** Parents, diversity, lines from a cross, and choosing plants. */
final class PopulationJudgements implements Judges
{
    public static function families(): array
    {
        return ['population' => 'Parents and choosing', 'selection' => 'Parents and choosing', 'roguing' => 'Parents and choosing', 'taste' => 'Parents and choosing', 'line' => 'Lines, and how true they are'];
    }

    private const PARENTS = 'Counts plants that gave seed to the lot in equal parts; unequal ones count for fewer.';

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'population.alleles' => new Judgement(
                sprintf('%s as rare as this %s.', $asked->in->integer('plants') === 1 ? 'A single parent keeps a form' : Figures::count($asked->in->integer('plants'), 'parent').' keep a form', self::chance($asked->figure('kept'))),
                'Each parent brings two copies of every gene, and each copy may or may not be the rare one.',
                self::PARENTS,
            ),
            'population.plants' => new Judgement(
                sprintf('Keep seed of at least %s.', Figures::count($asked->count('plants'), 'plant')),
                sprintf('Then a form that %s of the genes carry is among them %s.', Quantity::percent($asked->in->number('frequency')), Figures::oneIn($asked->in->number('confidence'))),
                self::PARENTS.' It must be so every time the lot is grown out, or it is lost after all.',
            ),
            'population.effective' => self::effective($asked),
            'population.history' => self::history($asked),
            'population.kinship' => self::kinship($asked),
            'line.fixation' => self::fixation($asked),
            'line.search' => new Judgement(
                sprintf('Grow %s of the F2.', Figures::count($asked->count('plants'), 'plant')),
                sprintf('One in %s shows %s, and with that many at least one does so %s.', Figures::count(4 ** $asked->in->integer('traits'), 'plant'), $asked->in->integer('traits') === 1 ? 'it' : 'all of them at once', Figures::oneIn($asked->in->number('confidence'))),
                'For recessive traits on different chromosomes. Traits that go together in one parent may hide together.',
            ),
            'line.trueness' => self::trueness($asked),
            'selection.index' => self::selection($asked),
            'selection.tradeoff' => self::tradeoff($asked),
            'taste.agreement' => self::tasting($asked),
            'roguing.plants' => new Judgement(
                sprintf('Look over %s.', Figures::count($asked->count('plants'), 'plant')),
                sprintf('If %s of the plants are off-type, at least one is among them %s.', Quantity::percent($asked->in->number('share')), Figures::oneIn($asked->in->number('confidence'))),
                'For off-types that stand at random and can be told by looking. To have met none does not say that there is none.',
            ),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }

    private static function effective(Asked $asked): Judgement
    {
        $ne = $asked->figure('ne');
        $parents = $asked->in->has('contributions')
            ? count(array_filter($asked->in->numbers('contributions'), static fn (float $gave): bool => $gave > 0.0))
            : $asked->in->integer('males') + $asked->in->integer('females');

        return new Judgement(
            sprintf('They are worth %s.', Figures::round($ne, 2) === '1' ? 'a single parent' : Figures::round($ne, 2).' equal parents'),
            $parents === 1 ? 'A single plant gave it all.' : ($ne > 0.9 * $parents
                ? sprintf('%s gave nearly equal parts.', Figures::count($parents, 'plant'))
                : sprintf('%s gave, but not equally, and much of their offspring shares a parent. %s', Figures::count($parents, 'plant'), $asked->in->has('contributions') ? 'Taking the same weight from each would mend it.' : 'The rarer sex is the narrow place.')),
            'Exact for plants that are not related. Plants raised from one packet of a narrow line are.',
        );
    }

    private static function history(Asked $asked): Judgement
    {
        $kept = $asked->figure('heterozygosity_kept');
        $sizes = $asked->in->numbers('sizes');
        $least = min([INF, ...$sizes]);

        return new Judgement(
            sprintf('%s of the diversity within plants is left; over these years it was as good as %s at a time.', Quantity::percent($kept), Figures::round($asked->figure('ne'), 2) === '1' ? 'a single parent' : Figures::round($asked->figure('ne'), 2).' parents'),
            sprintf('The narrowest generation, %s, counts most: what is lost there does not come back with more plants later.', Figures::round($least, 3)),
            'For plants that cross freely. A selfer has little to lose within a plant; there it is different lines that count.',
        );
    }

    private static function kinship(Asked $asked): Judgement
    {
        $kinship = $asked->figure('kinship');
        $of = array_map(trim(...), explode(',', $asked->in->text('of')));
        $plants = count(array_unique($of)) === 1 ? "Two plants of $of[0]" : "A plant of $of[0] and one of $of[1]";

        return new Judgement(
            match (true) {
                $kinship < 0.005 => "$plants are hardly related.",
                $kinship < 0.04 => "$plants are related as distant cousins are.",
                $kinship < 0.09 => "$plants are related about as first cousins are.",
                $kinship < 0.19 => "$plants are related about as half-brothers and half-sisters are.",
                $kinship < 0.35 => "$plants are related about as brothers and sisters are.",
                default => "$plants are related more closely than brothers and sisters.",
            },
            sprintf('A gene of one and of the other are copies of a single one %s. Seed of the two together is inbred by as much.', Figures::oneIn($kinship)),
            'For equal parents, and lots from nowhere whose plants are not related: a narrow line that was bought is more related than that. Two pickings off the same plants are one lot.',
        );
    }

    private static function fixation(Asked $asked): Judgement
    {
        $generation = $asked->in->integer('generation');
        $fixed = $asked->figure('all_fixed');

        return new Judgement(
            sprintf(
                'In the F%d a plant still has %s of those genes mixed; %s stable altogether.',
                $generation,
                Quantity::percent($asked->figure('heterozygosity')),
                match (true) {
                    $fixed >= 0.995 => 'nearly every plant is',
                    $fixed < 0.001 => 'hardly any plant is',
                    $fixed < 0.2 => '1 plant in '.Figures::round(1 / $fixed, 2).' is',
                    default => Quantity::percent($fixed).' of plants are',
                },
            ),
            $fixed < 0.9 ? 'Selfing halves what is mixed in each generation. Go on selfing, each plant’s seed apart.' : 'Selfing has halved what was mixed often enough: off-types should be rare now.',
            'For a line that only selfs. Every stray cross sets it back.',
        );
    }

    private static function trueness(Asked $asked): Judgement
    {
        $sure = 'A reckoning from what is on record, no verdict: a single off-type is a suspicion to be confirmed. Plants looked over, at the stage at which they can be told, count more than any reckoning.';
        if (! $asked->has('share')) {
            return new Judgement(
                'Not known.',
                'Nothing is on record that would tell: neither how its parents and its isolation were, nor any plants looked over.',
                'To know, grow it out and look the plants over: forty and none off-type make it near clean, eighty clean.',
            );
        }
        $percent = static fn (string $key): string => Figures::round(100 * $asked->figure($key), 2)."\u{00A0}%";
        $seen = $asked->in->integer('seen');

        return new Judgement(
            sprintf('%s: about %s of its plants are not of it, at most %s.', ucfirst($asked->word('word')), $percent('share'), $percent('high')),
            match (true) {
                $seen === 0 => sprintf('By its parents and its isolation alone, as if %s had been looked over.', Figures::count((int) round($asked->in->number('weight')), 'plant')),
                $asked->in->integer('off') === 0 => sprintf('%s were looked over and none was off-type.', Figures::count($seen, 'plant')),
                default => sprintf('%s of %s that were looked over %s off-type.', Figures::round((float) $asked->in->integer('off'), 6), Figures::count($seen, 'plant'), $asked->in->integer('off') === 1 ? 'was' : 'were'),
            },
            $sure,
        );
    }

    private static function tradeoff(Asked $asked): Judgement
    {
        $keep = $asked->in->integers('keep');
        $gain = $asked->list('response');
        [$hard, $mild] = [array_search(min([PHP_INT_MAX, ...$keep]), $keep, true), array_search(max([0, ...$keep]), $keep, true)];
        $kept = $asked->list('kept');
        $said = static fn (int|string|false $i): string => sprintf('%s gains %s and keeps a rare form %s', Figures::count($keep[(int) $i] ?? 0, 'plant'), Figures::round($gain[(int) $i] ?? 0.0, 2), Figures::oneIn($kept[(int) $i] ?? 0.0));

        return new Judgement(
            $hard === $mild ? "Keeping {$said($hard)}." : sprintf('Keeping %s; keeping %s.', $said($hard), $said($mild)),
            'The best few carry the gain on; the rest carry what is rare. What is gained can be gained again, what is lost does not come back. The gain is in standard deviations of the traits, weighed as you weigh them.',
            'As sure as the heritabilities. A rare form is one that one gene in twenty carries; parents are taken to give alike and not to be related.',
        );
    }

    private static function selection(Asked $asked): Judgement
    {
        $ranking = array_map(intval(...), $asked->list('ranking'));
        $keep = $asked->in->integer('keep');
        $kept = array_slice($ranking, 0, $keep);
        $out = count($asked->in->rows('scores')) - count($ranking);

        return new Judgement(
            count($kept) === 1 ? "Keep plant $kept[0]." : 'Keep plants '.implode(', ', array_slice($kept, 0, -1)).' and '.$kept[count($kept) - 1].'.',
            'They stand highest when every trait is put on the same scale and weighed as you said.'
                .($out > 0 ? sprintf(' %s out first: sick or off-type plants give no seed, whatever their scores.', Figures::count($out, 'plant was', 'plants were')) : ''),
            ($keep < 20 ? sprintf('%s as parents is narrow for a crop that crosses: hard choosing and many parents pull against each other. ', Figures::count($keep, 'plant')) : '')
                .'Heritabilities are guesses unless measured; the gain scales with them.',
        );
    }

    private static function chance(float $share): string
    {
        return $share > 0.995 ? 'almost surely ('.Quantity::percent($share).')' : 'with a chance of '.Quantity::percent($share);
    }

    private static function tasting(Asked $asked): Judgement
    {
        $least = $asked->figure('least_p');
        $sure = 'Blind only: by numbers in a random order, plates alike, no word until all have scored. Of gourds and squash a crumb first, spat out where it is bitter.';
        if (! $asked->has('p')) {
            return new Judgement(
                TastingWords::ahead($least),
                sprintf('Were all to agree, chance alone would make that %s.', Figures::oneIn($least)),
                $sure,
            );
        }
        $p = $asked->figure('p');
        $ranks = $asked->list('ranks');
        arsort($ranks);
        $order = implode(', ', array_map(static fn (int $i): string => (string) ($i + 1), array_keys($ranks)));

        return new Judgement(
            TastingWords::verdict($p, $least, "sample $order"),
            TastingWords::chance($p, $asked->yes('exact'), $asked->figure('w')),
            "$sure ".TastingWords::DIFFER,
        );
    }
}
