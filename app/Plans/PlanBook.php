<?php

declare(strict_types=1);

namespace App\Plans;

use App\Clock;
use App\Garden\Settings;
use App\Handbook\OwnFigures;
use App\Models\Acting;
use App\Models\Deeds;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\PlanVersion;
use App\Models\Variety;
use App\Models\WriteLock;
use App\Moment;
use Closure;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\SeasonPlan;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The plans of the seasons, every version of them. */
final readonly class PlanBook
{
    public function __construct(private CropReference $crops, private Clock $clock, private WorkPlanned $work, private OwnFigures $own, private Settings $settings, private Deeds $deeds) {}

    /** @return list<int> */
    public function years(): array
    {
        return array_values(DB::table('plans')->orderBy('year')->pluck('year')->map(static fn (mixed $year): int => is_numeric($year) ? (int) $year : 0)->all());
    }

    public function has(int $year): bool
    {
        return DB::table('plans')->where('year', $year)->exists();
    }

    public function open(int $year): OpenPlan
    {
        $last = $this->last($year);
        /** @var array<array-key, mixed> $document */
        $document = json_decode($last->document, true, flags: JSON_THROW_ON_ERROR);

        return new OpenPlan($this->reckoned(OldPlans::upTo($document)), $last->number, $last->parent === null ? null : $last->said);
    }

    /**
     * Starts a season's plan: from the garden of another season, or on bare ground.
     *
     * @throws Refused
     */
    public function start(int $year, ?int $from, Acting $by): OpenPlan
    {
        return WriteLock::hold(function () use ($year, $from, $by): OpenPlan {
            if ($this->has($year)) {
                throw Refused::at('year', "There is a plan for $year already.");
            }
            $document = $from === null ? $this->bareGround($year) : NextSeason::from($this->open($from)->plan, $year);
            $plan = $this->reckoned($document);
            DB::table('plans')->insert(['year' => $year]);
            $this->keep($plan, 1, null, $from === null ? 'Started the plan' : "Started from the plan of $from", $by);
            $this->work->write($plan);

            return $this->open($year);
        });
    }

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws Refused|PlanMoved
     */
    public function save(int $year, int $version, array $document, string $said, Acting $by): OpenPlan
    {
        return WriteLock::hold(function () use ($year, $version, $document, $said, $by): OpenPlan {
            $last = $this->last($year);

            // The same save sent again, because its answer was lost, is done already.
            return $last->number === $version + 1 && $last->document === self::document($this->read($year, $document))
                ? $this->open($year)
                : $this->change($year, $version, $said, $by, fn (): SeasonPlan => $this->read($year, $document));
        });
    }

    /**
     * @param  Closure(SeasonPlan): SeasonPlan  $change
     *
     * @throws Refused|PlanMoved
     */
    public function change(int $year, int $version, string $said, Acting $by, Closure $change): OpenPlan
    {
        return WriteLock::hold(function () use ($year, $version, $said, $by, $change): OpenPlan {
            $last = $this->last($year);
            if ($last->number !== $version) {
                throw PlanMoved::since($last->number);
            }
            $plan = $change($this->open($year)->plan);
            $this->keep($plan, $last->number + 1, $last->number, $said, $by);
            $this->work->write($plan);

            return $this->open($year);
        });
    }

    /**
     * Takes the last change back. That is a version of its own; taking back again goes one further back.
     *
     * @throws PlanMoved|Refused
     */
    public function undo(int $year, int $version, Acting $by): OpenPlan
    {
        return WriteLock::hold(function () use ($year, $version, $by): OpenPlan {
            $last = $this->last($year);
            if ($last->number !== $version) {
                return $this->isTakenBack($last, $version) ? $this->open($year) : throw PlanMoved::since($last->number);
            }
            if ($last->parent === null) {
                throw Refused::at('version', 'There is nothing to take back.');
            }
            $before = PlanVersion::query()->where('year', $year)->where('number', $last->parent)->firstOrFail();
            PlanVersion::query()->insert([
                'year' => $year,
                'number' => $last->number + 1,
                'parent' => $before->parent,
                'document' => $before->document,
                'said' => $before->said,
                'saved_at' => Moment::keep($this->clock->now()),
            ]);
            $this->deeds->done(new PlanChanged($year, $last->number + 1, "Taken back: $last->said"), $by);
            $open = $this->open($year);
            $this->work->write($open->plan);

            return $open;
        });
    }

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws Refused
     */
    private function read(int $year, array $document): SeasonPlan
    {
        $plan = $this->reckoned([...$document, 'year' => $year]);
        $plan->refuseFarDays();
        $crops = Variety::query()->whereIn('id', array_map(static fn ($planting): string => $planting->variety, $plan->plantings))->pluck('crop', 'id');
        $lots = Lot::query()->with('variety')->findMany(array_filter(array_map(static fn ($planting): ?string => $planting->lot, $plan->plantings)))->keyBy('id');
        $plantings = Planting::query()->findMany(array_filter(array_map(static fn ($planting): ?string => $planting->planting, $plan->plantings)))->keyBy('id');
        foreach ($plan->plantings as $i => $planting) {
            if (! isset($crops[$planting->variety])) {
                throw Refused::at("plantings.$i.variety", 'Choose a variety, or add it first.');
            }
            if ($crops[$planting->variety] !== $planting->crop->key) {
                throw Refused::at("plantings.$i.crop", 'This variety is of another crop.');
            }
            if ($planting->lot !== null && $lots->get($planting->lot)?->variety->crop !== $planting->crop->key) {
                throw Refused::at("plantings.$i.lot", $lots->has($planting->lot) ? 'That lot is of another crop.' : 'There is no such lot.');
            }
            if ($planting->planting !== null && $plantings->get($planting->planting)?->variety_id !== $planting->variety) {
                throw Refused::at("plantings.$i.planting", $plantings->has($planting->planting) ? 'That planting is of another variety.' : 'There is no such planting.');
            }
        }

        return $plan;
    }

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws Refused
     */
    private function reckoned(array $document): SeasonPlan
    {
        return SeasonPlan::read($document, $this->crops, fn (string $crop, string $variety): Crop => $this->own->ofVariety($this->crops, $crop, $variety), $this->settings->practice()->year);
    }

    /** Whether the last version is that one taken back: asked for again because the answer was lost, it is done already. */
    private function isTakenBack(PlanVersion $last, int $version): bool
    {
        $then = PlanVersion::query()->where('year', $last->year)->where('number', $version)->first();
        $before = $then?->parent === null ? null : PlanVersion::query()->where('year', $last->year)->where('number', $then->parent)->first();

        return $before !== null && $last->number === $version + 1 && $last->parent === $before->parent && $last->document === $before->document;
    }

    private static function document(SeasonPlan $plan): string
    {
        return json_encode($plan->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private function last(int $year): PlanVersion
    {
        return PlanVersion::query()->where('year', $year)->orderByDesc('number')->first()
            ?? throw new NotFoundHttpException("There is no plan for $year yet.");
    }

    private function keep(SeasonPlan $plan, int $number, ?int $parent, string $said, Acting $by): void
    {
        $this->deeds->done(new PlanChanged($plan->year, $number, mb_substr($said, 0, 300)), $by);
        PlanVersion::query()->insert([
            'year' => $plan->year,
            'number' => $number,
            'parent' => $parent,
            'document' => self::document($plan),
            'said' => mb_substr($said, 0, 300),
            'saved_at' => Moment::keep($this->clock->now()),
        ]);
    }

    /** The bare ground on which a first plan begins, of which nothing is kept. */
    public function bare(int $year): SeasonPlan
    {
        return $this->reckoned($this->bareGround($year));
    }

    /** @return array<string, mixed> */
    private function bareGround(int $year): array
    {
        return [
            'year' => $year,
            'ground' => ['width' => 20, 'depth' => 12, 'north' => 0, 'wind' => 225, 'last_frost' => $this->settings->text('last_frost'), 'first_frost' => $this->settings->text('first_frost')],
            'isolation' => ['standard' => $this->settings->text('isolation_standard'), 'climate' => $this->settings->text('isolation_climate')],
            'beds' => [],
            'barriers' => [],
            'sources' => [],
            'plantings' => [],
        ];
    }
}
