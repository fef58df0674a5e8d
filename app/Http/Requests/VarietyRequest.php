<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\VarietyType;
use OpenApi\Attributes as OA;

/** A new variety. */
#[OA\Schema(schema: 'VarietyRequest', required: ['id', 'crop', 'name', 'type'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'crop', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'type', type: 'string', enum: ['open_pollinated', 'hybrid', 'stabilising', 'landrace', 'unknown']),
    new OA\Property(property: 'generation', type: 'string'),
    new OA\Property(property: 'note', type: 'string'),
])]
final class VarietyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CropReference $crops): array
    {
        return [
            'id' => ['required', 'uuid'],
            'crop' => ['required', 'string', static function (string $field, mixed $value, \Closure $fail) use ($crops): void {
                if (! is_string($value) || ! $crops->has($value)) {
                    $fail('There is no such crop in the crop reference.');
                }
            }],
            'name' => [
                'required', 'string', 'max:80',
                // The same variety sent twice is one variety.
                Rule::unique('varieties', 'name')->where('crop', $this->input('crop'))->ignore($this->input('id')),
            ],
            'type' => ['required', Rule::enum(VarietyType::class)],
            'generation' => ['sometimes', 'nullable', 'string', 'max:20'],
            'note' => ['sometimes', 'nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'crop.required' => 'Choose the crop.',
            'name.required' => 'Give the variety its name.',
            'name.max' => 'The name is too long: at most 80 letters.',
            'name.unique' => 'There is a variety of this crop with that name already.',
            'type.required' => 'Say what kind of variety it is.',
            'type.enum' => 'Say what kind of variety it is.',
        ];
    }
}
