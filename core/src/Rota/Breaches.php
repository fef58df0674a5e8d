<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Looks through a rota, or through what was pinned, for needs that do not go together. */
final class Breaches
{
    /** @return list<Breach> */
    public static function of(Rota $rota): array
    {
        $problem = $rota->problem;
        $breaches = [];
        $standing = $flowering = [];
        foreach ($problem->lines as $line) {
            $until = -1;
            foreach ($rota->sowings[$line->id] as $sown) {
                if (in_array($sown, $line->forbidden, true)) {
                    $breaches[] = new Breach(BreachKind::Forbidden, $sown, [$line->id]);
                }
                if ($sown <= $until) {
                    $breaches[] = new Breach(BreachKind::Overlap, $sown, [$line->id]);
                }
                $until = $line->harvest($sown);
                if ($sown < 0 || $until >= $problem->years) {
                    $breaches[] = new Breach(BreachKind::TooLate, $sown, [$line->id]);
                }
                for ($year = $sown; $year <= $until; $year++) {
                    $standing[$year][$line->id] = true;
                }
                $flowering[$until][$line->id] = true;
            }
        }
        foreach ($problem->conflicts as $conflict) {
            for ($year = 0; $conflict->never && $year < $problem->years; $year++) {
                $together = array_values(array_filter($conflict->lines, static fn (string $id): bool => isset($flowering[$year][$id])));
                if (count($together) > 1) {
                    $breaches[] = new Breach(BreachKind::Crossing, $year, $together);
                }
            }
        }

        return [...$breaches, ...self::limits($rota, $standing, $flowering)];
    }

    /**
     * What the pins ask by themselves. None where they go together.
     *
     * @return list<Breach>
     */
    public static function ofPins(RotaProblem $problem): array
    {
        $sowings = [];
        $late = [];
        foreach ($problem->lines as $line) {
            $sowings[$line->id] = [];
            foreach ($line->pinned as $sown) {
                if ($sown >= 0 && $line->harvest($sown) < $problem->years) {
                    $sowings[$line->id][] = $sown;
                } else {
                    $late[] = new Breach(BreachKind::TooLate, $sown, [$line->id]);
                }
            }
        }

        return [...$late, ...self::of(Rota::of($problem, $sowings))];
    }

    /**
     * @param  array<int, array<string, true>>  $standing
     * @param  array<int, array<string, true>>  $flowering
     * @return list<Breach>
     */
    private static function limits(Rota $rota, array $standing, array $flowering): array
    {
        $breaches = [];
        foreach ([[Resource::Area, BreachKind::Area, $standing], [Resource::Hours, BreachKind::Hours, $standing], [Resource::Cages, BreachKind::Cages, $flowering]] as [$resource, $kind, $lines]) {
            foreach ($rota->problem->limits->of($resource) as $year => $limit) {
                $used = $rota->used[$resource->value][$year];
                if ($used > $limit + Rota::SLACK) {
                    $whose = array_filter($rota->problem->lines, static fn (RotaLine $line): bool => isset($lines[$year][$line->id]) && self::asks($rota->problem, $line, $resource));
                    $breaches[] = new Breach($kind, $year, array_values(array_map(static fn (RotaLine $line): string => $line->id, $whose)), $used, $limit);
                }
            }
        }

        return $breaches;
    }

    private static function asks(RotaProblem $problem, RotaLine $line, Resource $resource): bool
    {
        $own = match ($resource) {
            Resource::Area => $line->area,
            Resource::Hours => $line->hours,
            Resource::Cages => $line->cages,
        };
        if ($own > 0.0) {
            return true;
        }
        foreach ($problem->conflicts as $conflict) {
            if (in_array($line->id, $conflict->lines, true) && ($resource === Resource::Hours ? $conflict->hours : ($resource === Resource::Cages ? $conflict->cages : 0.0)) > 0.0) {
                return true;
            }
        }

        return false;
    }
}
