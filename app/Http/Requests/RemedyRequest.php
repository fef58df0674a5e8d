<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock;
use App\Plans\Waiting;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;
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
final class RemedyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'shift_days' => ['required', 'integer', 'between:0,'.RemedyPreferences::MOST_SHIFT],
            'move' => ['required', 'boolean'],
            'cage' => ['required', 'boolean'],
            'alternate' => ['required', 'boolean'],
            'bag' => ['required', 'boolean'],
            'leave_out' => ['required', 'boolean'],
            'version' => ['sometimes', 'integer'],
            'way' => ['sometimes', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['shift_days.between' => 'Sowing may be shifted by 0 to 90 days.', 'shift_days.*' => 'Say by how many days sowing may be shifted.'];
    }

    public function preferences(SeasonPlan $plan, Clock $clock): RemedyPreferences
    {
        return new RemedyPreferences(
            new DateTimeImmutable($clock->now()->format('Y-m-d'), new DateTimeZone('UTC')),
            $this->integer('shift_days'),
            $this->boolean('move'),
            $this->boolean('cage'),
            $this->boolean('alternate'),
            $this->boolean('bag'),
            $this->boolean('leave_out'),
            Waiting::of($plan)->losses,
        );
    }
}
