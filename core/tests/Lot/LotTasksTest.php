<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Testing\TestingTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\TaskKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** What is due when, in each stage, worked out by hand from the dates. */
final class LotTasksTest extends CoreTestCase
{
    #[DataProvider('rests')]
    public function test_picked_fruit_and_heads_rest_before_they_are_cleaned(string $crop, TaskKind $kind, string $opens, string $latest, bool $losesSeed): void
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('picked', '2026-08-01 10:00', ['plants' => 4, 'fruits' => 8]);
        $task = $this->only($diary);
        self::assertSame($kind, $task->kind);
        self::assertSame(Place::Bench, $task->place);
        self::assertSame($opens, $task->opens->format('Y-m-d'));
        self::assertSame($latest, $task->latest?->format('Y-m-d'));
        self::assertSame($losesSeed, $task->loss === Loss::Seed);
        self::assertGreaterThanOrEqual($task->opens, $task->best);
        self::assertLessThanOrEqual($task->latest, $task->best);
    }

    /** @return iterable<string, array{string, TaskKind, string, string, bool}> */
    public static function rests(): iterable
    {
        yield 'tomatoes at once' => ['tomato', CleaningTask::StartFerment, '2026-08-01', '2026-08-08', true];
        yield 'cucumbers after ten days' => ['cucumber', CleaningTask::StartFerment, '2026-08-12', '2026-08-26', true];
        yield 'squash after curing' => ['squash-pepo', CleaningTask::Wash, '2026-08-22', '2026-10-24', true];
        yield 'peppers at once' => ['pepper', CleaningTask::Wash, '2026-08-01', '2026-08-15', true];
        yield 'leek heads when they shed' => ['leek', CleaningTask::Thresh, '2026-08-15', '2026-09-30', false];
        yield 'pea pods when they rattle' => ['pea', CleaningTask::Thresh, '2026-08-06', '2026-08-22', false];
    }

    public function test_a_kind_that_dies_when_it_dries_is_only_ever_to_be_sown(): void
    {
        $diary = new Diary(self::crop('wild-rice'));
        $diary->record('picked', '2026-09-01 10:00', ['plants' => 4, 'fruits' => 8]);
        $diary->record('threshed', '2026-09-03 10:00', ['mass_g' => 90]);
        $diary->record('winnowed', '2026-09-03 11:00', ['mass_g' => 60]);
        $task = $this->only($diary);
        self::assertSame(DryingTask::SowFresh, $task->kind);
        // In cold water it lives for eight months: 244 days.
        self::assertSame('2027-05-03', $task->latest?->format('Y-m-d'));
        $diary->insist('spread', '2026-09-03 12:00', ['surface' => 'mesh', 'mass_g' => 60]);
        self::assertSame(DryingTask::SowFresh, $this->only($diary)->kind, 'it has no business on the racks');
        self::assertSame(DryingVerdict::MustNotDry, $diary->course()->drying->verdict());
        self::assertNull($diary->course()->drying->targetMass());
        $diary->record('stored', '2026-09-04 12:00', ['container' => 'jar', 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60, 'mass_g' => 58]);
        self::assertSame(DryingTask::SowFresh, $this->only($diary)->kind);
        self::assertNull($diary->course()->forecast(), 'the equation does not hold for it');
        self::assertFalse($diary->course()->storing->isShutInDamp(), 'damp is how it lives');
    }

    public function test_a_second_picking_puts_the_cleaning_off(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 8]);
        $diary->record('picked', '2026-08-05', ['plants' => 3, 'fruits' => 6]);
        self::assertSame('2026-08-12', $this->only($diary)->latest?->format('Y-m-d'));
        self::assertSame(4, $diary->course()->origin->plants(), 'the same plants picked twice are not more plants');
        self::assertSame(14, $diary->course()->origin->fruits());
    }

    public function test_what_has_been_watered_must_be_rinsed_within_two_hours_and_spread_within_the_day(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 8]);
        $diary->record('ferment_started', '2026-08-01 12:00', ['temperature_c' => 21, 'cover' => 'cloth']);
        $diary->record('poured_off', '2026-08-04 12:00', ['passes' => 3]);
        $rinse = $this->only($diary);
        self::assertSame('2026-08-04 14:00', $rinse->latest?->format('Y-m-d H:i'));
        self::assertTrue($rinse->loss === Loss::Seed);
        $diary->record('rinsed', '2026-08-04 12:30');
        self::assertSame('2026-08-05 00:30', $this->only($diary)->latest?->format('Y-m-d H:i'));
    }

    public function test_wet_seed_is_weighed_daily_at_first_and_dry_cleaned_seed_every_second_day(): void
    {
        $wet = new Diary(self::crop('pepper'));
        $wet->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 8]);
        $wet->record('rinsed', '2026-08-02 08:00');
        $wet->record('spread', '2026-08-02 09:00', ['surface' => 'plate', 'mass_g' => 20]);
        self::assertSame('2026-08-03 09:00', $this->of($wet, DryingTask::Weigh)->best->format('Y-m-d H:i'));
        $wet->record('weighed', '2026-08-06 09:00', ['mass_g' => 12]);
        self::assertSame('2026-08-08 09:00', $this->only($wet)->best->format('Y-m-d H:i'), 'past the first three days');

        $dry = new Diary(self::crop('pea'));
        $dry->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 80]);
        $dry->record('threshed', '2026-08-10');
        $dry->record('winnowed', '2026-08-10 12:00');
        $dry->record('spread', '2026-08-11 09:00', ['surface' => 'tray', 'mass_g' => 200]);
        self::assertSame('2026-08-13 09:00', $this->only($dry)->best->format('Y-m-d H:i'));
        self::assertNull($this->only($dry)->latest, 'waiting costs nothing');
    }

    public function test_counts_follow_the_crops_days_and_the_last_one_asks_for_an_end(): void
    {
        // Onion: first count on day 6, last on day 12.
        $diary = $this->inStore('onion', 5000);
        $diary->record('test_started', '2026-03-01 18:00', ['test' => 't', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 18, 'method' => 'dish']);
        $count = static fn (string $at, int $new) => $diary->record('test_counted', $at, ['test' => 't', 'normal' => [$new], 'abnormal' => [0]]);
        self::assertSame('2026-03-07 09:00', $this->of($diary, TestingTask::CountTest)->best->format('Y-m-d H:i'));
        $count('2026-03-05 09:00', 1);
        self::assertSame('2026-03-07', $this->of($diary, TestingTask::CountTest)->best->format('Y-m-d'), 'an early look does not move the first count');
        $count('2026-03-07 09:00', 20);
        self::assertSame('2026-03-09', $this->of($diary, TestingTask::CountTest)->best->format('Y-m-d'));
        $count('2026-03-12 09:00', 10);
        self::assertSame('2026-03-13', $this->of($diary, TestingTask::CountTest)->best->format('Y-m-d'), 'the last count is never stepped over');
        $count('2026-03-13 09:00', 1);
        self::assertSame(Place::Trays, $this->of($diary, TestingTask::EndTest)->place);
        $diary->record('test_ended', '2026-03-13 10:00', ['test' => 't']);
        self::assertNotContains(TestingTask::EndTest, $this->kinds($diary));
    }

    public function test_a_test_in_which_all_is_decided_asks_for_its_end_early(): void
    {
        $diary = $this->inStore('onion', 5000);
        $diary->record('test_started', '2026-03-01', ['test' => 't', 'replicates' => 1, 'seeds' => 20, 'temperature_c' => 18, 'method' => 'dish']);
        $diary->record('test_counted', '2026-03-07', ['test' => 't', 'normal' => [19], 'abnormal' => [1]]);
        self::assertContains(TestingTask::EndTest, $this->kinds($diary));
    }

    public function test_stored_seed_wants_a_test_unless_a_test_would_eat_it(): void
    {
        self::assertContains(KeepingTask::TestFirst, $this->kinds($this->inStore('onion', 5000)));
        self::assertNotContains(KeepingTask::TestFirst, $this->kinds($this->inStore('onion', 30)));
    }

    public function test_growing_out_is_due_before_the_forecast_falls_below_the_crops_minimum(): void
    {
        $diary = $this->inStore('onion', 5000);
        $forecast = $diary->course()->forecast();
        self::assertNotNull($forecast);
        $seasons = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === KeepingTask::GrowOut));
        // Onion is sown from February to April, and in August; past its edge it wants a test.
        self::assertLessThanOrEqual($forecast->reachesEarliest(0.70), $seasons[0]->latest);
        foreach ($seasons as $season) {
            self::assertContains((int) $season->opens->format('n'), [2, 8]);
            self::assertEquals($season->latest, $season->lapses, 'when its season is over it waits for the next');
            self::assertLessThanOrEqual($forecast->reachesEarliest(0.70), $season->opens);
        }
        self::assertCount(3, array_filter($this->inStore('onion', 30)->course()->tasks(), static fn (Task $task): bool => $task->kind === KeepingTask::GrowOut), 'of so little a test would leave nothing');
    }

    public function test_what_was_sown_from_it_has_its_time_and_what_was_picked_of_that_settles_it(): void
    {
        $diary = $this->inStore('lettuce', 5000);
        $this->tested($diary, '2025-11-01', 52);
        $seasons = static fn (array $grownOut): array => array_values(array_map(static fn (Task $task): string => $task->opens->format('Y-m'), array_filter(
            LotCourse::fold(new LotFacts('L1', self::crop('lettuce'), null, [], false, null, null, null, [], null, false, $grownOut), $diary->entries(), new Practice)->tasks(),
            static fn (Task $task): bool => $task->kind === KeepingTask::GrowOut,
        )));
        self::assertSame(['2026-03', '2026-08', '2027-03'], $seasons([]), 'never before it was tested, never in December');
        $sown = ['sown' => new \DateTimeImmutable('2026-04-02'), 'picked' => null];
        self::assertSame('2027-03', $seasons([$sown])[0], 'it grows; if it gives no seed the next season asks again');
        self::assertSame([], $seasons([['sown' => $sown['sown'], 'picked' => new \DateTimeImmutable('2026-09-01')]]));
    }

    /** Windows of both end with April; 300 days of an annual, 660 of what blooms in its second year. */
    #[TestWith(['lettuce', '2026-07-04', '2027-03'])]
    #[TestWith(['lettuce', '2026-07-05', '2027-08'])]
    #[TestWith(['onion', '2025-07-09', '2027-02'])]
    #[TestWith(['onion', '2025-07-10', '2027-08'])]
    public function test_what_was_sown_from_it_is_given_its_days_to_give_seed(string $crop, string $sown, string $next): void
    {
        $diary = $this->inStore($crop, 5000);
        $this->tested($diary, '2025-11-01', 52);
        $facts = new LotFacts('L1', self::crop($crop), null, [], false, null, null, null, [], null, false, [['sown' => new \DateTimeImmutable($sown), 'picked' => null]]);
        $seasons = array_values(array_filter(LotCourse::fold($facts, $diary->entries(), new Practice)->tasks(), static fn (Task $task): bool => $task->kind === KeepingTask::GrowOut));
        self::assertSame($next, $seasons[0]->opens->format('Y-m'));
    }

    public function test_a_tested_lot_is_tested_again_when_it_may_have_fallen_but_not_within_the_year(): void
    {
        $diary = $this->inStore('onion', 5000);
        $this->tested($diary, '2025-11-01', 78);
        $again = $this->of($diary, KeepingTask::TestAgain);
        self::assertSame('2026-11-01', $again->best->format('Y-m-d'), 'it may have fallen already, but a year is soon enough');

        $lasting = $this->inStore('squash-pepo', 500);
        $this->tested($lasting, '2025-11-01', 98);
        $forecast = $lasting->course()->forecast();
        self::assertNotNull($forecast);
        $best = $this->of($lasting, KeepingTask::TestAgain)->best;
        self::assertLessThanOrEqual(new \DateTimeImmutable('2028-11-02'), $best, 'whatever the forecast says, three years are enough');
        self::assertLessThanOrEqual($forecast->reachesEarliest(0.75) > new \DateTimeImmutable('2026-11-01') ? $forecast->reachesEarliest(0.75) : new \DateTimeImmutable('2026-11-01'), $best);
    }

    public function test_a_lot_that_failed_its_test_wants_growing_out_not_another_test(): void
    {
        $diary = $this->inStore('onion', 5000);
        $this->tested($diary, '2025-11-01', 52);
        self::assertNotContains(KeepingTask::TestAgain, $this->kinds($diary));
        self::assertContains(KeepingTask::GrowOut, $this->kinds($diary));
    }

    public function test_every_offer_of_every_stage_can_be_made_and_the_first_does_what_is_due(): void
    {
        $first = static fn (Diary $diary): string => $diary->course()->offers()[0]->kind->name;
        $diary = new Diary(self::crop('tomato'));
        $diary->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 8]);
        self::assertSame('ferment_started', $first($diary));
        $diary->record('ferment_started', '2026-08-01 12:00', ['temperature_c' => 24, 'cover' => 'cloth']);
        self::assertSame('poured_off', $first($diary));
        $diary->record('poured_off', '2026-08-03 20:00', ['passes' => 3]);
        self::assertSame('rinsed', $first($diary));
        $diary->record('rinsed', '2026-08-03 20:10');
        self::assertSame('spread', $first($diary));
        $diary->record('spread', '2026-08-03 20:20', ['surface' => 'plate', 'mass_g' => 20, 'moisture' => 50]);
        self::assertSame('raked', $first($diary));
        $diary->record('raked', '2026-08-05', ['dry_outside' => true]);
        self::assertSame('weighed', $first($diary));
        $diary->record('weighed', '2026-08-08', ['mass_g' => 10.7]);
        self::assertSame('stored', $first($diary));
        $diary->record('stored', '2026-08-09', ['container' => 'jar', 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 50, 'mass_g' => 10.7, 'seeds' => 3500]);
        self::assertSame('withdrawn', $first($diary));
        $diary->record('withdrawn', '2026-08-10', ['purpose' => 'lost', 'seeds' => 3500]);
        self::assertSame(['stored', 'seen', 'noted'], array_map(static fn ($offer): string => $offer->kind->name, $diary->course()->offers()), 'an empty jar can only be filled again, or found not to be empty');
    }

    private function inStore(string $crop, int $seeds): Diary
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('picked', '2025-08-20', ['plants' => 10, 'fruits' => 10]);
        self::crop($crop)->isWetCleaned() ? $diary->record('rinsed', '2025-09-20') : $diary->record('threshed', '2025-09-20');
        $diary->record('jar_read', '2025-09-29', ['rh' => 33, 'temperature_c' => 20]);
        $diary->record('stored', '2025-10-01', ['container' => 'jar', 'place' => 'Cupboard', 'temperature_c' => 18, 'rh' => 50, 'seeds' => $seeds]);

        return $diary;
    }

    private function tested(Diary $diary, string $at, int $up): void
    {
        $diary->record('test_started', $at, ['test' => 't', 'replicates' => 1, 'seeds' => 100, 'temperature_c' => 18, 'method' => 'dish']);
        $end = (new \DateTimeImmutable($at))->modify('+14 days')->format('Y-m-d');
        $diary->record('test_counted', $end, ['test' => 't', 'normal' => [$up], 'abnormal' => [0]]);
        $diary->record('test_ended', $end.' 12:00', ['test' => 't']);
    }

    private function only(Diary $diary): Task
    {
        $tasks = $diary->course()->tasks();
        self::assertCount(1, $tasks);

        return $tasks[0];
    }

    private function of(Diary $diary, TaskKind $kind): Task
    {
        foreach ($diary->course()->tasks() as $task) {
            if ($task->kind === $kind) {
                return $task;
            }
        }
        self::fail("There is no such task: $kind->value");
    }

    /** @return list<TaskKind> */
    private function kinds(Diary $diary): array
    {
        return array_map(static fn (Task $task): TaskKind => $task->kind, $diary->course()->tasks());
    }
}
