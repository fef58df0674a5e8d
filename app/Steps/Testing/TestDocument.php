<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use App\Documents\OfferDocument;
use App\Sheet\SectionDocument;
use OpenApi\Attributes as OA;

/** A germination test. */
#[OA\Schema]
final readonly class TestDocument implements SectionDocument
{
    /**
     * @param  int  $day  of the day looked at
     * @param  int  $seeds  in each replicate
     * @param  list<CountDocument>  $counts
     * @param  ?string  $beside  what was laid beside it, compared; null where it stands alone
     * @param  ?string  $otherwise  what was otherwise than its crop wants
     * @param  string  $set  how it was laid out and what came of it
     * @param  int  $sown  seeds that tell: without what was eaten, and without dishes that were lost
     * @param  list<OfferDocument>  $offers
     * @param  list<float>  $usual  share up by each day from 0 on, of fresh sound seed of the crop
     * @param  list<string>  $steps  how such a test is done
     * @param  string  $began  when its days begin
     * @param  list<int>  $looks  days on which such a test is counted
     * @param  int  $sprouts  that may still be potted on
     * @param  bool  $leads  whether it is what the lot goes by, so that what to do with the seed follows from it
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $started,
        #[OA\Property]
        public ?string $ended,
        #[OA\Property]
        public int $day,
        #[OA\Property]
        public int $seeds,
        #[OA\Property]
        public int $replicates,
        #[OA\Property]
        public float $temperature,
        #[OA\Property]
        public string $method,
        #[OA\Property]
        public int $first_count,
        #[OA\Property]
        public int $last_count,
        #[OA\Property]
        public ?int $next_count,
        #[OA\Property(items: new OA\Items(ref: CountDocument::class))]
        public array $counts,
        #[OA\Property]
        public int $sown,
        #[OA\Property]
        public int $germinated,
        #[OA\Property]
        public int $abnormal,
        #[OA\Property]
        public int $undecided,
        #[OA\Property]
        public ?float $rate,
        #[OA\Property]
        public ?float $low,
        #[OA\Property]
        public ?float $high,
        #[OA\Property]
        public ?float $t50,
        #[OA\Property]
        public float $good,
        #[OA\Property]
        public float $poor,
        #[OA\Property]
        public ?string $verdict,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public ?string $beside,
        #[OA\Property]
        public ?string $rest,
        #[OA\Property]
        public ?string $otherwise,
        #[OA\Property]
        public ?string $sowing,
        #[OA\Property]
        public ?string $speed,
        #[OA\Property]
        public ?string $agreement,
        #[OA\Property]
        public bool $agrees,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $set,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
        #[OA\Property(items: new OA\Items(type: 'number'))]
        public array $usual,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $steps,
        #[OA\Property]
        public string $began,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $looks,
        #[OA\Property]
        public int $sprouts,
        #[OA\Property]
        public bool $leads,
        #[OA\Property(enum: ['test'])]
        public string $section = 'test',
        #[OA\Property(enum: ['trays'])]
        public string $belongs = 'trays',
    ) {}
}
