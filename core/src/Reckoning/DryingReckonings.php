<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Drying\Desiccant;
use Marrow\Core\Drying\DesiccantColour;
use Marrow\Core\Drying\DesiccantKind;
use Marrow\Core\Drying\DesiccantState;
use Marrow\Core\Drying\DryingCurve;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Drying\IndicatorCard;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Values;

final class DryingReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::curve(), self::room($crops), EvidenceReckoning::of($crops), self::card(), self::desiccant(), self::changes(), self::state()];
    }

    private static function room(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'drying.room',
            'Will this room ever dry it enough?',
            [
                Field::crop('crop', 'the crop'),
                Field::share('rh', 'relative humidity of the room', Equilibrium::MIN_RH, Equilibrium::MAX_RH),
                Field::number('temperature', 'temperature of the room', '°C', 0, 50),
            ],
            [
                new Output('stops_at', '% of wet mass', 'where it stops'),
                new Output('enough', '% of wet mass', 'at which it may be closed in tight'),
                new Output('rh_needed', 'share', 'humidity of a room that could do it'),
            ],
            'What its seed settles to in that air, against the moisture at which it may be closed in tight.',
            static function (Values $in) use ($crops): array {
                $crop = $crops->get($in->text('crop'));
                $enough = $crop->jarMoisture ?? throw InvalidFigure::because('crop', sprintf('%s is not dried to be kept.', $crop->name));

                return [
                    'stops_at' => $crop->balance->moisture($in->number('rh'), $in->number('temperature')),
                    'enough' => $enough,
                    'rh_needed' => $crop->balance->seedRh($enough, $in->number('temperature')),
                ];
            },
            also: 'too damp air stop stuck balance equilibrium summer humid',
        );
    }

    private static function card(): Reckoning
    {
        return new Reckoning(
            'card.reading',
            'What does the card in the jar say?',
            [
                Field::numbers('spots', 'humidities beside its spots', '% RH', 1, 99),
                Field::text('states', 'each of them dry, between or damp', 200),
                Field::number('temperature', 'temperature in the jar', '°C', -20, 60)->optional(),
            ],
            [
                new Output('rh', 'share', 'in the jar'),
                new Output('low', 'share', 'at the least'),
                new Output('high', 'share', 'at the most'),
            ],
            'The spots of low humidity turn damp first; one between its colours is there, 5 points either way; outside 15 to 35 °C 5 points more.',
            static function (Values $in): array {
                $card = IndicatorCard::of(array_map(static fn (float $spot): float => $spot / 100.0, $in->numbers('spots')), IndicatorCard::states($in->text('states')), $in->has('temperature') ? $in->number('temperature') : null);

                return ['rh' => $card->rh, 'low' => $card->low, 'high' => $card->high];
            },
            also: 'humidity indicator spot colour three six dots',
        );
    }

    private static function curve(): Reckoning
    {
        return new Reckoning(
            'drying.curve',
            'When will it be dry, going by its weighings?',
            [
                Field::numbers('hours', 'hours since it was spread', 'h', 0, 100_000),
                Field::numbers('masses', 'what it weighed at each', 'g', 0.001, 1_000_000),
                Field::number('target_mass', 'mass to reach', 'g', 0.001, 1_000_000)->optional(),
            ],
            [
                new Output('final_mass', 'g', 'mass it is heading for'),
                new Output('start_mass', 'g', 'mass at the start'),
                new Output('rate_per_hour', 'share per hour', 'of what is left to lose'),
                new Output('hours_to_target', 'h', 'from the start to the mass to reach'),
                new Output('residual', 'g', 'what the curve does not explain'),
            ],
            'Least squares of m = mₑ + (m₀ − mₑ)e^(−kt) (Lewis thin layer), from at least 4 weighings.',
            static function (Values $in): array {
                $curve = DryingCurve::fit($in->numbers('hours'), $in->numbers('masses'));

                return [
                    'final_mass' => $curve->finalMass,
                    'start_mass' => $curve->startMass,
                    'rate_per_hour' => $curve->ratePerHour,
                    'hours_to_target' => $in->has('target_mass') ? $curve->hoursTo($in->number('target_mass')) : null,
                    'residual' => $curve->residual,
                ];
            },
            also: 'how long until days weight finished',
        );
    }

    private static function changes(): Reckoning
    {
        return new Reckoning(
            'desiccant.changes',
            'I have only so much desiccant: how often must I dry it again?',
            [
                ...self::jar(),
                Field::number('amount', 'dry absorbent at hand', 'g', 0.1, 1_000_000),
                self::capacity(),
            ],
            [
                new Output('water', 'g', 'water to take out'),
                new Output('amount_for_one', 'g', 'dry absorbent that would do it at once'),
                new Output('changes', 'fills', 'of the absorbent at hand, freshly dried'),
            ],
            'As drying.desiccant; ⌈absorbent needed/absorbent at hand⌉.',
            static function (Values $in): array {
                $plan = self::dried($in);

                return ['water' => $plan->water, 'amount_for_one' => $plan->desiccant, 'changes' => $plan->changes($in->number('amount'))];
            },
            also: 'silica gel regenerate oven dry again beads packets little',
        );
    }

    private static function state(): Reckoning
    {
        return new Reckoning(
            'desiccant.state',
            'How wet is my desiccant, and how much can it still take?',
            [
                Field::choice('kind', 'what it is', DesiccantKind::class)->optional(DesiccantKind::Gel),
                Field::number('dry_mass', 'what it weighs dry', 'g', 0.1, 1_000_000),
                Field::number('mass_now', 'what it weighs now', 'g', 0.1, 2_000_000)->optional(),
                Field::choice('colour', 'its colour', DesiccantColour::class)->optional(),
                Field::share('rh', 'humidity in its jar, after a day')->optional(),
                Field::share('rh_end', 'relative humidity wanted in the jar', 0.05, 0.9)->optional(0.35),
            ],
            [
                new Output('held', 'g/g', 'water that a gram of it holds now'),
                new Output('can_take', 'g', 'water it can still take'),
                new Output('full_share', 'share', 'of what it holds at the humidity wanted'),
            ],
            'Its weight over its dry weight; else what it holds in air of that humidity: silica gel about linearly to 0.30 g/g at 60 % RH, clay 0.09, 0.18, 0.22 at 20, 40, 60 %, rice 0.04, 0.07, 0.10, salt none.',
            static function (Values $in): array {
                [$kind, $dry, $end] = [$in->one('kind', DesiccantKind::class), $in->number('dry_mass'), $in->number('rh_end')];
                $state = match (true) {
                    $in->has('mass_now') => DesiccantState::weighed($kind, $dry, $in->number('mass_now'), $end),
                    $in->has('colour') => DesiccantState::coloured($kind, $dry, $in->one('colour', DesiccantColour::class), $end),
                    default => DesiccantState::inAir($kind, $dry, $in->number('rh'), $end),
                };

                return ['held' => $state->held, 'can_take' => $state->canTake, 'full_share' => $state->fullShare];
            },
            [new Alternatives('how wet it is', [new Way('by its weight', ['mass_now']), new Way('by its colour', ['colour']), new Way('by the air in its jar', ['rh'])])],
            also: 'silica gel beads clay cat litter rice salt spent exhausted blue orange pink',
        );
    }

    private static function desiccant(): Reckoning
    {
        return new Reckoning(
            'drying.desiccant',
            'How much desiccant does this jar need?',
            [
                ...self::jar(),
                self::capacity(),
            ],
            [
                new Output('water', 'g', 'water to take out'),
                new Output('desiccant', 'g', 'dry absorbent'),
            ],
            'm(M − T)/(100 − T) over the capacity; typical silica gel rises about linearly to 0.30 g/g at 60 % RH.',
            static function (Values $in): array {
                $plan = self::dried($in);

                return ['water' => $plan->water, 'desiccant' => $plan->desiccant];
            },
            also: 'silica gel rice absorbent dry jar packets',
        );
    }

    /** @return list<Field> */
    private static function jar(): array
    {
        return [
            Field::number('mass', 'what the seed weighs', 'g', 0.001, 1_000_000),
            Field::number('moisture', 'its moisture now', '% of wet mass', Moisture::MIN, Moisture::MAX),
            Field::number('target', 'moisture wanted', '% of wet mass', Moisture::MIN, Moisture::MAX),
            Field::share('rh_end', 'relative humidity in the jar at the end', 0.05, 0.9),
        ];
    }

    private static function capacity(): Field
    {
        return Field::number('capacity', 'water that a gram of absorbent holds then', 'g/g', 0.001, 2)->optional();
    }

    /** @throws InvalidFigure */
    private static function dried(Values $in): Desiccant
    {
        return Desiccant::of($in->number('mass'), $in->number('moisture'), $in->number('target'), $in->number('rh_end'), $in->has('capacity') ? $in->number('capacity') : null);
    }
}
