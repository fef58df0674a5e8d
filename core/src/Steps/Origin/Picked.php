<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Fruit, pods or heads were picked for seed; the first picking starts a lot. */
final readonly class Picked implements Checked, Payload
{
    /**
     * @param  int  $plants  plants that gave seed in this pass
     * @param  int|null  $fruits  fruits, pods or heads
     * @param  float|null  $massG  g, as picked
     * @param  bool  $tied  only what was pollinated by hand and tied
     * @param  string  $mother  mark of the one plant that all of it is of; may be empty
     * @param  bool  $green  before it was ripe: frost, rot or birds would not wait
     */
    public function __construct(public int $plants, public ?int $fruits, public ?float $massG, public bool $tied = false, public string $mother = '', public bool $green = false) {}

    public static function kind(): Kind
    {
        return Kind::of('picked', Subject::Lot, 'Picked')->act('Picked more')->also('harvested', 'picked')->starts(Subject::Planting)
            ->asks(
                Field::integer('plants', 'Plants that gave seed', '', 1, 1_000_000)->called('the number of plants')->of('plant'),
                Field::integer('fruits', 'Fruits, pods or heads', '', 1, 1_000_000)->called('the number of fruits')->optional()->of('fruit, pod or head'),
                Field::mass('mass_g', 'They weigh')->called('the mass picked')->optional(),
                Field::flag('tied', 'Only what was pollinated by hand and tied')->seldom(),
                Field::text('mother', 'All of one mother plant', 40)->called('the mother plant')->optional('')->hint('Its mark, where her seed is kept by itself')->seldom(),
                Field::flag('green', 'Before it was ripe')->hint('Frost, rot or birds would not wait')->seldom(),
            )
            ->says('{fruits}', 'off {plants}', '{mass_g}', '{tied}', 'mother {mother}', '{green}');
    }

    public function check(): void
    {
        if ($this->fruits === null && $this->massG === null) {
            throw Refused::at('fruits', 'Give the number of fruits, pods or heads, or what they weigh.');
        }
    }
}
