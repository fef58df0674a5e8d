<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** Seed and gel were put to ferment. */
final readonly class FermentStarted implements Checked, MovesVessel
{
    /**
     * @param  ?float  $temperatureC  of the room, °C; null where its place tells
     * @param  ?string  $placeId  id of the place where it stands, whose air moves its window
     * @param  bool  $water  was added, as the juice was short
     */
    public function __construct(public ?float $temperatureC, public FermentCover $cover, public ?string $placeId = null, public bool $water = false, public bool $tag = false, public ?string $vessel = null) {}

    public static function kind(): Kind
    {
        return Kind::of('ferment_started', Subject::Lot, 'Put to ferment')->act('Start the ferment')->also('fermenting', 'ferment', 'to ferment')->once()
            ->asks(
                Field::number('temperature_c', 'Room temperature', '°C', 10, 40)->called('the room temperature')->optional()->hint('Left open, that of the place where it stands'),
                Field::choice('cover', 'Jar', FermentCover::class)->called('how the jar is covered')->usually(FermentCover::Cloth->value),
                Field::reference('place_id', 'It stands in', Subject::Place)->called('the place where it stands')->optional()->hint('When the air there is written down anew, its window moves')->seldom(),
                Field::flag('water', 'Water added')->hint('Where the juice was short')->seldom(),
                ...Vessel::fields(),
            );
    }

    public function check(): void
    {
        if ($this->temperatureC === null && $this->placeId === null) {
            throw Refused::at('temperature_c', 'Give the room temperature, or the place where it stands.');
        }
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
