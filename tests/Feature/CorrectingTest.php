<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JournalEntry;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What was recorded wrongly is put right, and everything follows. */
final class CorrectingTest extends TestCase
{
    public function test_an_entry_is_corrected_in_one_act_and_shown_as_one(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $wrong = $keeper->records($lot, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 500]);
        $lines = count($this->entries($lot));

        $right = $keeper->sends(['replaces' => $wrong] + $keeper->draft($lot, 'withdrawn', '2026-09-02T09:00', ['purpose' => 'gift', 'seeds' => 50]))->assertOk()->json('answers.0.entry');
        $entries = $this->entries($lot);
        self::assertCount($lines, $entries);
        self::assertSame($right, $entries[0]['id']);
        self::assertStringContainsString('500 seeds', str_replace("\u{00A0}", ' ', $entries[0]['was']));
        self::assertSame('3 550 seeds, 10.7 g', str_replace("\u{00A0}", ' ', $keeper->section($lot, 'store')['stock']));
        self::assertSame(1, JournalEntry::query()->where('id', $wrong)->count(), 'nothing is lost');
    }

    public function test_an_entry_made_on_the_wrong_lot_is_moved_to_the_right_one(): void
    {
        $keeper = new Keeper($this);
        $one = $keeper->storedTomato('Sluice Gate');
        $other = $keeper->storedTomato('Harbour Light');
        $entry = $keeper->records($one, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 100]);
        $keeper->sends(['replaces' => $entry] + $keeper->draft($other, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 100]))->assertOk();
        self::assertSame('3 600 seeds, 10.8 g', str_replace("\u{00A0}", ' ', $keeper->section($one, 'store')['stock']));
        self::assertSame('3 500 seeds, 10.5 g', str_replace("\u{00A0}", ' ', $keeper->section($other, 'store')['stock']));
        self::assertTrue(collect($this->entries($one))->firstWhere('id', $entry)['struck'], 'it stays to be seen where it was, struck through');
    }

    public function test_sent_back_as_it_was_shown_an_entry_keeps_its_figures_in_any_units(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $before = JournalEntry::query()->where('kind', '!=', 'struck')->pluck('payload', 'id');
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        foreach ($this->entries($lot) as $entry) {
            $draft = $keeper->draft($lot, $entry['kind'], $entry['happened_at'], array_map(self::typed(...), $entry['payload']));
            $answer = $keeper->sends(['replaces' => $entry['id']] + $draft)->assertOk()->json('answers.0');
            $now = JournalEntry::query()->where('id', $answer['entry'])->value('payload');
            self::assertEquals($before[$entry['id']], $now, $entry['kind']);
        }
    }

    public function test_what_is_typed_bare_is_in_the_keepers_units_and_what_names_its_unit_is_in_that(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety()), '2026-09-01T10:00');
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        $keeper->records($lot, 'rinsed', '2026-09-01T11:00');
        $keeper->records($lot, 'spread', '2026-09-01T12:00', ['surface' => 'mesh', 'mass_g' => '1']);
        $keeper->records($lot, 'weighed', '2026-09-03T12:00', ['mass_g' => '20 g']);
        $masses = JournalEntry::query()->whereIn('kind', ['spread', 'weighed'])->orderBy('ord')->get()->map(static fn (JournalEntry $row): float => json_decode($row->payload, true)['mass_g'])->all();
        self::assertEqualsWithDelta([28.349523125, 20.0], $masses, 1e-9);
    }

    public function test_a_correction_of_what_is_not_there_or_was_corrected_already_changes_nothing(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $note = $keeper->draft($lot, 'noted', '2026-09-01T09:00', ['text' => 'Fine']);
        $count = JournalEntry::query()->count();
        $keeper->sends(['replaces' => (string) Str::uuid7()] + $note)->assertStatus(422);
        self::assertSame($count, JournalEntry::query()->count());
    }

    /** As the browser sends it: text, or true and false. */
    private static function typed(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::typed(...), $value),
            is_int($value), is_float($value) => (string) $value,
            default => $value ?? '',
        };
    }

    /** @return list<array<string, mixed>> newest first */
    private function entries(string $lot): array
    {
        return $this->getJson("/api/lots/$lot")->assertOk()->json('entries');
    }
}
