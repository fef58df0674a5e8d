<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A sample of clean seed was looked over for what will not grow. */
final readonly class PickedOver implements Payload
{
    /**
     * @param  int  $looked  seeds
     * @param  ?int  $flat  flat or hollow
     * @param  ?int  $holed  by beetles
     * @param  ?int  $broken  broken, split or chewed
     * @param  ?int  $stained  stained, mouldy or green
     * @param  bool  $out  whether they were taken out of all of the lot
     */
    public function __construct(public int $looked, public ?int $flat, public ?int $holed, public ?int $broken, public ?int $stained, public bool $out) {}

    public static function kind(): Kind
    {
        $bad = static fn (string $key, string $label): Field => Field::integer($key, $label, '', 0, 1_000_000)->called('how many are '.mb_strtolower($label))->optional();

        return Kind::of('picked_over', Subject::Lot, 'Looked over')->act('Look a sample over')->also('picked over', 'looked over')
            ->asks(
                Field::integer('looked', 'Seeds looked at', '', 1, 1_000_000)->called('how many seeds you looked at')->of('seed')->hint('From top, middle and bottom, after mixing'),
                $bad('flat', 'Flat or hollow'),
                $bad('holed', 'Holed'),
                $bad('broken', 'Broken or split'),
                $bad('stained', 'Stained or mouldy'),
                Field::flag('out', 'Taken out of all of it')->seldom(),
            )
            ->says('{looked}', '{flat} flat or hollow', '{holed} holed', '{broken} broken', '{stained} stained', '{out}');
    }

    public function bad(): int
    {
        return ($this->flat ?? 0) + ($this->holed ?? 0) + ($this->broken ?? 0) + ($this->stained ?? 0);
    }
}
