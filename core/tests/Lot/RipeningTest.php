<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Folding\Asked;
use Marrow\Core\Harvest\CutDay;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Steps\Ripening\RipeningTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\TaskKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whether seed is ripe, as it was looked at. */
final class RipeningTest extends CoreTestCase
{
    /** @return iterable<string, array{string, string, string}> crop, how it was found on 10 August, when it is looked at again */
    public static function found(): iterable
    {
        yield 'into paper bags, not yet' => ['parsnip', 'not_yet', '2026-08-13'];
        yield 'into paper bags, nearly' => ['parsnip', 'nearly', '2026-08-12'];
        yield 'gathered daily, not yet' => ['mung-bean', 'not_yet', '2026-08-12'];
        yield 'gathered daily, nearly' => ['mung-bean', 'nearly', '2026-08-11'];
        yield 'what holds, not yet' => ['sweetcorn', 'not_yet', '2026-08-15'];
        yield 'what holds, nearly' => ['sweetcorn', 'nearly', '2026-08-13'];
    }

    #[DataProvider('found')]
    public function test_it_is_looked_at_again_after_as_many_days_as_it_can_be_left(string $crop, string $ready, string $again): void
    {
        $diary = self::bloomed($crop);
        self::assertNotNull(self::task($diary, GrowingTask::Pick));
        $diary->record('ripeness_seen', '2026-08-10', ['ready' => $ready]);
        self::assertSame($again, self::task($diary, RipeningTask::LookAgain)?->best->format('Y-m-d'));
        self::assertNull(self::task($diary, GrowingTask::Pick), 'one task, and not two');
    }

    public function test_what_is_ready_is_picked_while_it_holds(): void
    {
        $diary = self::bloomed('parsnip');
        $diary->record('ripeness_seen', '2026-08-10', ['ready' => 'ready']);
        $pick = self::task($diary, RipeningTask::PickReady);
        self::assertSame(['2026-08-10', '2026-08-15', 1], [$pick?->best->format('Y-m-d'), $pick?->latest?->format('Y-m-d'), $pick?->figures['sheds']]);
        self::assertNull(self::task($diary, RipeningTask::LookAgain));
    }

    public function test_each_mark_goes_by_itself(): void
    {
        $diary = self::bloomed('parsnip');
        foreach (['1', '2', '3'] as $mark) {
            $diary->record('marked', '2026-07-01', ['mark' => $mark, 'what' => 'head']);
        }
        $diary->record('ripeness_seen', '2026-08-10 09:00', ['ready' => 'ready', 'mark' => '1']);
        $diary->record('ripeness_seen', '2026-08-10 09:01', ['ready' => 'nearly', 'mark' => '2']);
        $diary->record('ripeness_seen', '2026-08-10 09:02', ['ready' => 'not_yet', 'mark' => '3']);
        self::assertSame('1', self::task($diary, RipeningTask::PickReady)?->figures['which']);
        $again = self::task($diary, RipeningTask::LookAgain);
        self::assertSame(['2, 3', 1, '2026-08-12'], [$again?->figures['which'], $again?->figures['nearly'], $again?->best->format('Y-m-d')]);
        $this->expectException(Asked::class);
        $this->expectExceptionMessage('No “9” was marked by then, by what is recorded.');
        $diary->record('ripeness_seen', '2026-08-11', ['ready' => 'ready', 'mark' => '9']);
    }

    public function test_what_sheds_is_gone_over_again_where_it_is_gathered_in_passes(): void
    {
        foreach (['passes' => '2026-08-15', 'cut' => null] as $school => $again) {
            $diary = self::bloomed('parsnip', '2026-08-12', new Practice(['pick_by' => $school]));
            self::assertSame($again, self::task($diary, RipeningTask::LookAgain)?->best->format('Y-m-d'));
        }
        $corn = self::bloomed('sweetcorn', '2026-08-12', new Practice(['pick_by' => 'passes']));
        self::assertNull(self::task($corn, RipeningTask::LookAgain), 'what holds its seed is picked once');
    }

