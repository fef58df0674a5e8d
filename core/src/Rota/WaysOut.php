<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

use Marrow\Core\Fields\Field;
use Marrow\Core\Storage\ThumbRule;

/** What could be given up where needs collide, each with what the best rota then costs: the whole is solved anew for each. */
final class WaysOut
{
    /** Of a search for the price of one way. */
    private const ROUNDS = 4;

    /** Ways that are tried, the fewer the more lines there are: each is a rota of its own. */
    private const MOST = 20;

    private const FEWEST = 6;

    private const WORTH = 1200;

    /** °C by which seed is stored colder where that is tried; by the same rule of thumb 1 % less moisture does as much. */
    private const COLDER = 5.0;

    /**
     * @param  list<Breach>  $breaches
     * @return list<WayOut> the cheapest first; those after which it still does not fit are left out
     */
    public static function of(RotaProblem $problem, array $breaches): array
    {
        $free = RotaSearch::best($problem->withEach(static fn (RotaLine $line): RotaLine => $line->withYears([], $line->forbidden)), rounds: self::ROUNDS, steps: RotaSearch::QUICK)?->rota;
        $ways = [];
        $most = max(self::FEWEST, min(self::MOST, intdiv(self::WORTH, max(1, count($problem->lines)))));
        foreach (array_slice(self::tried($problem, $breaches), 0, $most) as [$kind, $line, $year, $resource, $amount, $changed]) {
            $cost = RotaSearch::best($changed, rounds: self::ROUNDS, steps: RotaSearch::QUICK)?->rota->cost();
            if ($cost === null) {
                continue;
            }
            $weight = $problem->line((string) $line)->weight ?? 0.0;
            $cost += match ($kind) {
                WayKind::LetGo => $weight,
                // Elsewhere it is taken to be kept as well as it would be here without pins.
                WayKind::Sent => $weight * (1.0 - ($free->kept[(string) $line] ?? 0.0)),
                default => 0.0,
            };
            $ways[] = new WayOut($kind, $line, $year, $resource, $amount, $cost, $cost - ($free?->cost() ?? 0.0));
        }
        usort($ways, static fn (WayOut $a, WayOut $b): int => [$a->cost, $a->kind->value, $a->line, $a->year] <=> [$b->cost, $b->kind->value, $b->line, $b->year]);

        return $ways;
    }

    public static function colder(): string
    {
        return sprintf('%s °C colder', Field::show(self::COLDER));
    }

    /** Times as fast as now that seed ages stored so much colder: 0 … 1. */
    public static function pace(): float
    {
        return 1.0 / ThumbRule::factor(0.0, -self::COLDER);
    }

    /**
     * @param  list<Breach>  $breaches
     * @return list<array{WayKind, ?string, ?int, ?Resource, float, RotaProblem}>
     */
    private static function tried(RotaProblem $problem, array $breaches): array
    {
        $tried = [];
        foreach ($breaches as $breach) {
            foreach ($breach->lines as $id) {
                $line = $problem->line($id);
                if ($line === null) {
                    continue;
                }
                $pin = self::pinOf($line, $breach);
                if ($pin !== null) {
                    $free = $line->withYears(array_values(array_diff($line->pinned, [$pin])), $line->forbidden);
                    $tried["unpin $id $pin"] = [WayKind::Unpin, $id, $pin, null, 0.0, self::with($problem, $free)];
                    $tried["stored $id $pin"] = [WayKind::Stored, $id, $pin, null, 0.0, self::with($problem, $free->ageing(self::pace()))];
                }
                if ($breach->kind === BreachKind::Forbidden) {
                    $tried["allow $id $breach->year"] = [WayKind::Allow, $id, $breach->year, null, 0.0, self::with($problem, $line->withYears($line->pinned, array_values(array_diff($line->forbidden, [$breach->year]))))];
                }
                $others = $problem->withLines(array_values(array_filter($problem->lines, static fn (RotaLine $other): bool => $other->id !== $id)));
                $tried["sent $id"] = [WayKind::Sent, $id, null, null, 0.0, $others];
                $tried["let go $id"] = [WayKind::LetGo, $id, null, null, 0.0, $others];
                if ($breach->resource() === Resource::Area || $breach->resource() === Resource::Hours) {
                    $tried["fewer $id"] = [WayKind::Fewer, $id, null, null, 0.0, self::with($problem, new RotaLine($line->id, $line->weight, $line->alive, $line->renewed, $line->fails, $line->stands, $line->sowings, $line->area / 2, $line->hours / 2, $line->cages, $line->pinned, $line->forbidden))];
                }
            }
            $resource = $breach->resource();
            if ($resource !== null) {
                $short = $breach->needs - $breach->given;
                $short = $resource === Resource::Cages ? ceil($short - Rota::SLACK) : ceil($short * 10 - Rota::SLACK) / 10;
                $amount = max($short, $tried["more $resource->value"][4] ?? 0.0);
                $tried["more $resource->value"] = [WayKind::More, null, null, $resource, $amount, $problem->withLimits($problem->limits->raised($resource, $amount))];
            }
        }

        return array_values($tried);
    }

    private static function pinOf(RotaLine $line, Breach $breach): ?int
    {
        foreach ($line->pinned as $pin) {
            if ($breach->year !== null && $breach->year >= $pin && $breach->year <= max($pin, $line->harvest($pin))) {
                return $pin;
            }
        }

        return null;
    }

    private static function with(RotaProblem $problem, RotaLine $changed): RotaProblem
    {
        return $problem->withEach(static fn (RotaLine $line): RotaLine => $line->id === $changed->id ? $changed : $line);
    }
}
