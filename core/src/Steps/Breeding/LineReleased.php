<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A line is held to be stable: from this lot on it is a variety, with a name. */
final readonly class LineReleased implements Checked, NamesLine, Payload
{
    public function __construct(public string $name) {}

    public static function kind(): Kind
    {
        return Kind::of('line_released', Subject::Lot, 'Released as a variety')->act('Release it as a variety')->also('released')->once()->names()
            ->asks(Field::text('name', 'What the variety is called', 60)->called('the name of the variety')->hint('From this lot on'))
            ->says('{name}');
    }

    public function check(): void
    {
        if (trim($this->name) === '') {
            throw Refused::at('name', 'Give the variety a name.');
        }
    }

    public function name(): string
    {
        return trim($this->name);
    }

    public function isStable(): bool
    {
        return true;
    }
}
