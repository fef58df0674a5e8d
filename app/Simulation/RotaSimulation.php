<?php

declare(strict_types=1);

namespace App\Simulation;

use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\RotaConflict;
use Marrow\Core\Rota\RotaLimits;
use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Rota\RotaSearch;

/**
 * Keepers of as many lines over twenty years, on ground that does not suffice for all they would like to grow: one goes by the
 * rota, worked out anew each winter; one by eye, growing what has fallen below a mark, the lowest first, while there is room;
 * one grows each line when its ordinary years are over; one grows nothing. Weather, failures and the life of every lot are
 * the same for all of them.
 */
final class RotaSimulation
{
    private const YEARS = 20;

    private const LINES = 24;

    private const AHEAD = 6;

    private const ROUNDS = 2;

    /** By eye a line is grown out once its seed will fall below this by next year. */
    private const MARK = 0.8;

    private const POOR = 0.2;

    /** @return list<non-empty-list<string|float>> */
    public static function run(Dice $dice, int $gardens): array
    {
        $gardensPlayed = array_map(static fn (): array => [self::garden($dice), $dice->whole(1, 1_000_000)], range(1, max(1, $gardens)));
        $rows = [];
        foreach (['by the rota' => self::byRota(...), 'by the rota, work counted for nothing' => static fn (RotaProblem $now): array => self::byRota(new RotaProblem($now->firstYear, $now->years, 0.0, $now->limits, $now->lines, $now->conflicts)), 'by eye, the lowest first' => self::byEye(...), 'when its ordinary years are over' => self::byYears(...), 'nothing is grown' => static fn (): array => []] as $name => $keeper) {
            $kept = $hours = $growings = 0.0;
            $whole = 0;
            foreach ($gardensPlayed as [$garden, $seed]) {
                [$alive, $worked, $grown] = self::played($garden, $keeper, new Dice($seed));
                $kept += $alive / self::LINES;
                $whole += $alive === self::LINES ? 1 : 0;
                $hours += $worked / self::YEARS;
                $growings += $grown / self::YEARS;
            }
            $many = count($gardensPlayed);
            $rows[] = [$name, $kept / $many, $whole / $many, sprintf('%.0f h', $hours / $many), sprintf('%.1f', $growings / $many)];
        }

        return $rows;
    }

    /** @return list<RotaLine> with the chances of new seed over all the years */
    private static function lines(Dice $dice): array
    {
        $lines = [];
        for ($n = 0; $n < self::LINES; $n++) {
            $life = $dice->between(4.0, 14.0);
            $lives = array_map(static fn (int $age): float => $age === 0 ? 1.0 : 1.0 / (1.0 + exp(($age - $life) * 5.0 / $life)), range(0, self::YEARS + self::AHEAD + 10));
            $lines[] = new RotaLine("line $n", $dice->whole(1, 4) === 1 ? 2.0 : 1.0, $lives, $lives, $dice->between(0.05, 0.2), $dice->whole(1, 3) === 1 ? 2 : 1, null, $dice->between(0.5, 5.0), $dice->between(2.0, 6.0), $dice->whole(1, 8) === 1 ? 1.0 : 0.0);
        }

        return $lines;
    }

    private static function garden(Dice $dice): RotaProblem
    {
        $lines = self::lines($dice);
        $conflicts = [];
        foreach (array_chunk(array_slice($lines, 0, 15), 3) as $n => $group) {
            $conflicts[] = new RotaConflict(array_map(static fn (RotaLine $line): string => $line->id, $group), $n % 2 === 0, $n % 2 === 0 ? 0.0 : 6.0, $n % 2 === 0 ? 0.0 : 1.0);
        }
        $area = array_sum(array_map(static fn (RotaLine $line): float => $line->area * $line->stands, $lines)) / 4.0;
        $years = self::AHEAD;

        return new RotaProblem(0, $years, 0.005, new RotaLimits(array_fill(0, $years, $area), array_fill(0, $years, 60.0), array_fill(0, $years, 2.0)), $lines, $conflicts);
    }

