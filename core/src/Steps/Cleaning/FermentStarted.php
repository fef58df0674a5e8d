<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed and gel were put to ferment. */
final readonly class FermentStarted implements Payload
{
    /** @param  float  $temperatureC  of the room, °C */
    public function __construct(public float $temperatureC, public FermentCover $cover) {}

    public static function kind(): Kind
    {
        return Kind::of('ferment_started', Subject::Lot, 'Put to ferment')->act('Start the ferment')->also('fermenting', 'ferment', 'to ferment')->once()
            ->asks(
                Field::number('temperature_c', 'Room temperature', '°C', 10, 40)->called('the room temperature'),
                Field::choice('cover', 'Jar', FermentCover::class)->called('how the jar is covered')->usually(FermentCover::Cloth->value),
            );
    }

    public function window(): FermentWindow
    {
        return FermentWindow::at($this->temperatureC);
    }
}
