<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;

/** How much of a lot, by mass, is seed of its crop. */
final readonly class Purity
{
    private function __construct(public float $share) {}

    /**
     * @param  float  $pure  g of seed of the crop, 0 … 1,000,000
     * @param  float  $inert  g of chaff, soil and broken bits
     * @param  float  $other  g of other seed
     *
     * @throws InvalidFigure
     */
    public static function of(float $pure, float $inert, float $other): self
    {
        foreach (['pure' => $pure, 'inert' => $inert, 'other' => $other] as $figure => $mass) {
            InvalidFigure::unlessWithin($figure, $mass, 0.0, 1_000_000.0, 'g');
        }
        $whole = $pure + $inert + $other;
        if ($whole <= 0.0) {
            throw InvalidFigure::because('pure', 'The sample weighs nothing.');
        }

        return new self($pure / $whole);
    }

    /** Share of the lot's mass that will make a plant: purity × germination. */
    public function pureLive(float $germination): float
    {
        InvalidFigure::unlessWithin('germination', $germination, 0.0, 1.0);

        return $this->share * $germination;
    }
}
