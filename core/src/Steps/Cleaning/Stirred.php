<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A ferment was seen to: stirred, its lid let off, and what it lacked was added. */
final readonly class Stirred implements Payload
{
    /**
     * @param  bool  $water  was added, as its juice was short
     * @param  bool  $sugar  a pinch was added
     */
    public function __construct(public bool $water = false, public bool $sugar = false) {}

    public static function kind(): Kind
    {
        return Kind::of('stirred', Subject::Lot, 'Stirred')->act('Stir it')->also('stirred', 'let off its lid')
            ->asks(
                Field::flag('water', 'Water added')->hint('No more than covers it: much water slows it, and seed sprouts in it'),
                Field::flag('sugar', 'A pinch of sugar added')->hint('Where hardly any juice came with the seed')->seldom(),
            );
    }
}
