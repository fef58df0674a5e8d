<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Botany\LifeCycle;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Drying\RackStrand;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Storing\Kept;
use Marrow\Core\Steps\Storing\StoringStrand;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\TestingStrand;
use Marrow\Core\Storage\Ageing;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\HygrometerError;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\LotTelling;
use Marrow\Core\Storage\StorePace;
use Marrow\Core\Storage\ViabilityConstants;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Year\SowingWindow;

/** A lot over the years: how its share alive falls, when it wants a test, when it wants growing out. It takes no entries of its own. */
final class Keeping extends Strand
{
    /** From November into February. */
    private const WINTER_DAYS = 100;

    /** Where most of the winter is past when it comes. */
    private const LEAST_DAYS = 30;

    /** Share of a year that is past when most seed of it is ripe: mid-September. */
    private const RIPENS = 0.7;

    /** Days from a sowing within which seed of it may still come: of annuals, and of what blooms in its second year. */
    private const GIVES_SEED_DAYS = 300;

    private const GIVES_SEED_LATER_DAYS = 660;

    /** So many seasons are asked for one after the other. */
    private const SEASONS = 3;

    private ?Forecast $forecast = null;

    /** Once the lot is folded its forecast stands. */
    private bool $isReckoned = false;

    public function __construct(
        private readonly LotFacts $facts,
        private readonly Practice $practice,
        private readonly OriginStrand $origin,
        private readonly CleaningStrand $cleaning,
        private readonly RackStrand $rack,
        private readonly StockStrand $stock,
        private readonly TestingStrand $testing,
        private readonly StoringStrand $storing,
    ) {}

    /**
     * How the share alive will fall; null while the lot is not in store, kept where the equation is not trusted, shut in
     * so damp that it moulds, or of a kind that dies when it dries. It begins with the last test, or when the seed ripened.
     */
    public function forecast(): ?Forecast
    {
        if (! $this->isReckoned) {
            [$this->forecast, $this->isReckoned] = [$this->reckon(), true];
        }

        return $this->forecast;
    }

    /** The same for what of it lies in one of its containers. */
    public function forecastIn(Kept $kept): ?Forecast
    {
        return $this->reckon($kept);
    }

    /** What its tests tell of how seed ages in this store, by the model alone; null when they tell nothing. */
    public function telling(): ?LotTelling
    {
        try {
            [$ageing, $constants, $tests] = $this->known() ?? [null, null, []];
            if ($ageing === null || $constants === null || $tests === []) {
                return null;
            }
            $spread = $constants->basis->spreadOfLog();

            return LotTelling::of($this->tested($ageing, $tests, 0.0, $spread), $this->wider($ageing, $tests, $spread), $constants->basis);
        } catch (InvalidFigure) {
            return null;
        }
    }

    /** @return list<Harm> */
    public function harms(): array
    {
        return array_values(array_filter([
            $this->cleaning->sproutedSeen ? Harm::Sprouted : ($this->cleaning->layTooLong() ? Harm::Overfermented : null),
            $this->rack->isOverheated ? Harm::Overheated : null,
            $this->origin->isPickedGreen() ? Harm::PickedGreen : null,
            $this->facts->sickAmong ? Harm::Sick : null,
        ]));
    }

    private function reckon(?Kept $in = null): ?Forecast
    {
        try {
            [$ageing, $constants, $tests] = $this->known($in) ?? [null, null, []];
            if ($ageing === null || $constants === null) {
                return null;
            }
            [$slower, $spread] = ($this->facts->store ?? StorePace::unknown())->expected($constants->basis);
            $spread = hypot($spread, $this->instrument($constants, $in));
            if ($tests === []) {
                // What its first test has shown so far and what is taken for granted would be two answers to one question.
                return $this->testing->isFirstRunning() ? null : Forecast::of($ageing, LotPace::untested($this->practice->untestedShare, $slower, $spread, Harm::together($this->harms())), $constants->basis);
            }
            $last = $tests[count($tests) - 1]->startedAt;
            $since = $this->storing->segmentsSince($last, $constants, $in);

            return $since === null ? null : Forecast::of(
                Ageing::of($last, $since),
                $this->tested($ageing, $tests, $slower, $spread),
                $constants->basis,
                self::awayAt($ageing, $tests),
            );
        } catch (InvalidFigure) {
            return null;
        }
    }

