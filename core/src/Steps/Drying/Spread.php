<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed was spread to dry. */
final readonly class Spread implements Checked, Payload
{
    /**
     * @param  float|null  $massG  g, the first weighing
     * @param  float|null  $moisture  per cent of wet mass, where it is known
     * @param  ?string  $placeId  of the place where it lies; null where nobody said
     * @param  float|null  $temperatureC  °C, of the air it dries in, where that was measured
     */
    public function __construct(public DryingSurface $surface, public ?float $massG, public ?float $moisture, public ?string $placeId = null, public ?DriesWhere $where = null, public ?DryingAid $aid = null, public ?float $temperatureC = null) {}

    public static function kind(): Kind
    {
        return Kind::of('spread', Subject::Lot, 'Spread to dry')->also('spread out', 'laid out', 'put to dry', 'set to dry', 'hung to dry')
            ->asks(
                Field::choice('surface', 'Spread', DryingSurface::class)->called('what it is spread on')->usually(DryingSurface::Mesh->value),
                Field::mass('mass_g', 'It weighs')->called('the mass spread')->optional(),
                Field::number('moisture', 'Starting moisture', '%', 0.5, 80)->called('the starting moisture')->optional()->hint('Only if it is known; wet-cleaned seed is often near 45 %'),
                ...array_map(static fn (Field $field): Field => $field->seldom(), DriesHow::fields()),
            )
            ->says('{surface}', '{mass_g}', 'at {moisture} moisture', '{where}', '{place_id}', 'with {aid}', 'in air of {temperature_c}');
    }

    public function check(): void
    {
        if ($this->moisture !== null && $this->massG === null) {
            throw Refused::at('mass_g', 'A starting moisture needs the mass it belongs to: weigh the seed as it is spread.');
        }
    }
}
