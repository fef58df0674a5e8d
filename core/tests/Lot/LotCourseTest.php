<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Germination\Verdict;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoringTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\TaskKind;

/** A lot through the whole job, folded from its journal. */
final class LotCourseTest extends CoreTestCase
{
    public function test_a_tomato_from_the_fruit_to_the_jar(): void
    {
        $diary = new Diary(self::crop('tomato'), '2026-03-10');
        $diary->record('picked', '2026-08-20 10:00', ['plants' => 6, 'fruits' => 24, 'mass_g' => 2400]);
        self::assertSame(Place::Bench, $diary->course()->place());
        self::assertSame([CleaningTask::StartFerment], self::kinds($diary->course()->tasks()));

        $diary->record('ferment_started', '2026-08-20 12:00', ['temperature_c' => 21, 'cover' => 'cloth']);
        $task = $diary->course()->tasks()[0];
        self::assertSame(CleaningTask::PourOff, $task->kind);
        // 72 h at 21 °C: from 48 h, best at 72, no later than 144.
        self::assertSame('2026-08-22 12:00', $task->opens->format('Y-m-d H:i'));
        self::assertSame('2026-08-23 12:00', $task->best->format('Y-m-d H:i'));
        self::assertSame('2026-08-26 12:00', $task->latest?->format('Y-m-d H:i'));
        self::assertTrue($task->loss === Loss::Seed);

        $diary->record('poured_off', '2026-08-23 10:00', ['passes' => 4]);
        self::assertSame([CleaningTask::Rinse], self::kinds($diary->course()->tasks()));
        self::assertSame(70.0, $diary->course()->cleaning->ferment?->hours());
        $diary->record('rinsed', '2026-08-23 10:20', ['water' => 'clear']);
        self::assertSame([DryingTask::SpreadWet], self::kinds($diary->course()->tasks()));

        $diary->record('spread', '2026-08-23 10:30', ['surface' => 'plate', 'mass_g' => 20, 'moisture' => 50]);
        self::assertSame(Place::Racks, $diary->course()->place());
        $diary->record('weighed', '2026-08-24 10:00', ['mass_g' => 12.5]);
        // 10 g of dry matter: 12.5 g is 20 %; at 7 % it will weigh 10/0.93.
        self::assertSixDigits(20.0, $diary->course()->drying->moisture());
        self::assertSixDigits(10.752688, $diary->course()->drying->targetMass());
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
        $diary->record('weighed', '2026-08-28 10:00', ['mass_g' => 10.7]);
        self::assertSame(DryingVerdict::DryEnough, $diary->course()->drying->verdict());
        self::assertSame([DryingTask::PutAway], self::kinds($diary->course()->tasks()));

        $diary->insist('stored', '2026-08-29 10:00', ['container' => 'jar', 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60, 'mass_g' => 10.7]);
        $course = $diary->course();
        self::assertSame(Place::Store, $course->place());
        self::assertSame(MoistureGround::Measured, $course->storing->ground);
        self::assertSixDigits(100 * (1 - 10 / 10.7), $course->storing->moisture);
        self::assertContains(KeepingTask::TestFirst, self::kinds($course->tasks()));
    }

    public function test_a_leek_is_threshed_and_winnowed(): void
    {
        $diary = new Diary(self::crop('leek'));
        $diary->record('picked', '2026-08-01', ['plants' => 20, 'fruits' => 20, 'mass_g' => 300]);
        $diary->record('threshed', '2026-08-20', ['mass_g' => 90]);
        self::assertSame([CleaningTask::Winnow], self::kinds($diary->course()->tasks()));
        $diary->record('winnowed', '2026-08-21', ['mass_g' => 60]);
        self::assertSame(CleaningStage::Clean, $diary->course()->cleaning->stage);
        self::assertSame(60.0, $diary->course()->cleaning->massOut);
    }

