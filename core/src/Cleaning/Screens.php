<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;

/**
 * Screens with round holes for seed of a known breadth: one that lets all the seed through and holds the trash, and one
 * that holds all the seed and lets the dust through. Seven in a hundred to spare either way, then the nearest hole that
 * is common: general practice, and a first try; a handful on the screen has the last word.
 */
final readonly class Screens
{
    private const TO_SPARE = 0.07;

    /** Holes come in steps of a tenth of a millimetre for fine seed, and of coarser ones for coarser. */
    private const STEPS = [[1.0, 0.1], [3.0, 0.25], [10.0, 0.5], [INF, 1.0]];

    /** mm; coarse screens are called by sixty-fourths of an inch. */
    private const SIXTY_FOURTH = 25.4 / 64;

    /**
     * How much broader than the width between its wires a seed is that woven mesh still lets through: it goes through across
     * the corners. An assumption, between a round seed (1) and a thin one (the square root of 2).
     */
    public const MESH = 1.15;

    /**
     * @param  float  $through  holes that all the seed falls through, mm
     * @param  float  $holding  holes that none of the seed falls through, mm
     * @param  float  $narrowest  breadth of the smallest good seed, mm
     * @param  float  $broadest  breadth of the largest, mm
     */
    private function __construct(public float $through, public float $holding, private float $narrowest, private float $broadest) {}

    /**
     * @param  float  $narrowest  breadth of the smallest good seed, mm, 0.1 … 60
     * @param  float  $broadest  breadth of the largest, mm
     *
     * @throws InvalidFigure
     */
    public static function forSeed(float $narrowest, float $broadest): self
    {
        InvalidFigure::unlessWithin('narrowest', $narrowest, 0.1, 60.0, 'mm');
        InvalidFigure::unlessWithin('broadest', $broadest, $narrowest, 60.0, 'mm');
        $through = $broadest * (1 + self::TO_SPARE);
        $holding = $narrowest * (1 - self::TO_SPARE);
        $coarse = self::step($through);
        $fine = self::step($holding);

        // A whisker, so that 1.1 is not taken for 1.1000000001 and sent a step too far.
        return new self(
            round(ceil($through / $coarse - 1e-9) * $coarse, 4),
            max($fine, round(floor($holding / $fine + 1e-9) * $fine, 4)),
            $narrowest,
            $broadest,
        );
    }

    /** @return int sixty-fourths of an inch, of holes that all the seed falls through */
    public function throughInch(): int
    {
        return (int) ceil($this->broadest * (1 + self::TO_SPARE) / self::SIXTY_FOURTH - 1e-9);
    }

    /** @return int sixty-fourths of an inch, of holes that none of the seed falls through */
    public function holdingInch(): int
    {
        return max(1, (int) floor($this->narrowest * (1 - self::TO_SPARE) / self::SIXTY_FOURTH + 1e-9));
    }

    /**
     * The nearest that there are at hand, by how many times larger or smaller a seed they let through; of two as near the one
     * that loses less.
     *
     * @param  non-empty-list<Sieve>  $sieves
     * @param  float  $flatness  thickness over breadth of the seed, 0 … 1: what goes through slots
     * @return array{Sieve, Sieve} through, holding
     */
    public function among(array $sieves, float $flatness = 1.0): array
    {
        return [self::nearest($this->through, $sieves, $flatness, 1), self::nearest($this->holding, $sieves, $flatness, -1)];
    }

    /** @param  non-empty-list<Sieve>  $sieves */
    private static function nearest(float $wanted, array $sieves, float $flatness, int $safe): Sieve
    {
        $best = $sieves[0];
        foreach ($sieves as $sieve) {
            [$is, $was] = [$sieve->passes($flatness), $best->passes($flatness)];
            $nearer = abs(log($is / $wanted)) <=> abs(log($was / $wanted));
            if ($nearer < 0 || ($nearer === 0 && $safe * $is > $safe * $was)) {
                $best = $sieve;
            }
        }

        return $best;
    }

    private static function step(float $hole): float
    {
        foreach (self::STEPS as [$below, $step]) {
            if ($hole < $below) {
                return $step;
            }
        }

        return 1.0;
    }
}
