<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Chaff and dust were blown and screened away. */
final readonly class Winnowed implements Payload
{
    /**
     * @param  float|null  $massG  g of clean seed
     */
    public function __construct(
        public ?float $massG,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->optionalMass('mass_g', 'The mass of clean seed'),
        );
    }

    public function toArray(): array
    {
        return [
            'mass_g' => $this->massG,
        ];
    }
}
