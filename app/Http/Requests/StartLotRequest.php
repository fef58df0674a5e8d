<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

/** The first picking of a planting, which starts a lot. */
#[OA\Schema(schema: 'StartLotRequest', required: ['id', 'lot', 'happened_at', 'payload'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'lot', description: 'id of the new lot', type: 'string', format: 'uuid'),
    new OA\Property(property: 'happened_at', type: 'string'),
    new OA\Property(property: 'payload', type: 'object', additionalProperties: true),
    new OA\Property(property: 'by', type: 'string'),
])]
final class StartLotRequest extends EntryRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'lot' => ['required', 'uuid']];
    }
}
