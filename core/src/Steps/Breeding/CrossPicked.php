<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed of a cross on purpose was picked off its mother plants; a lot begins with it, of the cross, which has a name. */
final readonly class CrossPicked implements Checked, NamesLine, Payload
{
    /**
     * @param  string  $name  of the cross; what it is called until it is a variety
     * @param  int  $plants  mother plants
     * @param  ?string  $pollen  id of the planting that the pollen was of
     * @param  string  $fathers  marks of the father plants, with commas between; may be empty
     * @param  string  $father  whose pollen it was, in words, where it was of no planting here; may be empty
     * @param  string  $mother  mark of the one mother plant; may be empty
     * @param  int|null  $fruits  fruits, pods or heads
     * @param  float|null  $massG  g, as picked
     */
    public function __construct(public string $name, public int $plants, public ?string $pollen, public string $fathers, public string $father, public string $mother, public ?int $fruits, public ?float $massG) {}

    public static function kind(): Kind
    {
        return Kind::of('cross_picked', Subject::Lot, 'Picked of a cross')->act('Pick the seed of a cross')->also('crossed')->starts(Subject::Planting)->once()
            ->asks(
                Field::text('name', 'What the cross is called', 60)->called('the name of the cross')->hint('A name of your own; it may change once it is stable'),
                Field::reference('pollen', 'Pollen of the planting', Subject::Planting)->called('the planting whose pollen it was')->optional(),
                Field::text('father', 'Or pollen from elsewhere', 120)->called('whose pollen it was')->optional('')->hint('A variety, a neighbour’s plant')->person(),
                Field::integer('plants', 'How many mother plants', '', 1, 1_000_000)->called('the number of mother plants')->usually(1)->of('mother plant'),
                Field::text('mother', 'Which mother', 40)->optional('')->hint('Its number or mark, if it was one'),
                Field::text('fathers', 'Which fathers', 200)->optional('')->hint('1, 4'),
                Field::integer('fruits', 'Fruits, pods or heads', '', 1, 1_000_000)->called('the number of fruits')->optional()->of('fruit, pod or head'),
                Field::mass('mass_g', 'They weigh')->called('the mass picked')->optional(),
            )
            ->says('{name}', '{fruits}', 'off {plants}', 'mother {mother}', 'pollen of {pollen}', 'pollen from {father}', 'fathers {fathers}', '{mass_g}');
    }

    public function check(): void
    {
        if (trim($this->name) === '') {
            throw Refused::at('name', 'Give the cross a name, any name: its seed is neither its mother’s nor its father’s variety.');
        }
        if ($this->pollen === null && trim($this->father) === '') {
            throw Refused::at('pollen', 'Say whose pollen it was: a planting of yours, or in words where it came from.');
        }
        if ($this->fruits === null && $this->massG === null) {
            throw Refused::at('fruits', 'Give the number of fruits, pods or heads, or what they weigh.');
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
