<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** In the evening flowers that would open tomorrow were shut, bagged or made ready. */
final readonly class FlowersShut implements Payload
{
    /**
     * @param  int  $females  flowers, or ears, that are to give seed
     * @param  int  $males  flowers, or tassels, for their pollen
     * @param  string  $where  so that they are found again; may be empty
     */
    public function __construct(public int $females, public int $males, public string $where) {}

    public static function kind(): Kind
    {
        return Kind::of('flowers_shut', Subject::Planting, 'Flowers shut')->act('Flowers are shut for tomorrow')->also('shut', 'taped', 'tied shut')
            ->asks(
                Field::integer('females', 'To give seed', '', 1, 10_000)->called('the number of flowers that are to give seed')->usually(1)->of('flower'),
                Field::integer('males', 'For their pollen', '', 0, 10_000)->called('the number of flowers for their pollen')->optional(0),
                Field::text('where', 'Where they are')->optional('')->hint('Plant 2, by the path'),
            )
            ->says('{females}', '{males} for pollen', '{where}');
    }
}
