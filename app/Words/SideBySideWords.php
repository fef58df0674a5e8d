<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Germination\Comparison;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\GroupComparison;
use Marrow\Core\Germination\Power;
use Marrow\Core\Steps\Testing\TestCourse;

/** Tests that were laid side by side, compared: what is shown, and what would have gone unseen. */
final class SideBySideWords
{
    /** Chance of a difference that is not there. */
    private const LEVEL = 0.05;

    /** A difference worth knowing, by which it is said what such tests can show: shares of the two. */
    public const WORTH = [0.9, 0.6];

    /** @param  list<TestCourse>  $tests  two or more, each of its own part of the lot */
    public static function sentence(array $tests): ?string
    {
        return self::named(array_map(static fn (TestCourse $test): array => [$test->set->group, $test], $tests));
    }

    /** @param  list<array{string, TestCourse}>  $named  two or more, each with the name of what it is of */
    public static function named(array $named): ?string
    {
        $of = self::together($named);
        $tests = array_column($named, 1);
        if (count($of) < 2) {
            return null;
        }
        if (array_any($tests, static fn (TestCourse $test): bool => $test->endedAt === null)) {
            return self::whileTheyRun(array_values($of));
        }
        $groups = array_map(static fn (array $one): GerminationShare => GerminationShare::of($one[0], $one[1]), array_values($of));
        $said = [];
        foreach ($of as $name => [$up, $laid]) {
            $said[] = sprintf('%s %d of %d', $name, $up, $laid);
        }
        $came = ucfirst(implode(', ', $said)).' came up';

        return count($groups) === 2 ? "$came: ".self::two($groups[0], $groups[1]) : "$came: ".self::several(array_map(strval(...), array_keys($of)), $groups);
    }

    private static function two(GerminationShare $a, GerminationShare $b): string
    {
        $comparison = Comparison::of($a, $b);
        $points = static fn (float $share): string => Quantity::number((int) round(100 * abs($share)), 'point');

        return $comparison->p < self::LEVEL
            ? sprintf('a difference of %s (likely %d to %s), which chance alone makes %s.', $points($comparison->difference), (int) round(100 * min(abs($comparison->limits->low), abs($comparison->limits->high))), $points(max(abs($comparison->limits->low), abs($comparison->limits->high))), Figures::oneIn($comparison->p))
            : sprintf('no difference shown, and one of up to %s would have gone unseen.', $points(max(abs($comparison->limits->low), abs($comparison->limits->high))));
    }

    /**
     * @param  list<string>  $names
     * @param  list<GerminationShare>  $groups
     */
    private static function several(array $names, array $groups): string
    {
        $comparison = GroupComparison::of($groups);
        $apart = [];
        $pair = 0;
        foreach (array_keys($groups) as $i) {
            for ($j = $i + 1; $j < count($groups); $j++) {
                if (($comparison->pairs[$pair++] ?? 1.0) < self::LEVEL) {
                    $apart[] = "$names[$i] and $names[$j]";
                }
            }
        }

        return $apart === [] ? sprintf('no difference shown among them; all the same, they would differ as much as this %s.', Figures::oneIn($comparison->p)) : sprintf('what differs: %s, looked at the more strictly the more pairs there are.', implode('; ', $apart));
    }

    /** @param  list<array{int, int}>  $of */
    private static function whileTheyRun(array $of): ?string
    {
        if (count($of) !== 2 || max($of[0][1], $of[1][1]) > Power::MOST) {
            return null;
        }
        try {
            $power = Power::of($of[0][1], $of[1][1], ...self::WORTH);
        } catch (InvalidFigure) {
            return null;
        }

        return sprintf('Laid side by side: with so many seeds %s against %s would show %s.', Quantity::percent(self::WORTH[0]), Quantity::percent(self::WORTH[1]), Figures::oneIn($power));
    }

    /**
     * What was laid of one part in several tests goes together.
     *
     * @param  list<array{string, TestCourse}>  $named
     * @return array<string, array{int, int}> up and laid, by the name of the part
     */
    private static function together(array $named): array
    {
        $of = [];
        foreach ($named as [$name, $test]) {
            if ($test->sown() > 0) {
                [$up, $laid] = $of[$name] ?? [0, 0];
                $of[$name] = [$up + $test->germinated(), $laid + $test->sown()];
            }
        }

        return $of;
    }
}
