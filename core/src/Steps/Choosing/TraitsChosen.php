<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Selection\ChosenTrait;
use Marrow\Core\Selection\TraitList;

/** It was said what the plants of a planting are chosen by. */
final readonly class TraitsChosen implements Checked, Payload
{
    /**
     * @param  string  $traits  parted by semicolons: vigour; stem height (cm); colour: green, red
     * @param  ?Aim  $aim  what the variety is grown on for; null where it is as the keeper has it with all
     */
    public function __construct(public string $traits, public ?Aim $aim = null) {}

    public static function kind(): Kind
    {
        return Kind::of('traits_chosen', Subject::Planting, 'Chosen by')->act('Say what it is chosen by')->also('chosen by', 'choose by')
            ->asks(
                Field::text('traits', 'Traits', 300)->called('what it is chosen by')->hint('Parted by semicolons, few: vigour; stem height (cm); leaf: flat, curled. The more wanted word last; health goes before all. What counts more: vigour ×3; where less is better: days to heading (days) ×-1'),
                Field::choice('aim', 'It is to be', Aim::class)->called('what it is grown on for')->optional()->hint('Left empty, as the settings have it')->seldom(),
            )
            ->says('{traits}', '{aim}');
    }

    public function check(): void
    {
        $parts = array_values(array_filter(array_map(trim(...), explode(';', $this->traits)), static fn (string $one): bool => $one !== ''));
        foreach ($parts as $part) {
            if (ChosenTrait::read($part) === null) {
                throw Refused::at('traits', sprintf('“%s”: after a colon stand two words or more to choose among, and what counts for nothing is left out.', $part));
            }
        }
        $names = array_map(static fn (string $part): string => mb_strtolower(ChosenTrait::read($part)->name ?? ''), $parts);
        if (count(array_unique($names)) < count($names)) {
            throw Refused::at('traits', 'One of them stands there twice.');
        }
        if (count(TraitList::read($this->traits)->traits) > TraitList::MOST) {
            throw Refused::at('traits', sprintf('More than %d nobody tells apart in passing: name the few that count.', TraitList::MOST));
        }
    }
}
