<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Drying\Witness;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Testing\TestCounted;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\TestEnded;
use Marrow\Core\Steps\Testing\TestMethod;
use Marrow\Core\Steps\Testing\TestStarted;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;

/** The parts of a lot's course by themselves: cleaning, drying, a test. */
final class PartsTest extends CoreTestCase
{
    public function test_gel_seed_may_be_rubbed_and_rinsed_at_once_instead(): void
    {
        $diary = self::picked('tomato');
        $diary->record('rinsed', '2026-08-01');
        $cleaning = $diary->course()->cleaning;
        self::assertSame(CleaningStage::Clean, $cleaning->stage);
        self::assertNull($cleaning->ferment);
    }

    public function test_onion_may_be_rinsed_after_winnowing_and_threshed_twice(): void
    {
        $diary = self::picked('onion');
        $diary->record('threshed', '2026-09-01', ['mass_g' => 90]);
        $diary->record('threshed', '2026-09-02', ['mass_g' => 80]);
        $diary->record('winnowed', '2026-09-03', ['mass_g' => 60]);
        $diary->record('winnowed', '2026-09-04', ['mass_g' => 58]);
        $diary->record('rinsed', '2026-09-05');
        $cleaning = $diary->course()->cleaning;
        self::assertSame(CleaningStage::Clean, $cleaning->stage);
        self::assertSame(58.0, $cleaning->massOut);
        self::assertSame('2026-09-05', $cleaning->since?->format('Y-m-d'));
    }

    public function test_a_working_ferment_is_not_rinsed_nor_started_again(): void
    {
        $diary = self::picked('tomato');
        $diary->record('ferment_started', '2026-08-01', ['temperature_c' => 24, 'cover' => 'cloth']);
        $this->assertRefused('record that you poured it off', static fn () => $diary->record('rinsed', '2026-08-02'));
        $this->assertRefused('a ferment was working', static fn () => $diary->record('ferment_started', '2026-08-02', ['temperature_c' => 20, 'cover' => 'cloth']));
        self::assertSame(CleaningStage::Fermenting, $diary->course()->cleaning->stage);
    }

    public function test_winnowing_cannot_add(): void
    {
        $diary = self::picked('leek');
        $diary->record('threshed', '2026-09-01', ['mass_g' => 50]);
        $this->assertRefused('51 g cannot come out of the 50 g', static fn () => $diary->record('winnowed', '2026-09-02', ['mass_g' => 51]));
    }

    public function test_drying_without_any_moisture_known_claims_none(): void
    {
        $drying = self::drying(null)->course()->drying;
        self::assertNull($drying->moisture());
        self::assertNull($drying->targetMass());
        self::assertNull($drying->basis());
        self::assertSame(DryingVerdict::Drying, $drying->verdict());
        foreach ($drying->weighings() as $weighing) {
            self::assertNull($weighing->moisture);
        }
    }

    public function test_a_starting_moisture_carries_through_every_weighing(): void
    {
        $diary = self::drying(40.0);
        // 12 g of dry matter in 20 g.
        $diary->record('weighed', '2026-08-02', ['mass_g' => 16]);
        $diary->record('weighed', '2026-08-05', ['mass_g' => 13]);
        $drying = $diary->course()->drying;
        self::assertSame(Witness::Weight, $drying->basis());
        $moistures = array_map(static fn ($weighing): float => (float) $weighing->moisture, $drying->weighings());
        self::assertSixDigits(40.0, $moistures[0]);
        self::assertSixDigits(25.0, $moistures[1]);
        self::assertSixDigits(100 / 13, $moistures[2]);
        self::assertSixDigits(12 / 0.93, $drying->targetMass());
    }

    public function test_a_jar_reading_corrects_a_guessed_start(): void
    {
        $diary = self::drying(60.0);
        $diary->record('weighed', '2026-08-05', ['mass_g' => 11]);
        $guessed = $diary->course()->drying->moisture();
        $diary->record('jar_read', '2026-08-06', ['rh' => 35, 'temperature_c' => 20]);
        $drying = $diary->course()->drying;
        self::assertSame(Witness::Jar, $drying->basis());
        self::assertSame(0.35, $drying->dampness->readRh());
        self::assertNotEquals($guessed, $drying->moisture());
        // Tomato at 35 % RH and 20 °C, in R.
        self::assertEqualsWithDelta(6.952550, $drying->moisture(), 1e-5);
        self::assertSixDigits((float) $drying->moisture(), $drying->weighings()[1]->moisture);
    }

    public function test_dry_enough_is_judged_to_the_tenth_as_it_is_shown(): void
    {
        // 12 g dry: at 7.04 % it shows as 7.0 %, which is the most for tomato; at 7.06 % it does not.
        $diary = self::drying(40.0);
        $diary->record('weighed', '2026-08-05', ['mass_g' => 12 / (1 - 0.0706)]);
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
        $diary->record('weighed', '2026-08-06', ['mass_g' => 12 / (1 - 0.0704)]);
        self::assertSame(DryingVerdict::DryEnough, $diary->course()->drying->verdict());
    }

