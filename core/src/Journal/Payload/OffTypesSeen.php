<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Plants grown out were looked over for off-types: what a crossing in the generation before shows itself by. */
final readonly class OffTypesSeen implements Payload
{
    /**
     * @param  int  $seen  plants looked over, 1 or more
     * @param  int  $off  of them off-type
     * @param  string  $how  in what they differ, may be empty
     */
    public function __construct(
        public int $seen,
        public int $off,
        public string $how,
    ) {}

    public static function read(Fields $fields): self
    {
        $seen = $fields->whole('seen', 'The number of plants looked over', 1, 1_000_000);

        return new self($seen, $fields->whole('off', 'The number of off-types', 0, $seen), $fields->optionalText('how', 'In what they differ', 500));
    }

    public function toArray(): array
    {
        return ['seen' => $this->seen, 'off' => $this->off, 'how' => $this->how];
    }
}
