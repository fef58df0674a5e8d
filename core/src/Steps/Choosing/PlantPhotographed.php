<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** One plant of a row was photographed. */
final readonly class PlantPhotographed implements Payload
{
    /**
     * @param  int  $plant  its number along the row, from 1
     * @param  string  $photograph  id of the picture, which was sent before
     */
    public function __construct(public int $plant, public string $photograph) {}

    public static function kind(): Kind
    {
        return Kind::of('plant_photographed', Subject::Planting, 'Plant photographed')
            ->asks(
                Field::integer('plant', 'Which plant', '', 1, 10_000)->called('the number of the plant'),
                Field::id('photograph', 'Which picture it is'),
            )
            ->says('plant {plant}');
    }
}
