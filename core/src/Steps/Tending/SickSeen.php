<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Plants were seen to be sick. No seed is kept of them: much that ails a plant travels with its seed. */
final readonly class SickSeen implements Payload
{
    /**
     * @param  int  $plants  that are sick
     * @param  string  $what  ails them; may be empty
     * @param  bool  $pulled  whether they were taken out
     */
    public function __construct(public int $plants, public string $what, public bool $pulled) {}

    public static function kind(): Kind
    {
        return Kind::of('sick_seen', Subject::Planting, 'Sick plants seen')->act('Note sick plants')->also('sick', 'diseased', 'ill')
            ->asks(
                Field::integer('plants', 'Sick plants', '', 1, 1_000_000)->called('the number of sick plants')->of('plant'),
                Field::text('what', 'What ails them', 300)->called('what ails them')->optional('')->hint('Spots, mosaic, rot; as far as you can tell'),
                Field::flag('pulled', 'Pulled')->hint('They were taken out, and do not stand any more'),
            )
            ->says('{plants}', '{what}', '{pulled}');
    }
}
