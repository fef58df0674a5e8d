<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock;
use App\Journal\Draft;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Journal\EntryKind;
use OpenApi\Attributes as OA;

/** An entry about a lot or a planting. */
#[OA\Schema(schema: 'RecordRequest', required: ['id', 'kind', 'happened_at', 'payload'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'happened_at', type: 'string'),
    new OA\Property(property: 'payload', type: 'object', additionalProperties: true),
    new OA\Property(property: 'by', type: 'string'),
])]
class RecordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'payload' => ['present', 'array'],
            'by' => ['sometimes', 'nullable', 'string', 'max:60'],
        ];
    }

    /** @throws ValidationException */
    public function draft(Clock $clock, ?EntryKind $kind = null): Draft
    {
        return new Draft(
            mb_strtolower($this->string('id')->toString()),
            $kind ?? EntryRules::kind($this->input('kind')),
            EntryRules::moment($this->input('happened_at'), $clock),
            $this->array('payload'),
            $this->string('by')->toString(),
        );
    }
}
