<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Drying;

use DateTimeImmutable;
use Marrow\Core\Drying\DryBy;
use Marrow\Core\Drying\OpenCourse;
use Marrow\Core\Drying\WeighedCourse;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Task;

/** When seed on the racks will be dry enough, and what is said when it never will in that room. */
final class DryByTest extends CoreTestCase
{
    public function test_what_it_has_above_its_balance_goes_by_the_same_share_in_the_same_time(): void
    {
        $balance = self::crop('onion')->balance;
        // 50 g of dry matter over balance at 35 % RH and 18 °C; half of what lies above it goes in a day.
        $ends = 5000.0 / (100.0 - $balance->moisture(0.25, 18.0));
        $at = static fn (float $days): array => ['at' => (new DateTimeImmutable('2026-09-01 09:00'))->modify(sprintf('+%d minutes', (int) round(1440 * $days))), 'mass' => $ends + 8.0 * 0.5 ** $days];
        $target = $ends + 0.5;
        $of = static fn (array $before, array $last, float $rh): ?DryBy => ($course = WeighedCourse::of($before, $last, 50.0, $balance, new OpenCourse($balance, $rh, 18.0, false, true))) === null ? null : DryBy::of($course, $last['at'], 100.0 - 5000.0 / $target);
        $by = $of($at(0.0), $at(1.0), 0.25);
        // 8 to 0.5 g above it is four halvings.
        self::assertEqualsWithDelta((new DateTimeImmutable('2026-09-05 09:00'))->getTimestamp(), $by?->middle->getTimestamp(), 120);
        self::assertLessThan($by?->middle, $by?->early);
        self::assertNull($by?->late, 'air of 35 % RH would never make it so dry');
        self::assertNull($of($at(0.0), $at(0.1), 0.25), 'two hours and a half tell no pace');
        self::assertNull($of($at(1.0), $at(0.0), 0.25), 'it grew heavier');
        self::assertNull($of($at(0.0), $at(1.0), 0.60), 'not in such air');
    }

    public function test_seed_in_balance_with_the_room_is_weighed_no_more_and_told_what_would_help(): void
    {
        $diary = $this->racks();
        foreach (['2026-01-05' => 400.0, '2026-01-12' => 399.0, '2026-01-19' => 399.0] as $on => $mass) {
            $diary->record('weighed', "$on 09:00", ['mass_g' => $mass]);
        }
        $course = $diary->course();
        self::assertSame(DryingVerdict::Stopped, $course->drying->verdict());
        self::assertNull($course->drying->dryBy());
        self::assertSame([DryingTask::Stopped], self::kinds($diary));
        $diary->record('stored', '2026-01-20', ['container' => 'paper_envelope', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50]);
        self::assertSame([], self::kinds($diary));
    }

    public function test_what_still_falls_towards_it_has_not_stopped_and_says_by_when(): void
    {
        $diary = $this->racks();
        // 399 g at 9.9 % hold 359.5 g of dry matter; jarred at 8.7 % they weigh 393.8 g.
        $diary->record('weighed', '2026-01-05 09:00', ['mass_g' => 420.0]);
        $diary->record('weighed', '2026-01-07 09:00', ['mass_g' => 410.0]);
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
        $weigh = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === DryingTask::Weigh));
        self::assertCount(1, $weigh);
        self::assertLessThanOrEqual('2026-01-14', $weigh[0]->best->format('Y-m-d'), 'once a week it is looked at');
    }

    private function racks(): Diary
    {
        $diary = new Diary(self::crop('onion'), '2025-03-01');
        $diary->record('picked', '2025-12-01', ['plants' => 20, 'fruits' => 20]);
        $diary->record('threshed', '2025-12-20', ['mass_g' => 500]);
        $diary->record('winnowed', '2025-12-20 12:00', ['mass_g' => 450]);
        // 450 g at 20 %: 360 g of dry matter, jarred at 394.3 g.
        $diary->record('spread', '2026-01-01 09:00', ['surface' => 'tray', 'mass_g' => 450, 'moisture' => 20]);

        return $diary;
    }

    /** @return list<DryingTask> */
    private static function kinds(Diary $diary): array
    {
        return array_values(array_filter(array_map(static fn (Task $task): object => $task->kind, $diary->course()->tasks()), static fn (object $kind): bool => $kind instanceof DryingTask));
    }
}
