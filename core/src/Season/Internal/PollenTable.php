<?php

declare(strict_types=1);

namespace Marrow\Core\Season\Internal;

use Marrow\Core\Season\PollenMeter;
use Marrow\Core\Season\Site;

/**
 * What every choice of one planting takes from every choice of the others, worked out once for the search. Shares combine
 * as 1 − Π(1 − s), so they are held as −ln(1 − s), which add up; two choices that want the same ground shut one another out.
 */
final readonly class PollenTable
{
    /** Rounding must not refuse what is just within. */
    private const SLACK = 1e-12;

    /** Of a source whose pollen would be all that there is; no infinity, so that sums can be taken apart again. */
    private const ALL = 40.0;

    /** Of a planting that may take any pollen. */
    private const ANY = 1e6;

    /** Of two choices that cannot both be. */
    private const NEVER = 1e9;

    /**
     * @param  list<list<float>>  $fixed  by planting and choice, from sources that nothing is done about
     * @param  list<list<list<float>>>  $taken  by planting, choice, and the source's choice, those of all sources in one row; 1e9 where both cannot be
     * @param  list<int>  $start  where the choices of each source begin in a row
     * @param  list<float>  $room  of each planting, for all that it takes
     * @param  list<list<float>>  $cost  by planting and choice, rising
     */
    public function __construct(public array $fixed, public array $taken, public array $start, public array $room, public array $cost) {}

    /**
     * @param  list<Site>  $sites  of the plantings, as they are planned
     * @param  list<non-empty-list<Choice>>  $choices  of each planting, the cheapest first
     * @param  list<Site>  $around  sources that nothing is done about
     * @param  list<float>  $allowed  share of each planting, 0 … 1
     */
    public static function of(array $sites, array $choices, array $around, array $allowed, PollenMeter $meter): self
    {
        $fixed = [];
        $taken = [];
        foreach ($choices as $p => $own) {
            $fixed[] = array_map(static fn (Choice $choice): float => self::fromAround($sites[$p], $choice, $around, $meter), $own);
            $taken[] = self::fromOthers($p, $sites, $choices, $meter);
        }

        return new self(
            $fixed,
            $taken,
            self::starts($choices),
            array_map(static fn (float $share): float => $share >= 1.0 ? self::ANY : self::amount($share) + self::SLACK, $allowed),
            array_map(static fn (array $own): array => array_map(static fn (Choice $choice): float => $choice->cost, $own), $choices),
        );
    }

    /**
     * What a way costs in all, in mornings of work.
     *
     * @param  list<int>  $way  choice of each planting
     */
    public function costOf(array $way): float
    {
        $cost = 0.0;
        foreach ($way as $p => $c) {
            $cost += $this->cost[$p][$c];
        }

        return $cost;
    }

    /**
     * @param  list<Site>  $sites
     * @param  list<non-empty-list<Choice>>  $choices
     * @return list<list<float>> by choice, and the source's choice
     */
    private static function fromOthers(int $p, array $sites, array $choices, PollenMeter $meter): array
    {
        /** @var array<string, float> $blooming full share by both spots */
        $blooming = [];
        $amount = static function (Choice $choice, int $q, Choice $other) use ($p, $sites, $meter, &$blooming): float {
            return match (true) {
                $p === $q => 0.0,
                $choice->shutsOut($other) => self::NEVER,
                ! $choice->meets($other) => 0.0,
                default => self::amount($choice->overlap($other->from, $other->to) * ($blooming["$choice->spot $q $other->spot"]
                    ??= $meter->shareBlooming($sites[$p], $choice->place, $sites[$q], $other->place))),
            };
        };

        $rows = [];
        foreach ($choices[$p] as $choice) {
            $row = [];
            foreach ($choices as $q => $others) {
                foreach ($others as $other) {
                    $row[] = $amount($choice, $q, $other);
                }
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * Pollen of sources that nothing is done about.
     *
     * @param  list<Site>  $around
     */
    private static function fromAround(Site $site, Choice $choice, array $around, PollenMeter $meter): float
    {
        if (! $choice->takes) {
            return 0.0;
        }
        $sum = 0.0;
        foreach ($around as $source) {
            $share = $source->gives ? $meter->shareBlooming($site, $choice->place, $source, $source->place) : 0.0;
            if ($share > 0.0) {
                $sum += self::amount($share * ($source->bloom === null ? 1.0 : $choice->overlap($source->bloom->firstDay, $source->bloom->lastDay)));
            }
        }

        return $sum;
    }

    /**
     * @param  list<list<mixed>>  $choices
     * @return list<int> where the choices of each planting begin when all stand in one row
     */
    public static function starts(array $choices): array
    {
        $starts = [];
        $next = 0;
        foreach ($choices as $own) {
            $starts[] = $next;
            $next += count($own);
        }

        return $starts;
    }

    private static function amount(float $share): float
    {
        return $share >= 1.0 ? self::ALL : -log1p(-$share);
    }
}
