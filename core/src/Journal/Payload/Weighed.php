<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** The drying seed was weighed. */
final readonly class Weighed implements Payload
{
    /**
     * @param  float  $massG  g
     */
    public function __construct(
        public float $massG,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->mass('mass_g', 'The mass'),
        );
    }

    public function toArray(): array
    {
        return [
            'mass_g' => $this->massG,
        ];
    }
}
