<?php

declare(strict_types=1);

namespace App\Documents;

use App\Words\CautionWords;
use App\Words\StepWords;
use Marrow\Core\Botany\Caution;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Offer;
use OpenApi\Attributes as OA;

/** Something that can be recorded of a thing as it stands: what it is called and what it asks. */
#[OA\Schema]
final readonly class OfferDocument
{
    /**
     * @param  string  $title  what the journal will say was done
     * @param  string  $act  what the hand does, for the button
     * @param  list<FieldDocument>  $fields
     * @param  list<string>  $cautions
     * @param  string  $step  the step of the work that it is of
     * @param  ?string  $from  what a new lot begins from with it, where one does
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $act,
        #[OA\Property(items: new OA\Items(ref: FieldDocument::class))]
        public array $fields,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property]
        public string $step,
        #[OA\Property(enum: Subject::class, nullable: true)]
        public ?string $from,
    ) {}

    /**
     * @param  list<Caution>  $all  of the crop, and of this very lot
     * @param  list<string>  $more  cautions of how it lies just now
     */
    public static function of(Offer $offer, array $all, array $more = []): self
    {
        return new self(
            $offer->kind->name,
            $offer->kind->title,
            $offer->act ?? $offer->kind->act,
            array_map(static fn (Field $field): FieldDocument => FieldDocument::of($field), $offer->fields),
            [...$more, ...CautionWords::at($all, $offer->kind->name)],
            StepWords::of($offer->step),
            $offer->kind->starts ? $offer->kind->from?->value : null,
        );
    }
}
