<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** An entry was struck: it stays in the journal, and nothing is reckoned from it any more. */
final readonly class Struck implements Payload
{
    /**
     * @param  string  $entry  its id
     */
    public function __construct(
        public string $entry,
        public string $reason,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('entry', 'The entry to strike', 40),
            $fields->optionalText('reason', 'The reason'),
        );
    }

    public function toArray(): array
    {
        return [
            'entry' => $this->entry,
            'reason' => $this->reason,
        ];
    }
}
