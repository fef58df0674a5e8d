<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Germination\Comparison;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\SmallerTest;
use Marrow\Core\Germination\UsualTest;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Origin\Received;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/** The germination tests of a lot. */
final class TestingStrand extends Strand
{
    /** Chance of so far a rise between two tests of one share. */
    private const CANNOT_BOTH = 0.001;

    /** Days within which tests were laid side by side. */
    public const TOGETHER_DAYS = 3;

    /** A test that leaves less than this share of what there is, uses the lot up. */
    private const LEAVES = 0.1;

    /** @var array<string, TestCourse> by test id, in the order in which they were started */
    public array $tests = [];

    /** The one that was told of when the seed came; null where none was, or nobody knows when. */
    public ?TestCourse $told = null;

    public function __construct(
        private readonly Crop $crop,
        private readonly Whereabouts $where,
        private readonly OriginStrand $origin,
        private readonly CleaningStrand $cleaning,
        private readonly StockStrand $stock,
        private readonly Practice $practice,
    ) {}

    /** What came with the seed counts for what it can: the keeper's own test as any, what a seller or giver says as a small one. */
    #[Takes]
    public function received(Received $received, Entry $entry): void
    {
        if ($received->claimed === null || $received->claimedOn === null) {
            return;
        }
        $told = $received->how === 'own' ? Told::ByKeeper : Told::ByGiver;
        $seeds = $told === Told::ByKeeper ? $received->claimedOf ?? Told::AT_MOST : min(Told::AT_MOST, $received->claimedOf ?? Told::AT_MOST);
        $at = new \DateTimeImmutable("$received->claimedOn 12:00", $entry->happenedAt->getTimezone());
        $this->told = TestCourse::told($received->claimed, $seeds, min($at, $entry->happenedAt), $this->crop, $told);
    }

    #[Takes]
    public function started(TestStarted $set, Entry $entry): void
    {
        $this->cleaning->mustBeOut('tested', $entry);
        if (isset($this->tests[$set->test])) {
            throw Misfit::at('test', 'There is such a test already.');
        }
        if ($this->crop->isKeptAlive()) {
            $this->doubt('method', sprintf('What is kept of %s is no seed: that it is alive shows when it is planted.', CropName::inSentence($this->crop->name)));
        }
        $seeds = $set->seeds * $set->replicates;
        $there = $this->stock->stock->seeds();
        if ($there !== null && $this->stock->stock->suffices($seeds) && $there - $seeds < self::LEAVES * $there) {
            $smaller = SmallerTest::ofThere($there);
            $this->doubt('seeds', sprintf('That would leave %s of the %s seeds there are.%s', Show::count(max(0.0, $there - $seeds)), Show::count($there), $smaller === null ? '' : " $smaller"));
        }
        $this->stock->takeSeeds($seeds, 'seeds');
        $this->tests[$set->test] = new TestCourse($set, $entry->happenedAt, $this->crop);
    }

    /** Its seed was taken out when it was laid, whoever wrote that down; here it is only told. */
    #[Takes]
    public function result(TestResult $result, Entry $entry): void
    {
        $this->origin->mustHaveBegun($entry->happenedAt);
        if (isset($this->tests[$result->test])) {
            throw Misfit::at('test', 'There is such a test already.');
        }
        $this->tests[$result->test] = TestCourse::result($result, $entry->happenedAt, $this->crop);
    }

    #[Takes]
    public function counted(TestCounted $counted, Entry $entry): void
    {
        $this->test($counted->test)->counted($counted, $entry->happenedAt);
    }

    #[Takes]
    public function ended(TestEnded $ended, Entry $entry): void
    {
        $this->test($ended->test)->ended($ended, $entry->happenedAt);
    }

    #[Takes]
    public function dishLost(DishLost $lost, Entry $entry): void
    {
        $this->test($lost->test)->lost($lost);
    }

    #[Takes]
    public function warmed(TestWarmed $warmed, Entry $entry): void
    {
        $this->test($warmed->test)->warmed($entry->happenedAt);
    }

