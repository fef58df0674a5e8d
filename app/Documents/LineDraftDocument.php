<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Journal\Subject;
use OpenApi\Attributes as OA;

/** What a line was understood to say of one thing, as the one door takes it. */
#[OA\Schema]
final readonly class LineDraftDocument
{
    /**
     * @param  string  $about  id of the thing; of one that begins with it a new one
     * @param  string  $code  of the thing, or the name by which it goes; empty of one that begins out of nothing
     * @param  string  $which  id of what in the thing it is about, as of a test; empty for none
     * @param  ?BeginsDocument  $begins  what begins with it
     * @param  string  $happened_at  as it is sent
     * @param  object  $payload  as it would be typed into the form
     * @param  string  $said  as the journal will say it
     * @param  list<string>  $doubts  what is missing or cannot be; then the form that fits it is opened
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property(enum: Subject::class)]
        public string $subject,
        #[OA\Property]
        public string $about,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $happened_at,
        #[OA\Property(type: 'object', additionalProperties: true)]
        public object $payload,
        #[OA\Property]
        public string $said,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $doubts,
        #[OA\Property]
        public string $which = '',
        #[OA\Property]
        public ?BeginsDocument $begins = null,
    ) {}
}
