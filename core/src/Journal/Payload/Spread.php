<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Seed was spread to dry. */
final readonly class Spread implements Payload
{
    /**
     * @param  float|null  $massG  g, the first weighing
     * @param  float|null  $moisture  per cent of wet mass, where it is known
     */
    public function __construct(
        public DryingSurface $surface,
        public ?float $massG,
        public ?float $moisture,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->one('surface', 'what it is spread on', DryingSurface::class),
            $fields->optionalMass('mass_g', 'The mass spread'),
            $fields->optionalNumberWithin('moisture', 'The starting moisture', 0.5, 80, ' %'),
        );
    }

    public function toArray(): array
    {
        return [
            'surface' => $this->surface->value,
            'mass_g' => $this->massG,
            'moisture' => $this->moisture,
        ];
    }
}
