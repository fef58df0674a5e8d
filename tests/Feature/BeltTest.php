<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DueTask;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** The year in weeks over every page, against the tasks counted one by one. */
final class BeltTest extends TestCase
{
    public function test_it_is_fifty_two_whole_weeks_from_four_before_this_one_each_day_once(): void
    {
        $this->lay('marrow:demo');
        $belt = $this->belt();
        self::assertCount(52, $belt);
        self::assertSame('2026-08-17', $belt[0]['starts'], 'a Monday');
        $dates = [];
        foreach ($belt as $week) {
            self::assertCount(7, $week['days']);
            self::assertSame($week['starts'], $week['days'][0]['date']);
            self::assertSame($week['count'], array_sum(array_column($week['days'], 'count')));
            self::assertSame($week['alarm'], in_array(true, array_column($week['days'], 'alarm'), true));
            array_push($dates, ...array_column($week['days'], 'date'));
        }
        // The clocks go back and forward within them.
        $day = new \DateTimeImmutable('2026-08-17 UTC');
        foreach ($dates as $date) {
            self::assertSame($day->format('Y-m-d'), $date);
            $day = $day->modify('+1 day');
        }
    }

    /** @return iterable<string, array{int}> */
    public static function gardens(): iterable
    {
        foreach (range(1, 4) as $seed) {
            yield "garden $seed" => [$seed];
        }
    }

    #[DataProvider('gardens')]
    public function test_each_day_says_how_much_is_due_what_comes_first_and_whether_seed_may_be_lost(int $seed): void
    {
        $this->lay('marrow:demo');
        $this->scatter(new Randomizer(new Mt19937($seed)));
        DB::table('plan_tasks')->delete();
        $days = collect($this->belt())->flatMap(static fn (array $week): array => $week['days'])->keyBy('date');
        $due = DueTask::query()->get()->groupBy('day');
        $numbers = ['lot' => DB::table('lots')->pluck('number', 'id'), 'planting' => DB::table('plantings')->pluck('number', 'id')];
        foreach ($days as $date => $day) {
            $of = ($due[$date] ?? collect())->sortBy([['urgency', 'asc'], ['best_at', 'asc'], ['id', 'asc']])->values();
            self::assertSame($of->count(), $day['count'], $date);
            self::assertSame($of->contains(static fn (DueTask $task): bool => $task->urgency < DueTask::WAITS), $day['alarm'], $date);
            $codes = $of->take(3)->map(static fn (DueTask $task): string => strtoupper($task->subject[0]).$numbers[$task->subject][$task->subject_id])->all();
            self::assertSame($codes, array_map(static fn (string $mark): string => explode(' ', $mark)[0], $day['marks']), $date);
            foreach ($day['marks'] as $mark) {
                self::assertMatchesRegularExpression('/^[LP]\d+ [a-z]/', $mark, 'a code, and what to do');
            }
        }
        self::assertGreaterThan(3, $days->max('count'), 'some days hold more than is marked');
    }

    public function test_what_the_plan_asks_stands_after_what_is_due_and_is_counted_with_it(): void
    {
        $this->lay('marrow:demo');
        $planned = DB::table('plan_tasks')->where('kind', '!=', 'unsown')->where('on_day', '>=', '2026-08-17')->where('on_day', '<', '2027-08-16')->select('on_day')->selectRaw('count(*) AS n')->groupBy('on_day')->pluck('n', 'on_day');
        self::assertGreaterThan(5, $planned->count());
        $days = collect($this->belt())->flatMap(static fn (array $week): array => $week['days'])->keyBy('date');
        foreach ($planned as $date => $n) {
            $due = DB::table('tasks')->where('day', $date)->count();
            self::assertSame($due + $n, $days[$date]['count'], (string) $date);
            self::assertCount(min(3, $due + $n), $days[$date]['marks'], (string) $date);
            foreach (array_slice($days[$date]['marks'], $due) as $mark) {
                self::assertDoesNotMatchRegularExpression('/^[LP]\d+ /', $mark, 'the plan speaks of varieties');
            }
        }
    }

    public function test_a_task_that_is_gone_is_gone_from_the_belt_at_once(): void
    {
        $this->lay('marrow:demo');
        $count = fn (): int => array_sum(array_column($this->belt(), 'count'));
        $before = $count();
        $task = DueTask::query()->where('day', '>=', '2026-09-14')->where('day', '<', '2027-01-01')->orderBy('id')->firstOrFail();
        $task->delete();
        self::assertSame($before - 1, $count());
    }

    /** Moves what is due to a few days, and makes some of it urgent. */
    private function scatter(Randomizer $chance): void
    {
        foreach (DueTask::query()->orderBy('id')->get() as $task) {
            $day = (new \DateTimeImmutable('2026-08-17'))->modify(sprintf('+%d days', $chance->getInt(-3, 12) * ($chance->getInt(0, 3) === 0 ? 30 : 1)))->format('Y-m-d');
            $task->update(['day' => $day, 'best_at' => sprintf('%s %02d:00:00', $day, $chance->getInt(0, 23)), 'urgency' => $chance->getInt(0, 3) === 0 ? $chance->getInt(1, 9) : DueTask::WAITS + $chance->getInt(0, 2)]);
        }
    }

    /** @return list<array<string, mixed>> */
    private function belt(): array
    {
        return $this->getJson('/api/frame')->assertOk()->json('belt');
    }
}
