<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Isolation\IsolationSetting;
use OpenApi\Attributes as OA;

/** How strictly the garden isolates. */
#[OA\Schema]
final readonly class IsolationSettingDocument
{
    public function __construct(
        #[OA\Property(enum: ['home', 'careful', 'grower'])]
        public string $standard,
        #[OA\Property(enum: ['temperate', 'tropical'])]
        public string $climate,
        #[OA\Property]
        public float $allowed,
        #[OA\Property]
        public float $behind_barrier,
    ) {}

    public static function of(IsolationSetting $setting): self
    {
        return new self($setting->standard->value, $setting->climate->value, $setting->allowed, $setting->behindBarrier);
    }
}
