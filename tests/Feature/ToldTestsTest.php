<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What is told of seed that comes counts for what it can, and says which. */
final class ToldTestsTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Hall cupboard', 'temperature' => 16, 'rh' => 50])->assertOk();
    }

    public function test_the_keepers_own_old_test_counts_as_any_other(): void
    {
        $sheet = $this->stored(['how' => 'own', 'year' => 2024, 'claimed' => '84 %', 'claimed_of' => 50, 'claimed_on' => '2026-02-10']);
        self::assertStringStartsWith('Sow it as usual: 84 %', self::plain($sheet['advice']));
        self::assertStringContainsString('Your own test, recorded when it came in: 84 % of 50 seeds, 10 February 2026.', self::plain((string) json_encode($sheet['sections'], JSON_UNESCAPED_UNICODE)));
        self::assertSame(0.84, round((float) DB::table('lot_standings')->value('rate'), 3));
        $lists = $this->getJson('/api/places/store?only=untested')->json('items');
        self::assertSame([], $lists, 'it was tested');
        $tasks = DB::table('tasks')->pluck('kind')->all();
        self::assertContains('test_again', $tasks);
        self::assertNotContains('test_first', $tasks);
    }

    public function test_what_a_seller_says_counts_as_twenty_five_seeds_at_the_most_and_only_with_its_day(): void
    {
        $sheet = $this->stored(['how' => 'bought', 'from' => 'the mill shop', 'claimed' => '92 %', 'claimed_of' => 400, 'claimed_on' => '2026-02-10']);
        $said = self::plain((string) json_encode($sheet['sections'], JSON_UNESCAPED_UNICODE));
        self::assertStringContainsString('As it was told: 92 %, 10 February 2026. Nobody knows how that was found: it counts as a test of 25 seeds.', $said);
        self::assertStringContainsString('as it was told', self::plain($sheet['advice']));
        $sheet = $this->stored(['how' => 'bought', 'from' => 'the mill shop', 'claimed' => '92 %']);
        self::assertStringContainsString('92 %; nobody knows when, so it is reckoned with nowhere', self::plain((string) json_encode($sheet['sections'], JSON_UNESCAPED_UNICODE)));
        self::assertStringNotContainsString('as it was told, ', self::plain($sheet['advice']));
    }

    public function test_a_test_of_ones_own_that_follows_goes_before_what_was_told(): void
    {
        $this->stored(['how' => 'given', 'from' => 'Odile', 'claimed' => '95 %', 'claimed_on' => '2025-02-10']);
        $this->keeper->records('L1', 'test_started', '2026-08-01T18:00', ['test' => 't', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 24, 'method' => 'dish']);
        $this->keeper->records('L1', 'test_counted', '2026-08-12T09:00', ['test' => 't', 'normal' => [30], 'abnormal' => [0]]);
        $this->keeper->records('L1', 'test_ended', '2026-08-14T09:00', ['test' => 't']);
        self::assertSame(0.6, round((float) DB::table('lot_standings')->value('rate'), 3));
    }

    public function test_about_so_much_is_said_as_such_until_it_is_counted(): void
    {
        $this->stored(['how' => 'own', 'seeds' => 200, 'about' => true]);
        self::assertStringContainsString('about 200', self::plain((string) $this->keeper->section('L1', 'store')['stock']));
        $this->keeper->records('L1', 'seen', '2026-09-13', ['seeds' => 187]);
        self::assertStringStartsWith('187 seeds', self::plain((string) $this->keeper->section('L1', 'store')['stock']));
    }

    public function test_doubles_in_a_list_and_against_the_store_are_said(): void
    {
        $lines = static fn (array ...$cells): array => array_map(static fn (array $one, int $i): array => ['id' => "l$i", 'cells' => $one], $cells, array_keys($cells));
        $weir = ['crop' => 'tomato', 'variety' => 'Weir', 'year' => '2023', 'seeds' => '40', 'place' => 'Hall cupboard'];
        $read = $this->postJson('/api/intake/read', ['lines' => $lines($weir, [...$weir, 'year' => '2024'], $weir)])->assertOk()->json();
        self::assertSame(['ready', 'ready', 'doubtful'], array_column($read, 'status'));
        self::assertStringContainsString('The same as line 1, word for word', (string) json_encode($read[2]));
        $this->postJson('/api/intakes', ['id' => (string) Str::uuid7(), 'title' => 'x', 'lines' => $lines($weir, [...$weir, 'year' => '2024', 'seeds' => '17'])])->assertOk();
        $read = $this->postJson('/api/intake/read', ['lines' => $lines($weir, [...$weir, 'year' => '2020'], [...$weir, 'year' => '2024', 'seeds' => '90'])])->assertOk()->json();
        self::assertSame(['doubtful', 'ready', 'ready'], array_column($read, 'status'));
        self::assertStringContainsString('L1 of this variety, of 2023, stands in the store already', (string) json_encode($read[0]));
    }

    public function test_an_intake_entry_that_is_corrected_leaves_the_packet_where_it_lies(): void
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/intakes', ['id' => $id, 'title' => 'x', 'lines' => [['id' => 'a', 'cells' => ['crop' => 'tomato', 'variety' => 'Weir', 'year' => '2023', 'seeds' => '40', 'place' => 'Hall cupboard', 'note' => 'From the tin']]]])->assertOk();
        foreach (['received' => ['how' => 'found', 'year' => 2022, 'seeds' => 40], 'noted' => ['text' => 'From the blue tin']] as $kind => $payload) {
            $entry = DB::table('journal_entries')->where('kind', $kind)->first();
            $this->keeper->sends([...$this->keeper->draft('L1', $kind, str_replace(' ', 'T', substr((string) $entry->happened_at, 0, 16)), $payload), 'replaces' => $entry->id])->assertOk();
            $sheet = $this->getJson('/api/lots/L1')->json();
            self::assertSame('store', $sheet['place']);
            self::assertSame([], array_filter(array_column($sheet['entries'], 'adrift')));
        }
        self::assertSame(2022, $sheet['tag']['year']);
        // It is of the same act, and goes with it.
        $this->postJson("/api/intakes/$id/take-back")->assertOk();
        self::assertSame('plot', $this->getJson('/api/lots/L1')->json('place'));
    }

    /**
     * @param  array<string, mixed>  $came
     * @return array<string, mixed> its sheet
     */
    private function stored(array $came): array
    {
        $variety = DB::table('varieties')->value('id') ?? $this->keeper->variety('tomato', 'Weir');
        $code = $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'received', 'happened_at' => '2026-03-01', 'payload' => ['seeds' => 400, ...$came], 'even_so' => true])->assertOk()->json('answers.0.code');
        $this->keeper->tries($code, 'stored', '2026-03-02', ['container' => 'paper_envelope', 'place_id' => DB::table('places')->value('id')], evenSo: true)->assertOk();

        return $this->getJson("/api/lots/$code")->assertOk()->json();
    }

    private static function plain(string $text): string
    {
        return str_replace(["\u{00A0}", "\u{2009}"], ' ', $text);
    }
}