    public function test_a_closed_jar_tells_the_moisture_of_every_weighing(): void
    {
        $diary = $this->dryPea();
        $diary->record('weighed', '2026-08-05', ['mass_g' => 400]);
        $diary->record('weighed', '2026-08-10', ['mass_g' => 390]);
        self::assertNull($diary->course()->drying->moisture());
        // 40 % RH, 20 °C, oil 0.02 and what was measured of peas, reckoned in R: 9.827685083 % of wet mass.
        $diary->record('jar_read', '2026-08-11', ['rh' => 40, 'temperature_c' => 20]);
        $drying = $diary->course()->drying;
        self::assertSixDigits(9.827685083, $drying->moisture());
        $dry = 390 * (1 - 0.09827685083);
        self::assertSixDigits(100 * (1 - $dry / 400), $drying->weighings()[1]->moisture);
    }

    public function test_a_steady_weight_asks_for_a_jar_reading(): void
    {
        $diary = $this->dryPea();
        $diary->record('weighed', '2026-08-05 09:00', ['mass_g' => 390]);
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
        $diary->record('weighed', '2026-08-08 09:00', ['mass_g' => 389.5]);
        self::assertSame(DryingVerdict::Steady, $diary->course()->drying->verdict());
        self::assertSame([DryingTask::ReadJar], self::kinds($diary->course()->tasks()));
    }

    public function test_two_weighings_an_hour_apart_show_no_trend(): void
    {
        $diary = $this->dryPea();
        $diary->record('weighed', '2026-08-05 09:00', ['mass_g' => 390]);
        $diary->record('weighed', '2026-08-05 10:00', ['mass_g' => 390]);
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
    }

    public function test_seed_taken_for_a_test_while_drying_does_not_look_like_water_lost(): void
    {
        $diary = new Diary(self::crop('pea'));
        $diary->record('picked', '2026-07-20', ['plants' => 40, 'fruits' => 300]);
        $diary->record('threshed', '2026-08-01');
        $diary->record('winnowed', '2026-08-01 12:00');
        $diary->record('spread', '2026-08-02', ['surface' => 'tray', 'mass_g' => 400, 'moisture' => 20]);
        $diary->record('sample_weighed', '2026-08-02 10:00', ['counted' => 100, 'masses_g' => [25]]);
        $diary->record('test_started', '2026-08-02 12:00', ['test' => 't', 'replicates' => 2, 'seeds' => 80, 'temperature_c' => 20, 'method' => 'sand']);
        // 160 seeds at 250 g a thousand are 40 g, a tenth of the lot; a tenth of the dry matter went with them.
        $diary->record('weighed', '2026-08-04', ['mass_g' => 340]);
        self::assertSixDigits(100 * (1 - 320 * 0.9 / 340), $diary->course()->drying->moisture());
    }

    public function test_a_test_from_its_start_to_its_verdict(): void
    {
        $diary = $this->storedOnion();
        $diary->record('test_started', '2026-01-10 18:00', ['test' => 't1', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'rolled_cloth']);
        $test = $diary->course()->testing->tests['t1'];
        self::assertSame(6, $test->nextCountDay(new Practice));
        self::assertNull($test->share());

        $diary->record('test_counted', '2026-01-16 08:00', ['test' => 't1', 'normal' => [15, 14], 'abnormal' => [0, 1]]);
        $test = $diary->course()->testing->tests['t1'];
        self::assertSame(8, $test->nextCountDay(new Practice));
        self::assertSame(29, $test->germinated());
        self::assertSame(20, $test->undecided());
        // 29 up, 20 undecided of 50: anything from 58 to 98 %, so nothing is settled.
        self::assertSame(Verdict::Open, $test->outlook(new Practice)?->verdictNow);

        $diary->record('test_counted', '2026-01-18 08:00', ['test' => 't1', 'normal' => [6, 7], 'abnormal' => [0, 0]]);
        // 42 of 50 are up: good, whatever the last 7 do.
        self::assertSame(Verdict::Good, $diary->course()->testing->tests['t1']->outlook(new Practice)?->verdictNow);
        $diary->record('test_ended', '2026-01-22 08:00', ['test' => 't1']);

        $course = $diary->course();
        self::assertSame(0, $course->testing->tests['t1']->undecided());
        self::assertSixDigits(0.84, $course->testing->tests['t1']->share()?->rate());
        // 29 of 42 were up at the first count: when half of them were, nobody saw.
        self::assertNull($course->testing->tests['t1']->speed()?->t50);
        self::assertSame('t1', $course->testing->lastEnded()?->set->test);
        $forecast = $course->forecast();
        self::assertSame('2026-01-10', $forecast?->startAt()->format('Y-m-d'));
        self::assertSame(1, $forecast->pace->tests);
        self::assertEqualsWithDelta(0.84, $forecast->shareAt($forecast->startAt()), 0.02, 'what came up, drawn a little to what seed of that age usually is');
    }

