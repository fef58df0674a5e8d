<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The RH that a closed jar of the seed settled to was read. */
final readonly class JarRead implements Payload
{
    /**
     * @param  float  $rh  per cent
     * @param  float  $temperatureC  °C
     */
    public function __construct(public float $rh, public float $temperatureC) {}

    public static function kind(): Kind
    {
        return Kind::of('jar_read', Subject::Lot, 'Jar humidity read')->act('Read a closed jar')->also('jar reads', 'hygrometer', 'jar')
            ->asks(
                Field::number('rh', 'Humidity in the jar', '% RH', 2, 97)->called('the relative humidity')->also('rh'),
                Field::number('temperature_c', 'Temperature of the jar', '°C', -5, 50)->usually(20),
            );
    }
}
