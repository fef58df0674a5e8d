<?php

declare(strict_types=1);

namespace App\Steps\Cleaning;

use OpenApi\Attributes as OA;

/** What stands in a jar or a bowl, in time: since when, from when one may, by when one must, and when it was over. */
#[OA\Schema]
final readonly class VesselDocument
{
    /**
     * @param  string  $opens  from when on it may be ended
     * @param  ?string  $usual  when it is usually ready; null where no hour is likelier than another
     * @param  ?string  $latest  by when it must be; null where nobody knows
     * @param  ?string  $ended  when it was
     * @param  string  $end  what ends it, as the drawing says it: poured off
     * @param  string  $sentence  what this means
     */
    public function __construct(
        #[OA\Property]
        public string $started,
        #[OA\Property]
        public string $opens,
        #[OA\Property]
        public ?string $usual,
        #[OA\Property]
        public ?string $latest,
        #[OA\Property]
        public ?string $ended,
        #[OA\Property]
        public string $end,
        #[OA\Property]
        public string $sentence,
    ) {}
}
