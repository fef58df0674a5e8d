<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/** How much absorbent a closed jar needs to bring its seed down to a moisture. */
final readonly class Desiccant
{
    /**
     * @param  float  $water  g to be taken out of the seed
     * @param  float  $desiccant  g of dry absorbent
     */
    private function __construct(public float $water, public float $desiccant) {}

    /**
     * How often so much absorbent must be dried again to do it.
     *
     * @param  float  $amount  g of dry absorbent at hand, 0.1 … 1,000,000
     *
     * @throws InvalidFigure
     */
    public function changes(float $amount): int
    {
        InvalidFigure::unlessWithin('amount', $amount, 0.1, 1_000_000.0, 'g');

        return (int) ceil($this->desiccant / $amount - 1e-9);
    }

    /**
     * @param  float  $mass  g of seed
     * @param  float  $moisture  per cent now
     * @param  float  $target  per cent wanted, at most $moisture
     * @param  float  $rhEnd  share in the jar at the end, 0.05 … 0.9
     * @param  float|null  $capacity  g of water a gram of absorbent holds at that RH; silica gel's when not given
     *
     * @throws InvalidFigure
     */
    public static function of(float $mass, float $moisture, float $target, float $rhEnd, ?float $capacity = null): self
    {
        InvalidFigure::unlessWithin('rh_end', $rhEnd, 0.05, 0.9);
        if ($target > $moisture) {
            throw InvalidFigure::because('target', 'Absorbent only dries: the moisture wanted cannot be above the moisture now.');
        }
        $water = $mass - Moisture::targetMass($mass, $moisture, $target);
        $capacity ??= DesiccantKind::Gel->holds($rhEnd);
        InvalidFigure::unlessWithin('capacity', $capacity, 0.001, 2.0, 'g/g');

        return new self($water, $water / $capacity);
    }
}
