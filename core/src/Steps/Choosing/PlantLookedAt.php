<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** One plant of a row was looked at: struck out, or given what the planting is chosen by. What is told anew of it takes the place of what was. */
final readonly class PlantLookedAt implements Payload
{
    /**
     * @param  int  $plant  its number along the row, from 1
     * @param  string  $scores  "health 4; stem height 42"; may be empty
     * @param  ?StruckOut  $out  why it is to be no parent; null where it may be one
     * @param  bool  $atEdge  it stands at a border or a gap, and had more room than the others
     * @param  string  $rare  what it has that few have, in a word or two; may be empty
     */
    public function __construct(public int $plant, public string $scores = '', public ?StruckOut $out = null, public bool $atEdge = false, public string $rare = '') {}

    public static function kind(): Kind
    {
        return Kind::of('plant_looked_at', Subject::Planting, 'Plant looked at')->act('Look at one plant')->also('looked at plant', 'scored', 'plant')
            ->asks(
                Field::integer('plant', 'Which plant', '', 1, 10_000)->called('the number of the plant')->hint('Counted along the row'),
                Field::text('scores', 'How it is', 300)->called('how it is')->optional('')->hint('health 4; stem height 42'),
                Field::choice('out', 'Struck out', StruckOut::class)->called('why it is struck out')->optional(),
                Field::flag('at_edge', 'At a border or a gap')->hint('With more room it looks better than it is')->seldom(),
                Field::text('rare', 'What few have', 60)->called('what it has that few have')->optional('')->hint('White stems: kept alive in the mix although it scores low')->seldom(),
            )
            ->says('{plant}', 'struck out, {out}', '{scores}', '{at_edge}', '{rare}');
    }
}