    #[Takes]
    public function wetted(TestWetted $wetted, Entry $entry): void
    {
        $this->test($wetted->test)->wetted($entry->happenedAt);
    }

    public static function taskKinds(): string
    {
        return TestingTask::class;
    }

    public function wants(): array
    {
        return array_merge([], ...array_map($this->wantsOf(...), $this->running()));
    }

    /** @return list<Task> */
    private function wantsOf(TestCourse $test): array
    {
        $day = $test->nextCountDay($this->practice);
        if ($day === null) {
            return [];
        }
        $last = $test->lastDay();
        $began = $test->beganAt();
        $done = ($last !== null && $last >= $this->crop->test->lastCount) || $test->undecided() === 0;
        $morning = $began->setTime(9, 0)->modify(sprintf('+%d days', $done ? (int) $last : $day));
        $wet = $test->wetAt();

        return [
            new Task(
                $done ? TestingTask::EndTest : TestingTask::CountTest,
                Place::Trays,
                $morning->setTime(0, 0),
                $morning,
                $done ? null : Later::days($morning, 3),
                Loss::Nothing,
                [
                    'day' => $done ? $last : $day,
                    'first_count' => $this->crop->test->firstCount,
                    'last_count' => $this->crop->test->lastCount,
                    'undecided' => $test->undecided(),
                    'settled' => (int) $test->isSettled($this->practice),
                ],
                $test->set->test,
            ),
            // Counted the same day, it is wetted as well.
            ...($done || $wet === null || $wet >= $morning || $test->wantsWarmth() ? [] : [new Task(
                TestingTask::WetTest,
                Place::Trays,
                $wet->setTime(0, 0),
                $wet,
                null,
                Loss::Nothing,
                ['every' => $test->set->method->wetEvery()],
                $test->set->test,
                $morning,
            )]),
            ...($test->wantsWarmth() ? [new Task(
                TestingTask::WarmTest,
                Place::Trays,
                $began->setTime(0, 0),
                $began,
                null,
                Loss::Nothing,
                ['chilled' => $test->set->chilledDays],
                $test->set->test,
            )] : []),
        ];
    }

    public function offers(): array
    {
        if (! $this->cleaning->isOut() || $this->stock->stock->isUsedUp() || $this->crop->isKeptAlive()) {
            return [];
        }

        $usual = UsualTest::from($this->practice->word('test_usual'));

        return [Offer::of(TestStarted::class, $this->where->place === Place::Store ? 20 : 50)
            ->usually('temperature_c', $this->crop->test->steadyTemperature())->usually('replicates', $usual->replicates())->usually('seeds', $usual->seeds())->usually('up', $this->practice->word('counts_as_up')), Offer::of(TestResult::class, 62)];
    }

    /** @return list<TestCourse> */
    public function running(): array
    {
        return array_values(array_filter($this->tests, static fn (TestCourse $test): bool => $test->endedAt === null));
    }

    /**
     * The newest test that has ended and tells what is alive: a running one is no ground to stand on yet, and one of seed
     * that may have been asleep tells nothing.
     */
    public function lastEnded(): ?TestCourse
    {
        $ended = array_filter($this->tests, fn (TestCourse $test): bool => $test->endedAt !== null && ! $test->isOfSome() && ! $this->mayHaveSlept($test));

        return $ended === [] ? $this->told : $ended[array_key_last($ended)];
    }

    /** The newest test that has ended, where what did not come up in it may have been asleep; null where a later one tells. */
    public function asleep(): ?TestCourse
    {
        $ended = array_filter($this->tests, static fn (TestCourse $test): bool => $test->endedAt !== null && ! $test->isOfSome());
        $last = $ended === [] ? null : $ended[array_key_last($ended)];

        return $last !== null && $this->mayHaveSlept($last) ? $last : null;
    }

