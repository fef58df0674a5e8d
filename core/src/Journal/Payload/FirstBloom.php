<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** The first flower of a planting was open: bloom, ripening and crossing are reckoned from it. */
final readonly class FirstBloom implements Payload
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
