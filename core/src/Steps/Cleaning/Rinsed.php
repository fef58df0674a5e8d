<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** Seed was rinsed clean. */
final readonly class Rinsed implements MovesVessel
{
    /**
     * @param  string  $water  how clear it ran
     * @param  bool  $sprouted  whether sprouted seed was seen
     */
    public function __construct(public string $water, public bool $sprouted = false, public bool $tag = false, public ?string $vessel = null) {}

    public static function kind(): Kind
    {
        return Kind::of('rinsed', Subject::Lot, 'Rinsed')->also('washed')
            ->asks(
                Field::text('water', 'How the water ran')->called('the note on the water')->optional('')->hint('clear, cloudy'),
                Field::flag('sprouted', 'Sprouted seed seen')->seldom(),
                ...Vessel::fields(),
            );
    }

    public function vessel(): ?string
    {
        return $this->vessel;
    }

    public function tagged(): bool
    {
        return $this->tag;
    }
}
