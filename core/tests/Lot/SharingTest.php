<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Lot\Sharing;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Sharing\Gift;
use Marrow\Core\Steps\Sharing\SharingTask;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Task;

/** What may be passed on of a lot, who has seed of it, and who must hear that it is crossed. */
final class SharingTest extends CoreTestCase
{
    private const NOW = '2026-11-01';

    public function test_sound_seed_beyond_the_reserve_may_be_passed_on(): void
    {
        $diary = self::tested([46, 45]);
        self::assertSame(Sharing::Fine, self::of($diary));
        $diary->record('reserved', '2026-10-20', ['seeds' => 1400]);
        self::assertSame(Sharing::NoneToSpare, self::of($diary));
        $diary->record('reserved', '2026-10-21', ['seeds' => 100]);
        self::assertSame(Sharing::Fine, self::of($diary));
        self::assertSame(Sharing::Hybrid, self::of($diary, hybrid: true));
    }

    public function test_what_came_out_poor_or_is_too_long_ago_is_kept_back(): void
    {
        self::assertSame(Sharing::Poor, self::of(self::tested([30, 31])));
        self::assertSame(Sharing::Stale, self::of(self::tested([46, 45]), at: '2034-01-01'));
    }

    public function test_what_nobody_tested_stands_on_the_list_as_such(): void
    {
        $diary = self::received([]);
        self::assertSame(Sharing::Untested, self::of($diary));
        self::assertSame(Sharing::Old, self::of(self::received(['year' => 2020])), 'lettuce usually lasts four years');
        self::assertSame(Sharing::Untested, self::of(self::received(['year' => 2023])));
        self::assertTrue(Sharing::Untested->isOffered());
        self::assertFalse(Sharing::Poor->isOffered());
    }

    public function test_terms_treatment_and_what_nobody_counted_keep_it_back(): void
    {
        self::assertSame(Sharing::Terms, self::of(self::received(['terms' => 'not to be passed on'])));
        self::assertSame(Sharing::Treated, self::of(self::received(['treated' => true])));
        self::assertSame(Sharing::NotCounted, self::of(self::received([], count: false)));
    }

    public function test_what_is_crossed_is_never_passed_on(): void
    {
        self::assertSame(Sharing::Crossed, Sharing::of(self::course(self::tested([46, 45]), '2026-10-25'), false, new \DateTimeImmutable(self::NOW)));
    }

    public function test_damp_and_living_things_do_not_travel(): void
    {
        $diary = self::tested([46, 45]);
        $diary->record('bathed', '2026-10-30 10:00', ['temperature_c' => 50, 'minutes' => 20]);
        self::assertSame(Sharing::Damp, self::of($diary, at: '2026-10-30 12:00'));
        $garlic = new Diary(self::crop('garlic'), null, self::places());
        $garlic->record('received', '2026-10-01', ['how' => 'given', 'seeds' => 40]);
        self::assertSame(Sharing::KeptAlive, self::of($garlic));
    }

    public function test_gifts_and_swaps_are_remembered_and_what_is_sown_or_lost_is_not_one(): void
    {
        $diary = self::tested([46, 45]);
        foreach (['gift', 'swap', 'sowing', 'lost', 'eaten', 'spoilt', 'discarded'] as $n => $purpose) {
            $diary->record('withdrawn', sprintf('2026-10-%d', 20 + $n), ['purpose' => $purpose, 'seeds' => 10, 'to' => 'Tove']);
        }
        self::assertSame(['2026-10-20', '2026-10-21'], array_values(array_map(static fn (Gift $gift): string => $gift->at->format('Y-m-d'), $diary->course()->sharing->gifts)));
    }

    public function test_a_crossing_calls_back_what_was_given_until_each_was_told(): void
    {
        $diary = self::tested([46, 45]);
        $tove = $diary->record('withdrawn', '2026-10-20', ['purpose' => 'gift', 'seeds' => 40, 'to' => 'Tove']);
        $diary->record('withdrawn', '2026-10-21', ['purpose' => 'swap', 'mass_g' => 1, 'to' => 'Odile']);
        $diary->record('withdrawn', '2026-10-22', ['purpose' => 'gift', 'seeds' => 5]);
        self::assertSame([], self::calls(self::course($diary)), 'as long as nobody knows of a crossing');
        self::assertSame(['Tove', 'Odile'], self::calls(self::course($diary, '2026-10-25')), 'who was not named cannot be told');
        $told = $diary->record('called_back', '2026-10-26', ['gift' => $tove, 'answer' => 'not sown yet']);
        self::assertSame(['Odile'], self::calls(self::course($diary, '2026-10-25')));
        $diary->strike($told);
        self::assertSame(['Tove', 'Odile'], self::calls(self::course($diary, '2026-10-25')));
    }

