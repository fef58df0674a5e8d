<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Season\Ground;
use OpenApi\Attributes as OA;

/** The garden drawn to scale. */
#[OA\Schema]
final readonly class GroundDocument
{
    /**
     * @param  int  $north  degrees clockwise from the top of the plan
     * @param  int  $wind  bearing that the wind mostly comes from
     * @param  string  $last_frost  month-day
     * @param  string  $first_frost  month-day
     */
    public function __construct(
        #[OA\Property]
        public float $width,
        #[OA\Property]
        public float $depth,
        #[OA\Property]
        public int $north,
        #[OA\Property]
        public int $wind,
        #[OA\Property]
        public string $last_frost,
        #[OA\Property]
        public string $first_frost,
    ) {}

    public static function of(Ground $ground): self
    {
        return new self($ground->width, $ground->depth, $ground->north, $ground->wind, $ground->lastFrost, $ground->firstFrost);
    }
}
