<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\IsolationStandard;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\Bloom;
use Marrow\Core\Isolation\Climate;
use Marrow\Core\Isolation\IsolationPair;
use Marrow\Core\Isolation\IsolationSetting;
use Marrow\Core\Isolation\PollenPath;
use Marrow\Core\Isolation\Protection;
use Marrow\Core\Season\GardenIsolation;
use Marrow\Core\Season\IsolationStanding;
use Marrow\Core\Season\Obstacle;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\Remedy;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;

final class IsolationReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::pair($crops), self::garden($crops), self::remedies($crops)];
    }

    private static function pair(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'isolation.pair',
            'Will these two cross, and how far apart must they stand?',
            [
                Field::crop('crop', 'the crop kept for seed'),
                Field::crop('source', 'the crop whose pollen might come')->optional(),
                Field::number('distance', 'how far apart, nearest edges', 'm', 0, 100_000),
                Field::integer('plants', 'plants kept for seed', 'plants', 1, 1_000_000)->optional(1),
                Field::integer('source_plants', 'plants of the other', 'plants', 1, 1_000_000)->optional(1),
                Field::day('first_bloom', 'first bloom')->optional(),
                Field::day('last_bloom', 'last bloom')->optional(),
                Field::day('source_first_bloom', 'first bloom of the other')->optional(),
                Field::day('source_last_bloom', 'last bloom of the other')->optional(),
                Field::choice('barrier', 'what stands between', ['none' => 'nothing', 'hedge' => 'a hedge or a tall crop', 'building' => 'a building or a wall'])->optional('none'),
                Field::choice('protection', 'flowers kept for seed are', ['open' => 'open to the air', 'caged' => 'under a cage of insect mesh, and pollinated by hand where needed', 'bagged' => 'bagged, and pollinated by hand where needed; against the wind in pollen-tight bags', 'cloth' => 'under pollen-tight cloth, all of it'])->optional('open'),
                Field::choice('standard', 'how strictly', ['home' => 'as a home gardener', 'careful' => 'carefully, as for passing on', 'grower' => 'as a seed grower'])->optional('careful'),
                Field::choice('climate', 'climate', ['temperate' => 'temperate', 'tropical' => 'tropical: twice the distance'])->optional('temperate'),
                Field::share('allowed', 'share of crossed seed that is put up with', 0.0001)->optional(IsolationSetting::ALLOWED),
            ],
            [
                new Output('crosses', '', 'side by side they cross: never, rarely or freely'),
                new Output('overlap_days', 'days', 'in bloom together'),
                new Output('needed_distance', 'm', 'distance to keep'),
                new Output('share', 'share', 'expected share of crossed seed'),
                new Output('verdict', '', 'verdict: clear, watch or act'),
            ],
            'Full strength between neighbours, falling exponentially to 0.5 % at the crop’s careful distance; × the share of bloom that overlaps; '
                .'× 0.3 behind a hedge or building; × source/(source + own plants) × 2, at most 1; none when caged or bagged, but that insect mesh lets through what the wind carries. A simple model with general-practice distances.',
            static function (Values $in) use ($crops): array {
                $kept = $crops->get($in->text('crop'), 'crop');
                $pair = IsolationPair::of(
                    $kept,
                    $in->has('source') ? $crops->get($in->text('source'), 'source') : $kept,
                    self::path($in),
                    self::setting($in),
                );

                return [
                    'crosses' => $pair->crosses->value,
                    'overlap_days' => $pair->overlapDays,
                    'needed_distance' => $pair->neededDistance,
                    'share' => $pair->share,
                    'verdict' => $pair->verdict->value,
                ];
            },
            [new Alternatives('when they bloom', [
                new Way('not known: taken as together', []),
                new Way('by the day', ['first_bloom', 'last_bloom', 'source_first_bloom', 'source_last_bloom']),
            ])],
            also: 'distance apart cross pollinate pure bees wind contaminate neighbour squash',
        );
    }

    private static function garden(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'isolation.garden',
            'What in this plan would cross, over the whole garden?',
            [Field::plan('plan', 'the plan of a season')],
            [
                new Output('at_risk', 'plantings', 'over what is allowed'),
                new Output('plantings', '', 'kept for seed, the most at risk first'),
                new Output('shares', '', 'expected share of crossed seed of each'),
                new Output('verdicts', '', 'verdict on each: clear, watch, act or information'),
            ],
            'isolation.pair for every planting kept for seed against all that flowers, own, food and neighbours’; shares combine as 1 − Π(1 − share).',
            static function (Values $in) use ($crops): array {
                $standings = GardenIsolation::of(self::planOf($in, $crops))->standings;
                $verdict = static fn (IsolationStanding $standing): string => $standing->isInformation ? 'information' : $standing->verdict->value;

                return [
                    'at_risk' => count(array_filter($standings, static fn (IsolationStanding $standing): bool => $verdict($standing) === 'act')),
                    'plantings' => array_map(static fn (IsolationStanding $standing): string => $standing->planting->id, $standings),
                    'shares' => array_map(static fn (IsolationStanding $standing): float => $standing->share, $standings),
                    'verdicts' => array_map($verdict, $standings),
                ];
            },
            also: 'plan garden everything cross risk overview',
        );
    }

    private static function remedies(CropReference $crops): Reckoning
    {
        $yesOrNo = static fn (string $key, string $label): Field => Field::choice($key, $label, ['yes' => 'yes', 'no' => 'no'])->optional('yes');

        return new Reckoning(
            'isolation.remedies',
            'What is the least work that keeps everything in this plan true?',
            [
                Field::plan('plan', 'the plan of a season'),
                Field::day('not_before', 'nothing can be sown before')->optional(),
                Field::integer('shift_days', 'sowing may be shifted by up to', 'days', 0, RemedyPreferences::MOST_SHIFT)->optional(28),
                $yesOrNo('move', 'plantings may be moved'),
                $yesOrNo('cage', 'cages may be put up'),
                $yesOrNo('alternate', 'two cages may be opened on alternate days'),
                $yesOrNo('bag', 'flowers may be bagged and pollinated by hand'),
                $yesOrNo('leave_out', 'a variety may be left out this year'),
            ],
            [
                new Output('possible', '', 'whether it can be done'),
                new Output('cost', 'mornings of work', 'everything told'),
                new Output('cheapest', '', 'whether nothing cheaper would do'),
                new Output('measures', '', 'what to do with which planting'),
                new Output('obstacles', '', 'plantings that nothing allowed keeps true'),
            ],
            'Branch and bound over the measures of all plantings that bear on one another, so that each is within its allowed share.',
            static function (Values $in) use ($crops): array {
                $may = static fn (string $key): bool => $in->text($key) === 'yes';
                $plan = self::planOf($in, $crops);
                $found = Remedies::find($plan, new RemedyPreferences(
                    $in->has('not_before') ? $in->day('not_before') : new \DateTimeImmutable('1900-01-01', new \DateTimeZone('UTC')),
                    $in->integer('shift_days'),
                    $may('move'),
                    $may('cage'),
                    $may('alternate'),
                    $may('bag'),
                    $may('leave_out'),
                ));

                return [
                    'possible' => $found->plan !== null,
                    'cost' => $found->plan?->cost(),
                    'cheapest' => $found->plan?->isExact,
                    'measures' => array_map(static fn (Remedy $remedy): string => trim($remedy->planting.': '.$remedy->kind->value.($remedy->days === 0 ? '' : sprintf(' %+d days', $remedy->days))), $found->plan->remedies ?? []),
                    'obstacles' => array_map(static fn (Obstacle $obstacle): string => $obstacle->planting->id, $found->obstacles),
                ];
            },
            also: 'plan garden solve cage bag shift sow later what to do',
        );
    }

    /** @throws Refused when something in the plan cannot be so */
    private static function planOf(Values $in, CropReference $crops): SeasonPlan
    {
        try {
            return SeasonPlan::read($in->plan('plan'), $crops);
        } catch (Refused $refused) {
            throw Refused::at('plan', "plan, $refused->path: ".$refused->getMessage());
        }
    }

    /** @param  ?float  $distance  m, in place of the one given */
    public static function path(Values $in, ?float $distance = null): PollenPath
    {
        $bloom = static fn (string $prefix): ?Bloom => $in->has($prefix.'first_bloom')
            ? Bloom::between($in->day($prefix.'first_bloom'), $in->day($prefix.'last_bloom'), $prefix.'last_bloom')
            : null;

        return new PollenPath(
            $distance ?? $in->number('distance'),
            $in->integer('plants'),
            $in->integer('source_plants'),
            $bloom(''),
            $bloom('source_'),
            Barrier::from($in->text('barrier')),
            Protection::from($in->text('protection')),
        );
    }

    public static function setting(Values $in): IsolationSetting
    {
        return new IsolationSetting(
            IsolationStandard::from($in->text('standard')),
            Climate::from($in->text('climate')),
            $in->number('allowed'),
        );
    }
}
