<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** The last flower of a planting was over. */
final readonly class LastBloom implements Payload
{
    public static function read(Fields $fields): self
    {
        return new self;
    }

    public function toArray(): array
    {
        return [];
    }
}
