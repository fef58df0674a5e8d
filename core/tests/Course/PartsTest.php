<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Course;

use Marrow\Core\Course\CleaningCourse;
use Marrow\Core\Course\CleaningStage;
use Marrow\Core\Course\DryingCourse;
use Marrow\Core\Course\DryingVerdict;
use Marrow\Core\Course\MoistureBasis;
use Marrow\Core\Course\TestCourse;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\DryingSurface;
use Marrow\Core\Journal\Payload\FermentCover;
use Marrow\Core\Journal\Payload\FermentStarted;
use Marrow\Core\Journal\Payload\JarRead;
use Marrow\Core\Journal\Payload\Spread;
use Marrow\Core\Journal\Payload\TestCounted;
use Marrow\Core\Journal\Payload\TestMethod;
use Marrow\Core\Journal\Payload\TestStarted;
use Marrow\Core\Tests\Support\CoreTestCase;

/** The parts of a lot's course by themselves: cleaning, drying, a test. */
final class PartsTest extends CoreTestCase
{
    public function test_gel_seed_may_be_rubbed_and_rinsed_at_once_instead(): void
    {
        $cleaning = new CleaningCourse(self::crop('tomato'));
        $cleaning->rinsed(self::at('2026-08-01'));
        self::assertSame(CleaningStage::Clean, $cleaning->stage);
        self::assertNull($cleaning->fermentWindow());
        self::assertNull($cleaning->fermentedHours());
    }

    public function test_onion_may_be_rinsed_after_winnowing_and_threshed_twice(): void
    {
        $cleaning = new CleaningCourse(self::crop('onion'));
        $cleaning->threshed(90.0, self::at('2026-09-01'));
        $cleaning->threshed(80.0, self::at('2026-09-02'));
        $cleaning->winnowed(60.0, self::at('2026-09-03'));
        $cleaning->winnowed(58.0, self::at('2026-09-04'));
        $cleaning->rinsed(self::at('2026-09-05'));
        self::assertSame(CleaningStage::Clean, $cleaning->stage);
        self::assertSame(58.0, $cleaning->massOut);
        self::assertEquals(self::at('2026-09-05'), $cleaning->since);
    }

    public function test_a_working_ferment_is_not_rinsed_nor_started_again(): void
    {
        $cleaning = new CleaningCourse(self::crop('tomato'));
        $ferment = new FermentStarted(24.0, FermentCover::Cloth);
        $cleaning->fermentStarted($ferment, self::at('2026-08-01'));
        $this->assertRefused('record that you poured it off', static fn () => $cleaning->rinsed(self::at('2026-08-02')));
        $this->assertRefused('a ferment was working', static fn () => $cleaning->fermentStarted($ferment, self::at('2026-08-02')));
        self::assertSame(CleaningStage::Fermenting, $cleaning->stage);
    }

    public function test_winnowing_cannot_add(): void
    {
        $cleaning = new CleaningCourse(self::crop('leek'));
        $cleaning->threshed(50.0, self::at('2026-09-01'));
        $this->assertRefused('51 g cannot come out of the 50 g', static fn () => $cleaning->winnowed(51.0, self::at('2026-09-02')));
    }

    public function test_drying_without_any_moisture_known_claims_none(): void
    {
        $drying = $this->drying(null);
        self::assertNull($drying->moisture());
        self::assertNull($drying->targetMass());
        self::assertNull($drying->basis);
        self::assertSame(DryingVerdict::Drying, $drying->verdict());
        foreach ($drying->weighings() as $weighing) {
            self::assertNull($weighing->moisture);
        }
    }

    public function test_a_starting_moisture_carries_through_every_weighing(): void
    {
        $drying = $this->drying(40.0);
        // 12 g of dry matter in 20 g.
        $drying->weighed(16.0, self::at('2026-08-02'));
        $drying->weighed(13.0, self::at('2026-08-05'));
        self::assertSame(MoistureBasis::StartingMoisture, $drying->basis);
        $moistures = array_map(static fn ($weighing): float => (float) $weighing->moisture, $drying->weighings());
        self::assertSixDigits(40.0, $moistures[0]);
        self::assertSixDigits(25.0, $moistures[1]);
        self::assertSixDigits(100 / 13, $moistures[2]);
        self::assertSixDigits(12 / 0.92, $drying->targetMass());
    }

