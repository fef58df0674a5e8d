<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** Fruit was opened, and its seed taken out: all that was picked, or as much of it as was ripe. */
final readonly class FruitOpened implements MovesVessel
{
    /**
     * @param  ?int  $fruits  that were opened, the bitter ones among them
     * @param  ?int  $plants  that they are of
     * @param  ?float  $massG  g of whole fruit
     * @param  ?int  $bitter  of them tasted bitter, and were thrown out
     */
    public function __construct(public OpeningWay $how, public ?int $fruits, public ?int $plants, public ?float $massG, public ?FirstLook $look, public ?int $bitter, public bool $tag = false, public ?string $vessel = null) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_opened', Subject::Lot, 'Fruit opened')->act('Open the fruit')->also('opened fruit', 'scooped', 'squeezed out')
            ->asks(
                Field::choice('how', 'How', OpeningWay::class)->called('how the fruit was opened')->usually(OpeningWay::Cut->value),
                Field::integer('fruits', 'Fruits opened', '', 1, 100_000)->called('the number of fruits')->of('fruit')->optional(),
                Field::integer('plants', 'Off so many plants', '', 1, 100_000)->called('the number of plants')->of('plant')->optional()->seldom(),
                Field::mass('mass_g', 'They weigh')->called('what the fruit weighs')->optional()->seldom(),
                Field::choice('look', 'The seed looks', FirstLook::class)->called('what the seed looks like')->optional(),
                Field::integer('bitter', 'Of them bitter, thrown out', '', 0, 100_000)->called('how many were bitter')->of('bitter fruit')->optional()->hint('Squash and cucumber: a shred of each on the tongue, before it goes in with the others'),
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
