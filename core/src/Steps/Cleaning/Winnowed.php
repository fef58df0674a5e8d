<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** Chaff was taken off by wind and screens. */
final readonly class Winnowed implements MovesVessel
{
    /**
     * @param  float|null  $massG  g of clean seed
     * @param  float|null  $lightG  g of light seed that went with the chaff, or was kept apart
     * @param  float|null  $chaffG  g
     */
    public function __construct(public ?float $massG, public ?WinnowingWay $how = null, public ?float $lightG = null, public ?float $chaffG = null, public bool $tag = false, public ?string $vessel = null) {}

    public static function kind(): Kind
    {
        return Kind::of('winnowed', Subject::Lot, 'Winnowed')->also('sieved', 'screened', 'blown')
            ->asks(
                Field::mass('mass_g', 'Clean seed weighs')->called('the mass of clean seed')->optional(),
                Field::choice('how', 'How', WinnowingWay::class)->called('how it was winnowed')->optional(),
                Field::mass('light_g', 'Light seed weighs')->called('the mass of light seed')->optional()->seldom(),
                Field::mass('chaff_g', 'Chaff weighs')->called('the mass of chaff')->optional()->seldom(),
                ...Vessel::fields(),
            )
            ->says('{mass_g}', '{how}', '{light_g} light seed', '{chaff_g} chaff', '{tag}', 'into {vessel}');
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
