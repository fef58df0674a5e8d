<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Seed was rinsed clean. */
final readonly class Rinsed implements Payload
{
    /**
     * @param  string  $water  how clear it ran
     */
    public function __construct(
        public string $water,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->optionalText('water', 'The note on the water'),
        );
    }

    public function toArray(): array
    {
        return [
            'water' => $this->water,
        ];
    }
}
