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
     * @param  list<string>  $opening  how its fruit is opened, the commonest way first (Steps\Cleaning\OpeningWay)
     * @param  list<string>  $threshing  how it is threshed, the commonest way first (ThreshingWay)
     * @param  list<string>  $winnowing  by what chaff is parted from it, in the order of the work (WinnowingWay)
     * @param  ?Screens  $screens  null where the seed does not go over a screen
     */
    public function __construct(
        public CleaningWay $way,
        public string $note,
        public ?Wind $wind,
        public ?float $soakHours,
        public ?Screens $screens,
        public array $opening = [],
        public array $threshing = [],
        public array $winnowing = [],
    ) {}
}
