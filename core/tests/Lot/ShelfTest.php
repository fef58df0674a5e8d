<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Folding\Asked;
use Marrow\Core\Steps\Shelf\ShelfTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Task;
use PHPUnit\Framework\Attributes\DataProvider;

/** Fruit that lies until its seed is ripe. Butternut gains from 4 weeks on, is best at 8, and lies 20 at the longest. */
final class ShelfTest extends CoreTestCase
{
    public function test_a_sound_fruit_is_opened_by_the_weeks_of_its_crop(): void
    {
        $diary = self::shelf(1);
        self::assertSame(['2026-10-30', '2026-11-27', '2027-02-19'], self::window($diary, 1));
        $open = self::task($diary, ShelfTask::Open);
        self::assertSame(['2026-10-30', '2026-11-27', '2027-02-19'], [$open->opens->format('Y-m-d'), $open->best->format('Y-m-d'), $open->latest?->format('Y-m-d')]);
    }

    /** @return iterable<string, array{string, string, list<string>, bool}> how it was found, when, its window then, whether its seed may be thin */
    public static function found(): iterable
    {
        yield 'its stalk is off early' => ['stalk_off', '2026-10-05', ['2026-10-19', '2026-10-19', '2026-10-19'], true];
        yield 'it cracks while its seed is thin' => ['cracked', '2026-10-20', ['2026-10-24', '2026-10-24', '2026-10-24'], true];
        yield 'it cracks when its seed is good' => ['cracked', '2026-11-10', ['2026-10-30', '2026-11-14', '2026-11-14'], false];
        yield 'it goes soft' => ['soft', '2026-11-10', ['2026-10-30', '2026-11-12', '2026-11-12'], false];
        yield 'it leaks' => ['leaking', '2026-11-10', ['2026-10-30', '2026-11-10', '2026-11-10'], false];
        yield 'it cracks on its last days' => ['cracked', '2027-02-18', ['2026-10-30', '2026-11-27', '2027-02-19'], false];
    }

    /** @param  list<string>  $window */
    #[DataProvider('found')]
    public function test_what_is_seen_of_it_cuts_its_window_short(string $how, string $at, array $window, bool $short): void
    {
        $diary = self::shelf(2);
        $diary->record('fruit_seen', $at, ['fruits' => [1], 'how' => $how]);
        self::assertSame($window, self::window($diary, 1));
        self::assertSame($short, $diary->course()->shelf->fruits[1]->window()?->isShort);
        self::assertSame(['2026-10-30', '2026-11-27', '2027-02-19'], self::window($diary, 2), 'it says nothing of the other');
    }

    public function test_those_that_are_opened_within_a_week_are_one_mornings_work(): void
    {
        $diary = self::shelf(3);
        $diary->record('fruit_shelved', '2026-10-20', ['fruit' => 4]);
        self::assertSame('1, 2, 3', self::task($diary, ShelfTask::Open)->figures['which']);
        $diary->record('fruit_seen', '2026-11-01', ['fruits' => [2], 'how' => 'soft']);
        $open = self::task($diary, ShelfTask::Open);
        self::assertSame(['2', 'a soft spot', '2026-11-03'], [$open->figures['which'], $open->figures['states'], $open->best->format('Y-m-d')]);
    }

    public function test_it_is_looked_over_every_so_many_days_from_the_one_seen_longest_ago(): void
    {
        $diary = self::shelf(3);
        $diary->record('fruit_seen', '2026-10-10', ['fruits' => [1, 3]]);
        self::assertSame(['2026-10-16', '1 2 3'], [self::task($diary, ShelfTask::LookOver)->best->format('Y-m-d'), self::task($diary, ShelfTask::LookOver)->about]);
        $diary->record('fruit_seen', '2026-10-16', ['fruits' => [1, 2, 3]]);
        self::assertSame('2026-10-30', self::task($diary, ShelfTask::LookOver)->best->format('Y-m-d'));
        $diary->record('fruit_off', '2026-10-20', ['fruits' => [1, 2, 3], 'why' => 'gnawed']);
        self::assertSame([], $diary->course()->tasks());
    }

    public function test_from_the_knife_its_seed_is_taken_out_within_two_days(): void
    {
        $diary = self::shelf(2);
        $diary->record('fruit_cut', '2026-11-28 10:00', ['fruit' => 1, 'inside' => 'plump', 'colour' => 4, 'flesh' => 5, 'bitter' => 'no']);
        $out = self::task($diary, ShelfTask::TakeOut);
        self::assertSame(['1', '2026-11-30'], [$out->figures['which'], $out->latest?->format('Y-m-d')]);
        $diary->record('fruit_tasted', '2026-11-28 11:00', ['fruit' => 1, 'raw' => 4]);
        $diary->record('fruit_tasted', '2026-11-28 18:00', ['fruit' => 1, 'cooked' => 5]);
        self::assertSame([4, 5], [$diary->course()->shelf->fruits[1]->tasted?->raw, $diary->course()->shelf->fruits[1]->tasted->cooked]);
        $diary->record('fruit_seed', '2026-11-28 19:00', ['fruits' => [1], 'lot' => 'lot-1']);
        self::assertSame([ShelfTask::LookOver, ShelfTask::Open], array_map(static fn (Task $task) => $task->kind, $diary->course()->tasks()));
        self::assertEquals($diary->course()->shelf->fruits, $diary->shuffled()->shelf->fruits, 'in whatever order it is recorded');
        self::assertSame(57, $diary->course()->shelf->fruits[1]->keptDays());
    }

