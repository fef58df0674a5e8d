<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A ripe fruit was picked, given a number, and laid on the shelf to ripen its seed. It happened as the fruit was picked. */
final readonly class FruitShelved implements Payload
{
    /**
     * @param  int  $fruit  its number within the planting, as it stands on its tag
     * @param  string  $plant  of which plant: its number along the row, or its mark; may be empty
     * @param  ?float  $massG  g
     * @param  ?string  $placeId  where it lies; null where nobody said
     * @param  bool  $green  picked before it was ripe
     */
    public function __construct(public int $fruit, public string $plant = '', public ?float $massG = null, public ?FruitStalk $stalk = null, public ?string $placeId = null, public bool $green = false) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_shelved', Subject::Planting, 'Fruit laid on the shelf')->act('Lay a fruit on the shelf')->also('shelved', 'on the shelf', 'fruit in')
            ->asks(
                Field::integer('fruit', 'Its number', '', 1, 10_000)->called('the number of the fruit')->naming()->hint('Within this planting, as it is written on its tag'),
                Field::text('plant', 'Off plant', 40)->called('the plant it is of')->optional('')->hint('Its number along the row, or its mark'),
                Field::mass('mass_g', 'It weighs')->called('what the fruit weighs')->optional(),
                Field::choice('stalk', 'Stalk', FruitStalk::class)->called('what was left of the stalk')->optional(),
                Field::reference('place_id', 'It lies in', Subject::Place)->called('where it lies')->optional()->hint('Dry, out of the sun, not in the refrigerator'),
                Field::flag('green', 'Before it was ripe')->hint('A thumbnail still marked it, or frost would not wait')->seldom(),
            )
            ->once('fruit')
            ->says('fruit {fruit}', 'off plant {plant}', '{mass_g}', '{stalk}', 'in {place_id}', '{green}');
    }
}
