<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Which line is grown for seed in which year, as far as it was found. */
#[OA\Schema]
final readonly class RotaDocument
{
    /**
     * @param  int  $version  of what is wanted, which it answers
     * @param  list<int>  $seasons  calendar years
     * @param  bool  $fits  whether the pins go together
     * @param  ?float  $gap  by which part of its cost a better one could be cheaper, at most
     * @param  string  $sure  how sure it is, in words
     * @param  list<RotaLineDocument>  $lines
     * @param  list<RotaApartDocument>  $apart  lines that have no part in it
     * @param  list<RotaYearDocument>  $years
     * @param  list<RotaCollisionDocument>  $collisions
     * @param  list<string>  $crossings  what keeping lines apart asks
     * @param  list<RotaReasonsDocument>  $now  this year's list, the most pressing first
     * @param  list<RotaChangeDocument>  $changes  since the rota was agreed on
     * @param  ?string  $agreed  day on which one was agreed on
     * @param  string  $ground  for what ground it was reckoned what would cross, where no plan says so; empty where one does
     * @param  ?float  $beds  m² of all beds; null where none are drawn
     * @param  string  $told  the whole in a sentence or two
     * @param  array<string, mixed>  $wish  what is wanted, as it is sent back
     * @param  array<string, mixed>  $problem  as the open document has it
     */
    public function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $seasons,
        #[OA\Property]
        public bool $fits,
        #[OA\Property(nullable: true)]
        public ?float $cost,
        #[OA\Property(nullable: true)]
        public ?float $risk,
        #[OA\Property(nullable: true)]
        public ?float $hours,
        #[OA\Property(nullable: true)]
        public ?float $bound,
        #[OA\Property]
        public bool $proven,
        #[OA\Property(nullable: true)]
        public ?float $gap,
        #[OA\Property]
        public string $sure,
        #[OA\Property(items: new OA\Items(ref: RotaLineDocument::class))]
        public array $lines,
        #[OA\Property(items: new OA\Items(ref: RotaApartDocument::class))]
        public array $apart,
        #[OA\Property(items: new OA\Items(ref: RotaYearDocument::class))]
        public array $years,
        #[OA\Property(items: new OA\Items(ref: RotaCollisionDocument::class))]
        public array $collisions,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $crossings,
        #[OA\Property(items: new OA\Items(ref: RotaReasonsDocument::class))]
        public array $now,
        #[OA\Property(items: new OA\Items(ref: RotaChangeDocument::class))]
        public array $changes,
        #[OA\Property(nullable: true)]
        public ?string $agreed,
        #[OA\Property]
        public string $ground,
        #[OA\Property(nullable: true)]
        public ?float $beds,
        #[OA\Property]
        public string $told,
        #[OA\Property(ref: '#/components/schemas/RotaWishDocument')]
        public array $wish,
        #[OA\Property(type: 'object')]
        public array $problem,
    ) {}
}