    public function test_heads_are_netted_or_bagged_before_they_are_ripe(): void
    {
        foreach (['sunflower' => 'net', 'artichoke' => 'bags'] as $crop => $cover) {
            $diary = self::bloomed($crop);
            $guard = self::task($diary, RipeningTask::Guard);
            self::assertNotNull($guard, $crop);
            self::assertLessThanOrEqual($diary->course()->growing->season()?->ripeFrom, $guard->best);
            $diary->record('covered', '2026-07-20', ['with' => $cover]);
            self::assertNull(self::task($diary, RipeningTask::Guard), $crop);
        }
        self::assertNull(self::task(self::bloomed('sweetcorn'), RipeningTask::Guard));
    }

    public function test_signs_of_ripeness_are_told_one_by_one(): void
    {
        self::assertSame(['Umbels brown', 'The seed lifts off with a touch'], self::crop('dill')->ripening->cues());
        self::assertSame(['Lower pods straw-coloured', 'Seed in them red-brown, or yellow in yellow-seeded kinds'], self::crop('oriental-mustard')->ripening->cues());
        self::assertSame(['Fruits are swollen', 'Yellowing', 'The black seed rattles'], self::crop('achocha')->ripening->cues());
    }

    public function test_what_is_kept_what_is_green_and_what_has_fallen_is_all_of_it(): void
    {
        $cut = CutDay::of(30, 55, 5, 4);
        foreach ([20.0, 35.0, $cut->day, 60.0, 90.0] as $day) {
            self::assertEqualsWithDelta(1.0, $cut->keptOn($day) + $cut->greenOn($day) + $cut->fallenOn($day), 1e-9);
        }
        // By R: 1 - pnorm((30 - 42.5 + 4) / 6.25).
        self::assertEqualsWithDelta(0.9130850, $cut->greenOn(30.0), 1e-6);
        self::assertLessThan($cut->fallenOn(60.0), $cut->greenOn(60.0));
    }

    public function test_what_one_cut_and_what_passes_keep_by_simulation(): void
    {
        $chance = new Randomizer(new Mt19937(37));
        $uniform = static fn (): float => ($chance->getInt(0, 999_999) + 0.5) / 1_000_000;
        $cut = CutDay::of(40, 60, 6, 3);
        [$kept, $green, $fallen, $gathered, $seeds] = [0, 0, 0, 0, 60_000];
        for ($n = 0; $n < $seeds; $n++) {
            // Ripe about the middle, with a quarter of the window as deviation; what is ripe falls at random.
            $ripe = 50.0 + 5.0 * sqrt(-2.0 * log($uniform())) * cos(2.0 * M_PI * $uniform());
            $falls = $ripe - 6.0 * log($uniform());
            match (true) {
                $ripe > $cut->day + 3.0 => $green++,
                $falls < $cut->day => $fallen++,
                default => $kept++,
            };
            // Of a visit every three days the next one comes at any hour after it is ripe.
            $gathered += (int) ($falls > $ripe + 3.0 * $uniform());
        }
        self::assertEqualsWithDelta([$kept / $seeds, $green / $seeds, $fallen / $seeds, $gathered / $seeds], [$cut->kept, $cut->greenOn($cut->day), $cut->fallenOn($cut->day), CutDay::keptByVisits(6, 3)], 0.008);
    }

    private static function bloomed(string $crop, ?string $picked = null, Practice $practice = new Practice): PlotDiary
    {
        $diary = new PlotDiary(self::crop($crop), $picked, [], $practice);
        $diary->insist('sown', '2026-03-20', ['plants' => 20]);
        $diary->insist('first_bloom', '2026-06-20');

        return $diary;
    }

    private static function task(PlotDiary $diary, TaskKind $kind): ?Task
    {
        return array_find($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === $kind);
    }
}
