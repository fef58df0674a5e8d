<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Projection\Projector;
use App\Simulation\Dice;
use App\Simulation\Year\Keeper;
use App\Simulation\Year\Played;
use App\Simulation\Year\YearSimulation;
use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A year in the demo garden lived by Today alone, a week at a step. */
trait PlaysAYear
{
    private function plays(Keeper $keeper): Played
    {
        $this->lay('marrow:demo');
        $played = YearSimulation::play($keeper, new Dice(3), new DateTimeImmutable('2026-09-14'), new DateTimeImmutable('2027-10-31'), 7);
        self::assertSame([], $played->stuck, 'it was done, and is wanted still');
        self::assertSame([], $played->wrong, 'it is wanted of what is gone');
        self::assertSame([], $played->unsaid, 'it was lost without a word');
        self::assertSame([], $played->differ, 'Today has it, and the calendar has not');
        self::assertSame([], $played->refused, 'what truly happened was refused');
        foreach ($played->promises as $what => [$held, $of]) {
            self::assertGreaterThan(5, $of, $what);
            self::assertGreaterThanOrEqual(0.85, $held / $of, $what);
        }
        // What its last week bears on follows; then nothing may be another when all is reckoned afresh.
        while ($this->app->make(Projector::class)->workOff(100)) {
            continue;
        }
        $stands = self::stands();
        self::assertSame(0, Artisan::call('marrow:rebuild'));
        self::assertSame($stands, self::stands(), 'reckoned afresh, it is another');

        return $played;
    }

    /** @return array<string, list<string>> every list that is kept, without the numbers of its rows */
    private static function stands(): array
    {
        $lists = [];
        foreach (['tasks', 'lot_standings', 'planting_standings', 'plan_tasks'] as $list) {
            $rows = array_map(static fn (object $row): string => json_encode(array_diff_key((array) $row, ['id' => 0]), JSON_THROW_ON_ERROR), DB::table($list)->get()->all());
            sort($rows);
            $lists[$list] = $rows;
        }

        return $lists;
    }
}
