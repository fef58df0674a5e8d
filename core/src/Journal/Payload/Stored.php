<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** The lot was put into a container, or moved to another. */
final readonly class Stored implements Payload
{
    /**
     * @param  string  $place  name of the place
     * @param  float  $temperatureC  °C
     * @param  float  $rh  per cent
     * @param  float|null  $massG  g
     */
    public function __construct(
        public ContainerKind $container,
        public string $place,
        public float $temperatureC,
        public float $rh,
        public ?float $massG,
        public ?int $seeds,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->one('container', 'a container', ContainerKind::class),
            $fields->text('place', 'The place'),
            $fields->number('temperature_c', 'The temperature of the place', -30, 45, ' °C'),
            $fields->number('rh', 'The relative humidity of the place', 2, 97, ' %'),
            $fields->optionalMass('mass_g', 'The mass stored'),
            $fields->optionalWhole('seeds', 'The number of seeds', 1, 100_000_000),
        );
    }

    public function toArray(): array
    {
        return [
            'container' => $this->container->value,
            'place' => $this->place,
            'temperature_c' => $this->temperatureC,
            'rh' => $this->rh,
            'mass_g' => $this->massG,
            'seeds' => $this->seeds,
        ];
    }
}
