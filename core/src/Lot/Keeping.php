<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Storing\StoringStrand;
use Marrow\Core\Steps\Testing\TestingStrand;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** A lot over the years: how its share alive falls, when it wants a test, when it wants growing out. It takes no entries of its own. */
final class Keeping extends Strand
{
    /** What untested seed may be, when nobody knows. */
    private const UNTESTED_LOW = 0.85;

    private const UNTESTED_HIGH = 0.99;

    public function __construct(
        private readonly LotFacts $facts,
        private readonly Practice $practice,
        private readonly OriginStrand $origin,
        private readonly StockStrand $stock,
        private readonly TestingStrand $testing,
        private readonly StoringStrand $storing,
    ) {}

    /**
     * How the share alive will fall; null while the lot is not in store, kept where the equation is not trusted, shut in
     * so damp that it moulds, or of a kind that dies when it dries.
     */
    public function forecast(): ?Forecast
    {
        if ($this->storing->now === null || ! $this->facts->crop->bearsDrying() || $this->storing->isShutInDamp()) {
            return null;
        }
        $test = $this->testing->lastEnded();
        $share = $test?->share();
        $from = $test->startedAt ?? $this->origin->firstAt();
        if ($from === null) {
            return null;
        }
        $constants = $this->facts->crop->viability();
        try {
            $segments = $this->storing->segmentsSince($from, $constants);
            if ($segments === null) {
                return null;
            }

            return $share !== null
                ? Forecast::of($share->rateForProbit(), $share->interval(), $from, $segments, $constants->basis)
                : Forecast::of($this->practice->untestedShare, new Interval(self::UNTESTED_LOW, self::UNTESTED_HIGH), $from, $segments, $constants->basis);
        } catch (InvalidFigure) {
            return null;
        }
    }

    public static function taskKinds(): string
    {
        return KeepingTask::class;
    }

    public function wants(): array
    {
        $since = $this->storing->since;
        // A lot is never told two opposite things: what moulds is opened first, and what is crossed is not grown out as if it were not.
        if ($since === null || $this->stock->stock->isUsedUp() || ! $this->facts->crop->bearsDrying() || $this->storing->isShutInDamp() || $this->facts->crossed) {
            return [];
        }

        return [...$this->tests($since), ...$this->growOut()];
    }

    /** @return list<Task> */
    private function tests(\DateTimeImmutable $since): array
    {
        $plenty = ($this->stock->stock->seeds() ?? 0) >= $this->practice->number('fewest_to_test');
        if (! $plenty || $this->testing->running() !== []) {
            return [];
        }
        $tested = $this->testing->lastEnded();
        if ($tested === null) {
            return [new Task(KeepingTask::TestFirst, Place::Store, $since, Later::days($since, (int) $this->practice->number('first_test_days')), null, Loss::Nothing)];
        }
        $forecast = $this->forecast();
        $threshold = $this->facts->crop->test->minimum;
        // A lot whose last test was below the mark already wants growing out, not another test.
        if ($forecast === null || $forecast->reaches($threshold) <= $tested->startedAt) {
            return [];
        }
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

    /** @return list<Task> */
    private function growOut(): array
    {
        $forecast = $this->forecast();
        if ($forecast === null) {
            return [];
        }
        $threshold = $this->facts->crop->test->minimum;
        $goodUntil = $forecast->reaches($threshold);
        $tested = $this->testing->lastEnded();

        return [new Task(KeepingTask::GrowOut, Place::Store, Later::days($goodUntil, -365), Later::days($goodUntil, -120), $goodUntil, Loss::Season, [
            'good_until' => $goodUntil->format('Y-m-d'),
            'threshold' => $threshold,
            // Only a test says that seed is poor; a forecast says that it may be.
            'tested_poor' => (int) ($tested !== null && $goodUntil <= $tested->startedAt),
        ])];
    }
}
