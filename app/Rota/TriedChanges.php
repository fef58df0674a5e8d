<?php

declare(strict_types=1);

namespace App\Rota;

use App\Voice\InUnits;
use Closure;
use Marrow\Core\Rota\Play;
use Marrow\Core\Rota\Resource;
use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Rota\WaysOut;

/** What could help: a little more of what is limited, a better store, one growing more of the weakest. */
final class TriedChanges
{
    private const WEAKEST = 4;

    /** @return list<TriedChange> */
    public static function of(RotaProblem $problem, ?Rota $rota, Play $played): array
    {
        $changes = [];
        foreach (Resource::cases() as $resource) {
            $limits = array_filter($problem->limits->of($resource), static fn (float $limit): bool => $limit < INF);
            if ($limits === []) {
                continue;
            }
            $by = $resource === Resource::Cages ? 1.0 : max(1.0, round(max($limits) / 5));
            $changes[] = new TriedChange($problem->withLimits($problem->limits->raised($resource, $by)), static fn (): string => $resource->said($by).' more each year');
        }
        $changes[] = new TriedChange($problem, static fn (): string => InUnits::sentence('All seed stored '.WaysOut::colder()), WaysOut::pace(), $rota->sowings ?? []);
        $weakest = $played->kept;
        asort($weakest);
        foreach (array_slice(array_keys($weakest), 0, self::WEAKEST) as $id) {
            $changes = [...$changes, ...self::oneMore($problem, $rota, (string) $id)];
        }

        return $changes;
    }

    /** @return list<TriedChange> */
    private static function oneMore(RotaProblem $problem, ?Rota $rota, string $id): array
    {
        $line = $problem->line($id);
        if ($line === null || $rota === null) {
            return [];
        }
        for ($year = 0; $year <= $problem->years - $line->stands; $year++) {
            $sowings = [...$rota->sowings, $id => [...$rota->sowings[$id], $year]];
            if (! in_array($year, $rota->sowings[$id], true) && Rota::of($problem, $sowings)->breaches() === []) {
                $at = $problem->firstYear + $year;

                return [new TriedChange($problem, static fn (Closure $name): string => "One growing more of {$name($id)}, in $at", 1.0, $sowings)];
            }
        }

        return [];
    }
}
