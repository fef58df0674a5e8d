<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\ChiSquare;

/**
 * Several tests side by side: whether they differ at all (χ², df = groups − 1), and which pairs do: Fisher's exact test of
 * each, with Holm's correction, as of many pairs one differs by chance.
 */
final readonly class GroupComparison
{
    public const MOST = 20;

    /** Below this many expected in a cell the χ² is only a rough one. */
    private const FEW = 5.0;

    /**
     * @param  bool  $isRough  whether an expected count is below 5
     * @param  list<float>  $pairs  p after the correction: first with second, with third … second with third …
     */
    private function __construct(public float $chiSquare, public float $p, public bool $isRough, public array $pairs) {}

    /**
     * @param  list<GerminationShare>  $groups  2 … 20
     *
     * @throws InvalidFigure
     */
    public static function of(array $groups): self
    {
        InvalidFigure::unlessWithin('germinated', count($groups), 2, self::MOST, 'groups');
        $up = array_sum(array_map(static fn (GerminationShare $group): int => $group->germinated, $groups));
        $all = array_sum(array_map(static fn (GerminationShare $group): int => $group->sown, $groups));
        [$chiSquare, $fewest] = [0.0, INF];
        foreach ($groups as $group) {
            foreach ([[$group->germinated, $up], [$group->sown - $group->germinated, $all - $up]] as [$seen, $total]) {
                $expected = $group->sown * $total / $all;
                $chiSquare += $expected > 0.0 ? ($seen - $expected) ** 2 / $expected : 0.0;
                $fewest = min($fewest, $expected);
            }
        }

        return new self($chiSquare, ChiSquare::above($chiSquare, count($groups) - 1), $fewest < self::FEW, self::pairs($groups));
    }

    /**
     * @param  list<GerminationShare>  $groups
     * @return list<float>
     */
    private static function pairs(array $groups): array
    {
        $p = [];
        foreach ($groups as $i => $a) {
            foreach (array_slice($groups, $i + 1) as $b) {
                $p[] = Comparison::of($a, $b)->p;
            }
        }
        asort($p);
        $left = count($p);
        $least = 0.0;
        foreach ($p as $pair => $one) {
            $p[$pair] = $least = max($least, min(1.0, $left * $one));
            $left--;
        }
        ksort($p);

        return array_values($p);
    }
}