    /**
     * @param  callable(RotaProblem, array<string, int>, array<string, int>, int): list<string>  $keeper  which lines are sown in a year
     * @return array{int, float, int} lines there at the end, hours, growings
     */
    private static function played(RotaProblem $garden, callable $keeper, Dice $dice): array
    {
        // Of each line: the year its seed ripened, and at which chance that lot dies.
        $born = $dies = $busy = [];
        foreach ($garden->lines as $line) {
            $born[$line->id] = -$dice->whole(0, 3);
            $dies[$line->id] = $dice->between(0.0, 1.0);
        }
        $hours = 0.0;
        $grown = 0;
        for ($year = 0; $year < self::YEARS; $year++) {
            $isPoor = $dice->between(0.0, 1.0) < self::POOR;
            $luck = array_map(static fn (): array => [$dice->between(0.0, 1.0), $dice->between(0.0, 1.0)], range(1, count($garden->lines)));
            $alive = array_filter($born, static fn (int $ripe, string $id): bool => self::lives($garden, $id, $year - $ripe) > $dies[$id], ARRAY_FILTER_USE_BOTH);
            $sown = $keeper(self::of($garden, $alive, $busy, $year), $alive, $busy, $year);
            foreach ($garden->lines as $n => $line) {
                $ends = $busy[$line->id] ?? -1;
                if (in_array($line->id, $sown, true) && isset($alive[$line->id]) && $ends < $year) {
                    $busy[$line->id] = $ends = $line->harvest($year);
                    $grown++;
                }
                if ($ends >= $year) {
                    $hours += $line->hours;
                }
                // The lot that was sown may have been dead by then: what stands is what came up.
                if ($ends === $year && isset($alive[$line->id]) && $luck[$n][0] >= min(0.9, $line->fails * ($isPoor ? 2.5 : 0.625))) {
                    $born[$line->id] = $year;
                    $dies[$line->id] = $luck[$n][1];
                }
            }
        }
        $there = array_filter($garden->lines, static fn (RotaLine $line): bool => self::lives($garden, $line->id, self::YEARS - $born[$line->id]) > $dies[$line->id]);

        return [count($there), $hours, $grown];
    }

    private static function lives(RotaProblem $garden, string $id, int $age): float
    {
        return $garden->line($id)->renewed[max(0, $age)] ?? 0.0;
    }

    /**
     * The garden as its keeper knows it in a winter: which lines are there was tested, how long they last is forecast.
     *
     * @param  array<string, int>  $alive  year in which the seed of each line that is there ripened
     * @param  array<string, int>  $busy  year until which a line stands
     */
    private static function of(RotaProblem $garden, array $alive, array $busy, int $year): RotaProblem
    {
        $lines = [];
        foreach ($garden->lines as $line) {
            if (! isset($alive[$line->id])) {
                continue;
            }
            $age = $year - $alive[$line->id];
            $now = max(1e-6, self::lives($garden, $line->id, $age));
            $chances = array_map(static fn (int $t): float => min(1.0, self::lives($garden, $line->id, $age + $t) / $now), range(0, self::AHEAD));
            $stands = array_values(array_filter(range(0, self::AHEAD - 1), static fn (int $t): bool => ($busy[$line->id] ?? -1) >= $year + $t));
            $lines[] = new RotaLine($line->id, $line->weight, $chances, array_slice($line->renewed, 0, self::AHEAD + 1), $line->fails, $line->stands, null, $line->area, $line->hours, $line->cages, [], $stands);
        }

        // What stands already has its ground and its hours.
        $area = $garden->limits->area;
        $hours = $garden->limits->hours;
        foreach ($garden->lines as $line) {
            for ($t = 0; $t < self::AHEAD && ($busy[$line->id] ?? -1) >= $year + $t; $t++) {
                $area[$t] = max(0.0, $area[$t] - $line->area);
                $hours[$t] = max(0.0, $hours[$t] - $line->hours);
            }
        }

        return $garden->withLines($lines)->withLimits(new RotaLimits(array_values($area), array_values($hours), $garden->limits->cages));
    }

    /** @return list<string> */
    private static function byRota(RotaProblem $now): array
    {
        $rota = RotaSearch::best($now, rounds: self::ROUNDS, steps: RotaSearch::QUICK)?->rota;

        return array_keys(array_filter($rota->sowings ?? [], static fn (array $sown): bool => in_array(0, $sown, true)));
    }

    /** @return list<string> */
    private static function byEye(RotaProblem $now): array
    {
        return self::whileThereIsRoom($now, array_filter($now->lines, static fn (RotaLine $line): bool => $line->alive[1] < self::MARK));
    }

    /**
     * @param  array<string, int>  $alive
     * @param  array<string, int>  $busy
     * @return list<string>
     */
    private static function byYears(RotaProblem $now, array $alive, array $busy, int $year): array
    {
        return self::whileThereIsRoom($now, array_filter($now->lines, static function (RotaLine $line) use ($alive, $year): bool {
            $ordinary = count(array_filter($line->renewed, static fn (float $chance): bool => $chance >= 0.9));

            return $year - $alive[$line->id] >= $ordinary;
        }));
    }

    /**
     * @param  array<int, RotaLine>  $wanted
     * @return list<string>
     */
    private static function whileThereIsRoom(RotaProblem $now, array $wanted): array
    {
        usort($wanted, static fn (RotaLine $a, RotaLine $b): int => [$a->alive[1], $a->id] <=> [$b->alive[1], $b->id]);
        $sown = [];
        foreach ($wanted as $line) {
            $tried = [...$sown, $line->id => [0]];
            if (! in_array(0, $line->forbidden, true) && Rota::of($now, $tried)->breaches() === []) {
                $sown = $tried;
            }
        }

        return array_keys($sown);
    }
}
