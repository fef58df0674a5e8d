<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Botany\CropTitle;
use OpenApi\Attributes as OA;

/** A crop by all its names, to choose from. */
#[OA\Schema]
final readonly class CropNameDocument
{
    /**
     * @param  list<string>  $other_names  one of them may mean several crops
     * @param  list<string>  $abroad  what it is called in other languages
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $other_names,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $abroad,
        #[OA\Property]
        public string $latin,
        #[OA\Property]
        public ?string $group,
        #[OA\Property]
        public string $family,
        #[OA\Property(enum: ['vegetable', 'herb', 'grain', 'pulse', 'cut_flower', 'wild_flower'])]
        public string $kind,
        #[OA\Property]
        public string $life_cycle,
        #[OA\Property]
        public string $breeding,
    ) {}

    /** @param  list<string>  $abroad */
    public static function of(CropTitle $crop, array $abroad, string $breeding): self
    {
        return new self($crop->key, $crop->name, $crop->otherNames, $abroad, $crop->latin, $crop->group, $crop->family, $crop->kind->value, $crop->lifeCycle->value, $breeding);
    }
}
