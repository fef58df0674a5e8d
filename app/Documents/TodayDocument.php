<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What is due, over all plantings and lots. */
#[OA\Schema]
final readonly class TodayDocument
{
    /**
     * @param  list<TaskDocument>  $now  due or overdue; totals are counted up to 1,000
     * @param  list<TaskDocument>  $open  can be done already
     * @param  list<TaskDocument>  $next  coming up within a month
     * @param  list<string>  $ready  what to have ready for the coming week, and how many
     * @param  string|null  $trouble  with the garden's own keeping: a copy that could not be made
     * @param  ?WeatherDocument  $weather  what the weather of the next days asks for; null where nothing is foretold of it
     * @param  list<PlanTaskDocument>  $planned  of the plans: begun and not over, or coming up within a month
     */
    public function __construct(
        #[OA\Property]
        public string $on,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $now,
        #[OA\Property]
        public int $now_total,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $open,
        #[OA\Property]
        public int $open_total,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $next,
        #[OA\Property]
        public int $next_total,
        #[OA\Property(items: new OA\Items(ref: PlanTaskDocument::class))]
        public array $planned,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $ready,
        #[OA\Property]
        public ?string $trouble,
        #[OA\Property(ref: WeatherDocument::class, nullable: true)]
        public ?WeatherDocument $weather,
    ) {}
}
