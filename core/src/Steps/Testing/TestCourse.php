<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Germination\EarlyStop;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\GerminationSpeed;
use Marrow\Core\Germination\LaidOtherwise;
use Marrow\Core\Germination\Outlook;
use Marrow\Core\Germination\ReplicateAgreement;
use Marrow\Core\Germination\Verdict;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Work\Offer;

/** One germination test from the first damp towel to its verdict. */
final class TestCourse
{
    private readonly DishTally $tally;

    /** When it came out of the cold; null where it was not in it, or nobody said. */
    private ?\DateTimeImmutable $warmedAt = null;

    private ?\DateTimeImmutable $wettedAt = null;

    /** @var array{list<mixed>, EarlyStop}|null what early was reckoned of last, and what came of it */
    private ?array $early = null;

    public ?\DateTimeImmutable $endedAt = null;

    /** What was left at its end, judged; null where nobody did, or it runs. */
    private ?TestEnded $left = null;

    public function __construct(
        public readonly TestStarted $set,
        public readonly \DateTimeImmutable $startedAt,
        private readonly Crop $crop,
        public readonly Told $told = Told::Not,
    ) {
        $this->tally = new DishTally($set->replicates, $set->seeds);
    }

    /** A test of which only what came of it is known: a share of so many seeds. */
    public static function told(float $share, int $seeds, \DateTimeImmutable $at, Crop $crop, Told $told): self
    {
        $test = new self(new TestStarted('told', 1, $seeds, $crop->test->temperatureHigh, TestMethod::DampTowel), $at, $crop, $told);
        $test->tally->add(new TestCounted('told', [(int) round($share * $seeds)], [0]), $at);
        $test->endedAt = $at;

        return $test;
    }

    /** One that was done and counted elsewhere. */
    public static function result(TestResult $result, \DateTimeImmutable $at, Crop $crop): self
    {
        $test = new self(new TestStarted($result->test, 1, $result->seeds, $crop->test->steadyTemperature(), $result->method ?? TestMethod::DampTowel), $at, $crop, Told::ByKeeper);
        $test->tally->add(new TestCounted($result->test, [$result->up], [0]), $at);
        $test->endedAt = $at;

        return $test;
    }

    /** @throws Misfit */
    public function counted(TestCounted $counted, \DateTimeImmutable $at): void
    {
        if (self::daysBetween($this->startedAt, $at) < 0) {
            throw Misfit::tooEarly(sprintf('The test was started on %s; it cannot have been counted before that.', $this->startedAt->format('j F Y')));
        }
        $this->tally->mustFit($counted);
        // Counted once more after its end, it was not over.
        $this->endedAt = null;
        $this->left = null;
        $this->tally->add($counted, $at);
        $this->wettedAt = max($this->wettedAt, $at);
    }

    /** @throws Misfit */
    public function warmed(\DateTimeImmutable $at): void
    {
        if (self::daysBetween($this->startedAt, $at) < 0) {
            throw Misfit::tooEarly(sprintf('The test was started on %s; it cannot have come out of the cold before that.', $this->startedAt->format('j F Y')));
        }
        $this->warmedAt = $at;
    }

    public function wetted(\DateTimeImmutable $at): void
    {
        $this->wettedAt = max($this->wettedAt, $at);
    }

    /** @throws Misfit */
    public function ended(TestEnded $ended, \DateTimeImmutable $at): void
    {
        if ($this->tally->counts === []) {
            throw Misfit::outOfPlace('A test is ended after at least one count; if nothing came up, count 0.');
        }
        $this->tally->mustBeLeft($ended);
        $this->endedAt = $at;
        $this->left = $ended;
    }

    /** @throws Misfit */
    public function lost(DishLost $lost): void
    {
        $this->tally->lose($lost->dish);
    }

    /** @return list<int> numbers of those that tell, from 1 */
    public function dishes(): array
    {
        return $this->tally->telling();
    }

    /** @return int how many replicates tell nothing */
    public function lostDishes(): int
    {
        return $this->tally->lost();
    }

