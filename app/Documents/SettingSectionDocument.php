<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Settings that stand under one heading. */
#[OA\Schema]
final readonly class SettingSectionDocument
{
    /** @param  list<SettingDocument>  $settings */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(ref: SettingDocument::class))]
        public array $settings,
    ) {}
}
