<?php

declare(strict_types=1);

namespace App\Documents;

use App\Reckoners\Pictures\Picture;
use App\Reckoners\Pictures\Range;
use OpenApi\Attributes as OA;

/** What a reckoning gave. */
#[OA\Schema]
final readonly class ReckonedDocument
{
    /**
     * @param  list<ReckonedFigureDocument>  $figures
     * @param  Range|null  $range  the result on a scale, where it is a share with limits
     * @param  Picture|null  $picture  the result as a course, where that says more
     */
    public function __construct(
        #[OA\Property]
        public JudgementDocument $judgement,
        #[OA\Property(items: new OA\Items(ref: ReckonedFigureDocument::class))]
        public array $figures,
        #[OA\Property]
        public ?Range $range,
        #[OA\Property]
        public ?Picture $picture,
    ) {}
}