    /** What the error of the hygrometer makes of its pace, one standard deviation; weighed, it was read by none. */
    private function instrument(ViabilityConstants $constants, ?Kept $in): float
    {
        $moisture = $in->moisture ?? $this->storing->moisture;

        return $moisture === null || $this->storing->isByWeight()
            ? 0.0
            : HygrometerError::spread($constants, $this->facts->crop->balance, $moisture, $this->practice->number('hygrometer_error'));
    }

    /**
     * @return array{Ageing, ViabilityConstants, list<TestCourse>}|null
     *
     * @throws InvalidFigure where the equation is not trusted
     */
    private function known(?Kept $in = null): ?array
    {
        if ($this->storing->now === null || ! $this->facts->crop->bearsDrying() || $this->storing->isShutInDamp()) {
            return null;
        }
        $tests = $this->testing->results();
        $ripe = $this->origin->firstAt() ?? ($tests[0] ?? null)?->startedAt;
        $constants = $this->facts->crop->viability();
        $segments = $ripe === null ? null : $this->storing->segmentsSince($ripe, $constants, $in);

        return $ripe === null || $segments === null ? null : [Ageing::of($ripe, $segments), $constants, $tests];
    }

    /**
     * @param  non-empty-list<TestCourse>  $tests
     * @param  float  $slower  expected of its pace, and how sure that is
     */
    private function tested(Ageing $ageing, array $tests, float $slower, float $spread): LotPace
    {
        return LotPace::tested(
            array_map(static fn (TestCourse $test): array => [$ageing->until($test->startedAt)[0], $test->germinated(), $test->sown()], $tests),
            $this->practice->untestedShare,
            $slower,
            $this->wider($ageing, $tests, $spread),
            Harm::together($this->harms()),
        );
    }

    /**
     * The spread of a pace, wider where the store lies far from the cupboard.
     *
     * @param  non-empty-list<TestCourse>  $tests
     */
    private function wider(Ageing $ageing, array $tests, float $spread): float
    {
        return hypot($spread, ViabilityConstants::CW_SPREAD * self::awayAt($ageing, $tests));
    }

    /** @param  non-empty-list<TestCourse>  $tests */
    private static function awayAt(Ageing $ageing, array $tests): float
    {
        [$lost, $away] = $ageing->until($tests[count($tests) - 1]->startedAt);

        return $lost > 0.0 ? $away : 0.0;
    }

    public static function taskKinds(): string
    {
        return KeepingTask::class;
    }

    public function wants(): array
    {
        $since = $this->storing->since;
        // A lot is never told two opposite things: what moulds is opened first, and what is crossed is not grown out as if it were not.
        if ($since !== null && $this->facts->crop->isKeptAlive() && ! $this->stock->stock->isUsedUp()) {
            return $this->plantAgain($since);
        }
        if ($since === null || $this->stock->stock->isUsedUp() || ! $this->facts->crop->bearsDrying() || $this->storing->isShutInDamp() || $this->facts->crossed) {
            return [];
        }

        return [...$this->tests($since), ...$this->growOut()];
    }

