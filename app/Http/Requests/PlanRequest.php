<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\PlanContentDocument;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** A changed plan, and which version it was changed from. */
#[OA\Schema(schema: 'PlanRequest', required: ['version', 'content'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'content', ref: PlanContentDocument::class),
    new OA\Property(property: 'said', type: 'string', description: 'what was changed, to be shown beside taking it back'),
])]
final class PlanRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'content' => ['required', 'array'], 'said' => ['sometimes', 'nullable', 'string', 'max:300']];
    }

    /** @return array<array-key, mixed> */
    public function plan(): array
    {
        $content = $this->input('content');

        return is_array($content) ? $content : [];
    }
}
