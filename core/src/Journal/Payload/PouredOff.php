<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Water was added to the ferment, and pulp, mould and floaters were poured off. */
final readonly class PouredOff implements Payload
{
    /**
     * @param  int  $passes  times filled and poured
     * @param  bool  $sprouted  whether sprouted seed was seen
     */
    public function __construct(
        public int $passes,
        public bool $sprouted,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->whole('passes', 'How often you poured off', 1, 20),
            $fields->flag('sprouted'),
        );
    }

    public function toArray(): array
    {
        return [
            'passes' => $this->passes,
            'sprouted' => $this->sprouted,
        ];
    }
}
