<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A line on this year's list: why it is to be grown, or how long it can wait. */
#[OA\Schema]
final readonly class RotaReasonsDocument
{
    /**
     * @param  string  $when  whether it is to be grown this year; later where it presses and the rota has it in another year
     * @param  list<string>  $reasons
     * @param  string  $stands  what was done about it so far
     * @param  ?string  $lot  code of the lot to sow
     * @param  bool  $is_planned  whether the plan of the year has it
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $crop_name,
        #[OA\Property]
        public int $year,
        #[OA\Property(enum: ['now', 'later', 'wait'])]
        public string $when,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $reasons,
        #[OA\Property]
        public string $waits,
        #[OA\Property]
        public string $stands,
        #[OA\Property(nullable: true)]
        public ?string $lot,
        #[OA\Property]
        public int $plants,
        #[OA\Property]
        public bool $is_planned,
    ) {}
}
