<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Seeds were set to germinate. */
final readonly class TestStarted implements Payload
{
    /**
     * @param  string  $test  id of the test, made by whoever recorded it
     * @param  int  $seeds  in each replicate
     * @param  float  $temperatureC  °C
     */
    public function __construct(
        public string $test,
        public int $seeds,
        public int $replicates,
        public float $temperatureC,
        public TestMethod $method,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('test', 'The name of the test', 40),
            $fields->whole('seeds', 'The number of seeds in each replicate', 1, 10_000),
            $fields->whole('replicates', 'The number of replicates', 1, 20),
            $fields->number('temperature_c', 'The temperature', 0, 45, ' °C'),
            $fields->one('method', 'how the test is laid out', TestMethod::class),
        );
    }

    public function toArray(): array
    {
        return [
            'test' => $this->test,
            'seeds' => $this->seeds,
            'replicates' => $this->replicates,
            'temperature_c' => $this->temperatureC,
            'method' => $this->method->value,
        ];
    }
}