    public function test_spread_again_begins_a_new_course(): void
    {
        $diary = self::drying(40.0);
        $diary->record('weighed', '2026-08-05', ['mass_g' => 13]);
        $diary->record('spread', '2026-09-01', ['surface' => 'tray', 'mass_g' => 18]);
        self::assertNull($diary->course()->drying->moisture(), 'it took up water nobody measured');
        self::assertCount(1, $diary->course()->drying->weighings());
    }

    public function test_a_starting_moisture_without_a_weight_says_nothing(): void
    {
        $this->assertRefused('needs the mass it belongs to', static fn () => self::picked('tomato')->record('spread', '2026-08-01', ['surface' => 'mesh', 'moisture' => 45]));
    }

    public function test_seed_given_away_from_the_racks_does_not_look_like_water_lost(): void
    {
        $diary = self::picked('tomato');
        $diary->record('rinsed', '2026-08-01');
        $diary->record('spread', '2026-08-01 12:00', ['surface' => 'mesh', 'mass_g' => 20, 'moisture' => 40]);
        $diary->insist('withdrawn', '2026-08-02', ['purpose' => 'gift', 'mass_g' => 5]);
        // A quarter of the 12 g dry matter went with it: 9 g stay, so an honest 10 g is 10 %.
        $diary->record('weighed', '2026-08-06', ['mass_g' => 10]);
        self::assertSixDigits(10.0, $diary->course()->drying->moisture());
    }

    public function test_days_of_a_test_go_by_the_calendar(): void
    {
        $test = $this->test(1, 20);
        self::assertSame(0, $test->dayOf(self::at('2026-03-01 23:59')));
        self::assertSame(1, $test->dayOf(self::at('2026-03-02 00:01')), 'six hours later, but the next day');
        self::assertSame(31, $test->dayOf(self::at('2026-04-01 08:00')));
    }

    public function test_abnormal_seedlings_are_decided_but_have_not_germinated(): void
    {
        $test = $this->test(2, 10);
        $test->counted(new TestCounted('t', [4, 5], [2, 1]), self::at('2026-03-07'));
        self::assertSame(9, $test->germinated());
        self::assertSame(3, $test->abnormal());
        self::assertSame(8, $test->undecided());
        self::assertSame([4, 5], $test->perReplicate('normal'));
        self::assertSame([2, 1], $test->perReplicate('abnormal'));
        $this->assertRefused('11 from the 10 seeds of replicate 1', static fn () => $test->counted(new TestCounted('t', [4, 0], [1, 0]), self::at('2026-03-08')));
    }

    public function test_two_counts_of_one_day_add_up(): void
    {
        $test = $this->test(1, 20);
        $test->counted(new TestCounted('t', [6], [0]), self::at('2026-03-07 08:00'));
        $test->counted(new TestCounted('t', [4], [0]), self::at('2026-03-07 19:00'));
        self::assertSame(10, $test->germinated());
        self::assertSixDigits(6.0, $test->speed()?->meanDays, 'all on day 6');
    }

    public function test_one_replicate_cannot_agree_with_itself(): void
    {
        $test = $this->test(1, 10);
        $test->counted(new TestCounted('t', [9], [0]), self::at('2026-03-07'));
        self::assertNull($test->agreement());
    }

    public function test_a_test_ends_after_a_count_and_one_more_count_opens_it_again(): void
    {
        $test = $this->test(1, 10);
        $this->assertRefused('if nothing came up, count 0', static fn () => $test->ended(new TestEnded('t'), self::at('2026-03-10')));
        $test->counted(new TestCounted('t', [0], [0]), self::at('2026-03-10'));
        $test->ended(new TestEnded('t'), self::at('2026-03-15'));
        self::assertSame(0, $test->undecided());
        self::assertNull($test->speed(), 'nothing came up, so nothing was fast or slow');
        self::assertNull($test->nextCountDay(new Practice));
        self::assertSame([], $test->offers());
        $test->counted(new TestCounted('t', [1], [0]), self::at('2026-03-16'));
        self::assertNull($test->endedAt);
        self::assertSame(9, $test->undecided());
    }

    private static function picked(string $crop): Diary
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('picked', '2026-07-31', ['plants' => 5, 'fruits' => 20]);

        return $diary;
    }

    private static function drying(?float $moisture): Diary
    {
        $diary = self::picked('tomato');
        $diary->record('rinsed', '2026-07-31 12:00');
        $diary->record('spread', '2026-08-01', ['surface' => 'mesh', 'mass_g' => 20, 'moisture' => $moisture]);

        return $diary;
    }

    private function test(int $replicates, int $seeds): TestCourse
    {
        return new TestCourse(new TestStarted('t', $replicates, $seeds, 18.0, TestMethod::Dish), self::at('2026-03-01 18:00'), self::crop('onion'));
    }

    private function assertRefused(string $says, \Closure $act): void
    {
        try {
            $act();
        } catch (Refused $refused) {
            self::assertStringContainsString($says, $refused->getMessage());

            return;
        }
        self::fail('It was not refused.');
    }

    private static function at(string $at): \DateTimeImmutable
    {
        return new \DateTimeImmutable($at);
    }
}
