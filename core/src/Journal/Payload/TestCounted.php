<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Seedlings of a test were counted and taken out. */
final readonly class TestCounted implements Payload
{
    /**
     * @param  string  $test  id of the test
     * @param  list<int>  $normal  new since the last count, one a replicate
     * @param  list<int>  $abnormal  likewise
     */
    public function __construct(
        public string $test,
        public array $normal,
        public array $abnormal,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('test', 'Which test was counted', 40),
            $fields->wholes('normal', 'The normal seedlings', 10_000),
            $fields->wholes('abnormal', 'The abnormal seedlings', 10_000),
        );
    }

    public function toArray(): array
    {
        return [
            'test' => $this->test,
            'normal' => $this->normal,
            'abnormal' => $this->abnormal,
        ];
    }
}
