<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Botany\Caution;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Question;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Steps\Origin\Received;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Place;
use PHPUnit\Framework\Attributes\DataProvider;

/** Seed that was not grown here. */
final class ReceivedTest extends CoreTestCase
{
    public function test_it_comes_clean_and_can_be_put_away_at_once(): void
    {
        $diary = $this->received(['how' => 'bought', 'from' => 'Harbour Seeds', 'year' => 2023, 'claimed' => '85 %']);
        $lot = $diary->course();
        self::assertSame(Place::Bench, $lot->place());
        self::assertSame(2023, $lot->origin->year());
        self::assertSame(0.85, $lot->origin->received?->claimed);
        self::assertSame('stored', $lot->offers()[0]->kind->name);
        self::assertNotContains('threshed', array_map(static fn ($offer): string => $offer->kind->name, $lot->offers()));
        self::assertSame([], $lot->tasks(), 'there is nothing to thresh, winnow or dry');

        $diary->record('stored', '2025-03-02', ['container' => 'paper_envelope', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 200]);
        self::assertNull($diary->course()->forecast(), 'nobody knows how old it was, nor how it was kept');
        self::assertSame(Counsel::PastUnknown, $diary->course()->advice(new \DateTimeImmutable('2025-06-01'))?->counsel);
        self::assertSame(['test_first'], array_map(static fn ($task): string => $task->kind->value, $diary->course()->tasks()));
    }

    public function test_what_came_in_its_fruit_is_cleaned_here_first(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('received', '2026-09-01 10:00', ['how' => 'given', 'uncleaned' => true, 'mass_g' => 800]);
        $lot = $diary->course();
        self::assertSame(Place::Bench, $lot->place());
        self::assertFalse($lot->cleaning->isOut());
        self::assertNull($lot->stock->stock->seeds(), 'what the fruit weighs is not what the seed does');
        $offered = array_map(static fn ($offer): string => $offer->kind->name, $lot->offers());
        self::assertSame('ferment_started', $offered[0]);
        self::assertNotContains('stored', $offered);
        [$task] = $lot->tasks();
        self::assertSame('start_ferment', $task->kind->value);
        self::assertSame('2026-09-01', $task->opens->format('Y-m-d'));

        $diary->record('ferment_started', '2026-09-01 12:00', ['temperature_c' => 24, 'cover' => 'cloth']);
        $diary->record('poured_off', '2026-09-03 20:00', ['passes' => 4]);
        $diary->record('rinsed', '2026-09-03 20:20', []);
        self::assertContains('spread', array_map(static fn ($offer): string => $offer->kind->name, $diary->course()->offers()));
        $this->expectExceptionMessage('only 800 g were there in fruit, pods or heads');
        $diary->record('spread', '2026-09-03 20:30', ['surface' => 'plate', 'mass_g' => 801]);
    }

    public function test_a_number_of_fruits_is_not_taken_for_one_of_seeds(): void
    {
        $diary = new Diary(self::crop('tomato'));
        self::assertSame(['seeds'], self::asked($diary, 'received', '2026-09-01', ['how' => 'given', 'uncleaned' => true, 'seeds' => 4]));
        self::assertSame([], self::asked($diary, 'received', '2026-09-01', ['how' => 'given', 'seeds' => 4]));
    }

