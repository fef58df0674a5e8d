<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tasting;

use Marrow\Core\Fields\Each;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Selection\ChosenTrait;

/** One who tasted gave every plate a mark. */
final readonly class TastingScored implements Payload
{
    /**
     * @param  string  $tasting  its id
     * @param  list<int>  $scores  from 1 to 5, in the order in which the plates stand on the table
     */
    public function __construct(public string $tasting, public string $taster, public array $scores) {}

    public static function kind(): Kind
    {
        return Kind::of('tasting_scored', Subject::Planting, 'Tasted blind')->act('Score the plates')->also('tasted blind')
            ->asks(
                Field::id('tasting', 'Which tasting it is'),
                Field::text('taster', 'Who tasted', 60)->called('who tasted')->person(),
                Field::integer('scores', 'Marks, 1 to 5', '', 1, ChosenTrait::MOST_MARKS)->called('the marks')->each(Each::asMany())->naming()->hint('One for each plate, in their order on the table'),
            )
            ->says('{taster}', '{scores}');
    }
}
