<?php

declare(strict_types=1);

namespace Marrow\Core\Planting;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\SeedLot;
use Marrow\Core\Steps\Pollinating\PollenPlanting;
use Marrow\Core\Year\Frosts;
use Marrow\Core\Year\Warmth;

/** What is known of a planting from outside its own entries. */
final readonly class PlantingFacts
{
    /**
     * @param  \DateTimeImmutable|null  $pickedAt  when seed was first picked from it
     * @param  string  $pickedAs  code of that lot
     * @param  array<string, SeedLot>  $lots  those it may have been sown from, by id
     * @param  array<string, PollenPlanting>  $pollen  plantings whose pollen may have been carried to it, by id
     * @param  ?LineWord  $made  what its variety was made to be, where plants that differ are to be expected of it
     * @param  ?Frosts  $frosts  of the garden; null where they are not known
     * @param  ?Warmth  $warmth  of this year against the usual; null where nobody measured it
     */
    public function __construct(
        public Crop $crop,
        public string $variety,
        public ?\DateTimeImmutable $pickedAt = null,
        public string $pickedAs = '',
        public array $lots = [],
        public array $pollen = [],
        public ?LineWord $made = null,
        public ?Frosts $frosts = null,
        public ?Warmth $warmth = null,
        public Practice $practice = new Practice,
    ) {}
}
