<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Trueness;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** While it bloomed somebody looked round for others in bloom that it could cross with, next door too. */
final readonly class NeighboursSeen implements Checked, Payload
{
    /**
     * @param  float  $withinM  m, how far was looked
     * @param  ?float  $nearestM  m to the nearest that was found; null when none was
     * @param  ?int  $plants  of it; null when nobody counted
     * @param  string  $what  which they were; may be empty
     */
    public function __construct(public float $withinM, public ?float $nearestM, public ?int $plants, public string $what) {}

    public static function kind(): Kind
    {
        return Kind::of('neighbours_seen', Subject::Planting, 'Looked for what could cross')->act('Look for what could cross with it')->also('neighbours', 'looked round')
            ->asks(
                Field::number('within_m', 'Looked round, as far as', 'm', 1, 10_000)->called('how far was looked')->hint('Over the fence too'),
                Field::number('nearest_m', 'The nearest of another variety in bloom', 'm', 0, 10_000)->called('how far the nearest stands')->optional()->hint('Empty if there was none'),
                Field::integer('plants', 'Plants of it', '', 1, 1_000_000)->called('the number of its plants')->optional()->of('plant'),
                Field::text('what', 'What it was')->optional(''),
            )
            ->says('the nearest at {nearest_m}', '{plants}', '{what}', 'looked as far as {within_m}');
    }

    public function check(): void
    {
        if ($this->nearestM !== null && $this->nearestM > $this->withinM) {
            throw Refused::at('nearest_m', 'That is farther than was looked.');
        }
        if ($this->nearestM === null && $this->plants !== null) {
            throw Refused::at('nearest_m', 'Some were counted: how far away do they stand?');
        }
    }
}
