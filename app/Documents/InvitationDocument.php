<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a link leads to. */
#[OA\Schema]
final readonly class InvitationDocument
{
    /**
     * @param  string  $name  of whom it is; empty where they say
     * @param  bool  $is_new  whether they come by it for the first time, and not for another password
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $role,
        #[OA\Property]
        public bool $is_new,
    ) {}
}