    public function test_the_forecast_adds_up_over_the_places_it_was_kept_in(): void
    {
        $diary = $this->storedOnion();
        $diary->record('test_started', '2026-01-10', ['test' => 't1', 'replicates' => 1, 'seeds' => 100, 'temperature_c' => 18, 'method' => 'dish']);
        $diary->record('test_counted', '2026-01-20', ['test' => 't1', 'normal' => [94], 'abnormal' => [0]]);
        $diary->record('test_ended', '2026-01-22', ['test' => 't1']);
        $diary->insist('stored', '2026-06-10', ['container' => 'jar', 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60]);
        $forecast = $diary->course()->forecast();
        self::assertNotNull($forecast);

        // By the published equation, typed in afresh, at the pace that the test gave: the jar was read at 33 % RH and 20 °C.
        $moisture = 8.490794293;
        $sigma = static fn (float $t): float => 10 ** (6.975 - 3.470 * log10($moisture) - 0.0400 * $t - 0.000428 * $t ** 2);
        $slower = exp($forecast->pace->slower);
        $warm = (strtotime('2026-06-10') - strtotime('2026-01-10')) / 86400 / $sigma(18) / $slower;
        $left = $forecast->pace->viability - 0.5244005127080407 - $warm;
        $expected = strtotime('2026-06-10') + $left * $slower * $sigma(5) * 86400;
        self::assertEqualsWithDelta($expected, $forecast->reaches(0.70)->getTimestamp(), 60);
    }

    public function test_withdrawals_leave_the_stock(): void
    {
        $diary = $this->storedOnion();
        $diary->record('sample_weighed', '2025-11-01', ['counted' => 100, 'masses_g' => [0.4, 0.4]]);
        // 20 g at 4 g a thousand are 5,000 seeds.
        self::assertSixDigits(5000, $diary->course()->stock->stock->seeds());
        $diary->record('withdrawn', '2025-12-01', ['purpose' => 'gift', 'mass_g' => 2]);
        $diary->record('withdrawn', '2025-12-02', ['purpose' => 'sowing', 'seeds' => 500]);
        self::assertSixDigits(4000, $diary->course()->stock->stock->seeds());
        self::assertSixDigits(16, $diary->course()->stock->stock->grams());
        $diary->record('withdrawn', '2025-12-03', ['purpose' => 'sowing', 'seeds' => 4000]);
        self::assertTrue($diary->course()->isUsedUp());
        self::assertSame([], $diary->course()->tasks());
    }

    public function test_a_jar_shut_on_damp_seed_is_an_alarm_and_has_no_forecast(): void
    {
        $diary = new Diary(self::crop('broad-bean'));
        $diary->record('picked', '2026-07-20', ['plants' => 10, 'fruits' => 100, 'mass_g' => 2000]);
        $diary->record('threshed', '2026-08-05', ['mass_g' => 900]);
        $diary->insist('stored', '2026-08-20', ['container' => 'jar', 'place' => 'Cupboard', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 800]);
        self::assertContains(StoringTask::ReadStoredJar, self::kinds($diary->course()->tasks()), 'nobody knows how dry it is');
        $diary->record('jar_read', '2026-08-22', ['rh' => 66, 'temperature_c' => 18]);
        $course = $diary->course();
        self::assertTrue($course->storing->isShutInDamp());
        self::assertContains(StoringTask::OpenDampJar, self::kinds($course->tasks()));
        self::assertNull($course->forecast());

        $diary->record('spread', '2026-08-23', ['surface' => 'tray', 'mass_g' => 800]);
        self::assertSame(Place::Racks, $diary->course()->place());
        self::assertFalse($diary->course()->storing->isShutInDamp());
    }