    public function test_it_is_wanted_from_the_day_on_which_it_came_to_light_or_was_given_after_that(): void
    {
        $diary = self::tested([46, 45]);
        $diary->record('withdrawn', '2026-10-20', ['purpose' => 'gift', 'seeds' => 40, 'to' => 'Tove']);
        $diary->record('withdrawn', '2026-10-28', ['purpose' => 'gift', 'seeds' => 40, 'to' => 'Marek']);
        self::assertSame(['2026-10-25', '2026-10-28'], array_map(static fn (Task $task): string => $task->opens->format('Y-m-d'), self::tasks(self::course($diary, '2026-10-25'))));
    }

    public function test_what_was_never_given_cannot_be_called_back(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('No seed of this lot was given away then.');
        self::tested([46, 45])->record('called_back', '2026-10-26', ['gift' => 'nothing']);
    }

    public function test_a_gift_that_is_struck_is_called_back_from_nobody(): void
    {
        $diary = self::tested([46, 45]);
        $gift = $diary->record('withdrawn', '2026-10-20', ['purpose' => 'gift', 'seeds' => 40, 'to' => 'Tove']);
        $diary->strike($gift);
        self::assertSame([], self::calls(self::course($diary, '2026-10-25')));
    }

    private static function of(Diary $diary, bool $hybrid = false, string $at = self::NOW): Sharing
    {
        return Sharing::of($diary->course(), $hybrid, new \DateTimeImmutable($at));
    }

    private static function course(Diary $diary, ?string $crossedAt = null): LotCourse
    {
        $facts = new LotFacts('L1', self::crop('onion'), new \DateTimeImmutable('2025-03-01'), self::places(), $crossedAt !== null, null, null, $crossedAt === null ? null : new \DateTimeImmutable($crossedAt));

        return LotCourse::fold($facts, array_map(static fn (Entry $entry): Entry => $entry, $diary->entries()), new Practice);
    }

    /** @return list<Task> */
    private static function tasks(LotCourse $course): array
    {
        return array_values(array_filter($course->tasks(), static fn (Task $task): bool => $task->kind === SharingTask::CallBack));
    }

    /** @return list<string> who is to be told */
    private static function calls(LotCourse $course): array
    {
        return array_map(static fn (Task $task): string => (string) $task->figures['to'], self::tasks($course));
    }

    /** @param  array{int, int}  $up  of fifty each */
    private static function tested(array $up): Diary
    {
        $diary = new Diary(self::crop('onion'), '2025-03-01', self::places());
        $diary->record('picked', '2026-08-20', ['plants' => 30, 'fruits' => 60, 'mass_g' => 5000]);
        $diary->record('threshed', '2026-09-05');
        $diary->record('winnowed', '2026-09-05');
        $diary->record('stored', '2026-09-20', ['container' => 'paper_envelope', 'place_id' => 'shelf', 'seeds' => 1500]);
        $diary->record('test_started', '2026-10-01', ['test' => 't', 'replicates' => 2, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        $diary->record('test_counted', '2026-10-13', ['test' => 't', 'normal' => $up, 'abnormal' => [0, 0]]);
        $diary->record('test_ended', '2026-10-13', ['test' => 't']);

        return $diary;
    }

    /** @param  array<string, mixed>  $told */
    private static function received(array $told, bool $count = true): Diary
    {
        $diary = new Diary(self::crop('lettuce'), null, self::places());
        $diary->record('received', '2026-10-01', ['how' => 'bought', 'from' => 'A shop', ...($count ? ['seeds' => 300] : []), ...$told]);
        $diary->insist('stored', '2026-10-02', ['container' => 'paper_envelope', 'place_id' => 'shelf']);

        return $diary;
    }

    /** @return array<string, StoredAt> */
    private static function places(): array
    {
        return ['shelf' => new StoredAt('Shelf', 12.0, 45.0)];
    }
}
