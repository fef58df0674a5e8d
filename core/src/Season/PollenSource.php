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

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'crop' => $this->crop->key,
            ...$this->place->toArray(),
            'plants' => $this->plants,
            'first_bloom' => $this->bloom?->first->format('Y-m-d'),
            'last_bloom' => $this->bloom?->last->format('Y-m-d'),
        ];
    }
}
