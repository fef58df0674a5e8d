<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Fruit, pods or heads were picked for seed; the first picking starts a lot. */
final readonly class Picked implements Payload
{
    /**
     * @param  int  $plants  plants that gave seed in this pass
     * @param  int|null  $fruits  fruits, pods or heads
     * @param  float|null  $massG  g, as picked
     */
    public function __construct(
        public int $plants,
        public ?int $fruits,
        public ?float $massG,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->whole('plants', 'The number of plants', 1, 1_000_000),
            $fields->optionalWhole('fruits', 'The number of fruits', 1, 1_000_000),
            $fields->optionalMass('mass_g', 'The mass picked'),
        );
    }

    public function toArray(): array
    {
        return [
            'plants' => $this->plants,
            'fruits' => $this->fruits,
            'mass_g' => $this->massG,
        ];
    }
}
