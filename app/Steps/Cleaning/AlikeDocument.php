<?php

declare(strict_types=1);

namespace App\Steps\Cleaning;

use App\Documents\SeedLookDocument;
use App\Reading\Alike;
use Marrow\Core\Botany\CropTitle;
use OpenApi\Attributes as OA;

/** Seed that could be taken for other seed, to be drawn beside it to one scale. */
#[OA\Schema]
final readonly class AlikeDocument
{
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public SeedLookDocument $look,
    ) {}

    public static function of(Alike $alike): ?self
    {
        return self::drawn($alike->code, $alike->name, $alike->crop);
    }

    public static function drawn(string $code, string $name, CropTitle $crop): ?self
    {
        $look = SeedLookDocument::of($crop);

        return $look === null ? null : new self($code, $name, $look);
    }
}
