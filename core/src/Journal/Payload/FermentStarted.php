<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Seed and gel were put to ferment. */
final readonly class FermentStarted implements Payload
{
    /**
     * @param  float  $temperatureC  of the room, °C
     */
    public function __construct(
        public float $temperatureC,
        public FermentCover $cover,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->number('temperature_c', 'The room temperature', 10, 40, ' °C'),
            $fields->one('cover', 'how the jar is covered', FermentCover::class),
        );
    }

    public function toArray(): array
    {
        return [
            'temperature_c' => $this->temperatureC,
            'cover' => $this->cover->value,
        ];
    }
}
