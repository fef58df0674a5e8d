<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DueTask;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The numbers beside the places, against the lists that they count and against what is due, one by one. */
final class CountsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function days(): iterable
    {
        yield 'today' => ['2026-09-14'];
        yield 'in a week' => ['2026-09-21'];
        yield 'in the spring' => ['2027-04-02'];
    }

    #[DataProvider('days')]
    public function test_each_place_counts_what_its_list_holds_and_how_much_of_it_wants_hands(string $on): void
    {
        $this->lay('marrow:demo');
        $frame = $this->getJson("/api/frame?on=$on")->assertOk()->json();
        self::assertSame(['plot', 'bench', 'racks', 'trays', 'store'], array_column($frame['places'], 'place'), 'in the order in which seed goes through them');
        foreach ($frame['places'] as ['place' => $place, 'here' => $here, 'hands' => $hands]) {
            $total = $this->getJson("/api/places/$place?on=$on")->assertOk()->json('total');
            // The trays show for a while what has ended; what is counted still runs.
            $place === 'trays' ? self::assertLessThanOrEqual($total, $here) : self::assertSame($total, $here, $place);
            self::assertSame(self::wanted($on)->where('place', $place)->unique(static fn (DueTask $task): string => "$task->subject $task->subject_id")->count(), $hands, "$place: things, not tasks");
        }
        self::assertSame(self::wanted($on)->count(), $frame['hands_today']);
        self::assertSame($frame['hands_today'], $this->getJson("/api/today?on=$on")->json('now_total'), 'as Today has it');
    }

    public function test_what_lapses_is_no_longer_counted_and_what_comes_is_not_yet(): void
    {
        $this->lay('marrow:demo');
        $hands = fn (): int => $this->getJson('/api/frame')->json('hands_today');
        $before = $hands();
        $task = DueTask::query()->where('best_at', '<=', '2026-09-14 09:00:00')->whereNull('lapses_at')->orderBy('id')->firstOrFail();
        $task->update(['lapses_at' => '2026-09-14 10:01:00']);
        self::assertSame($before, $hands(), 'a minute is left');
        $task->update(['lapses_at' => '2026-09-14 10:00:00']);
        self::assertSame($before - 1, $hands());
        $task->update(['lapses_at' => null, 'best_at' => '2026-09-15 00:00:00']);
        self::assertSame($before - 1, $hands());
        $task->update(['best_at' => '2026-09-14 23:59:59']);
        self::assertSame($before, $hands());
    }

    public function test_nobody_works_off_more_than_a_thousand_things_so_no_more_are_counted(): void
    {
        foreach (array_chunk(range(1, DueTask::COUNTED + 40), 200) as $some) {
            DB::table('tasks')->insert(array_map(static fn (int $n): array => [
                'subject' => 'lot', 'subject_id' => "lot $n", 'code' => "L$n", 'kind' => 'test_again', 'place' => $n <= 7 ? 'racks' : 'store', 'opens_at' => '2026-09-01 10:00:00', 'best_at' => '2026-09-02 10:00:00',
                'loss' => 'nothing', 'figures' => '{}', 'day' => '2026-09-02', 'urgency' => 10,
            ], $some));
        }
        $frame = $this->getJson('/api/frame')->json();
        $hands = array_column($frame['places'], 'hands', 'place');
        self::assertSame(DueTask::COUNTED, $frame['hands_today']);
        self::assertSame([0, 0, 7, 0, DueTask::COUNTED], [$hands['plot'], $hands['bench'], $hands['racks'], $hands['trays'], $hands['store']]);
    }

    public function test_an_empty_garden_has_nothing_anywhere(): void
    {
        $frame = $this->getJson('/api/frame')->assertOk()->json();
        self::assertSame(0, $frame['hands_today']);
        self::assertSame([0], array_values(array_unique([...array_column($frame['places'], 'here'), ...array_column($frame['places'], 'hands')])));
    }

    /** @return \Illuminate\Support\Collection<int, DueTask> wanted by the end of a day, seen at ten */
    private static function wanted(string $on): \Illuminate\Support\Collection
    {
        return DueTask::query()->get()->filter(static fn (DueTask $task): bool => $task->best_at <= "$on 23:59:59" && ($task->lapses_at === null || $task->lapses_at > "$on 10:00:00"))->toBase();
    }
}
