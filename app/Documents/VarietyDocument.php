<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Variety;
use Marrow\Core\Botany\CropReference;
use OpenApi\Attributes as OA;

/** A variety. */
#[OA\Schema]
final readonly class VarietyDocument
{
    /**
     * @param  string  $crop  key
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $crop,
        #[OA\Property]
        public string $crop_name,
        #[OA\Property]
        public string $latin,
        #[OA\Property(enum: ['open_pollinated', 'hybrid', 'stabilising', 'landrace', 'unknown'])]
        public string $type,
        #[OA\Property]
        public string $generation,
        #[OA\Property]
        public string $note,
    ) {}

    public static function of(Variety $variety, CropReference $crops): self
    {
        $crop = $crops->get($variety->crop);

        return new self($variety->id, $variety->name, $crop->key, $crop->name, $crop->latin, $variety->type->value, $variety->generation, $variety->note);
    }
}
