<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Dry seed was beaten, rubbed or rolled out of its pods or heads. */
final readonly class Threshed implements Payload
{
    /**
     * @param  float|null  $massG  g of seed and chaff together
     */
    public function __construct(
        public ?float $massG,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->optionalMass('mass_g', 'The mass after threshing'),
        );
    }

    public function toArray(): array
    {
        return [
            'mass_g' => $this->massG,
        ];
    }
}
