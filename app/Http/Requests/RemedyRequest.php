<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Input;
use App\Plans\RemedyWish;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Values;
use OpenApi\Attributes as OA;

/** What the keeper is ready to do about crossing. */
#[OA\Schema(schema: 'RemedyRequest', required: ['shift_days', 'move', 'cage', 'alternate', 'bag', 'leave_out'], properties: [
    new OA\Property(property: 'shift_days', type: 'integer', minimum: 0, maximum: 90),
    new OA\Property(property: 'move', type: 'boolean'),
    new OA\Property(property: 'cage', type: 'boolean'),
    new OA\Property(property: 'alternate', type: 'boolean'),
    new OA\Property(property: 'bag', type: 'boolean'),
    new OA\Property(property: 'leave_out', type: 'boolean'),
    new OA\Property(property: 'version', type: 'integer', description: 'when one is to be carried out: the version it was proposed for'),
    new OA\Property(property: 'way', type: 'string', description: 'when one is to be carried out: which'),
])]
final readonly class RemedyRequest
{
    private function __construct(private Values $given) {}

    /** @throws ValidationException */
    public static function of(Request $request): self
    {
        return new self(Input::read(FieldList::of(
            ...array_values(RemedyWish::fields()->fields),
            ...[
                Field::integer('version', 'The version it was proposed for', '', 0, 1_000_000_000)->optional(0),
                Field::text('way', 'Which way', 60)->optional(''),
            ],
        ), $request->all()));
    }

    public function version(): int
    {
        return $this->given->integer('version');
    }

    public function way(): string
    {
        return $this->given->text('way');
    }

    public function wish(): RemedyWish
    {
        return RemedyWish::of(array_intersect_key($this->given->all(), RemedyWish::fields()->fields));
    }
}
