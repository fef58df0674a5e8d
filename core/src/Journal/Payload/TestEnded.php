<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** A test was ended; what had not come up counts as dead. */
final readonly class TestEnded implements Payload
{
    /**
     * @param  string  $test  id of the test
     */
    public function __construct(
        public string $test,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('test', 'Which test ended', 40),
        );
    }

    public function toArray(): array
    {
        return [
            'test' => $this->test,
        ];
    }
}
