<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Clock;
use App\Documents\JournalLineDocument;
use App\Documents\RotaApartDocument;
use App\Documents\RotaChangeDocument;
use App\Documents\RotaCollisionDocument;
use App\Documents\RotaDocument;
use App\Documents\RotaGrowingDocument;
use App\Documents\RotaLineDocument;
use App\Documents\RotaReasonsDocument;
use App\Documents\RotaWayDocument;
use App\Documents\RotaYearDocument;
use App\Models\JournalEntry;
use App\Moment;
use App\Plans\PlanBook;
use App\Rota\AgreedRota;
use App\Rota\GardenLine;
use App\Rota\GardenProblem;
use App\Rota\Reasons;
use App\Rota\RotaBook;
use App\Voice\InUnits;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\RotaWords;
use Closure;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Field;
use Marrow\Core\Rota\Breach;
use Marrow\Core\Rota\FoundRota;
use Marrow\Core\Rota\Growing;
use Marrow\Core\Rota\ProblemReader;
use Marrow\Core\Rota\Resource;
use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\RotaConflict;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Rota\Survival;
use Marrow\Core\Rota\WayOut;
use Marrow\Core\Rota\Why;
use Marrow\Core\Season\Ground;
use Marrow\Core\Season\PlannedPlanting;

/** A rota with everything that is said of it. */
final readonly class RotaSheet
{
    /** A chance that has changed by less is no news. */
    private const NEWS = 0.05;

    private const MOST_RECORDS = 3;

    public function __construct(private RotaBook $book, private PlanBook $plans, private LinesOfAll $lines, private Clock $clock) {}

    /**
     * @param  ?FoundRota  $found  where breaches are told, what there would be without the pins that collide
     * @param  list<Breach>  $breaches
     * @param  list<WayOut>  $ways
     */
    public function of(GardenProblem $garden, ?FoundRota $found, array $breaches = [], array $ways = []): RotaDocument
    {
        $problem = $garden->problem;
        $rota = $found?->rota;
        $agreed = $this->book->agreed();
        $names = $garden->name(...);

        return new RotaDocument(
            $garden->version,
            range($problem->firstYear, $problem->firstYear + $problem->years - 1),
            $found !== null && $breaches === [],
            $rota?->cost(),
            $rota?->risk,
            $rota?->hours,
            $found?->bound,
            $found !== null && $breaches === [] && $found->isProven,
            $found?->gap(),
            $breaches === [] ? RotaWords::sure($found) : '',
            array_values(array_map(static fn (GardenLine $line): RotaLineDocument => self::line($line, $problem, $rota), array_filter($garden->lines, static fn (GardenLine $line): bool => $line->line !== null))),
            array_values(array_map(static fn (GardenLine $line): RotaApartDocument => new RotaApartDocument($line->variety, $line->name, $line->cropName(), $line->apart), array_filter($garden->lines, static fn (GardenLine $line): bool => $line->line === null))),
            self::years($problem, $rota),
            self::collisions($problem, $breaches, $ways, $names),
            array_map(static fn (RotaConflict $conflict): string => self::conflict($conflict, $names), $problem->conflicts),
            $this->now($garden, $rota),
            $agreed === null ? [] : $this->changes($garden, $agreed),
            $agreed === null ? null : (new When($this->clock->now()))->day($agreed->at),
            $garden->plan !== null || $problem->lines === [] ? '' : self::undrawn($this->plans->bare($problem->firstYear)->ground),
            $garden->beds(),
            $rota === null ? '' : ($breaches === [] ? '' : 'Without the pins that collide: ').RotaWords::told($rota, $problem),
            $garden->wish->toArray(),
            ProblemReader::write($problem),
        );
    }

    /**
     * @param  list<Breach>  $breaches
     * @param  list<WayOut>  $ways
     * @param  Closure(string): string  $names
     * @return list<RotaCollisionDocument>
     */
    public static function collisions(RotaProblem $problem, array $breaches, array $ways, Closure $names): array
    {
        return array_map(static fn (Breach $breach): RotaCollisionDocument => new RotaCollisionDocument(
            $breach->kind->value,
            $breach->year === null ? null : $problem->firstYear + $breach->year,
            $breach->lines,
            $breach->said($problem->firstYear, $names),
            array_values(array_map(
                static fn (WayOut $way): RotaWayDocument => new RotaWayDocument($way->kind->value, $way->line, $way->year === null ? null : $problem->firstYear + $way->year, $way->resource?->value, $way->amount, InUnits::sentence($way->said($problem->firstYear, $names)), $way->price, RotaWords::price($way->price, $problem->hourPrice)),
                array_filter($ways, static fn (WayOut $way): bool => $way->isFor($breach)),
            )),
        ), $breaches);
    }

    private static function line(GardenLine $line, RotaProblem $problem, ?Rota $rota): RotaLineDocument
    {
        $own = $line->line ?? throw new \LogicException('A line of the rota.');
        $ungrown = (new Survival($own, $problem->years))->kept([]);
        $kept = $rota->kept[$own->id] ?? $ungrown;
        $growings = $rota === null ? [] : array_map(
            static fn (int $sown): RotaGrowingDocument => new RotaGrowingDocument($problem->firstYear + $sown, $problem->firstYear + $own->harvest($sown), Why::of($rota, new Growing($own->id, $sown, $own->harvest($sown))), in_array($sown, $own->pinned, true)),
            $rota->sowings[$own->id],
        );

        return new RotaLineDocument(
            $own->id, $line->name, $line->crop->key, $line->cropName(), array_map(static fn ($lot): string => $lot->code, $line->lots),
            array_map(self::rounded(...), $own->alive), array_map(self::rounded(...), $own->renewed), $own->weight, $own->stands, $own->sowings, $own->area, $own->hours, $own->cages, $line->plants,
            $kept, $ungrown, $line->standing, $line->cannot, $growings,
            array_map(static fn (int $year): int => $problem->firstYear + $year, $own->forbidden),
            self::told($line, $growings, $kept, $ungrown, $problem),
        );
    }

    /** @param  list<RotaGrowingDocument>  $growings */
    private static function told(GardenLine $line, array $growings, float $kept, float $ungrown, RotaProblem $problem): string
    {
        $until = $problem->firstYear + $problem->years;
        if ($growings === []) {
            return sprintf('%s is not grown for seed: it is kept until %d with %s as it is.', $line->title(), $until, Quantity::percent($ungrown));
        }
        $when = implode(' and ', array_map(static fn (RotaGrowingDocument $growing): string => $growing->sow === $growing->harvest ? (string) $growing->sow : "$growing->sow (seed in $growing->harvest)", $growings));

        return sprintf('%s is sown for seed in %s: it is kept until %d with %s, ungrown with %s.', $line->title(), $when, $until, Quantity::percent($kept), Quantity::percent($ungrown));
    }

    /** @return list<RotaYearDocument> */
    private static function years(RotaProblem $problem, ?Rota $rota): array
    {
        $years = [];
        for ($year = 0; $year < $problem->years; $year++) {
            $of = static fn (Resource $resource): array => [round($rota->used[$resource->value][$year] ?? 0.0, 2), ($limit = $problem->limits->of($resource)[$year]) === INF ? null : $limit];
            $years[] = new RotaYearDocument($problem->firstYear + $year, ...$of(Resource::Area), ...$of(Resource::Hours), ...$of(Resource::Cages));
        }

        return $years;
    }

    /** @param  Closure(string): string  $names */
    private static function conflict(RotaConflict $conflict, Closure $names): string
    {
        $asks = array_filter([
            $conflict->hours > 0.0 ? RotaWords::hours($conflict->hours) : '',
            $conflict->cages > 0.0 ? Resource::Cages->said($conflict->cages) : '',
        ]);

        return sprintf('%s would cross: %s.', Breach::listed(array_map($names, $conflict->lines)), $conflict->never ? 'nothing keeps them apart in one year' : implode(' and ', $asks).' more for each beyond the first that flowers');
    }

    /** @return list<RotaReasonsDocument> */
    private function now(GardenProblem $garden, ?Rota $rota): array
    {
        $first = $garden->problem->firstYear;
        $planned = $this->plans->has($first) ? array_fill_keys(array_map(static fn (PlannedPlanting $planting): string => $planting->variety, array_filter($this->plans->open($first)->plan->standing(), static fn (PlannedPlanting $planting): bool => $planting->purpose->isForSeed())), true) : [];
        $all = [];
        foreach ($garden->lines as $line) {
            if ($line->line === null) {
                continue;
            }
            $reasons = Reasons::of($line, $rota, $first);
            $all[] = [$reasons->press, new RotaReasonsDocument(
                $line->variety, $line->name, $line->cropName(), $first, $reasons->when, $reasons->said, $reasons->waits,
                $line->standing !== null ? "$line->standing stands for seed, ripe in $line->standingRipe." : (isset($planned[$line->variety]) ? "In the plan of $first." : ''),
                ($line->lots[0] ?? null)?->code, $line->plants, isset($planned[$line->variety]),
            )];
        }
        usort($all, static fn (array $a, array $b): int => [$b[0], $a[1]->name] <=> [$a[0], $b[1]->name]);

        return array_column($all, 1);
    }

    /** @return list<RotaChangeDocument> */
    private function changes(GardenProblem $garden, AgreedRota $agreed): array
    {
        $changes = [];
        $on = $garden->problem->firstYear - $agreed->problem->firstYear;
        foreach ($garden->problem->lines as $line) {
            $was = $agreed->problem->line($line->id);
            $said = null;
            if ($was === null) {
                $said = 'It was not in the rota then.';
            } else {
                $then = $was->alive[$on] ?? null;
                $now = $line->alive[0];
                if ($then !== null && abs($now - $then) >= self::NEWS) {
                    $said = sprintf('In %d its seed can renew it with %s; it was reckoned %s.', $garden->problem->firstYear, Quantity::percent($now), Quantity::percent($then));
                }
            }
            if ($said !== null) {
                $changes[] = new RotaChangeDocument($line->id, $garden->name($line->id), $said, $this->records($line->id, $agreed));
            }
        }

        return $changes;
    }

    /** @return list<string> what was recorded of its lots and plantings since, the latest first */
    private function records(string $variety, AgreedRota $agreed): array
    {
        $ids = [...DB::table('lots')->where('variety_id', $variety)->pluck('id')->all(), ...DB::table('plantings')->where('variety_id', $variety)->pluck('id')->all()];
        $rows = JournalEntry::query()->whereIn('subject_id', $ids)->where('recorded_at', '>', Moment::keep($agreed->at))->orderByDesc('seq')->limit(self::MOST_RECORDS)->get();

        return array_values(array_map(static fn (JournalLineDocument $line): string => rtrim("{$line->entry->title}, {$line->name}: {$line->entry->figures}", ': '), $this->lines->of($rows)));
    }

    private static function undrawn(Ground $ground): string
    {
        return InUnits::sentence(sprintf('No plan is drawn yet: what would cross is reckoned for a garden of %s by %s m with nothing around it. The plan of a season says what yours is like.', Field::show($ground->width), Field::show($ground->depth)));
    }

    private static function rounded(float $chance): float
    {
        return round($chance, 4);
    }
}
