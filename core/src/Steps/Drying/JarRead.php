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
     * @param  bool  $littleSeed  the jar was less than half full
     * @param  bool  $short  it was shut for less than a day
     * @param  bool  $uneven  it stood in the sun, by a heater, or had just been carried in
     */
    public function __construct(public float $rh, public float $temperatureC, public bool $littleSeed = false, public bool $short = false, public bool $uneven = false) {}

    /** Whether its air may still be that of the room: then it says less. */
    public function isRough(): bool
    {
        return $this->littleSeed || $this->short || $this->uneven;
    }

    public static function kind(): Kind
    {
        return Kind::of('jar_read', Subject::Lot, 'Jar humidity read')->act('Read a closed jar')->also('jar reads', 'hygrometer', 'jar')
            ->asks(
                Field::number('rh', 'Humidity in the jar', '% RH', 2, 97)->called('the relative humidity')->also('rh'),
                Field::number('temperature_c', 'Temperature of the jar', '°C', -5, 50)->usually(20),
                Field::flag('little_seed', 'Less than half full')->hint('Little seed hardly moves the air in a jar: it then says less')->seldom(),
                Field::flag('short', 'Shut for less than a day')->seldom(),
                Field::flag('uneven', 'In the sun, or not evenly warm')->seldom(),
            );
    }
}
