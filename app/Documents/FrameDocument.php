<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What every page shows around its own matter. */
#[OA\Schema]
final readonly class FrameDocument
{
    /**
     * @param  string  $now  garden time
     * @param  string  $on  the day looked at
     * @param  string  $day_form  how days are said and typed
     * @param  int  $season_from  month, 1 to 12, in which a season begins here: where that is not January, it goes over the new year
     * @param  int  $sowing_in  month in which sowing outdoors is usual, to begin with
     * @param  int  $hands_today  counted up to 1,000
     * @param  list<PlaceCountDocument>  $places
     * @param  list<BeltWeekDocument>  $belt
     * @param  bool  $rings  whether an open page rings when something on the bench is due
     * @param  list<string>  $reads  units of the core that an instrument here can tell
     * @param  int  $behind  how much of the lists is not yet reckoned by what was set or recorded last
     */
    public function __construct(
        #[OA\Property]
        public string $garden,
        #[OA\Property]
        public string $now,
        #[OA\Property]
        public string $on,
        #[OA\Property]
        public bool $looking_ahead,
        #[OA\Property(enum: ['words', 'us', 'numbers', 'iso'])]
        public string $day_form,
        #[OA\Property(enum: ['h24', 'h12'])]
        public string $hour_form,
        #[OA\Property(enum: ['metric', 'us'])]
        public string $units,
        #[OA\Property]
        public int $season_from,
        #[OA\Property]
        public int $sowing_in,
        #[OA\Property]
        public int $hands_today,
        #[OA\Property(items: new OA\Items(ref: PlaceCountDocument::class))]
        public array $places,
        #[OA\Property(items: new OA\Items(ref: BeltWeekDocument::class))]
        public array $belt,
        #[OA\Property]
        public int $behind,
        #[OA\Property]
        public bool $rings,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $reads,
    ) {}
}
