<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock;
use App\Http\Input;
use App\Plans\Waiting;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Values;
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
final readonly class RemedyRequest
{
    private function __construct(private Values $given) {}

    /** @throws ValidationException */
    public static function of(Request $request): self
    {
        return new self(Input::read(FieldList::of(
            Field::integer('shift_days', 'The shift of sowing', 'days', 0, RemedyPreferences::MOST_SHIFT),
            Field::flag('move', 'Move plantings'),
            Field::flag('cage', 'Put up cages'),
            Field::flag('alternate', 'Open cages in turn'),
            Field::flag('bag', 'Bag flowers'),
            Field::flag('leave_out', 'Leave plantings out'),
            Field::integer('version', 'The version it was proposed for', '', 0, 1_000_000_000)->optional(0),
            Field::text('way', 'Which way', 60)->optional(''),
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

    public function preferences(SeasonPlan $plan, Clock $clock): RemedyPreferences
    {
        return new RemedyPreferences(
            new DateTimeImmutable($clock->now()->format('Y-m-d'), new DateTimeZone('UTC')),
            $this->given->integer('shift_days'),
            $this->given->flag('move'),
            $this->given->flag('cage'),
            $this->given->flag('alternate'),
            $this->given->flag('bag'),
            $this->given->flag('leave_out'),
            Waiting::of($plan)->losses,
        );
    }
}
