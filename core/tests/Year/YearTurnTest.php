<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Year;

use Marrow\Core\Lot\Portioning;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Year\Frosts;
use Marrow\Core\Year\GardenYear;
use Marrow\Core\Year\SeasonShift;
use Marrow\Core\Year\SeedYear;
use Marrow\Core\Year\SowingWindow;
use Marrow\Core\Year\YearTurn;
use PHPUnit\Framework\Attributes\TestWith;

/** The year of a garden in the southern half of the earth: that of the north, half a year on. */
final class YearTurnTest extends CoreTestCase
{
    private const DAYS = 182;

    public function test_a_day_goes_there_and_back_and_keeps_its_distance(): void
    {
        $south = new YearTurn(YearTurn::HALF);
        for ($day = new \DateTimeImmutable('2027-06-20 09:00'); $day < new \DateTimeImmutable('2029-01-10'); $day = $day->modify('+1 day')) {
            self::assertEquals($day, $south->here($south->inBook($day)));
            self::assertSame(1, (int) $south->inBook($day)->diff($south->inBook($day->modify('+1 day')))->days);
            self::assertEquals($day, YearTurn::at(34.0)->here($day), 'in the north nothing is turned');
        }
        self::assertEquals(new \DateTimeImmutable('2027-12-31'), $south->inBook(new \DateTimeImmutable('2028-06-30')), 'over a leap day');
    }

    public function test_months_are_six_on(): void
    {
        $south = new YearTurn(YearTurn::HALF);
        self::assertSame([7, 12, 1, 6], array_map($south->monthHere(...), [1, 6, 7, 12]));
        foreach (range(1, 12) as $month) {
            self::assertSame($month, $south->monthInBook($south->monthHere($month)));
            self::assertSame($month, (new YearTurn)->monthHere($month));
        }
        self::assertEqualsWithDelta([12.5, 6.9, 1.0], array_map($south->partHere(...), [6.5, 12.9, 7.0]), 1e-9);
        self::assertSame(['10-29', '04-20'], [$south->dayHere('04-30'), $south->dayHere('10-20')]);
    }

    public function test_a_season_of_the_south_goes_over_the_new_year_and_is_called_so(): void
    {
        [$north, $south] = [new YearTurn, new YearTurn(YearTurn::HALF)];
        foreach (['2026-06-30' => 2025, '2026-07-01' => 2026, '2026-12-31' => 2026, '2027-01-01' => 2026, '2027-06-30' => 2026, '2028-02-29' => 2027] as $day => $season) {
            self::assertSame($season, $south->season(new \DateTimeImmutable($day)), $day);
            self::assertSame((int) $day, $north->season(new \DateTimeImmutable($day)), $day);
        }
        self::assertSame(['2026/27', '1999/00', '2026'], [$south->called(2026), $south->called(1999), $north->called(2026)]);
        $as = new \DateTimeImmutable('2026-03-04 17:20');
        self::assertEquals([new \DateTimeImmutable('2026-07-01 09:00'), new \DateTimeImmutable('2027-01-01 09:00')], [$south->begins(2026, $as), $north->begins(2027, $as)]);
    }

    public function test_a_packet_is_for_the_sowing_of_a_season(): void
    {
        foreach (['tomato' => ['2026-02-15', '2026-08-16'], 'garlic' => ['2026-10-15', '2027-04-15']] as $crop => [$north, $south]) {
            self::assertSame([$north, $south], array_map(static fn (bool $isSouth): string => Portioning::sowing(self::crop($crop), 2026, new GardenYear($isSouth ? -51.0 : 51.0))->format('Y-m-d'), [false, true]), $crop);
        }
    }

    public function test_what_is_not_done_this_year_waits_for_the_next_season(): void
    {
        foreach (['-38' => '2027-07-01', '51' => '2027-01-01'] as $latitude => $until) {
            $diary = new PlotDiary(self::crop('parsnip'), practice: new Practice(['latitude' => (string) $latitude]));
            $diary->insist('sown', '2025-04-01', ['plants' => 20]);
            $diary->insist('first_bloom', '2026-12-20');
            $diary->insist('put_off', '2026-12-24 10:00', ['task' => 'pick', 'how' => 'next_year']);
            $pick = array_find($diary->course()->tasks(), static fn ($task): bool => $task->kind === GrowingTask::Pick);
            self::assertTrue($pick === null || $pick->best->format('Y-m-d') >= $until, (string) $latitude);
        }
    }

