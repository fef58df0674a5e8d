<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload;

/** Counted samples were weighed, for the thousand-seed mass. */
final readonly class SampleWeighed implements Payload
{
    /**
     * @param  int  $counted  seeds in each sample
     * @param  list<float>  $massesG  g, one a sample
     */
    public function __construct(
        public int $counted,
        public array $massesG,
    ) {}

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->whole('counted', 'The seeds in each sample', 5, 100_000),
            $fields->masses('masses_g', 'The mass of the sample'),
        );
    }

    public function toArray(): array
    {
        return [
            'counted' => $this->counted,
            'masses_g' => $this->massesG,
        ];
    }
}