    public function test_a_jar_reading_corrects_a_guessed_start(): void
    {
        $drying = $this->drying(60.0);
        $drying->weighed(11.0, self::at('2026-08-05'));
        $guessed = $drying->moisture();
        $drying->jarRead(new JarRead(35.0, 20.0), self::at('2026-08-06'));
        self::assertSame(MoistureBasis::JarRh, $drying->basis);
        self::assertSame(0.35, $drying->jarRh);
        self::assertNotEquals($guessed, $drying->moisture());
        // Tomato, oil 0.24, 35 % RH at 20 °C, in R: 8.3403 % of wet mass.
        self::assertEqualsWithDelta(8.34, $drying->moisture(), 0.01);
        $last = $drying->weighings()[1];
        self::assertSixDigits((float) $drying->moisture(), $last->moisture);
    }

    public function test_dry_enough_is_judged_to_the_tenth_as_it_is_shown(): void
    {
        // 12 g dry: at 8.04 % it shows as 8.0 %, which is the most for tomato; at 8.06 % it does not.
        $drying = $this->drying(40.0);
        $drying->weighed(12 / (1 - 0.0806), self::at('2026-08-05'));
        self::assertSame(DryingVerdict::Drying, $drying->verdict());
        $drying->weighed(12 / (1 - 0.0804), self::at('2026-08-06'));
        self::assertSame(DryingVerdict::DryEnough, $drying->verdict());
    }

    public function test_spread_again_begins_a_new_course(): void
    {
        $drying = $this->drying(40.0);
        $drying->weighed(13.0, self::at('2026-08-05'));
        $drying->spread(new Spread(DryingSurface::Tray, 18.0, null), self::at('2026-09-01'));
        self::assertNull($drying->moisture(), 'it took up water nobody measured');
        self::assertCount(1, $drying->weighings());
    }

    public function test_a_starting_moisture_without_a_weight_says_nothing(): void
    {
        $this->assertRefused('needs the mass it belongs to', static fn () => (new DryingCourse(self::crop('tomato')))
            ->spread(new Spread(DryingSurface::Mesh, null, 45.0), self::at('2026-08-01')));
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

    public function test_one_replicate_cannot_agree_with_itself(): void
    {
        $test = $this->test(1, 10);
        $test->counted(new TestCounted('t', [9], [0]), self::at('2026-03-07'));
        self::assertNull($test->agreement());
    }

    public function test_a_test_ends_once_after_a_count_and_takes_none_afterwards(): void
    {
        $test = $this->test(1, 10);
        $this->assertRefused('if nothing came up, count 0', static fn () => $test->ended(self::at('2026-03-10')));
        $test->counted(new TestCounted('t', [0], [0]), self::at('2026-03-10'));
        $test->ended(self::at('2026-03-15'));
        self::assertSame(0, $test->undecided());
        self::assertNull($test->speed(), 'nothing came up, so nothing was fast or slow');
        self::assertNull($test->nextCountDay());
        $this->assertRefused('was ended on 15 March 2026', static fn () => $test->counted(new TestCounted('t', [1], [0]), self::at('2026-03-16')));
        $this->assertRefused('ended on 15 March 2026, 00:00 already', static fn () => $test->ended(self::at('2026-03-16')));
    }

    private function drying(?float $moisture): DryingCourse
    {
        $drying = new DryingCourse(self::crop('tomato'));
        $drying->spread(new Spread(DryingSurface::Mesh, 20.0, $moisture), self::at('2026-08-01'));

        return $drying;
    }

    private function test(int $replicates, int $seeds): TestCourse
    {
        return new TestCourse(new TestStarted('t', $seeds, $replicates, 18.0, TestMethod::Dish), self::at('2026-03-01 18:00'), self::crop('onion'));
    }

    private function assertRefused(string $says, \Closure $act): void
    {
        try {
            $act();
        } catch (EntryRefused $refused) {
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
