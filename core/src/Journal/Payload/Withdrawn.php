<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Seed was taken out of the lot. */
final readonly class Withdrawn implements Payload
{
    /**
     * @param  float|null  $massG  g
     * @param  string  $to  who or where, may be empty
     */
    public function __construct(
        public Purpose $purpose,
        public ?int $seeds,
        public ?float $massG,
        public string $to,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->one('purpose', 'what it was taken for', Purpose::class),
            $fields->optionalWhole('seeds', 'The number of seeds', 1, 100_000_000),
            $fields->optionalMass('mass_g', 'The mass taken'),
            $fields->optionalText('to', 'Who or where it went to'),
        );
    }

    public function toArray(): array
    {
        return [
            'purpose' => $this->purpose->value,
            'seeds' => $this->seeds,
            'mass_g' => $this->massG,
            'to' => $this->to,
        ];
    }
}
