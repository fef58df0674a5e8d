<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Intake\Column;
use Marrow\Core\Intake\ColumnMatch;
use OpenApi\Attributes as OA;

/** Which column of a list is which of ours. */
#[OA\Schema]
final readonly class IntakeMatchDocument
{
    /**
     * @param  int  $above  rows above that are no packets: titles, empty ones
     * @param  bool  $has_headings  whether the first row below those says what stands below it
     * @param  list<string>  $columns  key of each; empty of one that is none of ours
     * @param  object  $units  that headings give to bare numbers, by column
     */
    public function __construct(
        #[OA\Property]
        public int $above,
        #[OA\Property]
        public bool $has_headings,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $columns,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $units,
    ) {}

    public static function of(ColumnMatch $match): self
    {
        return new self($match->above, $match->hasHeadings, array_map(static fn (?Column $column): string => $column === null ? '' : $column->value, $match->columns), (object) $match->units);
    }
}
