<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Treating;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed was bathed in hot water against a disease that travels with it. */
final readonly class Bathed implements Payload
{
    /** @param  float  $temperatureC  of the water, °C */
    public function __construct(public float $temperatureC, public int $minutes) {}

    public static function kind(): Kind
    {
        return Kind::of('bathed', Subject::Lot, 'Bathed in hot water')->act('Bathe in hot water')->also('bathed', 'hot water')
            ->asks(
                Field::number('temperature_c', 'The water', '°C', 35, 65)->called('the temperature of the water'),
                Field::integer('minutes', 'For', 'minutes', 1, 120)->called('how long it was bathed')->of('minute')->hint('All of the lot: where only some is bathed, part it first'),
            )
            ->says('{temperature_c}', 'for {minutes}');
    }
}
