<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Season\Internal\Choices;
use Marrow\Core\Season\Internal\PollenTable;
use Marrow\Core\Season\Internal\Search;

/**
 * What to do about crossing, solved for the garden as a whole: the cheapest measures under the keeper's preferences
 * that bring every planting kept true within its allowed share.
 */
final readonly class Remedies
{
    /** Beyond so many plantings that bear on one another only those in conflict are weighed, and the search may stop early. */
    public const EXACT_PLANTINGS = 25;

    /** Comparisons of two choices, a second of them or so; an eighth for the other ways that are looked for beside it. */
    private const STEPS = 12_000_000;

    private const STEPS_BESIDE = 1_500_000;

    /** What all ways together can come to. */
    public const MOST_STEPS = self::STEPS + 2 * self::STEPS_BESIDE;

    /** Of all plantings of a group together: each is compared with each. */
    private const MOST_CHOICES = 900;

    /** Each group has so many at the least: enough to find some way, if not the cheapest. */
    private const FEWEST_STEPS = 60_000;

    /** @param  list<Obstacle>  $obstacles  what stands in the way when there is no plan */
    private function __construct(public ?RemedyPlan $plan, public array $obstacles) {}

    public static function find(SeasonPlan $plan, RemedyPreferences $prefer, int $steps = self::STEPS, ?SearchWatch $watch = null): self
    {
        $now = GardenIsolation::of($plan);
        $remedies = [];
        $obstacles = [];
        $exact = true;
        $groups = self::groups($plan, $now);
        $concerned = array_sum(array_map(count(...), $groups));
        foreach ($groups as $group) {
            $search = self::search($plan, $group, $prefer, $now, max(self::FEWEST_STEPS, $steps), self::shiftStep(count($group), $concerned));
            $chosen = $search->run($watch);
            $steps -= $search->steps();
            $watch?->partDone($search->steps());
            if ($chosen === null) {
                array_push($obstacles, ...self::obstacles($group, $now));

                continue;
            }
            $exact = $exact && $search->isExact;
            foreach ($chosen as $choice) {
                if ($choice->remedy !== null) {
                    $remedies[] = $choice->remedy;
                }
            }
        }

        return $obstacles === [] ? new self(new RemedyPlan($remedies, $exact), []) : new self(null, $obstacles);
    }

    /**
     * Two or three ways of doing it: with the least work; with everything grown this year; without cages and hand work.
     *
     * @return array<string, self> by 'least_work', 'grow_all', 'no_covers'; only those that differ, and at least the first
     *
     * @throws SearchStopped when whoever watches has ended it
     */
    public static function alternatives(SeasonPlan $plan, RemedyPreferences $prefer, ?SearchWatch $watch = null): array
    {
        $ways = ['least_work' => self::find($plan, $prefer, self::STEPS, $watch)];
        foreach (['grow_all' => $prefer->without(leavingOut: true), 'no_covers' => $prefer->without(covers: true)] as $name => $other) {
            $way = self::find($plan, $other, self::STEPS_BESIDE, $watch);
            if ($way->plan === null) {
                continue;
            }
            foreach ($ways as $known) {
                if ($known->plan?->isSameAs($way->plan) === true) {
                    continue 2;
                }
            }
            $ways[$name] = $way;
        }

        return $ways;
    }

    /**
     * Plantings that bear on one another and of which at least one is in trouble.
     *
     * @return list<list<PlannedPlanting>>
     */
    private static function groups(SeasonPlan $plan, GardenIsolation $now): array
    {
        $meter = new PollenMeter($plan);
        $trouble = [];
        foreach ($now->standings as $standing) {
            if (! $standing->isInformation && $standing->share > $standing->allowed) {
                $trouble[$standing->planting->id] = true;
            }
        }
        $standing = array_values(array_filter($plan->standing(), static fn (PlannedPlanting $p): bool => $now->courses[$p->id]->bloom !== null));
        $sites = array_map(static fn (PlannedPlanting $p): Site => Site::ofPlanting($now->courses[$p->id]), $standing);
        $groups = [];
        $seen = [];
        foreach ($standing as $i => $planting) {
            if (! isset($trouble[$planting->id]) || isset($seen[$i])) {
                continue;
            }
            $seen[$i] = true;
            $group = [$i];
            for ($at = 0; $at < count($group); $at++) {
                foreach ($sites as $j => $site) {
                    if (! isset($seen[$j]) && ($meter->couldCross($sites[$group[$at]], $site) || $meter->couldCross($site, $sites[$group[$at]]))) {
                        $seen[$j] = true;
                        $group[] = $j;
                    }
                }
            }
            $groups[] = self::narrowed(array_map(static fn (int $j): PlannedPlanting => $standing[$j], $group), $now, $trouble);
        }

        return $groups;
    }

    /**
     * Of a very large group only what is in conflict is weighed; the rest stays as planned.
     *
     * @param  list<PlannedPlanting>  $group
     * @param  array<string, true>  $trouble
     * @return list<PlannedPlanting>
     */
    private static function narrowed(array $group, GardenIsolation $now, array $trouble): array
    {
        if (count($group) <= self::EXACT_PLANTINGS) {
            return $group;
        }
        $concerned = $trouble;
        foreach ($now->standings as $standing) {
            if (isset($trouble[$standing->planting->id])) {
                foreach ($standing->risks as $risk) {
                    $concerned[$risk->source->id] = true;
                }
            }
        }

        return array_values(array_filter($group, static fn (PlannedPlanting $p): bool => isset($concerned[$p->id])));
    }

    /** Sowing is shifted to the day where few are concerned, to the week where many are, or the search would never end. */
    private static function shiftStep(int $inGroup, int $inAll): int
    {
        return match (true) {
            $inAll > self::EXACT_PLANTINGS => 7,
            $inGroup <= 4 => 1,
            $inGroup <= 6 => 3,
            default => 7,
        };
    }

    /** @param  list<PlannedPlanting>  $group */
    private static function search(SeasonPlan $plan, array $group, RemedyPreferences $prefer, GardenIsolation $now, int $steps, int $step): Search
    {
        $choices = new Choices($plan, $prefer, $plan->standing());
        $ids = array_map(static fn (PlannedPlanting $p): string => $p->id, $group);
        $fixed = array_map(Site::ofSource(...), $plan->sources);
        foreach ($plan->standing() as $other) {
            if (! in_array($other->id, $ids, true)) {
                $fixed[] = Site::ofPlanting($now->courses[$other->id]);
            }
        }

        $most = max(2, intdiv(self::MOST_CHOICES, count($group)));
        $all = array_map(static fn (PlannedPlanting $p): array => $choices->of($p, $step), $group);
        $options = array_map(static fn (array $own): array => Choices::fewest($own, $most), $all);
        $table = PollenTable::of(
            array_map(static fn (PlannedPlanting $p): Site => Site::ofPlanting($now->courses[$p->id]), $group),
            $options,
            $fixed,
            array_map(static fn (PlannedPlanting $p): float => $p->allowed ?? $plan->isolation->allowed, $group),
            new PollenMeter($plan),
        );

        return new Search($options, $table, $steps, $options === $all);
    }

    /**
     * @param  list<PlannedPlanting>  $group
     * @return list<Obstacle>
     */
    private static function obstacles(array $group, GardenIsolation $now): array
    {
        $obstacles = [];
        foreach ($group as $planting) {
            $standing = $now->standingOf($planting->id);
            if ($standing !== null && ! $standing->isInformation && $standing->share > $standing->allowed) {
                $obstacles[] = new Obstacle($planting, $standing->share, $standing->allowed, $standing->risks);
            }
        }

        return $obstacles;
    }
}
