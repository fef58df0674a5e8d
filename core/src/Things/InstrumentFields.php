<?php

declare(strict_types=1);

namespace Marrow\Core\Things;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Journal\Subject;

/** What is asked of an instrument. */
final class InstrumentFields
{
    public static function all(): FieldList
    {
        return FieldList::of(
            Field::text('name', 'Name', 60)->called('the name of the instrument')->hint('Kitchen scale, logger in the cupboard'),
            Field::choice('kind', 'It is a', InstrumentKind::class)->called('what it is')->usually(InstrumentKind::Scale->value),
            Field::reference('place_id', 'It hangs or stands in', Subject::Place)->called('where it is')->optional()->hint('A logger tells the air of that place; of a weather station leave it open'),
            Field::text('address', 'How it is reached', 300)->called('its address')->optional('')->hint('A scale: 192.168.1.40:4001. A logger or the weather: http://192.168.1.41/readings. Left open, it sends what it has by itself, or a list is read in'),
            Field::number('errs', 'It errs by', '', 0, 50)->called('by how much it errs')->optional()->hint('A scale in grams, the others in degrees, as its paper says; left open, nobody knows'),
        );
    }
}
