<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

/** A sowing, which starts a planting. */
#[OA\Schema(schema: 'StartPlantingRequest', required: ['id', 'planting', 'variety', 'happened_at', 'payload'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'planting', description: 'id of the new planting', type: 'string', format: 'uuid'),
    new OA\Property(property: 'variety', description: 'id of the variety', type: 'string'),
    new OA\Property(property: 'spot', type: 'string'),
    new OA\Property(property: 'happened_at', type: 'string'),
    new OA\Property(property: 'payload', type: 'object', additionalProperties: true),
    new OA\Property(property: 'by', type: 'string'),
])]
final class StartPlantingRequest extends EntryRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'planting' => ['required', 'uuid'],
            'variety' => ['required', 'string', 'exists:varieties,id'],
            'spot' => ['sometimes', 'nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'variety.required' => 'Choose the variety, or add it first.',
            'variety.exists' => 'There is no such variety. Add it first.',
            'spot.max' => 'The spot is too long: at most 120 letters.',
        ];
    }
}
