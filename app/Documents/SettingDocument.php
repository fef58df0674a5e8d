<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A setting: what it asks, what it is set to, what it is when nobody sets it. */
#[OA\Schema]
final readonly class SettingDocument
{
    /**
     * @param  string|null  $typed  as the keeper typed it; null when nobody has set it
     * @param  string  $now  in words
     * @param  string  $usual  in words
     */
    public function __construct(
        #[OA\Property]
        public FieldDocument $field,
        #[OA\Property]
        public ?string $typed,
        #[OA\Property]
        public string $now,
        #[OA\Property]
        public string $usual,
    ) {}
}