    /**
     * A lot whose last test was below the mark wants growing out, not another test; any other is tested before it is relied
     * on past the near edge of its forecast.
     *
     * @return list<Task>
     */
    private function tests(\DateTimeImmutable $since): array
    {
        if (! $this->isPlenty() || $this->testing->running() !== []) {
            return [];
        }
        $tested = $this->testing->lastEnded();
        if ($tested === null) {
            $best = $this->firstTest($since);
            // Fresh seed that sleeps would only seem to be dead.
            $awake = $this->testing->awakeAt();

            return [new Task(KeepingTask::TestFirst, Place::Store, $awake > $since ? $awake : $since, $awake > $best ? $awake : $best, null, Loss::Nothing, [
                'sleeps_until' => $awake > $best ? $awake->format('Y-m-d') : null,
                'slept' => (int) ($this->testing->asleep() !== null),
                'wants_cold' => (int) $this->facts->crop->test->chilling,
                'parts' => (int) array_any($this->testing->tests, static fn (TestCourse $test): bool => $test->isOfSome() && $test->endedAt !== null),
            ])];
        }
        $forecast = $this->forecast();
        if ($forecast === null || $this->isTestedPoor()) {
            return [];
        }
        $threshold = $this->facts->crop->test->minimum;
        $stale = Later::days($tested->startedAt, (int) ceil($this->practice->number('test_stale_years') * 365.25));
        $mayHaveFallen = $forecast->reachesEarliest($threshold);
        // A test is no sooner wanted again than a year later, however old the seed.
        $best = max(Later::days($tested->startedAt, 365), min($mayHaveFallen, $stale));

        return [new Task(KeepingTask::TestAgain, Place::Store, Later::days($best, -60), $best, null, Loss::Nothing, [
            'tested' => $tested->startedAt->format('Y-m-d'),
            'may_fall' => $mayHaveFallen->format('Y-m-d'),
            'threshold' => $threshold,
        ])];
    }

    /**
     * Own seed within the days that are set. What came from elsewhere is tested over the winter, and what came on one day not
     * on one day: the older for its kind, the sooner.
     */
    private function firstTest(\DateTimeImmutable $since): \DateTimeImmutable
    {
        $soon = Later::days($since, (int) $this->practice->number('first_test_days'));
        $year = $this->origin->year();
        if ($this->origin->received === null) {
            return $soon;
        }
        $turn = $this->practice->year->shift->turn;
        $ripened = ($turn->partHere(1.0 + 12.0 * self::RIPENS) - 1.0) / 12.0;
        $age = $year === null ? 1.0 : max(0.0, ((int) $since->format('Y') + (int) $since->format('z') / 365 - $year - $ripened) / $this->facts->crop->ordinaryYears);
        $inBook = $turn->inBook($since);
        $november = $turn->here($inBook->setDate((int) $inBook->format('Y') - ((int) $inBook->format('n') < 3 ? 1 : 0), 11, 1)->setTime(9, 0));
        $from = max($soon, $november);
        $days = max(self::LEAST_DAYS, self::WINTER_DAYS - (int) $november->diff($from)->days);

        // Three weeks' worth of days by its number, so that those of one age do not fall on one day.
        return Later::days($from, (int) round($days * (1.0 - min(1.0, $age))) + (int) preg_replace('/\D/', '', $this->facts->code) % 21);
    }

    /** @return list<Task> */
    private function growOut(): array
    {
        $forecast = $this->forecast();
        if ($forecast === null) {
            return [];
        }
        $threshold = $this->facts->crop->test->minimum;
        $edge = $forecast->reachesEarliest($threshold);
        $isPoor = $this->isTestedPoor();
        $figures = [
            'good_until' => $edge->format('Y-m-d'),
            'likely_until' => $forecast->reaches($threshold)->format('Y-m-d'),
            'threshold' => $threshold,
            // Only a test says that seed is poor; a forecast says that it may be.
            'tested_poor' => (int) $isPoor,
        ];
        $tasks = [];
        foreach ($this->seasons($edge, $isPoor) as $season) {
            // Past the edge it wants a test, where there is enough of it for one.
            if (! $isPoor && $this->isPlenty() && $season->from > $edge) {
                break;
            }
            $tasks[] = new Task(
                KeepingTask::GrowOut,
                Place::Store,
                $season->from,
                Later::days($season->from, intdiv((int) $season->from->diff($season->to)->days, 2)),
                $season->to,
                Loss::Season,
                [...$figures, 'sow_until' => $season->to->format('Y-m-d')],
                $season->from->format('Y-m-d'),
                $season->to,
            );
        }

        return $tasks;
    }

