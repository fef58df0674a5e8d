<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** A remark. */
final readonly class Noted implements Payload
{
    public function __construct(
        public string $text,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('text', 'The note', 2000),
        );
    }

    public function toArray(): array
    {
        return [
            'text' => $this->text,
        ];
    }
}
