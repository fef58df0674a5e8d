<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/** How wet a desiccant is, and what it can still take up before a jar is at a humidity. */
final readonly class DesiccantState
{
    /**
     * @param  float  $held  g of water in a gram of it
     * @param  float  $canTake  g of water, all of it
     * @param  ?float  $fullShare  of what it holds at the humidity wanted; above 1 it gives water off. Null for what holds none
     */
    private function __construct(public float $held, public float $canTake, public ?float $fullShare) {}

    /**
     * By what it weighs.
     *
     * @param  float  $dryMass  g, as it was when dried
     * @param  float  $massNow  g
     * @param  float  $rhEnd  share wanted in the jar, 0.05 … 0.9
     *
     * @throws InvalidFigure when it would weigh less than dry
     */
    public static function weighed(DesiccantKind $kind, float $dryMass, float $massNow, float $rhEnd): self
    {
        InvalidFigure::unlessWithin('dry_mass', $dryMass, 0.1, 1_000_000.0, 'g');
        if ($massNow < $dryMass) {
            throw InvalidFigure::because('mass_now', 'Lighter than when it was dry: it was not dry then, or some is missing. Weigh it after drying.');
        }

        return self::holding($kind, $dryMass, ($massNow - $dryMass) / $dryMass, $rhEnd);
    }

    /** @throws InvalidFigure where it shows no colour */
    public static function coloured(DesiccantKind $kind, float $dryMass, DesiccantColour $colour, float $rhEnd): self
    {
        if ($kind !== DesiccantKind::Gel) {
            throw InvalidFigure::because('colour', 'Only gel shows by its colour how wet it is: weigh it, or read a jar it stood in.');
        }

        return self::inAir($kind, $dryMass, $colour->rh(), $rhEnd);
    }

    /**
     * By the air of the jar it has stood in for a day.
     *
     * @param  float  $rh  share
     *
     * @throws InvalidFigure
     */
    public static function inAir(DesiccantKind $kind, float $dryMass, float $rh, float $rhEnd): self
    {
        return self::holding($kind, $dryMass, $kind->holds($rh), $rhEnd);
    }

    /** @throws InvalidFigure */
    private static function holding(DesiccantKind $kind, float $dryMass, float $held, float $rhEnd): self
    {
        InvalidFigure::unlessWithin('dry_mass', $dryMass, 0.1, 1_000_000.0, 'g');
        InvalidFigure::unlessWithin('rh_end', $rhEnd, 0.05, 0.9);
        $full = $kind->holds($rhEnd);

        return new self($held, max(0.0, $full - $held) * $dryMass, $full > 0.0 ? $held / $full : null);
    }
}
