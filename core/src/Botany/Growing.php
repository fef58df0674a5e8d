<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A seed crop in the ground, in a cool temperate garden: where it stands and how long each step takes. */
final readonly class Growing
{
    /**
     * @param  float  $spacing  m between seed plants, either way
     * @param  int  $sowFrom  month, 1 to 12; $sowTo may be an earlier month: of the next year
     * @param  int  $sowingToBloomMin  days
     * @param  int  $bloomMin  days that a planting blooms
     * @param  int  $bloomToRipeMin  days from a flower to its ripe seed
     * @param  string  $support  stakes, strings
     * @param  ?string  $nets  against birds, or for insects
     */
    public function __construct(
        public float $spacing,
        public int $sowFrom,
        public int $sowTo,
        public int $sowingToBloomMin,
        public int $sowingToBloomMax,
        public int $bloomMin,
        public int $bloomMax,
        public int $bloomToRipeMin,
        public int $bloomToRipeMax,
        public bool $frostTender,
        public string $support,
        public ?string $nets,
    ) {}
}