    #[DataProvider('firstTests')]
    public function test_what_came_in_one_day_is_tested_over_the_winter_the_older_the_sooner(?int $year, string $came, string $from, string $to): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('received', "$came 10:00", ['how' => 'bought', ...($year === null ? [] : ['year' => $year])]);
        $diary->record('stored', "$came 12:00", ['container' => 'paper_envelope', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 200]);
        $test = array_values(array_filter($diary->course()->tasks(), static fn ($task): bool => $task->kind === KeepingTask::TestFirst))[0];
        self::assertGreaterThanOrEqual($from, $test->best->format('Y-m-d'));
        self::assertLessThanOrEqual($to, $test->best->format('Y-m-d'));
    }

    /** @return iterable<string, array{?int, string, string, string}> */
    public static function firstTests(): iterable
    {
        yield 'past its ordinary years' => [2010, '2026-08-28', '2026-11-01', '2026-11-22'];
        yield 'of an unknown year' => [null, '2026-08-28', '2026-11-01', '2026-11-22'];
        yield 'young' => [2025, '2026-08-28', '2027-01-10', '2027-03-01'];
        yield 'old, and it came when the winter was under way' => [2010, '2026-12-10', '2027-01-07', '2027-01-28'];
        yield 'young, and it came when the winter was over' => [2025, '2026-02-20', '2026-03-20', '2026-05-10'];
    }

    /** 28 days after 20 February; of the 30 days left 27, as it has lived 0.44 of 5 years; and one by its number. */
    public function test_of_a_winter_that_is_past_a_month_is_left(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('received', '2026-02-20 10:00', ['how' => 'bought', 'year' => 2025]);
        $diary->record('stored', '2026-02-20 12:00', ['container' => 'paper_envelope', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 200]);
        $test = array_values(array_filter($diary->course()->tasks(), static fn ($task): bool => $task->kind === KeepingTask::TestFirst))[0];
        self::assertSame('2026-04-17', $test->best->format('Y-m-d'));
    }

    public function test_once_tested_it_is_forecast_from_its_test(): void
    {
        $diary = $this->received(['how' => 'found']);
        $diary->record('stored', '2025-03-02', ['container' => 'paper_envelope', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 200]);
        $diary->record('test_started', '2025-03-03', ['test' => 't', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        $diary->record('test_counted', '2025-03-15', ['test' => 't', 'normal' => [45], 'abnormal' => [0]]);
        $diary->record('test_ended', '2025-03-20', ['test' => 't']);
        // 45 of 50, drawn a little to the 95 % of sound seed, of which nothing is known here.
        self::assertEqualsWithDelta(0.9, $diary->course()->forecast()?->shareAt(new \DateTimeImmutable('2025-03-03')), 0.005);
        self::assertNull($diary->course()->origin->year());
    }

    public function test_what_cannot_be_is_refused_and_a_lot_begins_in_one_way(): void
    {
        self::refused('year', fn () => $this->received(['how' => 'given', 'year' => 2026]));
        self::refused('claimed', fn () => $this->received(['how' => 'given', 'claimed' => '140 %']));
        self::refused('how', fn () => $this->received(['how' => 'stolen']));
        $diary = $this->received(['how' => 'given']);
        self::refused('kind', static fn () => $diary->record('picked', '2025-08-01', ['plants' => 3, 'fruits' => 5]));
        // Given in its pods it is threshed here all the same.
        $diary->record('threshed', '2025-08-02');
        self::assertSame([], $diary->course()->adrift());
    }

    public function test_what_came_with_it_is_there_to_be_taken_from(): void
    {
        $diary = $this->received(['how' => 'bought', 'seeds' => 120, 'packed_for' => 2026, 'packet' => 'HS-7714']);
        $lot = $diary->course();
        self::assertSame(120.0, $lot->stock->stock->seeds());
        self::assertNull($lot->origin->year(), 'packed for a year is not ripened in one');
        self::assertSame(['HS-7714'], $lot->texts());

        $diary->record('withdrawn', '2025-03-05', ['purpose' => 'sowing', 'seeds' => 45]);
        self::assertSame(75.0, $diary->course()->stock->stock->seeds());
        // Put away without another count it is still what came, less what was taken.
        $diary->record('stored', '2025-03-06', ['container' => 'paper_envelope', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50]);
        self::assertSame(75.0, $diary->course()->stock->stock->seeds());
    }

    public function test_of_some_seed_nobody_says_how_much(): void
    {
        $diary = $this->received(['how' => 'found']);
        self::assertNull($diary->course()->stock->stock->seeds());
        self::assertFalse($diary->course()->isUsedUp());
    }

    public function test_seeds_too_heavy_for_their_kind_are_refused(): void
    {
        // Onion: about 3 to 4.5 g a thousand; a tenth of a gram each is a bean.
        self::refused('seeds', fn () => $this->received(['how' => 'given', 'seeds' => 100, 'mass_g' => 10]));
    }

    public function test_treated_seed_carries_its_caution_and_is_not_eaten_without_a_question(): void
    {
        $plain = $this->received(['how' => 'bought', 'seeds' => 100]);
        $treated = $this->received(['how' => 'bought', 'seeds' => 100, 'treated' => true]);
        self::assertNotContains(Caution::Treated, $plain->course()->cautions());
        self::assertContains(Caution::Treated, $treated->course()->cautions());
        self::assertSame([], self::asked($plain, 'withdrawn', '2025-03-05', ['purpose' => 'eaten', 'seeds' => 10]));
        self::assertSame(['purpose'], self::asked($treated, 'withdrawn', '2025-03-05', ['purpose' => 'eaten', 'seeds' => 10]));
        self::assertSame([], self::asked($treated, 'withdrawn', '2025-03-05', ['purpose' => 'sowing', 'seeds' => 10]));
    }

    public function test_what_is_told_of_it_must_hang_together(): void
    {
        self::refused('packed_for', fn () => $this->received(['how' => 'bought', 'year' => 2024, 'packed_for' => 2023]));
        self::refused('claimed', fn () => $this->received(['how' => 'bought', 'claimed_on' => '2024-11-03']));
        self::refused('claimed_on', fn () => $this->received(['how' => 'bought', 'claimed' => '90 %', 'claimed_on' => '2025-03-02']));
        $told = $this->received(['how' => 'trial', 'year' => 2024, 'packed_for' => 2025, 'claimed' => '90 %', 'claimed_on' => '2024-11-03', 'terms' => 'not to be sold']);
        self::assertSame('2024-11-03', $told->course()->origin->received?->claimedOn);
    }

    public function test_entries_from_before_more_was_asked_stand_as_they_were(): void
    {
        $kept = Received::kind()->revive(Received::class, ['how' => 'swapped', 'from' => 'Odile', 'year' => 2023, 'claimed' => 0.85]);
        self::assertInstanceOf(Received::class, $kept);
        self::assertSame(['swapped', 2023, null, '', false], [$kept->how, $kept->year, $kept->packedFor, $kept->packet, $kept->treated]);
    }

    /** @param  array<string, mixed>  $payload */
    private function received(array $payload): Diary
    {
        $diary = new Diary(self::crop('onion'), null);
        $diary->record('received', '2025-03-01', $payload);

        return $diary;
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return list<string> the fields that are asked about
     */
    private static function asked(Diary $diary, string $kind, string $at, array $payload): array
    {
        return array_map(static fn (Question $question): string => $question->field, $diary->asks($kind, $at, $payload)->questions);
    }

    private static function refused(string $field, \Closure $try): void
    {
        try {
            $try();
            self::fail("$field was not refused.");
        } catch (Refused $refused) {
            self::assertSame($field, $refused->path, $refused->getMessage());
        }
    }
}
