<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Intake\Column;
use OpenApi\Attributes as OA;

/** A column that a list of seed may have. */
#[OA\Schema]
final readonly class IntakeColumnDocument
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $hint,
    ) {}

    public static function of(Column $column): self
    {
        return new self($column->value, $column->label(), $column->hint());
    }
}
