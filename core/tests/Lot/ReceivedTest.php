<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Place;

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

    /** @param  array<string, mixed>  $payload */
    private function received(array $payload): Diary
    {
        $diary = new Diary(self::crop('onion'), null);
        $diary->record('received', '2025-03-01', $payload);

        return $diary;
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
