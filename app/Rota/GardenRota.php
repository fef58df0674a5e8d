<?php

declare(strict_types=1);

namespace App\Rota;

use App\Clock;
use App\Garden\Settings;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use App\Plans\Observed;
use App\Plans\PlanBook;
use App\Reading\Facts;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Rota\Apart;
use Marrow\Core\Rota\Cliques;
use Marrow\Core\Rota\Outlook;
use Marrow\Core\Rota\Resource;
use Marrow\Core\Rota\RotaConflict;
use Marrow\Core\Rota\RotaLimits;
use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Season\PlannedCourse;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Season\SeasonPlan;

/** Makes the rota's problem out of a garden: what its seed can still do, what crosses, what growing it asks, what the keeper gives. */
final readonly class GardenRota
{
    /** Lots of a line that are looked at, those that last longest first. */
    private const LOTS = 4;

    /** The loss of the last of its kind counts so many times. */
    private const LAST = 2.0;

    /** Years that it looks ahead, at most. */
    public const LONGEST = 10;

    private const HALF_A_YEAR = '+6 months';

    public function __construct(private Facts $facts, private Settings $settings, private CropReference $crops, private PlanBook $plans, private Observed $observed, private RotaBook $book, private Clock $clock) {}

    /** @param  ?int  $years  ahead, 1 … 10; null for as many as are set */
    public function of(?int $years = null): GardenProblem
    {
        [$version, $wish] = $this->book->wish();
        $practice = $this->facts->practice;
        $first = $this->firstYear();
        $years ??= (int) $practice->number('rota_years');
        $plan = $this->latestPlan($first);
        // What would cross would cross also where nobody has drawn a plan.
        $apart = new Apart($plan ?? $this->plans->bare($first), $this->crops, $first + 1, $practice->number('rota_morning_hours'));
        $lots = $this->lots(new Outlook($first, $years, $practice));
        $standing = $this->standing($first);
        $rest = new KinRest($this->plans, (int) $practice->number('rota_rest'), $first, $years);
        $gone = array_diff_key(array_fill_keys(self::gone(), true), $standing, $wish->lines);
        $lines = [];
        foreach (Variety::query()->findMany(array_unique([...array_keys($lots), ...array_keys($wish->lines), ...array_keys($gone), ...array_keys($standing)]))->sortBy(static fn (Variety $variety): string => $variety->crop.' '.$variety->name) as $variety) {
            $isOver = count(array_filter($lines, static fn (GardenLine $line): bool => $line->line !== null)) >= RotaProblem::MOST_LINES;
            $lines[$variety->id] = match (true) {
                $isOver => $this->outside($variety, $wish->of($variety->id), sprintf('Beyond the %d lines that a rota holds.', RotaProblem::MOST_LINES)),
                isset($gone[$variety->id]) => $this->outside($variety, $wish->of($variety->id), 'No seed of it is left.'),
                default => $this->line($variety, $wish->of($variety->id), $lots[$variety->id] ?? [], $standing[$variety->id] ?? null, $first, $years, $apart, $rest),
            };
        }
        $problem = new RotaProblem(
            $first,
            $years,
            $practice->number('rota_hour_price'),
            $this->limits($wish, $first, $years),
            array_values(array_filter(array_map(static fn (GardenLine $line): ?RotaLine => $line->line, $lines))),
            self::conflicts(array_values(array_filter($lines, static fn (GardenLine $line): bool => $line->line !== null)), $apart),
            $this->before($wish, $first),
        );

        return new GardenProblem($problem, $lines, $version, $wish, $plan);
    }

    /** What it was made from, in the state that that has: as long as this is the same, so is the problem. */
    public function state(): string
    {
        return implode(' ', [$this->book->wish()[0], DB::table('journal_entries')->max('seq') ?? 0, DB::table('plan_versions')->count(), DB::table('rotas_agreed')->count(), DB::table('deeds')->max('id') ?? '', $this->clock->now()->format('Y-m-d')]);
    }

    /** The next season for which everything can still be decided. */
    public function firstYear(): int
    {
        return $this->facts->practice->year->shift->turn->season($this->clock->now()->modify(self::HALF_A_YEAR));
    }

    private function latestPlan(int $first): ?SeasonPlan
    {
        $years = $this->plans->years();
        $year = in_array($first, $years, true) ? $first : end($years);

        return $year === false ? null : $this->plans->open($year)->plan;
    }

    /** @return list<string> ids of varieties that were grown out here, and of which nothing is left */
    private static function gone(): array
    {
        $rows = DB::table('lot_standings')->where('place', '!=', 'plot')->groupBy('variety_id')->havingRaw('min(used_up) = 1 AND max(own_generation) > 0')->pluck('variety_id')->all();

        return array_values(array_filter($rows, is_string(...)));
    }

    private function outside(Variety $variety, LineWish $wish, string $why): GardenLine
    {
        return new GardenLine($variety->id, $variety->name, $this->facts->crop($variety), $wish, [], null, $why, null, null, 1, null);
    }

    /** @return array<string, list<array{HeldLot, LotCourse}>> by the variety's id */
    private function lots(Outlook $outlook): array
    {
        $ids = DB::select("SELECT lot_id FROM (
            SELECT lot_id, row_number() OVER (PARTITION BY variety_id ORDER BY coalesce(ends_at, '9') DESC, lot_id) AS n
            FROM lot_standings WHERE used_up = 0 AND place != 'plot'
        ) WHERE n <= ?", [self::LOTS]);
        $lots = Lot::query()->with(['variety', 'planting.variety'])->findMany(array_column($ids, 'lot_id'));
        $held = [];
        $this->facts->each($lots, function (Lot $lot, LotCourse $course) use (&$held, $outlook): void {
            $parents = $course->facts->crop->parents;
            $alive = $outlook->ofLot($course, max(1, $parents->bare));
            $seeds = $course->stock->stock->seeds();
            $until = $course->forecast()?->reachesEarliest($course->facts->crop->test->minimum);
            $held[$lot->variety_id][] = [new HeldLot($lot->id, $lot->code(), $seeds, $course->packets->reserve, $alive, Outlook::growings($seeds, max(1, $parents->bare), $alive[0]), $course->facts->crossed, $until), $course];
        });
        foreach ($held as $variety => $of) {
            usort($of, static fn (array $a, array $b): int => [array_sum($b[0]->alive), $a[0]->code] <=> [array_sum($a[0]->alive), $b[0]->code]);
            $held[$variety] = $of;
        }

        return $held;
    }

    /** @param  list<array{HeldLot, LotCourse}>  $lots */
    private function line(Variety $variety, LineWish $wish, array $lots, ?StandingNow $standing, int $first, int $years, Apart $apart, KinRest $rest): GardenLine
    {
        $crop = $this->facts->crop($variety);
        $held = array_column($lots, 0);
        $plants = $wish->plants ?? max(1, $variety->type === VarietyType::Landrace ? $crop->parents->landrace : $crop->parents->variety);
        $why = match (true) {
            $wish->letGo => 'Not kept for seed.',
            $wish->sent !== '' => "Grown by $wish->sent.",
            $crop->isKeptAlive() => 'Kept alive by planting it again each year.',
            $variety->type === VarietyType::Hybrid => 'A hybrid: its seed does not come true.',
            default => '',
        };
        if ($why !== '') {
            return new GardenLine($variety->id, $variety->name, $crop, $wish, $held, null, $why, $standing?->code, $standing?->ripe, $plants, null);
        }
        [$hours, $cages, $comesTrue] = $apart->alone($crop, $plants);
        $renewed = (new Outlook($first, $years, $this->facts->practice))->ofNewSeed($crop, $lots[0][1] ?? null);
        $stands = $crop->growing->sowings[0]->years + 1;
        $fails = $this->facts->practice->number('rota_fails');
        $alive = self::together($held, $years);
        $forbidden = [...array_map(static fn (int $year): int => $year - $first, $wish->forbidden), ...$rest->forbidden($crop)];
        for ($year = 0; $wish->notBefore !== null && $year < min($years, $wish->notBefore - $first); $year++) {
            $forbidden[] = $year;
        }
        if ($standing !== null) {
            [$alive, $busy] = $standing->onto($alive, $renewed, $fails, $first);
            $forbidden = [...$forbidden, ...$busy];
        }
        $pinned = array_map(static fn (int $year): int => $year - $first, array_values(array_filter($wish->pinned, static fn (int $year): bool => $year >= $first)));
        $rectangle = Rectangle::forPlants(0, 0, null, null, $plants, $crop->growing->spacing);
        $line = new RotaLine(
            $variety->id,
            $wish->weight ?? (count($held) <= 1 ? self::LAST : 1.0),
            $alive,
            $renewed,
            $fails,
            $stands,
            $standing === null ? self::growings($held, $wish, $years) : null,
            round($rectangle->width * $rectangle->depth, 2),
            ($wish->hours ?? $this->facts->practice->number('rota_growing_hours')) + round($hours / $stands, 2),
            (float) $cages,
            array_values(array_unique($pinned)),
            array_values(array_unique(array_diff($forbidden, $pinned))),
        );

        return new GardenLine($variety->id, $variety->name, $crop, $wish, $held, $line, '', $standing?->code, $standing?->ripe, $plants, $comesTrue ? null : 'What flowers around it would cross with it, whatever is done.');
    }

    /**
     * Of several lots the one that is likelier to live, year by year: they aged alike, so that they are no two chances.
     *
     * @param  list<HeldLot>  $lots
     * @return list<float>
     */
    private static function together(array $lots, int $years): array
    {
        $alive = array_fill(0, $years + 1, 0.0);
        foreach ($lots as $lot) {
            foreach ($lot->alive as $year => $chance) {
                $alive[$year] = max($alive[$year], $chance);
            }
        }

        return array_values($alive);
    }

    /**
     * Growings that the seed suffices for beside what is used of it until the middle of the years; null where nobody counted.
     *
     * @param  list<HeldLot>  $lots
     */
    private static function growings(array $lots, LineWish $wish, int $years): ?int
    {
        $growings = 0;
        foreach ($lots as $n => $lot) {
            if ($lot->growings === null) {
                return null;
            }
            $used = $n === 0 && $lot->seeds !== null && $lot->seeds > 0 ? min(1.0, $wish->uses * $years / 2 / $lot->seeds) : 0.0;
            $growings += (int) floor($lot->growings * (1.0 - $used));
        }

        // What is there at all is sown before it is given up.
        return max($growings, array_sum(array_map(static fn (HeldLot $lot): int => $lot->alive[0] > 0.0 ? 1 : 0, $lots)) > 0 ? 1 : 0);
    }

    private function limits(RotaWish $wish, int $first, int $years): RotaLimits
    {
        $limits = [];
        foreach (['rota_area' => Resource::Area, 'rota_hours' => Resource::Hours, 'rota_cages' => Resource::Cages] as $setting => $resource) {
            $usual = $this->settings->value($setting);
            $each = [];
            for ($year = 0; $year < $years; $year++) {
                $each[] = $wish->years[$first + $year][$resource->value] ?? (is_int($usual) || is_float($usual) ? (float) $usual : INF);
            }
            $limits[] = $each;
        }

        return new RotaLimits(...$limits);
    }

    /**
     * Two lines that ask the same of one another, and others that ask it of both, are one conflict: of all of them each beyond the
     * first is paid for once.
     *
     * @param  list<GardenLine>  $lines
     * @return list<RotaConflict>
     */
    private static function conflicts(array $lines, Apart $apart): array
    {
        $alike = $pairs = [];
        foreach ($lines as $i => $a) {
            foreach (array_slice($lines, $i + 1) as $b) {
                $two = $apart->two($a->crop, $a->plants, $b->crop, $b->plants);
                if ($two !== null) {
                    $asks = sprintf('%d %.2f %.0f', $two->never, $two->hours, $two->cages);
                    $alike[$asks] = $two;
                    $pairs[$asks][] = [$a->variety, $b->variety];
                }
            }
        }
        $conflicts = [];
        foreach ($alike as $asks => $two) {
            foreach (Cliques::of($pairs[$asks]) as $group) {
                $conflicts[] = new RotaConflict($group, $two->never, round($two->hours, 2), $two->cages);
            }
        }

        return $conflicts;
    }

    /** @return list<array{line: string, sow: int}> the rota that was agreed on, what is preferred, and what the plan of the first year has for seed */
    private function before(RotaWish $wish, int $first): array
    {
        $before = $this->book->agreed()->growings ?? [];
        foreach ($this->plans->has($first) ? $this->plans->open($first)->plan->standing() : [] as $planting) {
            if ($planting->purpose->isForSeed()) {
                $before[] = ['line' => $planting->variety, 'sow' => $first];
            }
        }
        foreach ($wish->lines as $line) {
            foreach ($line->preferred as $year) {
                $before[] = ['line' => $line->line, 'sow' => $year];
            }
        }

        return $before;
    }

    /** @return array<string, StandingNow> by the variety's id: what was planned for seed, was sown, and has given none yet */
    private function standing(int $first): array
    {
        $standing = [];
        $turn = $this->facts->practice->year->shift->turn;
        foreach (array_intersect([$first - 1, $first], $this->plans->years()) as $year) {
            $plan = $this->plans->open($year)->plan;
            $grown = $this->observed->grown($plan);
            foreach ($plan->standing() as $planting) {
                $seen = $grown[$planting->id] ?? null;
                if (! $planting->purpose->isForSeed() || $seen === null || $seen->sownAt === null || $seen->isPicked) {
                    continue;
                }
                $bloom = PlannedCourse::of($planting->with(sownAt: $seen->sownAt), $plan->ground)->bloom;
                $ripe = $bloom === null ? $year : $turn->season($bloom->last);
                if ($ripe >= $first - 1) {
                    $standing[$planting->variety] = new StandingNow(Planting::query()->find($seen->planting)?->code() ?? '', $ripe);
                }
            }
        }

        return $standing;
    }
}