    /**
     * Whether a test came out below what is usual of its crop while fresh seed of it commonly sleeps: what did not come up
     * may be as alive as the rest. So may all of a kind that wants a winter first, where nobody said that it had one.
     */
    public function mayHaveSlept(TestCourse $test): bool
    {
        $awake = $this->awakeAt();
        $share = $test->share();
        $asleep = $this->crop->test->chilling ? $test->told === Told::Not : $awake !== null && $test->startedAt < $awake;

        return $asleep && ! $test->wasWoken() && $share !== null && GerminationShare::isBelow($share->rate(), $this->crop->test->minimum);
    }

    /** From when on seed picked here is no longer fresh enough to sleep; null where not all of it does, or it came from elsewhere. */
    public function awakeAt(): ?\DateTimeImmutable
    {
        $fresh = $this->crop->test->fresh;
        $picked = $this->origin->lastAt();

        return $fresh === null || $fresh->weeksMin === 0 || $picked === null ? null : Later::days($picked, 7 * $fresh->weeksMax);
    }

    /** Whether the last test came out below a share, as it is said. */
    public function cameOutBelow(float $minimum): bool
    {
        $share = $this->lastEnded()?->share();

        return $share !== null && GerminationShare::isBelow($share->rate(), $minimum);
    }

    /** Whether its first test is running and has been counted: what it will say is open, and nothing else is known. */
    public function isFirstRunning(): bool
    {
        return $this->results() === [] && array_any($this->running(), static fn (TestCourse $test): bool => ! $test->isOfSome() && $test->share() !== null);
    }

    /**
     * Those that are over, were counted and tell what was alive, the earliest first. Seed does not rise: one that a later
     * test was surely above (p < 0.001) was faulty, or the seed asleep in it, and the later is leaned on.
     *
     * @return list<TestCourse>
     */
    public function results(): array
    {
        $all = $this->readings();
        $belied = array_column($this->disagreements(), 0);

        return $belied === [] ? $all : array_values(array_filter($all, static fn (TestCourse $test): bool => ! in_array($test, $belied, true)));
    }

    /** @return list<array{TestCourse, TestCourse}> tests that cannot both be right: one, and a later one far above it */
    public function disagreements(): array
    {
        $all = $this->readings();
        $pairs = [];
        foreach ($all as $i => $early) {
            foreach (array_reverse(array_slice($all, $i + 1)) as $late) {
                [$was, $is] = [$early->share(), $late->share()];
                if ($was !== null && $is !== null && $is->rate() > $was->rate() && Comparison::of($was, $is)->p < self::CANNOT_BOTH) {
                    $pairs[] = [$early, $late];

                    continue 2;
                }
            }
        }

        return $pairs;
    }

    /** @return list<TestCourse> */
    private function readings(): array
    {
        $counted = array_values(array_filter([...array_values($this->tests), ...array_filter([$this->told])], fn (TestCourse $test): bool => $test->endedAt !== null && ! $test->isOfSome() && $test->share() !== null && ! $this->mayHaveSlept($test)));
        usort($counted, static fn (TestCourse $a, TestCourse $b): int => $a->startedAt <=> $b->startedAt);

        return $counted;
    }

    /**
     * What was laid beside a test, to be compared: tests of other parts of the lot, begun within days of it.
     *
     * @return list<TestCourse> with it, in the order in which they were started; none where it stands alone
     */
    public function beside(TestCourse $test): array
    {
        if (! $test->isOfSome()) {
            return [];
        }
        $beside = array_values(array_filter($this->tests, static fn (TestCourse $other): bool => $other->isOfSome() && abs($other->startedAt->getTimestamp() - $test->startedAt->getTimestamp()) <= self::TOGETHER_DAYS * 86_400));

        return count(array_unique(array_map(static fn (TestCourse $one): string => mb_strtolower($one->set->group), $beside))) < 2 ? [] : $beside;
    }

    /** @throws Misfit */
    private function test(string $id): TestCourse
    {
        return $this->tests[$id] ?? throw Misfit::at('test', 'There is no such test of this lot, or its start was struck.');
    }
}
