<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Rota;

use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Rota\Outlook;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;

/** What seed can still do, season by season. */
final class OutlookTest extends CoreTestCase
{
    public function test_without_a_forecast_it_goes_by_the_ordinary_years_of_the_crop(): void
    {
        // Lettuce keeps four years. R: pnorm(log(2 * 4 / age) / 0.5) at 4, 8 and 12 years.
        $chances = self::outlook(2027, 8)->ofLot(self::received('lettuce', 2023, 1000), 10);
        self::assertSixDigits(0.9171715, $chances[0]);
        self::assertSixDigits(0.5, $chances[4]);
        self::assertSixDigits(0.2087029, $chances[8]);
    }

    public function test_with_one_it_is_the_chance_that_enough_lives_at_the_sowing(): void
    {
        $lot = self::stored(1000);
        $forecast = $lot->forecast();
        self::assertNotNull($forecast);
        $chances = self::outlook(2027, 6)->ofLot($lot, 200);
        // 200 plants of 1,000 seeds, where eight of ten that germinate become plants, want a quarter alive.
        foreach ([0, 3, 6] as $year) {
            self::assertEqualsWithDelta(1.0 - $forecast->chanceBelow(200 / 800, new \DateTimeImmutable(2027 + $year.'-02-15')), $chances[$year], 1e-9);
        }
    }

    public function test_it_never_rises_more_seed_is_never_worse_and_too_little_renews_nothing(): void
    {
        $before = array_fill(0, 11, 0.0);
        foreach ([5, 12, 20, 60, 400, 4000] as $seeds) {
            $chances = self::outlook(2027, 10)->ofLot(self::stored($seeds), 10);
            foreach ($chances as $year => $chance) {
                self::assertGreaterThanOrEqual($before[$year], $chance);
                self::assertLessThanOrEqual($chances[max(0, $year - 1)], $chance);
            }
            $before = $chances;
        }
        self::assertSame(array_fill(0, 11, 0.0), self::outlook(2027, 10)->ofLot(self::stored(12), 10), 'twelve seeds give nine plants');
    }

    public function test_seed_that_is_gone_or_crossed_renews_nothing(): void
    {
        $crossed = new Diary(self::crop('lettuce'), crossed: true);
        $crossed->record('received', '2026-01-10', ['how' => 'given', 'seeds' => 1000, 'year' => 2025]);
        self::assertSame([0.0, 0.0, 0.0, 0.0], self::outlook(2027, 3)->ofLot($crossed->course(), 10));
    }

    public function test_new_seed_is_sound_in_its_first_year_and_ages_as_the_lot_beside_it(): void
    {
        $outlook = self::outlook(2027, 10);
        $room = $outlook->ofNewSeed(self::crop('onion'), null);
        self::assertSame(1.0, $room[0]);
        self::assertGreaterThan($room[6], $room[2]);
        // In the cold it keeps longer than in an ordinary room.
        $cold = $outlook->ofNewSeed(self::crop('onion'), self::stored(1000, 'onion', 4, 40));
        self::assertGreaterThan($room[6] + 0.1, $cold[6]);
    }

    public function test_how_many_growings_seed_suffices_for(): void
    {
        self::assertSame(3, Outlook::growings(100, 20, 0.9));
        self::assertSame(0, Outlook::growings(10, 20, 0.9));
        self::assertSame(8, Outlook::growings(1000, 20, 0.0), 'of seed a fifth of which lives; poorer seed nobody sows');
        self::assertNull(Outlook::growings(null, 20, 0.9));
    }

    private static function outlook(int $first, int $years): Outlook
    {
        return new Outlook($first, $years, new Practice);
    }

    private static function received(string $crop, int $year, int $seeds): LotCourse
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('received', '2026-01-10', ['how' => 'given', 'seeds' => $seeds, 'year' => $year]);

        return $diary->course();
    }

    private static function stored(int $seeds, string $crop = 'tomato', float $temperature = 18, float $rh = 50): LotCourse
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('received', '2025-10-10', ['how' => 'given', 'seeds' => $seeds, 'year' => 2025]);
        $diary->record('stored', '2025-10-11', ['container' => 'paper_envelope', 'place' => 'Shelf', 'temperature_c' => $temperature, 'rh' => $rh]);
        $diary->record('test_result', '2025-11-20', ['test' => 't1', 'seeds' => 50, 'up' => 44]);

        return $diary->course();
    }
}
