<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A journal entry in words. */
#[OA\Schema]
final readonly class EntryDocument
{
    /**
     * @param  string|null  $strike  id of the strike, to bring the entry back
     * @param  string|null  $adrift  why nothing is reckoned from it, where that is so
     * @param  bool  $agrees  whether it says once more what stands already
     * @param  string|null  $was  what it said before it was corrected
     * @param  object  $payload  as it is kept, for correcting it
     * @param  list<FieldDocument>  $fields  that it asks for
     * @param  string|null  $elsewhere  code of what it was recorded of, where that is another and only refers to this
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $figures,
        #[OA\Property]
        public string $happened_at,
        #[OA\Property]
        public string $recorded_at,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public bool $struck,
        #[OA\Property]
        public ?string $strike,
        #[OA\Property]
        public ?string $adrift,
        #[OA\Property]
        public bool $agrees,
        #[OA\Property]
        public ?string $was,
        #[OA\Property(type: 'object', additionalProperties: true)]
        public object $payload,
        #[OA\Property(items: new OA\Items(ref: FieldDocument::class))]
        public array $fields,
        #[OA\Property]
        public ?string $elsewhere = null,
    ) {}

    public function recordedOf(string $code): self
    {
        return new self($this->id, $this->kind, $this->title, $this->figures, $this->happened_at, $this->recorded_at, $this->by, $this->struck, $this->strike, $this->adrift, $this->agrees, $this->was, $this->payload, $this->fields, $code);
    }

    /** The same moment, of more than itself. */
    public function of(string $title, string $figures, bool $struck): self
    {
        return new self($this->id, $this->kind, $title, $figures, $this->happened_at, $this->recorded_at, $this->by, $struck, null, null, false, null, $this->payload, $this->fields);
    }
}
