<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The tests of some lots bear on the forecasts of all, in lists and on worksheets alike. */
final class StorePaceTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_old_lots_that_come_up_well_move_the_forecast_of_one_that_was_never_tested(): void
    {
        $untested = $this->stored('Long Pond', 2024);
        $alone = $this->forecast($untested);
        self::assertStringNotContainsString('other lot', implode(' ', $alone['ground']));
        $last = '';
        foreach (['Sluice Gate', 'Harbour Light', 'Bell Tower', 'Quay Street', 'North Wall', 'Old Ferry'] as $name) {
            $last = $this->tested($this->stored($name, 2010), 47);
        }
        $taught = $this->forecast($untested);
        self::assertGreaterThan($alone['until'], $taught['until'], 'the near edge is later');
        self::assertMatchesRegularExpression('/By the tests of \d other lots, seed in this store lasts about 1\.\d times as long/', str_replace("\u{A0}", ' ', implode(' ', $taught['ground'])));

        $followed = DB::table('lot_standings')->orderBy('number')->pluck('good_until', 'number')->all();
        $pace = DB::table('lot_standings')->where('number', 1)->value('pace');
        Artisan::call('marrow:rebuild');
        self::assertSame($followed, DB::table('lot_standings')->orderBy('number')->pluck('good_until', 'number')->all(), 'lists have followed');
        self::assertSame($pace, DB::table('lot_standings')->where('number', 1)->value('pace'));

        // Each test but one struck: what they taught is forgotten.
        foreach (DB::table('journal_entries')->where('kind', 'test_ended')->where('id', '!=', $last)->pluck('id') as $entry) {
            self::assertIsString($entry);
            $this->keeper->strikes($entry);
        }
        $this->keeper->strikes($last);
        self::assertSame($alone['until'], $this->forecast($untested)['until']);
        self::assertSame(0, DB::table('lot_paces')->count());
    }

    public function test_a_lots_own_test_is_not_counted_twice(): void
    {
        $lot = $this->stored('Sluice Gate', 2010);
        $this->tested($lot, 47);
        self::assertSame(1, DB::table('lot_paces')->count());
        self::assertStringNotContainsString('other lot', implode(' ', $this->forecast($lot)['ground']), 'there is no other');
    }

    /** @return array{until: string, ground: list<string>} */
    private function forecast(string $lot): array
    {
        $until = DB::table('lot_standings')->where('number', (int) substr($lot, 1))->value('good_until');
        self::assertIsString($until);

        return ['until' => $until, 'ground' => $this->keeper->section($lot, 'store')['forecast']['ground']];
    }

    private function stored(string $name, int $year): string
    {
        $lot = $this->keeper->pick($this->keeper->sow($this->keeper->variety('tomato', $name), "$year-03-01T10:00"), "$year-08-01T10:00");
        $this->keeper->records($lot, 'rinsed', "$year-08-03T20:20");
        $this->keeper->records($lot, 'spread', "$year-08-03T20:30", ['surface' => 'plate', 'mass_g' => 20, 'moisture' => 50]);
        $this->keeper->records($lot, 'weighed', "$year-08-08T09:00", ['mass_g' => 10.8]);
        $this->keeper->records($lot, 'stored', "$year-08-09T09:00", ['container' => 'paper_envelope', 'place' => 'Shelf', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 10.8, 'seeds' => 3600]);

        return $lot;
    }

    /** @return string id of the entry that ends the test */
    private function tested(string $lot, int $up): string
    {
        $test = (string) Str::uuid7();
        $this->keeper->records($lot, 'test_started', '2025-03-01T10:00', ['test' => $test, 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 24, 'method' => 'dish']);
        $this->keeper->records($lot, 'test_counted', '2025-03-15T10:00', ['test' => $test, 'normal' => [$up], 'abnormal' => [0]]);

        return $this->keeper->records($lot, 'test_ended', '2025-03-16T10:00', ['test' => $test]);
    }
}
