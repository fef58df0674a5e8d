<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Cleaning\Screens;

/** How seed of a crop is got out and made clean. */
final readonly class Cleaning
{
    /**
     * @param  ?Wind  $wind  null where there is nothing to winnow
     * @param  ?float  $soakHours  that rinsed seed may lie in water at the most, h, 0 … 72; null where it is not rinsed
     * @param  ?Screens  $screens  null where the seed does not go over a screen
     */
    public function __construct(
        public CleaningWay $way,
        public string $note,
        public ?Wind $wind,
        public ?float $soakHours,
        public ?Screens $screens,
    ) {}
}
