<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Fields\InvalidFigure;

/** Plants ranked on several traits at once, and what keeping the best of them gains in the next generation. */
final readonly class SelectionIndex
{
    public const MOST_PLANTS = 10_000;

    /**
     * @param  list<int>  $ranking  plants by number from 1, best first; culled plants are not among them
     * @param  list<float>  $differential  by trait: mean of the kept less mean of all, in the trait's own units
     * @param  list<float>  $response  by trait: what the next generation is expected to gain, R = h²S
     */
    private function __construct(
        public array $ranking,
        public array $differential,
        public array $response,
    ) {}

    /**
     * @param  list<float>  $weights  of each trait, −1,000 … 1,000; negative where less is better
     * @param  list<float>  $heritabilities  of each trait, 0 … 1
     * @param  list<list<float>>  $scores  by plant, by trait; 2 … 10,000 plants
     * @param  int  $keep  plants to keep, at least 1
     * @param  list<int>  $culls  numbers of plants that are out whatever their scores: sick, off-type, bolted
     *
     * @throws InvalidFigure
     */
    public static function of(array $weights, array $heritabilities, array $scores, int $keep, array $culls = []): self
    {
        self::check($weights, $heritabilities, $scores, $culls);
        $out = array_flip($culls);
        $standing = array_filter($scores, static fn (int $i): bool => ! isset($out[$i + 1]), ARRAY_FILTER_USE_KEY);
        InvalidFigure::unlessWithin('keep', $keep, 1, count($standing), 'plants that were not culled');
        $index = array_fill_keys(array_keys($standing), 0.0);
        foreach ($weights as $trait => $weight) {
            $column = array_column($scores, $trait);
            [$mean, $deviation] = self::spread($column);
            foreach ($standing as $plant => $row) {
                // A trait in which all plants are alike cannot tell them apart.
                $index[$plant] += $deviation > 0.0 ? $weight * ($row[$trait] - $mean) / $deviation : 0.0;
            }
        }
        $ranked = array_keys($index);
        usort($ranked, static fn (int $a, int $b): int => [$index[$b], $a] <=> [$index[$a], $b]);
        $kept = array_slice($ranked, 0, $keep);
        $differential = [];
        $response = [];
        foreach ($heritabilities as $trait => $heritability) {
            $column = array_column($scores, $trait);
            $best = array_map(static fn (int $plant): float => $scores[$plant][$trait], $kept);
            $differential[] = array_sum($best) / count($best) - array_sum($column) / count($column);
            $response[] = $heritability * $differential[$trait];
        }

        return new self(array_map(static fn (int $plant): int => $plant + 1, $ranked), $differential, $response);
    }

    /**
     * @param  list<float>  $weights
     * @param  list<float>  $heritabilities
     * @param  list<list<float>>  $scores
     * @param  list<int>  $culls
     *
     * @throws InvalidFigure
     */
    private static function check(array $weights, array $heritabilities, array $scores, array $culls): void
    {
        $traits = count($weights);
        InvalidFigure::unlessWithin('weights', $traits, 1, 50, 'traits');
        if (count($heritabilities) !== $traits) {
            throw InvalidFigure::because('heritabilities', sprintf('There are %d weights and %d heritabilities; each trait needs both.', $traits, count($heritabilities)));
        }
        foreach ($weights as $weight) {
            InvalidFigure::unlessWithin('weights', $weight, -1000.0, 1000.0);
        }
        foreach ($heritabilities as $heritability) {
            InvalidFigure::unlessWithin('heritabilities', $heritability, 0.0, 1.0);
        }
        InvalidFigure::unlessWithin('scores', count($scores), 2, self::MOST_PLANTS, 'plants');
        foreach ($scores as $i => $row) {
            if (count($row) !== $traits) {
                throw InvalidFigure::because('scores', sprintf('Plant %d has %d scores; there are %d traits.', $i + 1, count($row), $traits));
            }
            foreach ($row as $score) {
                InvalidFigure::unlessWithin('scores', $score, -1e9, 1e9);
            }
        }
        foreach ($culls as $cull) {
            InvalidFigure::unlessWithin('culls', $cull, 1, count($scores), 'plants');
        }
    }

    /**
     * @internal to selection
     *
     * @param  list<float>  $column
     * @return array{float, float} mean and standard deviation (n − 1)
     */
    public static function spread(array $column): array
    {
        $n = count($column);
        $mean = array_sum($column) / $n;
        $squares = array_sum(array_map(static fn (float $value): float => ($value - $mean) ** 2, $column));

        return [$mean, sqrt($squares / ($n - 1))];
    }
}
