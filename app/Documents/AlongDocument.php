<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a phone takes along to where there is no network. */
#[OA\Schema]
final readonly class AlongDocument
{
    /**
     * @param  list<string>  $lots  codes of what is due within three weeks, and of what lies on bench, racks and trays
     * @param  list<string>  $plantings  codes of all that is in the ground
     * @param  list<string>  $crops  keys of the crops of those
     * @param  list<int>  $plans  years of which there is a plan, this and next
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $lots,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $plantings,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $crops,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $plans,
    ) {}
}