    /** @return list<Offer> */
    public function offers(): array
    {
        if ($this->endedAt !== null) {
            return [];
        }
        $replicates = $this->set->replicates;

        return [
            ...(! $this->wantsWarmth() ? [] : [Offer::of(TestWarmed::class, 5)->given('test', $this->set->test)]),
            Offer::of(TestCounted::class, 10)->given('test', $this->set->test)->each('normal', $replicates)->each('abnormal', $replicates)->each('mouldy', $replicates)->each('eaten', $replicates),
            ...($this->tally->counts === [] ? [] : [Offer::of(TestEnded::class, 20)->given('test', $this->set->test)->each('hard', $replicates)->each('fresh', $replicates)->each('empty', $replicates)]),
            Offer::of(TestWetted::class, 30)->given('test', $this->set->test),
            ...($replicates - $this->tally->lost() < 2 ? [] : [Offer::of(DishLost::class, 40)->given('test', $this->set->test)]),
        ];
    }

    /** Whether it is of some of the lot alone, laid beside others to be compared: of the lot as a whole it tells nothing. */
    public function isOfSome(): bool
    {
        return $this->set->group !== '';
    }

    /** When its days begin: as it was laid, or as it came out of the water or the cold; meant to, where nobody said that it did. */
    public function beganAt(): \DateTimeImmutable
    {
        return $this->warmedAt ?? $this->startedAt->modify(sprintf('+%d minutes', (int) round(60 * $this->set->before()->hours())));
    }

    /** Whether it is still in the cold, as far as anybody said. */
    public function isChilling(\DateTimeImmutable $now): bool
    {
        return $this->wantsWarmth() && $now < $this->beganAt();
    }

    /** Whether it is to be taken out of the cold, and nobody said that it was. */
    public function wantsWarmth(): bool
    {
        return $this->set->chilledDays !== null && $this->endedAt === null && $this->warmedAt === null && $this->tally->counts === [];
    }

    /** Days since it began by the calendar: that day is day 0, and so is every one in the cold. */
    public function dayOf(\DateTimeImmutable $at): int
    {
        return $this->told === Told::Not ? max(0, self::daysBetween($this->beganAt(), $at)) : $this->crop->test->lastCount;
    }

    private static function daysBetween(\DateTimeImmutable $from, \DateTimeImmutable $at): int
    {
        return (int) $from->setTime(0, 0)->diff($at->setTime(0, 0))->format('%r%a');
    }

    /** @return list<LaidOtherwise> than its crop wants; none where nobody knows how it was laid */
    public function otherwise(): array
    {
        return $this->told === Told::Not ? $this->set->before()->otherwise($this->crop, $this->set->temperatureC) : [];
    }

    /** Whether what sleeps of it was woken first, as far as anybody said. */
    public function wasWoken(): bool
    {
        return $this->set->before()->wakes($this->crop);
    }

    /** When it wants wetting next: by its way, from when anybody last had it in hand; null of one that is over. */
    public function wetAt(): ?\DateTimeImmutable
    {
        if ($this->endedAt !== null) {
            return null;
        }
        $last = max($this->wettedAt, $this->beganAt());

        return $last->setTime(9, 0)->modify(sprintf('+%d days', $this->set->method->wetEvery()));
    }

    /** Seeds that tell: without what was eaten, and without dishes that were lost. */
    public function sown(): int
    {
        return array_sum($this->laid());
    }

    /** @return list<int> in each dish that tells */
    public function laid(): array
    {
        return $this->tally->laid();
    }

    public function germinated(): int
    {
        return array_sum($this->tally->each('normal'));
    }

    public function abnormal(): int
    {
        return array_sum($this->tally->each('abnormal'));
    }

    public function mouldy(): int
    {
        return array_sum($this->tally->each('mouldy'));
    }

    public function eaten(): int
    {
        return array_sum($this->tally->each('eaten'));
    }

    /**
     * Of what was left at the end.
     *
     * @param  'hard'|'fresh'|'empty'  $which
     */
    public function left(string $which): int
    {
        $list = match ($which) {
            'hard' => $this->left->hard ?? [],
            'fresh' => $this->left->fresh ?? [],
            'empty' => $this->left->empty ?? [],
        };

        return $this->tally->sum($list);
    }

    /** Seeds that may still come up. */
    public function undecided(): int
    {
        return $this->endedAt !== null ? 0 : $this->sown() - $this->germinated() - $this->abnormal() - $this->mouldy();
    }

    public function share(): ?GerminationShare
    {
        return $this->tally->counts === [] || $this->sown() < 1 ? null : GerminationShare::of($this->germinated(), $this->sown());
    }