    public function test_what_is_sown_there_blooms_and_is_ripe_half_a_year_on(): void
    {
        // 51 degrees south with the last frost at the end of October is the handbook's garden, turned.
        $south = SeasonShift::of(-51.0, '10-29');
        self::assertSame([0, true], [$south->days, $south->turn->spansNewYear()]);
        $on = static fn (\DateTimeImmutable $day): \DateTimeImmutable => $day->modify(sprintf('+%d days', self::DAYS));
        foreach (self::crops()->all() as $crop) {
            foreach ([3, 97, 160, 201, 300, 364] as $days) {
                $sown = (new \DateTimeImmutable('2027-01-01'))->modify("+$days days");
                [$north, $there] = [SeedYear::of($crop->growing, $sown, SeasonShift::none()), SeedYear::of($crop->growing, $on($sown), $south)];
                self::assertEquals(
                    array_map($on, [$north->firstBloom, $north->lastBloom, $north->ripeFrom, $north->ripeBest, $north->ripeTo]),
                    [$there->firstBloom, $there->lastBloom, $there->ripeFrom, $there->ripeBest, $there->ripeTo],
                    $crop->key,
                );
            }
            self::assertEquals(
                array_map(static fn (SowingWindow $one): array => [$on($one->from), $on($one->to)], SowingWindow::from($crop->growing, SeasonShift::none(), new \DateTimeImmutable('2027-02-01'), 2)),
                array_map(static fn (SowingWindow $one): array => [$one->from, $one->to], SowingWindow::from($crop->growing, $south, $on(new \DateTimeImmutable('2027-02-01')), 2)),
                $crop->key,
            );
        }
    }

    /** What gardeners of the south see: sown in their spring, in bloom in their summer; over their winter for what wants one. */
    #[TestWith(['tomato', '2026-09-20', '2026-11-10', '2027-01-15'])]
    #[TestWith(['pea', '2026-08-20', '2026-10-10', '2026-12-01'])]
    #[TestWith(['broad-bean', '2026-05-01', '2026-08-25', '2026-11-10'])]
    #[TestWith(['parsnip', '2026-10-01', '2027-11-01', '2028-01-01'])]
    #[TestWith(['leek', '2026-09-01', '2027-11-20', '2028-01-20'])]
    #[TestWith(['wheat', '2026-05-01', '2026-10-01', '2026-12-20'])]
    public function test_a_garden_at_38_south(string $crop, string $sown, string $from, string $to): void
    {
        $practice = new Practice(['latitude' => '-38']);
        $bloom = SeedYear::of(self::crop($crop)->growing, new \DateTimeImmutable($sown), $practice->year->shift)->firstBloom->format('Y-m-d');
        self::assertGreaterThanOrEqual($from, $bloom);
        self::assertLessThanOrEqual($to, $bloom);
    }

    public function test_frosts_that_nobody_set_are_those_of_the_other_half(): void
    {
        self::assertEquals(new Frosts('04-30', '10-20'), (new Practice)->year->frosts);
        self::assertEquals(new Frosts('10-29', '04-20'), (new Practice(['latitude' => '-34']))->year->frosts);
        self::assertEquals(new Frosts('09-15', '04-20'), (new Practice(['latitude' => '-34', 'last_frost' => '09-15']))->year->frosts);
    }

    #[TestWith(['04-30', '10-20'])]
    #[TestWith(['10-29', '05-10'])]
    #[TestWith(['12-28', '06-30'])]
    public function test_what_stands_out_between_the_frosts_stands_in_none(string $last, string $first): void
    {
        $frosts = new Frosts($last, $first);
        $month = static fn (\DateTimeImmutable $day): string => $day->format('m-d');
        for ($day = new \DateTimeImmutable('2027-01-01 09:00'); $day->format('Y') < '2029'; $day = $day->modify('+1 day')) {
            // Frost-free are the days from the last of spring to the first of autumn, over the new year where that lies between.
            $free = $last < $first ? $month($day) >= $last && $month($day) < $first : $month($day) >= $last || $month($day) < $first;
            self::assertSame(! $free, $frosts->catches($day), $day->format('Y-m-d'));
            self::assertLessThanOrEqual($day->modify('+1 year'), $frosts->firstAfter($day));
        }
    }
}