    /**
     * In which seasons it is to be sown again: the last that is over before the edge, and those after it as long as it was
     * not. What was sown from it has its time to give seed, and where it gave some the line is renewed.
     *
     * @return list<SowingWindow>
     */
    private function seasons(\DateTimeImmutable $edge, bool $isPoor): array
    {
        $since = $isPoor ? $this->testing->lastEnded()?->startedAt : $this->storing->since;
        if ($since === null || array_any($this->facts->grownOut, static fn (array $out): bool => $out['picked'] !== null)) {
            return [];
        }
        $sown = array_map(static fn (array $out): \DateTimeImmutable => $out['sown'], $this->facts->grownOut);
        $begins = $sown === [] ? $since : max($since, Later::days(max($sown), $this->facts->crop->lifeCycle === LifeCycle::Annual ? self::GIVES_SEED_DAYS : self::GIVES_SEED_LATER_DAYS));
        $windows = SowingWindow::from($this->facts->crop->growing, $this->practice->year->shiftOf($this->facts->crop->growing), $begins, max(1, (int) $edge->format('Y') - (int) $begins->format('Y')) + self::SEASONS);
        if ($isPoor) {
            return array_slice($windows, 0, self::SEASONS);
        }
        $last = 0;
        foreach ($windows as $i => $window) {
            $last = $window->to <= $edge ? $i : $last;
        }

        return array_slice($windows, $last, self::SEASONS);
    }

    /**
     * What is kept alive goes out again in its next months, or as soon as it no longer keeps.
     *
     * @return list<Task>
     */
    private function plantAgain(\DateTimeImmutable $since): array
    {
        $kept = $this->facts->crop->vegetative;
        if ($kept === null) {
            return [];
        }
        [$from, $to] = $kept->plant;
        $turn = $this->practice->year->shiftOf($this->facts->crop->growing)->turn;
        $since = $turn->inBook($since);
        $opens = $since->setDate((int) $since->format('Y'), $from, 1)->setTime(9, 0);
        $opens = match (true) {
            // Put away while it is being planted it goes out at once, not in a year.
            $kept->isPlantedIn((int) $since->format('n')) => $since,
            $opens <= $since => $opens->setDate((int) $since->format('Y') + 1, $from, 1),
            default => $opens,
        };
        $month = (int) $opens->format('n');
        $ends = $opens->setDate((int) $opens->format('Y'), $month + ($to - $month + 12) % 12 + 1, 1)->setTime(9, 0);
        [$since, $opens, $ends] = array_map($turn->here(...), [$since, $opens, $ends]);
        $begun = $this->origin->firstAt() ?? $since;
        $spent = $kept->keeps === null ? null : Later::days($begun, (int) round($kept->keeps[1] * Later::DAYS_A_MONTH));

        $latest = $spent !== null && $spent > $opens && $spent < $ends ? $spent : $ends;

        return [new Task(
            KeepingTask::PlantAgain,
            Place::Store,
            $opens,
            Later::days($opens, intdiv((int) $opens->diff($latest)->days, 2)),
            $latest,
            Loss::Season,
            ['keeps_min' => $kept->keeps[0] ?? null, 'keeps_max' => $kept->keeps[1] ?? null],
        )];
    }

    private function isPlenty(): bool
    {
        return ($this->stock->stock->seeds() ?? 0) >= $this->practice->number('fewest_to_test');
    }

    private function isTestedPoor(): bool
    {
        return $this->testing->cameOutBelow($this->facts->crop->test->minimum);
    }
}
