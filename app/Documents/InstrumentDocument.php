<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Instruments\InstrumentKind;
use OpenApi\Attributes as OA;

/** Something that measures, and how it goes with it. */
#[OA\Schema]
final readonly class InstrumentDocument
{
    /**
     * @param  string  $said  what it is
     * @param  ?string  $place  where it hangs
     * @param  ?string  $heard  when it last told something
     * @param  ?string  $trouble  what ails it
     * @param  ?string  $record  how good its forecast has been
     * @param  object  $typed  its own fields, as they would be typed again
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(enum: InstrumentKind::class)]
        public string $kind,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public ?string $place,
        #[OA\Property]
        public ?string $place_id,
        #[OA\Property]
        public string $address,
        #[OA\Property]
        public ?string $errs,
        #[OA\Property]
        public ?string $heard,
        #[OA\Property]
        public ?string $trouble,
        #[OA\Property]
        public ?string $record,
        #[OA\Property(type: 'object')]
        public object $typed,
    ) {}
}
