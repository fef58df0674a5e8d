<?php

declare(strict_types=1);

namespace App\Documents;

use App\Reckoners\Judgement;
use OpenApi\Attributes as OA;

/** What a result means for the person who asked. */
#[OA\Schema]
final readonly class JudgementDocument
{
    /**
     * @param  string|null  $beside  what a rule of thumb says beside a model, or the other way about
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $because,
        #[OA\Property]
        public string $sure,
        #[OA\Property]
        public ?string $beside,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cautions,
    ) {}

    public static function of(Judgement $judgement): self
    {
        return new self($judgement->sentence, $judgement->because, $judgement->sure, $judgement->beside, $judgement->cautions);
    }
}
