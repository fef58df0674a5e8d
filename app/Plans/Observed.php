<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Planting;
use App\Reading\Facts;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Season\Grown;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Steps\PutOff\PutOffUntil;

/**
 * What the journal knows of plantings that were planned. A planting is the planned one that names it, the one that it was sown as, or else the next
 * unnamed one of its variety that was to be sown about then.
 */
final readonly class Observed
{
    /** A sowing this many days before or after its planned day is still that sowing. */
    private const ABOUT_DAYS = 75;

    /** A planting of another season than the plan's, before or after it, may still be of the plan: seed of biennials is sown the year before. */
    public const SEASONS_APART = 1;

    public function __construct(private Facts $facts) {}

    /** The plan with the sowing and the bloom that were seen in place of what was planned and reckoned. */
    public function onto(SeasonPlan $plan): SeasonPlan
    {
        return self::inBloom($plan, $this->grown($plan));
    }

    /** @param  array<string, Grown>  $grown  by id of the planned planting */
    public static function inBloom(SeasonPlan $plan, array $grown): SeasonPlan
    {
        return $plan->withPlantings(array_map(static function (PlannedPlanting $planting) use ($grown): PlannedPlanting {
            $seen = $grown[$planting->id] ?? null;

            return $seen === null ? $planting : $planting->with(firstBloom: $seen->firstBloom, lastBloom: $seen->lastBloom, sownAt: $seen->sownAt);
        }, $plan->plantings));
    }

    /** @return array<string, Grown> by id of the planned planting */
    public function grown(SeasonPlan $plan): array
    {
        $grown = [];
        $links = $this->links($plan);
        // Folded all together: one after the other each would ask for its entries by itself.
        $courses = $this->facts->plantings(new Collection(array_values($links)));
        foreach ($links as $planned => $planting) {
            $course = $courses[$planting->id];
            $grown[$planned] = new Grown(
                self::day($course->growing->sownAt),
                self::day($course->growing->firstBloomAt),
                self::day($course->growing->lastBloomAt),
                $course->facts->pickedAt !== null,
                self::done($course),
                self::later($course),
                $planting->id,
                $course->tending->standing ?? 0,
                $course->tending->inStore,
            );
        }

        return $grown;
    }

    /** @return list<PlanTaskKind> */
    private static function done(PlantingCourse $course): array
    {
        return array_values(array_filter(PlanTaskKind::cases(), static function (PlanTaskKind $kind) use ($course): bool {
            $said = $course->putOff->on(PlannedTask::PUT_OFF.$kind->value);

            return $said !== null && $said->how !== PutOffUntil::Later || match ($kind) {
                PlanTaskKind::PlantOut => $course->tending->isPlantedOut,
                PlanTaskKind::CoverUp => $course->tending->coverings !== [],
                // Whoever pulled something has looked it over, whatever it was pulled for.
                PlanTaskKind::LookOver => $course->trueness->seen > 0 || array_sum($course->tending->pulled) > 0,
                PlanTaskKind::Lift => $course->tending->isLifted || $course->growing->firstBloomAt !== null,
                PlanTaskKind::Sort => $course->tending->isLookedThrough || $course->tending->isReplanted,
                PlanTaskKind::Replant => $course->tending->isReplanted || $course->growing->firstBloomAt !== null,
                PlanTaskKind::Pollinate => $course->pollinating->wanted !== null && $course->pollinating->toDo() === 0,
                default => false,
            };
        }));
    }

    /** @return array<string, DateTimeImmutable> */
    private static function later(PlantingCourse $course): array
    {
        $days = [];
        foreach (PlanTaskKind::cases() as $kind) {
            $until = $course->putOff->on(PlannedTask::PUT_OFF.$kind->value)?->until;
            if ($until !== null) {
                $days[$kind->value] = new DateTimeImmutable($until, new DateTimeZone('UTC'));
            }
        }

        return $days;
    }

    /** @return array<string, Planting> by id of the planned planting */
    private function links(SeasonPlan $plan): array
    {
        $varieties = array_map(static fn (PlannedPlanting $planting): string => $planting->variety, $plan->plantings);
        $named = array_filter(array_map(static fn (PlannedPlanting $planting): ?string => $planting->planting, $plan->plantings));
        $inSeason = DB::table('planting_standings')
            ->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')
            ->whereBetween('season', [$plan->year - self::SEASONS_APART, $plan->year + self::SEASONS_APART])->whereIn('variety_id', $varieties)->pluck('plantings.id')->all();
        $plantings = Planting::query()->with(['variety', 'standing'])->whereIn('id', [...array_values($named), ...$inSeason])
            ->orderBy('number')->get()->keyBy('id');
        $links = $sownAs = [];
        foreach ($plantings as $id => $planting) {
            $sownAs[$planting->standing?->planned][$planting->variety_id][] = (string) $id;
        }
        foreach ($plan->plantings as $planned) {
            $named = $planned->planting !== null && $plantings->has($planned->planting)
                ? $planned->planting
                : array_find($sownAs[$planned->id][$planned->variety] ?? [], static fn (string $id): bool => $plantings->has($id));
            if ($named !== null) {
                $links[$planned->id] = $plantings->pull($named);
            }
        }
        $left = [];
        foreach ($plantings as $planting) {
            $left[$planting->variety_id][] = [$planting->standing?->sown_at, $planting];
        }
        foreach ($plan->plantings as $planned) {
            if (isset($links[$planned->id]) || $planned->planting !== null) {
                continue;
            }
            foreach ($left[$planned->variety] ?? [] as $n => [$sownAt, $planting]) {
                if (self::isAbout($sownAt, $planned->sow)) {
                    $links[$planned->id] = $planting;
                    unset($left[$planned->variety][$n]);
                    break;
                }
            }
        }

        return $links;
    }

    private static function isAbout(?string $sownAt, DateTimeImmutable $planned): bool
    {
        return $sownAt !== null && abs((new DateTimeImmutable(substr($sownAt, 0, 10), new DateTimeZone('UTC')))->getTimestamp() - $planned->getTimestamp()) <= self::ABOUT_DAYS * 86_400;
    }

    private static function day(?DateTimeImmutable $at): ?DateTimeImmutable
    {
        return $at === null ? null : new DateTimeImmutable($at->format('Y-m-d'), new DateTimeZone('UTC'));
    }
}
