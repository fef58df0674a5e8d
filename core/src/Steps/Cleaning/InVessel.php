<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** What stands on the bench was put into another vessel, and nothing else was done with it. */
final readonly class InVessel implements MovesVessel
{
    public function __construct(public string $vessel, public bool $tag) {}

    public static function kind(): Kind
    {
        return Kind::of('in_vessel', Subject::Lot, 'Into another vessel')->act('Into another vessel')->also('into bowl', 'into bucket')
            ->asks(
                Field::reference('vessel', 'Into', Subject::Container)->called('the vessel'),
                Field::flag('tag', 'Its tag goes along'),
            )
            ->says('{vessel}', '{tag}');
    }

    public function vessel(): string
    {
        return $this->vessel;
    }

    public function tagged(): bool
    {
        return $this->tag;
    }
}