    public function test_flat_seed_is_not_asked_for(): void
    {
        $diary = self::shelf(1);
        $diary->record('fruit_cut', '2026-11-28', ['fruit' => 1, 'inside' => 'flat']);
        self::assertSame([], $diary->course()->tasks());
    }

    /** @return iterable<string, array{list<array{string, string, array<string, mixed>}>, string, string}> what was done, the field that is asked about, in which words */
    public static function asked(): iterable
    {
        $cut = ['fruit_cut', '2026-11-28', ['fruit' => 1, 'bitter' => 'no']];
        yield 'a number twice' => [[['fruit_shelved', '2026-10-09', ['fruit' => 2, 'plant' => '7']]], 'fruit', 'There is a fruit 2 of this planting already. The next free number is 3.'];
        yield 'opened twice' => [[$cut, ['fruit_cut', '2026-11-29', ['fruit' => 1]]], 'fruit', 'Fruit 1 was cut open on 28 November 2026.'];
        yield 'opened before its time' => [[['fruit_cut', '2026-10-12', ['fruit' => 1]]], 'happened_at', 'Fruit 1 is sound, and its seed goes on ripening in it until 30 October 2026.'];
        yield 'none of that number' => [[['fruit_seen', '2026-10-12', ['fruits' => [1, 9]]]], 'fruits', 'No fruit 9 of this planting was laid on the shelf by then, by what is recorded.'];
        yield 'seen after it rotted' => [[['fruit_off', '2026-10-12', ['fruits' => [1], 'why' => 'rotten']], ['fruit_seen', '2026-10-13', ['fruits' => [1]]]], 'fruits', 'Fruit 1 came off the shelf on 12 October 2026: rotten.'];
        yield 'tasted whole' => [[['fruit_tasted', '2026-11-28', ['fruit' => 1, 'raw' => 3]]], 'fruit', 'Fruit 1 had not been cut open by then, by what is recorded.'];
        yield 'tasted with no crumb before' => [[['fruit_cut', '2026-11-28', ['fruit' => 1]], ['fruit_tasted', '2026-11-29', ['fruit' => 1, 'raw' => 3]]], 'fruit', 'Nobody says that a crumb of fruit 1 was tried first and spat out. What is bitter in squash and gourd is poisonous.'];
        yield 'tasted though bitter' => [[['fruit_cut', '2026-11-28', ['fruit' => 1, 'bitter' => 'yes']], ['fruit_tasted', '2026-11-29', ['fruit' => 1, 'raw' => 3]]], 'fruit', 'Fruit 1 was bitter. Nothing of it is eaten: what is bitter in squash and gourd is poisonous.'];
        yield 'seed of a bitter one' => [[['fruit_cut', '2026-11-28', ['fruit' => 1, 'bitter' => 'yes']], ['fruit_seed', '2026-11-29', ['fruits' => [1, 2], 'lot' => 'x']]], 'fruits', 'Bitter: fruit 1. It is crossed with a gourd or has gone back to one, and so will its seed.'];
        yield 'its seed twice' => [[$cut, ['fruit_seed', '2026-11-28 12:00', ['fruits' => [1], 'lot' => 'x']], ['fruit_seed', '2026-11-29', ['fruits' => [1], 'lot' => 'y']]], 'fruits', 'The seed of fruit 1 has been taken out already.'];
    }

    /** @param  list<array{string, string, array<string, mixed>}>  $done */
    #[DataProvider('asked')]
    public function test_what_does_not_fit_is_asked_about_at_its_field(array $done, string $field, string $said): void
    {
        $diary = self::shelf(2);
        $last = array_pop($done);
        foreach ($done as [$kind, $at, $payload]) {
            $diary->record($kind, $at, $payload);
        }
        try {
            $diary->record(...$last);
            self::fail('that was not asked about');
        } catch (Asked $asked) {
            self::assertSame([$field, $said], [$asked->path, $asked->getMessage()]);
        }
    }

    public function test_what_ripens_dry_does_not_lie_as_fruit(): void
    {
        $diary = new PlotDiary(self::crop('pea'));
        $diary->record('sown', '2026-03-20', ['plants' => 12]);
        $this->expectExceptionMessage('nothing of it lies on a shelf as fruit');
        $diary->record('fruit_shelved', '2026-08-01', ['fruit' => 1]);
    }

    /** So many, picked on 2 October. */
    private static function shelf(int $fruits): PlotDiary
    {
        $diary = new PlotDiary(self::crop('squash-moschata'));
        $diary->record('sown', '2026-05-10', ['plants' => 6]);
        for ($n = 1; $n <= $fruits; $n++) {
            $diary->record('fruit_shelved', sprintf('2026-10-02 15:%02d', $n), ['fruit' => $n, 'plant' => (string) $n]);
        }

        return $diary;
    }

    /** @return list<?string> */
    private static function window(PlotDiary $diary, int $fruit): array
    {
        $window = $diary->course()->shelf->fruits[$fruit]->window();

        return array_map(static fn (?\DateTimeImmutable $day): ?string => $day?->format('Y-m-d'), [$window?->from, $window?->best, $window?->until]);
    }

    private static function task(PlotDiary $diary, ShelfTask $kind): Task
    {
        return array_find($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === $kind) ?? throw new \LogicException("There is no task $kind->value.");
    }
}
