<?php

declare(strict_types=1);

namespace App\Documents;

use App\Voice\Typed;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Season\PlanFields;
use Marrow\Core\Season\SeasonPlan;
use OpenApi\Attributes as OA;

/** A season's plan as it would be typed: by part and field, in the keeper's units and form of days. */
#[OA\Schema(schema: 'PlanTypedDocument')]
final readonly class PlanTypedDocument
{
    /**
     * @param  list<object>  $beds
     * @param  list<object>  $barriers
     * @param  list<object>  $sources
     * @param  list<object>  $plantings
     * @param  list<object>  $spots  of the plantings, in their order
     */
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/TypedPart')]
        public object $ground,
        #[OA\Property(ref: '#/components/schemas/TypedPart')]
        public object $isolation,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/TypedPart'))]
        public array $beds,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/TypedPart'))]
        public array $barriers,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/TypedPart'))]
        public array $sources,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/TypedPart'))]
        public array $plantings,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/TypedPart'))]
        public array $spots,
    ) {}

    public static function of(SeasonPlan $plan): self
    {
        $kept = $plan->toArray();
        $fields = PlanFields::parts();
        $one = static fn (FieldList $asked, mixed $part): object => (object) Typed::of($asked, is_array($part) ? $part : []);
        $several = static fn (string $name): array => array_map(static fn (mixed $part): object => $one($fields[$name], $part), self::list($kept[$name] ?? []));

        return new self(
            $one($fields['ground'], $kept['ground'] ?? []),
            $one($fields['isolation'], $kept['isolation'] ?? []),
            $several('beds'),
            $several('barriers'),
            $several('sources'),
            $several('plantings'),
            array_map(static fn (mixed $planting): object => $one(PlanFields::spot(), is_array($planting) ? $planting['spot'] ?? [] : []), self::list($kept['plantings'] ?? [])),
        );
    }

    /** @return list<mixed> */
    private static function list(mixed $parts): array
    {
        return is_array($parts) ? array_values($parts) : [];
    }
}
