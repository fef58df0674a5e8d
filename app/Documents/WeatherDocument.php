<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What the weather asks for, over the next days. */
#[OA\Schema]
final readonly class WeatherDocument
{
    /**
     * @param  list<string>  $says  rain, frost, heat, as they are foretold, with how sure that is
     * @param  list<TaskDocument>  $first  what is better done before it comes
     * @param  bool  $alarm  whether something may be lost by it
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $says,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $first,
        #[OA\Property]
        public bool $alarm,
    ) {}
}
