<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Who asks. */
#[OA\Schema]
final readonly class MeDocument
{
    /**
     * @param  bool  $signed  whether everybody signs in here; else whoever is at this machine keeps the garden
     * @param  ?KeeperDocument  $keeper  null of a stranger, and where nobody signs in
     */
    public function __construct(
        #[OA\Property]
        public bool $signed,
        #[OA\Property]
        public ?KeeperDocument $keeper = null,
    ) {}
}
