<?php

declare(strict_types=1);

namespace Marrow\Core\Things;

use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Steps\Storing\ContainerKind;

/** What is asked of the things of a garden that are no entries: varieties, places to keep seed in, where a planting stands. */
final class GardenFields
{
    public static function variety(): FieldList
    {
        return FieldList::of(
            Field::crop('crop', 'Crop')->called('the crop'),
            Field::text('name', 'Name of the variety', 80)->called('the name')->optional('')->hint('Empty if nobody knows it: then nothing is promised of it'),
            Field::choice('type', 'What it is', VarietyType::class)->called('what kind of variety it is')->usually(VarietyType::OpenPollinated->value),
            Field::text('generation', 'Generation', 20)->optional('')->hint('F4, for one being made stable'),
            Field::prose('note', 'Note', 2000)->optional(''),
        );
    }

    public static function place(): FieldList
    {
        return FieldList::of(
            Field::text('name', 'Place', 80)->called('the name of the place')->hint('The hall cupboard, the old fridge'),
            Field::number('temperature', 'Temperature', '°C', -30, 45)->called('its ordinary temperature')->optional()->hint('Empty where nobody has measured it: it is then reckoned as a room'),
            Field::number('rh', 'Humidity', '% RH', 2, 97)->called('its ordinary relative humidity')->optional()->hint('A freezer needs none'),
        );
    }

    /** A container that holds others: a tin, a box, a bag of packets. */
    public static function container(): FieldList
    {
        return FieldList::of(
            Field::text('name', 'Name', 60)->called('the name of the container')->hint('Blue tin, bag 3, freezer box'),
            Field::choice('kind', 'It is a', ContainerKind::class)->called('what it is')->usually(ContainerKind::Tin->value),
            Field::text('note', 'Note', 200)->optional(''),
        );
    }

    /** A crop that the handbook lacks. */
    public static function crop(): FieldList
    {
        return FieldList::of(
            Field::text('name', 'Common name', 60)->called('the common name')->hint('Oca'),
            Field::text('latin', 'Latin name', 80)->called('the Latin name')->hint('Oxalis tuberosa'),
            Field::text('family', 'Family', 60)->called('the family')->hint('Oxalidaceae'),
            Field::crop('like', 'Most like')->called('the crop that it is most like'),
        );
    }

    public static function spot(): FieldList
    {
        return FieldList::of(Field::text('spot', 'Where', 120)->called('the spot')->optional('')->hint('Bed, row, glasshouse'));
    }
}
