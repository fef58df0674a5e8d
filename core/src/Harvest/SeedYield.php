<?php

declare(strict_types=1);

namespace Marrow\Core\Harvest;

use Marrow\Core\Fields\InvalidFigure;

/** What came of a harvest: seed a plant, a square metre, a fruit; how much of the rough was seed; and whether that is usual. */
final readonly class SeedYield
{
    /**
     * @param  ?float  $perPlant  g
     * @param  ?float  $perSquareMetre  g
     * @param  ?float  $perFruit  g
     * @param  ?float  $cleanedShare  of the rough that was clean seed
     */
    private function __construct(public ?float $perPlant, public ?float $perSquareMetre, public ?float $perFruit, public ?float $cleanedShare) {}

    /**
     * @param  float  $mass  of clean seed, g, above 0
     * @param  ?int  $plants  1 …
     * @param  ?float  $area  m², above 0
     * @param  ?float  $rough  g before it was cleaned, at least $mass
     * @param  ?int  $fruits  1 …
     *
     * @throws InvalidFigure
     */
    public static function of(float $mass, ?int $plants = null, ?float $area = null, ?float $rough = null, ?int $fruits = null): self
    {
        if ($plants === null && $area === null && $rough === null && $fruits === null) {
            throw InvalidFigure::because('plants', 'Say of how many plants or fruits, of what area, or out of how much rough seed it came.');
        }
        if ($rough !== null && $rough < $mass) {
            throw InvalidFigure::because('rough_mass', 'More clean seed than there was before it was cleaned cannot be.');
        }

        return new self(
            $plants === null ? null : $mass / $plants,
            $area === null ? null : $mass / $area,
            $fruits === null ? null : $mass / $fruits,
            $rough === null ? null : $mass / $rough,
        );
    }

    /**
     * Whether a plant bore as much as is usual; it says nothing where not all of its seed was taken.
     *
     * @param  ?array{float, float}  $usual  g a plant; null where it is not known
     * @return string low, usual, high, not known
     */
    public function against(?array $usual, bool $allTaken): string
    {
        if ($usual === null || ! $allTaken || $this->perPlant === null) {
            return 'not known';
        }

        return match (true) {
            $this->perPlant < $usual[0] => 'low',
            $this->perPlant > $usual[1] => 'high',
            default => 'usual',
        };
    }
}
