<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A list as it goes out in a spreadsheet file: all of it, as it is narrowed and ordered. */
#[OA\Schema]
final readonly class TableDocument
{
    /**
     * @param  list<string>  $headings
     * @param  list<list<string>>  $rows
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $headings,
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'string')))]
        public array $rows,
    ) {}
}
