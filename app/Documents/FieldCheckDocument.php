<?php

declare(strict_types=1);

namespace App\Documents;

use App\Voice\Speaking;
use App\Words\RefusalWords;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use OpenApi\Attributes as OA;

/** What can be said of a field without asking anybody: that it is empty, or its figure outside of its bounds. */
#[OA\Schema]
final readonly class FieldCheckDocument
{
    /**
     * @param  ?string  $lacking  what is said where it is left empty; null where it may be
     * @param  ?float  $least  in the keeper's own units, a share in per cent; null of what is no figure
     * @param  string  $outside  what is said of a figure outside of them
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public ?string $lacking,
        #[OA\Property]
        public ?float $least,
        #[OA\Property]
        public ?float $most,
        #[OA\Property]
        public string $outside,
    ) {}

    public static function of(Field $field): self
    {
        $lacking = $field->required ? RefusalWords::bounds($field->missing()) : null;
        if (! $field->type->isNumeric()) {
            return new self($field->key, $lacking, null, null, '');
        }
        $units = Speaking::forms()->units;
        $shown = static fn (float $bound): float => $field->type === FieldType::Share ? 100.0 * $bound : $units->fromCore($field->unit, $bound);

        return new self($field->key, $lacking, $shown($field->min), $shown($field->max), RefusalWords::bounds(Refused::outside($field)));
    }
}
