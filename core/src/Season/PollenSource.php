<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Isolation\Bloom;

/** Something of somebody else's that flowers: a neighbour's row, a field, a weed by the road. */
final readonly class PollenSource
{
    /** @param  ?Bloom  $bloom  null when nobody knows; then it is taken to bloom all the while */
    public function __construct(
        public string $id,
        public string $name,
        public Crop $crop,
        public Rectangle $place,
        public int $plants,
        public ?Bloom $bloom,
    ) {}
}
