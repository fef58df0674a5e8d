<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** The RH that a closed jar of the seed settled to was read. */
final readonly class JarRead implements Payload
{
    /**
     * @param  float  $rh  per cent
     * @param  float  $temperatureC  °C
     */
    public function __construct(
        public float $rh,
        public float $temperatureC,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->number('rh', 'The relative humidity', 2, 97, ' %'),
            $fields->number('temperature_c', 'The temperature of the jar', -5, 50, ' °C'),
        );
    }

    public function toArray(): array
    {
        return [
            'rh' => $this->rh,
            'temperature_c' => $this->temperatureC,
        ];
    }
}
