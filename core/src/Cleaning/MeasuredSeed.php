<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;

/** One breadth or thickness of a sample of seeds that were measured, mm. */
final readonly class MeasuredSeed
{
    /** Below so many seeds the least and the greatest count; from there on those at the outer 2.5 % of either end. */
    private const MANY = 40;

    private const OUTER = 0.025;

    /** @param  non-empty-list<float>  $sorted  rising */
    private function __construct(private array $sorted, public float $narrowest, public float $broadest) {}

    /**
     * @param  list<float>  $measured  mm, each 0.1 … 60
     * @param  string  $figure  what it is of, for the message
     *
     * @throws InvalidFigure
     */
    public static function of(array $measured, string $figure = 'breadths'): self
    {
        foreach ($measured as $one) {
            InvalidFigure::unlessWithin($figure, $one, 0.1, 60.0, 'mm');
        }
        if ($measured === []) {
            throw InvalidFigure::because($figure, 'Not one seed was measured.');
        }
        sort($measured);
        $n = count($measured);
        $rank = $n < self::MANY ? 0 : (int) floor(self::OUTER * $n);

        return new self($measured, $measured[$rank], $measured[$n - 1 - $rank]);
    }

    /** Share of them that a hole lets through. */
    public function through(float $hole): float
    {
        return count(array_filter($this->sorted, static fn (float $one): bool => $one < $hole)) / count($this->sorted);
    }
}
