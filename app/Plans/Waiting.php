<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\LotStanding;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Season\SeasonPlan;

/** Which plantings could wait a year, by the age and the stock of the lots that are in store of their variety. */
final readonly class Waiting
{
    /** Fewer seeds than this are no insurance. */
    private const ENOUGH_SEEDS = 100;

    private const CAN_WAIT = 4.0;

    private const SHOULD_NOT = 12.0;

    private const MUST_NOT = 25.0;

    /**
     * @param  array<string, float>  $losses  id of the planting => what a year without it costs, in mornings of work
     * @param  array<string, string>  $reasons  id => why
     */
    private function __construct(public array $losses, public array $reasons) {}

    public static function of(SeasonPlan $plan): self
    {
        $lots = LotStanding::query()->with('lot')->where('place', 'store')->where('used_up', 0)
            ->whereHas('lot', static fn ($lot) => $lot->whereIn('variety_id', array_map(static fn ($planting): string => $planting->variety, $plan->plantings)))
            ->orderByDesc('good_until')->get()->groupBy(static fn (LotStanding $standing): string => $standing->lot->variety_id);
        $losses = [];
        $reasons = [];
        foreach ($plan->plantings as $planting) {
            $best = $lots->get($planting->variety)?->first(static fn (LotStanding $standing): bool => ($standing->seeds ?? 0) >= self::ENOUGH_SEEDS && $standing->good_until !== null);
            if ($best === null || $best->good_until === null) {
                $losses[$planting->id] = self::MUST_NOT;
                $reasons[$planting->id] = 'There is no good lot of it in store, so it had better not wait.';

                continue;
            }
            $until = Moment::read($best->good_until);
            $years = $plan->ground->year->shift->turn->season($until) - $plan->year;
            $losses[$planting->id] = $years >= 2 ? self::CAN_WAIT : self::SHOULD_NOT;
            $reasons[$planting->id] = sprintf(
                '%s, %s, is forecast good %s: it %s.',
                $best->lot->code(),
                Quantity::roughSeeds((float) $best->seeds),
                $years > 10 ? 'for a decade or more' : 'until '.When::month($until),
                $years >= 2 ? 'can wait' : 'should not wait long',
            );
        }

        return new self($losses, $reasons);
    }
}
