<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Seed went into the ground or into modules. */
final readonly class Sown implements Payload
{
    /**
     * @param  int  $plants  plants sown or set out for this planting
     * @param  string  $sownFrom  lot code or source, may be empty
     */
    public function __construct(
        public int $plants,
        public string $sownFrom,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->whole('plants', 'The number of plants', 1, 1_000_000),
            $fields->optionalText('sown_from', 'Where the seed came from'),
        );
    }

    public function toArray(): array
    {
        return [
            'plants' => $this->plants,
            'sown_from' => $this->sownFrom,
        ];
    }
}
