<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** From then on the air of a place is another: measured, or as the keeper knows it. */
final readonly class AirSet implements Payload
{
    /**
     * @param  float  $temperatureC  °C
     * @param  ?float  $rh  per cent; null where nobody measured it, as in a freezer
     */
    public function __construct(public float $temperatureC, public ?float $rh) {}

    public static function kind(): Kind
    {
        return Kind::of('air_set', Subject::Place, 'Its air')->act('Its temperature or humidity changed')
            ->asks(
                Field::number('temperature_c', 'Temperature from then on', '°C', -30, 45)->called('the temperature'),
                Field::number('rh', 'Humidity from then on', '% RH', 2, 97)->called('the relative humidity')->optional()->hint('A freezer needs none'),
            );
    }
}