    public function test_paper_breathes_so_the_seed_follows_the_place(): void
    {
        $diary = $this->storedOnion('paper_envelope');
        self::assertSame(MoistureGround::PlaceAir, $diary->course()->storing->ground);
        // Onion at 50 % RH and 18 °C, in R.
        self::assertSixDigits(10.331545191, $diary->course()->storing->moisture);
    }

    public function test_the_order_in_which_entries_come_in_does_not_matter(): void
    {
        $diary = $this->storedOnion();
        $diary->record('withdrawn', '2025-12-01', ['purpose' => 'gift', 'mass_g' => 2]);
        self::assertEquals($diary->course()->tasks(), $diary->shuffled()->tasks());
        self::assertSame($diary->course()->stock->stock->grams(), $diary->shuffled()->stock->stock->grams());
    }

    public function test_striking_an_entry_takes_it_out_and_striking_the_strike_brings_it_back(): void
    {
        $diary = $this->storedOnion();
        $before = $diary->course()->stock->stock->grams();
        $taken = $diary->record('withdrawn', '2025-12-01', ['purpose' => 'gift', 'mass_g' => 5]);
        $strike = $diary->strike($taken);
        self::assertSame($before, $diary->course()->stock->stock->grams());
        $diary->strike($strike);
        self::assertSixDigits(15, $diary->course()->stock->stock->grams());
    }

    public function test_a_lot_whose_picking_was_struck_can_be_picked_anew(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->strike($diary->record('picked', '2026-08-20', ['plants' => 3, 'fruits' => 9]));
        self::assertSame('picked', $diary->course()->offers()[0]->kind->name);
        $diary->record('picked', '2026-08-21', ['plants' => 2, 'fruits' => 7]);
        self::assertSame(Place::Bench, $diary->course()->place());
        self::assertSame(7, $diary->course()->origin->fruits());
    }

    public function test_what_stood_on_a_struck_entry_is_kept_but_not_reckoned_with(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('picked', '2026-08-20', ['plants' => 3, 'fruits' => 9]);
        $ferment = $diary->record('ferment_started', '2026-08-21', ['temperature_c' => 24, 'cover' => 'cloth']);
        $poured = $diary->record('poured_off', '2026-08-23', ['passes' => 3]);
        $diary->strike($ferment);
        $course = $diary->course();
        self::assertSame(CleaningStage::Uncleaned, $course->cleaning->stage);
        self::assertArrayHasKey($poured, $course->adrift());
    }

    private function dryPea(): Diary
    {
        $diary = new Diary(self::crop('pea'));
        $diary->record('picked', '2026-07-20', ['plants' => 40, 'fruits' => 300]);
        $diary->record('threshed', '2026-08-01');
        $diary->record('winnowed', '2026-08-01 12:00');
        $diary->record('spread', '2026-08-02', ['surface' => 'tray', 'mass_g' => 410]);

        return $diary;
    }

    private function storedOnion(string $container = 'jar'): Diary
    {
        $diary = new Diary(self::crop('onion'));
        $diary->record('picked', '2025-08-20', ['plants' => 20, 'fruits' => 20, 'mass_g' => 200]);
        $diary->record('threshed', '2025-09-20', ['mass_g' => 40]);
        $diary->record('winnowed', '2025-09-21', ['mass_g' => 22]);
        $diary->record('spread', '2025-09-21 12:00', ['surface' => 'mesh', 'mass_g' => 22]);
        $diary->record('weighed', '2025-09-28', ['mass_g' => 20]);
        $diary->record('jar_read', '2025-09-29', ['rh' => 33, 'temperature_c' => 20]);
        $diary->record('stored', '2025-10-01', ['container' => $container, 'place' => 'Cupboard', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 20]);

        return $diary;
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<TaskKind>
     */
    private static function kinds(array $tasks): array
    {
        return array_map(static fn (Task $task): TaskKind => $task->kind, $tasks);
    }
}
