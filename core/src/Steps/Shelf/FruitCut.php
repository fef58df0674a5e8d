<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Selection\ChosenTrait;

/** A fruit from the shelf was cut open and judged. */
final readonly class FruitCut implements Payload
{
    public const BITTER = ['no' => 'not bitter', 'yes' => 'bitter'];

    /**
     * @param  ?int  $colour  from 1 to 5, of the flesh
     * @param  ?int  $flesh  from 1 to 5: thick, dry or fine, by what it is grown for
     * @param  ?string  $bitter  a key of BITTER; null where no crumb was tried
     */
    public function __construct(public int $fruit, public ?FruitInside $inside = null, public ?int $colour = null, public ?int $flesh = null, public ?string $bitter = null) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_cut', Subject::Planting, 'Fruit cut open')->act('Cut one open')->also('cut open', 'cut fruit', 'opened from the shelf')
            ->asks(
                Field::integer('fruit', 'Which', '', 1, 10_000)->called('the number of the fruit')->naming(),
                Field::choice('inside', 'In it', FruitInside::class)->called('what is in it')->optional(),
                Field::integer('colour', 'Colour, 1 to 5', '', 1, ChosenTrait::MOST_MARKS)->called('the colour')->optional(),
                Field::integer('flesh', 'Flesh, 1 to 5', '', 1, ChosenTrait::MOST_MARKS)->called('the flesh')->optional()->hint('Thick, dry, fine: by what it is grown for'),
                Field::choice('bitter', 'A crumb on the tongue', self::BITTER)->called('whether a crumb was bitter')->optional()->hint('Spat out, before anything of a squash, gourd or cucumber is eaten; what is bitter is thrown out'),
            )
            ->once('fruit')
            ->says('fruit {fruit}', '{inside}', 'colour {colour}', 'flesh {flesh}', '{bitter}');
    }
}
