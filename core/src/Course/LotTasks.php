<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\CleaningWay;

/** What a lot wants done next, in each place where something of it stands. */
final readonly class LotTasks
{
    /** A test of fewer seeds than this in stock would eat the lot. */
    private const FEWEST_TO_TEST = 40;

    /** Above the jar moisture by this much, closed-in seed moulds or dies within weeks. */
    public const DAMP_MARGIN = 1.0;

    /** Whatever the forecast says, a test older than this says little. */
    private const TEST_STALE_DAYS = 1096;

    private function __construct(private LotCourse $lot) {}

    /** @return list<Task> */
    public static function of(LotCourse $lot): array
    {
        $tasks = new self($lot);

        return [...$tasks->next(), ...$tasks->tests()];
    }

    /** @return list<Task> */
    private function next(): array
    {
        if (! $this->lot->harvest->hasBegun() || $this->lot->isUsedUp()) {
            return [];
        }

        $place = $this->lot->place();
        $cleaned = $place !== Place::Bench || $this->lot->cleaning->stage === CleaningStage::Clean;
        if ($cleaned && ! $this->lot->facts->crop->bearsDrying()) {
            return $this->sowFresh($place);
        }

        return match ($place) {
            Place::Bench => $this->bench(),
            Place::Racks => $this->racks(),
            Place::Store => $this->store(),
            default => [],
        };
    }

    /** @return list<Task> */
    private function bench(): array
    {
        $cleaning = $this->lot->cleaning;
        $since = $cleaning->since ?? $this->lot->harvest->lastAt();
        if ($since === null) {
            return [];
        }

        return [match ($cleaning->stage) {
            CleaningStage::Uncleaned => $this->startCleaning($since),
            CleaningStage::Fermenting => $this->pourOff($since),
            CleaningStage::PouredOff => new Task(TaskKind::Rinse, Place::Bench, $since, $since, self::hours($since, 2), true),
            CleaningStage::Threshed => new Task(TaskKind::Winnow, Place::Bench, $since, self::days($since, 3), null, false),
            CleaningStage::Clean => $this->lot->facts->crop->isWetCleaned()
                ? new Task(TaskKind::SpreadWet, Place::Bench, $since, $since, self::hours($since, 12), true)
                : new Task(TaskKind::SpreadDry, Place::Bench, $since, self::days($since, 2), null, false),
        }];
    }

    /**
     * A kind that does not bear drying is sown, not stored; half its ordinary life is the most that is safe.
     *
     * @return list<Task>
     */
    private function sowFresh(Place $place): array
    {
        $picked = $this->lot->harvest->lastAt();
        if ($picked === null) {
            return [];
        }
        $days = (int) ceil($this->lot->facts->crop->ordinaryYears * 365.25 / 2);

        return [new Task(TaskKind::SowFresh, $place, $picked, $picked, self::days($picked, $days), true, ['days' => $days])];
    }

    private function startCleaning(\DateTimeImmutable $picked): Task
    {
        $crop = $this->lot->facts->crop;
        $rest = $crop->ripening;
        $kind = match ($crop->cleaning->way) {
            CleaningWay::Ferment => TaskKind::StartFerment,
            CleaningWay::Rinse => TaskKind::Wash,
            CleaningWay::Thresh => TaskKind::Thresh,
        };

        return new Task(
            $kind,
            Place::Bench,
            self::days($picked, $rest->restDaysMin),
            self::days($picked, $rest->restDaysMin + min(7, intdiv($rest->restDaysMax - $rest->restDaysMin, 2))),
            self::days($picked, $rest->restDaysMax),
            $crop->isWetCleaned(),
            ['rest_min' => $rest->restDaysMin, 'rest_max' => $rest->restDaysMax],
        );
    }

    private function pourOff(\DateTimeImmutable $since): Task
    {
        $window = $this->lot->cleaning->fermentWindow();
        if ($window === null) {
            return new Task(TaskKind::PourOff, Place::Bench, $since, $since, null, true);
        }

        return new Task(
            TaskKind::PourOff,
            Place::Bench,
            self::hours($since, $window->earliestHours),
            self::hours($since, $window->typicalHours),
            self::hours($since, $window->latestHours),
            true,
            [
                'temperature' => $this->lot->cleaning->ferment?->temperatureC,
                'earliest_hours' => $window->earliestHours,
                'typical_hours' => $window->typicalHours,
                'latest_hours' => $window->latestHours,
            ],
        );
    }

    /** @return list<Task> */
    private function racks(): array
    {
        $drying = $this->lot->drying;
        $last = $drying->lastWeighedAt() ?? $drying->spreadAt;
        if ($last === null || $drying->spreadAt === null) {
            return [];
        }
        $moisture = $drying->moisture();
        $figures = [
            'moisture' => $moisture,
            'jar_moisture' => $this->lot->facts->crop->jarMoisture,
            'target_mass' => $drying->targetMass(),
            'mass' => $drying->lastMass(),
        ];
        if ($drying->verdict() === DryingVerdict::DryEnough) {
            $known = $drying->moistureKnownAt > $last ? $drying->moistureKnownAt : $last;

            return [new Task(TaskKind::PutAway, Place::Racks, $known, self::days($known, 1), self::days($known, 14), false, $figures)];
        }
        if ($drying->verdict() === DryingVerdict::Steady) {
            return [new Task(TaskKind::ReadJar, Place::Racks, $last, self::days($last, 1), null, false, $figures)];
        }
        // Wet seed changes by the hour at first; later a weighing every second day shows as much.
        $early = $last < self::days($drying->spreadAt, 3) && $this->lot->facts->crop->isWetCleaned();
        $best = self::days($last, $early ? 1 : 2);

        return [new Task(TaskKind::Weigh, Place::Racks, self::hours($best, -6), $best, null, false, $figures)];
    }

    /** @return list<Task> */
    private function store(): array
    {
        $store = $this->lot->store;
        $since = $store->since;
        if ($since === null || $store->now === null) {
            return [];
        }
        $tasks = [];
        $jar = $this->lot->facts->crop->jarMoisture;
        if ($this->lot->isShutInDamp()) {
            $known = $this->lot->drying->moistureKnownAt > $since ? $this->lot->drying->moistureKnownAt : $since;
            $tasks[] = new Task(TaskKind::OpenDampJar, Place::Store, $known, $known, self::days($known, 1), true, ['moisture' => $store->moisture, 'jar_moisture' => $jar]);
        }
        if ($store->ground === MoistureGround::Assumed) {
            $tasks[] = new Task(TaskKind::ReadStoredJar, Place::Store, self::days($since, 1), self::days($since, 2), null, false, ['jar_moisture' => $jar]);
        }

        return [...$tasks, ...$this->keeping($since)];
    }

    /** @return list<Task> */
    private function keeping(\DateTimeImmutable $since): array
    {
        $forecast = $this->lot->forecast();
        $tested = $this->lot->lastTested();
        $running = $this->lot->runningTests() !== [];
        $plenty = ($this->lot->store->stock->seeds() ?? 0) >= self::FEWEST_TO_TEST;
        $tasks = [];
        $threshold = $this->lot->facts->crop->test->minimum;
        if ($tested === null && ! $running && $plenty) {
            $tasks[] = new Task(TaskKind::TestFirst, Place::Store, $since, self::days($since, 28), null, false);
        }
        if ($forecast === null) {
            return $tasks;
        }
        $goodUntil = $forecast->reaches($threshold);
        // A lot whose last test was below the mark already wants growing out, not another test.
        if ($tested !== null && ! $running && $plenty && $goodUntil > $tested->startedAt) {
            $stale = self::days($tested->startedAt, self::TEST_STALE_DAYS);
            $mayHaveFallen = $forecast->reachesEarliest($threshold);
            $best = $mayHaveFallen < $stale ? $mayHaveFallen : $stale;
            // A test is no sooner wanted again than a year later, however old the seed.
            $soonest = self::days($tested->startedAt, 365);
            $best = $best < $soonest ? $soonest : $best;
            $tasks[] = new Task(TaskKind::TestAgain, Place::Store, self::days($best, -60), $best, null, false, [
                'tested' => $tested->startedAt->format('Y-m-d'),
                'may_fall' => $mayHaveFallen->format('Y-m-d'),
                'threshold' => $threshold,
            ]);
        }
        $tasks[] = new Task(TaskKind::GrowOut, Place::Store, self::days($goodUntil, -365), self::days($goodUntil, -120), $goodUntil, true, [
            'good_until' => $goodUntil->format('Y-m-d'),
            'threshold' => $threshold,
        ]);

        return $tasks;
    }

    /** @return list<Task> */
    private function tests(): array
    {
        $tasks = [];
        foreach ($this->lot->runningTests() as $test) {
            $crop = $this->lot->facts->crop;
            $day = $test->nextCountDay();
            if ($day === null) {
                continue;
            }
            $last = $test->lastDay();
            $done = ($last !== null && $last >= $crop->test->lastCount) || $test->undecided() === 0;
            $morning = $test->startedAt->setTime(9, 0)->modify(sprintf('+%d days', $done ? (int) $last : $day));
            $tasks[] = new Task(
                $done ? TaskKind::EndTest : TaskKind::CountTest,
                Place::Trays,
                $morning->setTime(0, 0),
                $morning,
                $done ? null : self::days($morning, 3),
                false,
                [
                    'day' => $done ? $last : $day,
                    'first_count' => $crop->test->firstCount,
                    'last_count' => $crop->test->lastCount,
                    'undecided' => $test->undecided(),
                ],
                $test->set->test,
            );
        }

        return $tasks;
    }

    private static function days(\DateTimeImmutable $from, int $days): \DateTimeImmutable
    {
        return $from->modify(sprintf('%+d days', $days));
    }

    private static function hours(\DateTimeImmutable $from, float $hours): \DateTimeImmutable
    {
        return $from->modify(sprintf('%+d seconds', (int) round($hours * 3600)));
    }
}