    /** null with one replicate, or before the first count */
    public function agreement(): ?ReplicateAgreement
    {
        $laid = $this->laid();

        return count($laid) < 2 || $this->tally->counts === [] || min($laid) < 1 ? null : ReplicateAgreement::of($this->tally->each('normal'), $laid);
    }

    /** null until something has come up */
    public function speed(): ?GerminationSpeed
    {
        if ($this->germinated() === 0) {
            return null;
        }

        $byDay = [];
        foreach ($this->newByDay() as $day => [$new]) {
            // Nothing is up before the first day is over.
            $day = max(1, $day);
            $byDay[$day] = ($byDay[$day] ?? 0) + $new;
        }

        return GerminationSpeed::of(array_keys($byDay), array_values($byDay));
    }

    public function outlook(Practice $practice): ?Outlook
    {
        $share = $this->share();

        return $share === null ? null : Outlook::of($share, $this->undecided(), $practice->good, $practice->poor);
    }

    /** @return array<int, array{int, int}> normal and abnormal seedlings new at each count, by its day, of the dishes that tell */
    public function newByDay(): array
    {
        $new = [];
        foreach ($this->tally->counts as $count) {
            $day = $this->dayOf($count['at']);
            [$normal, $abnormal] = $new[$day] ?? [0, 0];
            $new[$day] = [$normal + $this->tally->sum($count['counted']->normal), $abnormal + $this->tally->sum($count['counted']->abnormal)];
        }
        ksort($new);

        return $new;
    }

    /** Whether it need run on, by what is up at each count; null before the first, and of one that is over. */
    public function early(Practice $practice): ?EarlyStop
    {
        if ($this->endedAt !== null || $this->share() === null || $this->undecided() < 0) {
            return null;
        }
        $new = array_map(static fn (array $count): int => $count[0], $this->newByDay());
        // It takes a while to reckon, and is asked for once a task and once a sentence.
        $of = [$new, $this->sown(), $this->undecided(), $practice->good, $practice->poor];
        if ($new === [] || ($this->early[0] ?? null) === $of) {
            return $this->early[1] ?? null;
        }
        $early = EarlyStop::of($new, $this->sown(), $this->undecided(), $this->crop->test->firstCount, $this->crop->test->lastCount, $practice->good, $practice->poor, false);
        $this->early = [$of, $early];

        return $early;
    }

    /** @return list<array{day: int, at: \DateTimeImmutable, counted: TestCounted}> */
    public function counts(): array
    {
        return array_map(fn (array $count): array => ['day' => $this->dayOf($count['at']), ...$count], $this->tally->counts);
    }

    /** Whether what it will say is as good as sure, so that nobody need look before its last count. */
    public function isSettled(Practice $practice): bool
    {
        $early = $this->early($practice);

        return $early !== null && $early->verdictNow !== Verdict::Open;
    }

    public function lastDay(): ?int
    {
        return $this->tally->counts === [] ? null : $this->dayOf($this->tally->counts[count($this->tally->counts) - 1]['at']);
    }

    /** @return list<int> the days on which such a test is looked at: from the crop's first count every second day to its last */
    public function looks(): array
    {
        $days = range($this->crop->test->firstCount, $this->crop->test->lastCount, min(2, max(1, $this->crop->test->lastCount - $this->crop->test->firstCount)));

        return array_values(array_unique([...$days, $this->crop->test->lastCount]));
    }

    /**
     * The day of the next count: the crop's first count, then every second day while what it will say is open, and at last its last count; null when
     * ended.
     */
    public function nextCountDay(Practice $practice): ?int
    {
        if ($this->endedAt !== null) {
            return null;
        }
        $last = $this->lastDay();
        if ($last === null || $last < $this->crop->test->firstCount) {
            return $this->crop->test->firstCount;
        }

        if ($last >= $this->crop->test->lastCount) {
            return $last;
        }

        return $this->isSettled($practice) ? $this->crop->test->lastCount : min($last + 2, $this->crop->test->lastCount);
    }

    /**
     * @param  'normal'|'abnormal'|'mouldy'|'eaten'  $which
     * @return list<int> of each dish that tells
     */
    public function perReplicate(string $which): array
    {
        return $this->tally->each($which);
    }
}
