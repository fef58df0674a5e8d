<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed of two lots was poured together; a lot of its own begins with it, and has both as its origin. */
final readonly class PouredTogether implements Checked, Payload
{
    /**
     * @param  string  $lot  id of the one
     * @param  ?int  $seeds  taken of it; null for all of it
     * @param  string  $other  id of the other
     * @param  ?int  $otherSeeds  taken of that; null for all of it
     * @param  ?float  $massG  g of both together, where they were weighed
     */
    public function __construct(public string $lot, public ?int $seeds, public string $other, public ?int $otherSeeds, public ?float $massG) {}

    public static function kind(): Kind
    {
        return Kind::of('poured_together', Subject::Lot, 'Poured together')->act('Two lots poured together')->starts()->once()
            ->asks(
                Field::reference('lot', 'The one lot', Subject::Lot)->called('the one lot'),
                Field::integer('seeds', 'Seeds of it', '', 1, 100_000_000)->called('the number of seeds')->optional()->hint('Empty for all of it')->of('seed'),
                Field::reference('other', 'The other lot', Subject::Lot)->called('the other lot'),
                Field::integer('other_seeds', 'Seeds of the other', '', 1, 100_000_000)->called('the number of seeds of the other')->optional()->hint('Empty for all of it')->of('seed'),
                Field::mass('mass_g', 'Together they weigh')->called('the mass of both')->optional(),
            )
            ->says('{seeds}', 'of {lot}', '{other_seeds}', 'of {other}', '{mass_g}');
    }

    public function check(): void
    {
        if ($this->lot === $this->other) {
            throw Refused::at('other', 'That is one lot: choose another.');
        }
    }
}
