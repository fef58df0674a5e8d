<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** A new place to keep seed in. */
#[OA\Schema(schema: 'StorePlaceRequest', required: ['id', 'name', 'temperature', 'rh'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'temperature', type: 'number'),
    new OA\Property(property: 'rh', type: 'number'),
])]
final class StorePlaceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'name' => ['required', 'string', 'max:80', Rule::unique('store_places', 'name')->ignore($this->input('id'))],
            'temperature' => ['required', 'numeric', 'between:-30,45'],
            'rh' => ['required', 'numeric', 'between:2,97'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the place a name: the hall cupboard, the old fridge.',
            'name.unique' => 'There is a place with that name already.',
            'temperature.required' => 'Give its ordinary temperature.',
            'temperature.numeric' => 'The temperature must be a number, in °C.',
            'temperature.between' => 'The temperature must be from -30 to 45 °C.',
            'rh.required' => 'Give its ordinary relative humidity.',
            'rh.numeric' => 'The relative humidity must be a number, in per cent.',
            'rh.between' => 'The relative humidity must be from 2 to 97 %.',
        ];
    }
}
