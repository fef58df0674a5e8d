<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock;
use App\Journal\Draft;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Journal\EntryKind;

/** What every request that records something carries: an id of its sender's making, a moment, a payload. */
abstract class EntryRequest extends FormRequest
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
