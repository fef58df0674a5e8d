<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What keeping so many plants gains and costs. */
#[OA\Schema]
final readonly class TradeoffDocument
{
    /**
     * @param  string  $both  gain where both parents are chosen; empty where nothing is gained by choosing
     * @param  string  $mothers  and where only mothers are, with the pollen of all
     * @param  string  $rare  how often a rare form is among them
     */
    public function __construct(
        #[OA\Property]
        public int $keep,
        #[OA\Property]
        public string $both,
        #[OA\Property]
        public string $mothers,
        #[OA\Property]
        public string $rare,
    ) {}
}
