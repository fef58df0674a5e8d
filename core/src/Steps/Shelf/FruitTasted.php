<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Selection\ChosenTrait;

/** A fruit that was cut open was tasted, with open eyes; what is tasted blind is a tasting of its own. */
final readonly class FruitTasted implements Checked, Payload
{
    /**
     * @param  ?int  $raw  from 1 to 5
     * @param  ?int  $cooked  from 1 to 5
     */
    public function __construct(public int $fruit, public ?int $raw = null, public ?int $cooked = null) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_tasted', Subject::Planting, 'Fruit tasted')->act('Say how it tastes')->also('tasted fruit')
            ->asks(
                Field::integer('fruit', 'Which', '', 1, 10_000)->called('the number of the fruit')->naming(),
                Field::integer('raw', 'Raw, 1 to 5', '', 1, ChosenTrait::MOST_MARKS)->called('how it is raw')->optional(),
                Field::integer('cooked', 'Cooked, 1 to 5', '', 1, ChosenTrait::MOST_MARKS)->called('how it is cooked')->optional(),
            )
            ->says('fruit {fruit}', 'raw {raw}', 'cooked {cooked}');
    }

    public function check(): void
    {
        if ($this->raw === null && $this->cooked === null) {
            throw Refused::at('raw', 'Say how it is raw, or cooked.');
        }
    }
}
