<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A lot that splits, as the seed of a hybrid does, is to become a line of the keeper's own. */
final readonly class LineBegun implements Checked, NamesLine, Payload
{
    public function __construct(public string $name) {}

    public static function kind(): Kind
    {
        return Kind::of('line_begun', Subject::Lot, 'Begun as a line')->act('Make a line of it')->once()->names()
            ->asks(Field::text('name', 'What the line is called', 60)->called('the name of the line')->hint('A name of your own: the hybrid’s is not yours to give'))
            ->says('{name}');
    }

    public function check(): void
    {
        if (trim($this->name) === '') {
            throw Refused::at('name', 'Give the line a name, any name; it may change once it is stable.');
        }
    }

    public function name(): string
    {
        return trim($this->name);
    }

    public function isStable(): bool
    {
        return false;
    }
}
