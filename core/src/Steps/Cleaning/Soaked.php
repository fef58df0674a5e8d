<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** Wet seed was put into water, to come off its strings and skins. */
final readonly class Soaked implements MovesVessel
{
    /** @param  ?float  $temperatureC  of the water, °C; null where nobody looked */
    public function __construct(public ?float $temperatureC, public bool $tag = false, public ?string $vessel = null) {}

    public static function kind(): Kind
    {
        return Kind::of('soaked', Subject::Lot, 'Put to soak')->act('Put it to soak')->also('soaking', 'in water')->once()
            ->asks(
                Field::number('temperature_c', 'Temperature of the water', '°C', 0, 40)->called('how warm the water is')->optional()->hint('Left open, that of a warm room is taken'),
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
