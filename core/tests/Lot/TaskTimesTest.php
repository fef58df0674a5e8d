<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Steps\Storing\StoringTask;
use Marrow\Core\Steps\Treating\TreatingTask;
use Marrow\Core\Steps\Trueness\TruenessTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\TaskKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** When what is wanted can be done, is best done, and must have been: from the entry that makes it wanted. */
final class TaskTimesTest extends CoreTestCase
{
    /**
     * @param  list<array{string, string, array<string, mixed>}>  $entries
     * @param  array{string, string, ?string}  $times  opens, best, latest
     */
    #[DataProvider('wanted')]
    public function test_it_is_wanted_then(string $crop, array $entries, TaskKind $kind, array $times): void
    {
        $diary = new Diary(self::crop($crop), '2024-04-01');
        foreach ($entries as [$of, $at, $payload]) {
            $diary->insist($of, $at, $payload);
        }
        self::assertSame([], $diary->course()->adrift(), 'the story holds together');
        $task = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === $kind))[0] ?? null;
        self::assertSame($times, [$task?->opens->format('Y-m-d H:i'), $task?->best->format('Y-m-d H:i'), $task?->latest?->format('Y-m-d H:i')]);
    }

    /** @return iterable<string, array{string, list<array{string, string, array<string, mixed>}>, TaskKind, array{string, string, ?string}}> */
    public static function wanted(): iterable
    {
        $wet = [
            ['picked', '2025-09-01 08:00', ['plants' => 4, 'fruits' => 12, 'mass_g' => 1500]],
            ['ferment_started', '2025-09-01 10:00', ['temperature_c' => 24, 'cover' => 'cloth']],
            ['poured_off', '2025-09-03 18:00', ['passes' => 4]],
        ];
        $rinsed = [...$wet, ['rinsed', '2025-09-03 19:00', []]];
        $dry = [['picked', '2025-08-20 08:00', ['plants' => 40, 'mass_g' => 900]], ['threshed', '2025-08-31 08:00', ['mass_g' => 150]]];
        $clean = [...$dry, ['winnowed', '2025-08-31 18:00', ['mass_g' => 140]]];
        $spread = static fn (array $before, ?float $moisture): array => [...$before, ['spread', '2025-09-05 08:00', ['surface' => 'tray', 'mass_g' => 100, ...($moisture === null ? [] : ['moisture' => $moisture])]]];

        yield 'poured off, it is rinsed within two hours' => ['tomato', $wet, CleaningTask::Rinse, ['2025-09-03 18:00', '2025-09-03 18:00', '2025-09-03 20:00']];
        yield 'wet seed is spread within twelve hours' => ['tomato', $rinsed, DryingTask::SpreadWet, ['2025-09-03 19:00', '2025-09-03 19:00', '2025-09-04 07:00']];
        yield 'threshed, it is winnowed within three days' => ['onion', $dry, CleaningTask::Winnow, ['2025-08-31 08:00', '2025-09-03 08:00', null]];
        yield 'dry seed is spread within two days' => ['onion', $clean, DryingTask::SpreadDry, ['2025-08-31 18:00', '2025-09-02 18:00', null]];
        yield 'wet seed is weighed every day at first' => ['tomato', $spread($rinsed, null), DryingTask::Weigh, ['2025-09-06 02:00', '2025-09-06 08:00', null]];
        yield 'and every second day after three' => ['tomato', [...$spread($rinsed, null), ['weighed', '2025-09-08 08:00', ['mass_g' => 80]]], DryingTask::Weigh, ['2025-09-10 02:00', '2025-09-10 08:00', null]];
        yield 'until then every day' => ['tomato', [...$spread($rinsed, null), ['weighed', '2025-09-08 07:59', ['mass_g' => 80]]], DryingTask::Weigh, ['2025-09-09 01:59', '2025-09-09 07:59', null]];
        yield 'dry seed every second day' => ['onion', $spread($clean, null), DryingTask::Weigh, ['2025-09-07 02:00', '2025-09-07 08:00', null]];
        yield 'of a steady weight a jar is read the day after' => ['onion', [...$spread($clean, null), ['weighed', '2025-09-07 08:00', ['mass_g' => 100]]], DryingTask::ReadJar, ['2025-09-07 08:00', '2025-09-08 08:00', null]];
        yield 'what has stopped is looked at the day after' => ['onion', [...$spread($clean, 20), ['weighed', '2025-09-07 08:00', ['mass_g' => 100]]], DryingTask::Stopped, ['2025-09-07 08:00', '2025-09-08 08:00', null]];
        yield 'what is dry is put away the day after, within two weeks' => ['onion', $spread($clean, 6), DryingTask::PutAway, ['2025-09-05 08:00', '2025-09-06 08:00', '2025-09-19 08:00']];
        yield 'what was bathed dries within twelve hours' => ['tomato', [['received', '2025-09-01 08:00', ['how' => 'given', 'year' => 2025, 'seeds' => 300]], ['bathed', '2026-02-01 10:00', ['temperature_c' => 50, 'minutes' => 25]]], TreatingTask::DryBathed, ['2026-02-01 10:00', '2026-02-01 10:00', '2026-02-01 22:00']];
        yield 'shut in unmeasured, a jar is read in its second day' => ['onion', [['received', '2025-09-01 08:00', ['how' => 'given', 'year' => 2025, 'seeds' => 300]], ['stored', '2025-09-02 08:00', ['container' => 'jar', 'place' => 'Shed', 'temperature_c' => 10, 'rh' => 55]]], StoringTask::ReadStoredJar, ['2025-09-03 08:00', '2025-09-04 08:00', null]];
    }

    public function test_off_types_are_judged_the_day_after(): void
    {
        $diary = new PlotDiary(self::crop('leek'));
        $diary->record('sown', '2025-04-01', ['plants' => 60]);
        $diary->insist('rogued', '2025-07-01 08:00', ['looked_over' => 60, 'pulled' => 1, 'why' => 'off_type']);
        $task = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === TruenessTask::JudgeOffTypes))[0] ?? null;
        self::assertSame(['2025-07-01 08:00', '2025-07-02 08:00', null], [$task?->opens->format('Y-m-d H:i'), $task?->best->format('Y-m-d H:i'), $task?->latest]);
    }

    /** @param  array{}|array{string, string}  $bloom */
    #[TestWith([[]])]
    #[TestWith([['first_bloom', '2025-06-20 08:00']])]
    public function test_what_was_not_picked_within_ninety_days_of_its_last_is_asked_for_no_longer(array $bloom): void
    {
        $diary = new PlotDiary(self::crop('lettuce'));
        $diary->record('sown', '2025-04-01', ['plants' => 60]);
        if ($bloom !== []) {
            $diary->insist(...$bloom);
        }
        $pick = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === GrowingTask::Pick))[0] ?? null;
        self::assertNotNull($pick?->latest);
        self::assertEquals($pick->latest->add(new \DateInterval('P90D')), $pick->lapses);
    }
}
