<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\DueTask;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Models\TestStanding;
use App\Moment;
use App\Reading\Facts;
use App\Steps\Testing\DishDocument;
use App\Steps\Testing\TestingSection;
use App\Steps\Testing\TrayDocument;
use App\Steps\Testing\TraysDocument;
use App\Steps\Testing\WantsTestDocument;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\SideBySideWords;
use DateTimeImmutable;
use Marrow\Core\Germination\SmallerTest;
use Marrow\Core\Germination\UsualTest;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\TestingStrand;
use Marrow\Core\Work\Later;

/** All tests that run, dish by dish, and the lots that want one next, with what it would cost them. */
final readonly class TraysGlance
{
    /** Of more nobody sees at a glance. */
    private const MOST = 30;

    private const NEXT = 8;

    /** Days for which two lots that were laid together are still compared. */
    private const BESIDE_DAYS = 120;

    public function __construct(private Facts $facts) {}

    public function of(When $when): TraysDocument
    {
        $ids = array_values(array_unique(TestStanding::query()->whereNull('ended_at')->orderBy('started_at')->limit(self::MOST)->get()->map(static fn (TestStanding $row): string => $row->lot_id)->all()));
        $lots = Lot::query()->with(['variety', 'planting.variety'])->findMany($ids);

        return new TraysDocument(
            array_merge([], ...$this->facts->each($lots->toBase(), fn (Lot $lot, LotCourse $course): array => array_map(fn (TestCourse $test): TrayDocument => $this->tray($lot, $course, $test, $when), $course->testing->running()))),
            $this->next($when),
            $this->beside($when),
        );
    }

    private function tray(Lot $lot, LotCourse $course, TestCourse $test, When $when): TrayDocument
    {
        [$normal, $abnormal, $mouldy, $laid] = [$test->perReplicate('normal'), $test->perReplicate('abnormal'), $test->perReplicate('mouldy'), $test->laid()];
        $day = $test->nextCountDay($course->practice);
        $new = $test->newByDay();

        return new TrayDocument(
            $lot->code(),
            $lot->variety->name,
            $test->set->group,
            array_map(static fn (int $seeds, int $i): DishDocument => new DishDocument($normal[$i], $abnormal[$i] + $mouldy[$i], max(0, $seeds - $normal[$i] - $abnormal[$i] - $mouldy[$i])), $laid, array_keys($laid)),
            self::said($test, $when),
            $day === null ? '' : sprintf('Look %s, day %d', $when->day(Later::days($test->beganAt()->setTime(9, 0), $day)), $day),
            array_keys($new),
            array_map(static fn (int $up): float => round($up / max(1, $test->sown()), 4), self::sums(array_map(static fn (array $count): int => $count[0], array_values($new)))),
            TestingSection::usual($course),
        );
    }

    /**
     * Lots of one variety that were laid within days of one another, of two years or two stores, compared.
     *
     * @return list<string>
     */
    private function beside(When $when): array
    {
        $rows = TestStanding::query()->where('started_at', '>=', Moment::keep($when->now->modify(sprintf('-%d days', self::BESIDE_DAYS))))
            ->where('part', '')->orderBy('started_at')->limit(self::MOST)->with('lot.variety')->get()->groupBy(static fn (TestStanding $row): string => $row->lot->variety_id);
        $said = [];
        foreach ($rows as $of) {
            $near = $of->filter(static fn (TestStanding $one): bool => $of->contains(static fn (TestStanding $other): bool => $other->lot_id !== $one->lot_id && abs(Moment::read($other->started_at)->getTimestamp() - Moment::read($one->started_at)->getTimestamp()) <= TestingStrand::TOGETHER_DAYS * 86_400));
            if ($near->isEmpty()) {
                continue;
            }
            $lots = Lot::query()->with(['variety', 'planting.variety'])->findMany($near->pluck('lot_id')->unique()->all());
            $named = array_merge([], ...$this->facts->each($lots->toBase(), static fn (Lot $lot, LotCourse $course): array => array_map(
                static fn (TestCourse $test): array => [$lot->code(), $test],
                array_values(array_filter($course->testing->tests, static fn (TestCourse $test): bool => $near->contains('test_id', $test->set->test))),
            )));
            $sentence = SideBySideWords::named($named);
            if ($sentence !== null) {
                $said[] = "{$near->firstOrFail()->lot->variety->name}. $sentence";
            }
        }

        return $said;
    }

    /**
     * @param  list<int>  $new
     * @return list<int> so far, at each
     */
    private static function sums(array $new): array
    {
        return array_map(static fn (int $i): int => array_sum(array_slice($new, 0, $i + 1)), array_keys($new));
    }

    private static function said(TestCourse $test, When $when): string
    {
        $last = $test->lastDay();

        return match (true) {
            $last !== null => sprintf('%d of %d up, counted on day %d', $test->germinated(), $test->sown(), $last),
            $test->isChilling($when->now) => sprintf('in the cold until %s', $when->day($test->beganAt())),
            default => sprintf('%s, not counted yet', Quantity::number($test->sown(), 'seed')),
        };
    }

    /** @return list<WantsTestDocument> */
    private function next(When $when): array
    {
        $due = DueTask::standing($when->now)->whereIn('kind', [KeepingTask::TestFirst->value, KeepingTask::TestAgain->value])->orderBy('best_at')->limit(self::NEXT)->get();
        $standing = LotStanding::query()->with('lot.variety')->whereIn('lot_id', $due->pluck('subject_id')->all())->get()->keyBy('lot_id');
        $test = UsualTest::from($this->facts->practice->word('test_usual'));
        $usual = $test->replicates() * $test->seeds();
        $next = [];
        foreach ($due as $task) {
            $row = $standing->get($task->subject_id);
            if ($row instanceof LotStanding) {
                $next[] = new WantsTestDocument($row->lot->code(), $row->lot->variety->name, self::wanted(Moment::read($task->best_at), $when), $row->seeds === null ? Quantity::number($usual, 'seed') : $this->costs($usual, $row));
            }
        }

        return $next;
    }

    /** The usual test, or of few a smaller one that leaves most of them. */
    private function costs(int $usual, LotStanding $row): string
    {
        $there = (float) $row->seeds;
        $of = Quantity::seeds($there, $this->facts->title($row->lot->variety)->counts->value);
        $seeds = $usual <= SmallerTest::spared($there) ? $usual : SmallerTest::ofThere($there)?->seeds;

        return $seeds === null ? "too few to spare any, $of" : "$seeds of $of";
    }

    private static function wanted(DateTimeImmutable $best, When $when): string
    {
        return $best <= $when->now ? 'wanted since '.$when->since($best) : $when->away($best);
    }
}
