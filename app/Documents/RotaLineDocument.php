<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A line of the rota: how its seed ages, when it is grown, how likely it is kept. */
#[OA\Schema]
final readonly class RotaLineDocument
{
    /**
     * @param  string  $id  the variety's
     * @param  list<string>  $lots  codes of those of which there is seed, the best first
     * @param  list<float>  $alive  by year, that after the last included: chance that the seed now held can still renew it
     * @param  list<float>  $renewed  the same of new seed, by years since its harvest
     * @param  float  $kept  chance that seed of it can be sown after the last year
     * @param  float  $ungrown  the same if it were never grown
     * @param  ?string  $standing  code of a planting that stands for seed now
     * @param  list<RotaGrowingDocument>  $growings
     * @param  list<int>  $forbidden  calendar years, by the keeper or because ground rests
     * @param  string  $told  it in a sentence
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
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $lots,
        #[OA\Property(items: new OA\Items(type: 'number'))]
        public array $alive,
        #[OA\Property(items: new OA\Items(type: 'number'))]
        public array $renewed,
        #[OA\Property]
        public float $weight,
        #[OA\Property]
        public int $stands,
        #[OA\Property(nullable: true)]
        public ?int $sowings,
        #[OA\Property]
        public float $area_m2,
        #[OA\Property]
        public float $hours,
        #[OA\Property]
        public float $cages,
        #[OA\Property]
        public int $plants,
        #[OA\Property]
        public float $kept,
        #[OA\Property]
        public float $ungrown,
        #[OA\Property(nullable: true)]
        public ?string $standing,
        #[OA\Property(nullable: true)]
        public ?string $cannot,
        #[OA\Property(items: new OA\Items(ref: RotaGrowingDocument::class))]
        public array $growings,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $forbidden,
        #[OA\Property]
        public string $told,
    ) {}
}
