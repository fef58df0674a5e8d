<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Folding\Asked;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Task;
use PHPUnit\Framework\Attributes\DataProvider;

/** Single plants with a mark; and what is due said to be done, or put off. */
final class MarksAndPuttingOffTest extends CoreTestCase
{
    public function test_what_is_seen_of_a_mark_is_of_that_one_alone(): void
    {
        $diary = self::sown();
        $diary->record('marked', '2026-06-01', ['mark' => '7', 'what' => 'plant', 'why' => 'the earliest']);
        $diary->record('marked', '2026-06-02', ['mark' => 'Red wool', 'what' => 'fruit']);
        $diary->record('mark_seen', '2026-07-01', ['mark' => 'red WOOL', 'seen' => 'swelling']);
        $marks = $diary->course()->marks->marks;
        self::assertSame([[], ['swelling']], [array_column($marks['7']['seen'], 'what'), array_column($marks['red wool']['seen'], 'what')]);
    }

    public function test_one_mark_twice_and_a_mark_that_is_not_there_are_asked_about(): void
    {
        $diary = self::sown();
        $diary->record('marked', '2026-06-01', ['mark' => '7', 'what' => 'plant']);
        foreach ([['marked', ['mark' => '7', 'what' => 'head'], '“7” is on a plant of this planting already'], ['mark_seen', ['mark' => '8', 'seen' => 'mildew'], 'No “8” was marked by then']] as [$kind, $payload, $asked]) {
            try {
                $diary->record($kind, '2026-06-05', $payload);
                self::fail('It was not asked.');
            } catch (Asked $question) {
                self::assertStringContainsString($asked, $question->getMessage());
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, ?string}> */
    public static function putOff(): iterable
    {
        yield 'later, to a day' => [['how' => 'later', 'until' => '2026-09-20'], '2026-09-20'];
        yield 'done already' => [['how' => 'done'], null];
        yield 'not this year' => [['how' => 'next_year'], '2027-01-01'];
    }

    /** @param  array<string, mixed>  $how */
    #[DataProvider('putOff')]
    public function test_what_is_put_off_comes_again_when_it_was_put_off_to(array $how, ?string $again): void
    {
        $diary = self::sown();
        $best = static fn (): ?string => array_values(array_map(static fn (Task $task): string => $task->best->format('Y-m-d'), array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind->value === 'pick')))[0] ?? null;
        $was = $best();
        self::assertNotNull($was);
        $said = $diary->record('put_off', '2026-09-10', ['task' => 'pick', 'what' => 'Look for ripe seed', ...$how]);
        self::assertSame($again, $best());
        foreach ($diary->course()->tasks() as $task) {
            self::assertTrue($task->latest === null || $task->latest >= $task->best, 'nothing is lost before it is due');
        }
        $diary->insist('struck', '2026-09-11', ['entry' => $said]);
        self::assertSame($was, $best(), 'taken back, it is due as it was');
    }

    public function test_what_is_said_to_be_done_before_its_hour_is_done_and_tomorrows_is_another(): void
    {
        $diary = new PlotDiary(self::crop('squash-pepo'));
        $diary->record('sown', '2026-05-10', ['plants' => 5]);
        $diary->record('first_bloom', '2026-07-10');
        $diary->record('hand_wanted', '2026-07-10', ['fruits' => 9]);
        $shut = static fn (): ?string => array_values(array_map(static fn (Task $task): string => $task->opens->format('Y-m-d\TH:i'), array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind->value === 'shut_flowers')))[0] ?? null;
        self::assertSame('2026-07-10T18:00', $shut());
        $diary->record('put_off', '2026-07-10 10:00', ['task' => 'shut_flowers', 'how' => 'done', 'opens' => '2026-07-10T18:00']);
        self::assertNull($shut());
        $diary->record('flowers_shut', '2026-07-11 19:00', ['females' => 1]);
        self::assertSame('2026-07-12T18:00', $shut());
    }

    public function test_a_day_that_is_past_is_none_to_put_off_to(): void
    {
        $this->expectException(Asked::class);
        self::sown()->record('put_off', '2026-09-10', ['task' => 'pick', 'how' => 'later', 'until' => '2026-09-01']);
    }

    private static function sown(): PlotDiary
    {
        $diary = new PlotDiary(self::crop('pea'));
        $diary->record('sown', '2026-05-10', ['plants' => 40]);

        return $diary;
    }
}
