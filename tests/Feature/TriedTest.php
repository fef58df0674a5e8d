<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\Support\RandomEntries;
use Tests\TestCase;

/** What was found by doing the whole job as a new keeper would: each was a fault once. */
final class TriedTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_a_lot_lies_where_most_of_it_lies(): void
    {
        $lot = $this->keeper->storedTomato();
        $hall = $this->place('Hall', 18, 50);
        $tin = (string) Str::uuid7();
        $this->postJson('/api/containers', ['id' => $tin, 'name' => 'Blue tin', 'kind' => 'tin'])->assertOk();
        $this->keeper->records($lot, 'divided', '2026-09-10', ['seeds' => 5, 'container' => 'paper_envelope', 'inside' => $tin]);
        $this->keeper->tries($lot, 'stored', '2026-09-11', ['container' => 'jar', 'place_id' => $this->place('Old fridge', 5, 60)], evenSo: true)->assertOk();
        $standing = DB::table('lot_standings')->where('number', 1)->first();
        self::assertSame('Old fridge', $standing->store_place);
        $facts = array_column($this->keeper->section($lot, 'store')['facts'], 'said', 'label');
        self::assertSame('glass jar, Old fridge, and one other container', $facts['Kept in']);
        self::assertSame('Old fridge', $this->getJson('/api/places/store/table')->json('rows.0.'.array_search('Place', $this->getJson('/api/places/store/table')->json('headings'), true)));
        self::assertNotSame('', $hall);
    }

    public function test_a_jar_is_not_opened_in_the_freezer_unasked_and_that_is_said_before(): void
    {
        $lot = $this->keeper->storedTomato();
        $this->keeper->tries($lot, 'stored', '2026-09-01', ['container' => 'jar', 'place_id' => $this->place('Chest freezer', -18)], evenSo: true)->assertOk();
        foreach (['test_started' => ['test' => 't', 'replicates' => 1, 'seeds' => 20, 'temperature_c' => 24, 'method' => 'dish'], 'withdrawn' => ['purpose' => 'gift', 'seeds' => 3], 'spread' => ['surface' => 'mesh'], 'opened' => [], 'jar_read' => ['rh' => 30, 'temperature_c' => 20]] as $kind => $payload) {
            $said = (string) $this->keeper->tries($lot, $kind, '2026-09-10', $payload)->assertStatus(422)->content();
            self::assertStringContainsString('It lies in Chest freezer, at -18', str_replace('\u2212', '-', $said), $kind);
        }
        $offers = collect($this->getJson("/api/lots/$lot")->json('offers'))->keyBy('kind');
        self::assertStringContainsString('Bring it into the room shut', implode(' ', $offers['test_started']['cautions']));
        self::assertSame([], array_filter($offers['noted']['cautions'], static fn (string $caution): bool => str_contains($caution, 'shut')));
        $this->keeper->records($lot, 'noted', '2026-09-10', ['text' => 'Looked at from outside']);
    }

    public function test_poured_together_each_lot_says_so_and_all_adds_up(): void
    {
        $variety = $this->keeper->variety('pea', 'Coxswain');
        $one = $this->came($variety, 200);
        $two = $this->came($variety, 120);
        $mixed = $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'poured_together', 'happened_at' => '2026-09-10', 'payload' => ['lot' => $this->keeper->idOf($one), 'seeds' => 100, 'other' => $this->keeper->idOf($two)]])->assertOk()->json('answers.0.code');
        self::assertSame([100.0, 0.0, 220.0], array_map(floatval(...), DB::table('lot_standings')->orderBy('number')->pluck('seeds')->all()));
        foreach ([$one, $two] as $of) {
            $line = collect($this->getJson("/api/lots/$of")->json('entries'))->firstWhere('kind', 'poured_together');
            self::assertSame($mixed, $line['elsewhere']);
            self::assertStringContainsString($of, $line['figures']);
        }
        $was = RandomEntries::lists();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, RandomEntries::lists());
        // What had come is put right late, and the mixture follows.
        $came = (string) DB::table('acts')->where('kind', 'received')->where('subject_id', $this->keeper->idOf($two))->value('id');
        $draft = $this->keeper->draft($two, 'received', '2026-03-01', ['how' => 'given', 'seeds' => 90]);
        $this->keeper->sends([...$draft, 'replaces' => $came])->assertOk();
        self::assertSame(190.0, (float) DB::table('lot_standings')->where('number', 3)->value('seeds'));
    }

    public function test_two_varieties_in_one_bag_are_mixed_whatever_they_are_called(): void
    {
        $one = $this->came($variety = $this->keeper->variety('pea', 'Coxswain'), 200);
        $two = $this->came($this->keeper->variety('pea', 'Hawser'), 120);
        $mixed = $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'poured_together', 'happened_at' => '2026-09-10', 'even_so' => true, 'payload' => ['lot' => $this->keeper->idOf($one), 'other' => $this->keeper->idOf($two)]])->assertOk()->json('answers.0.code');
        self::assertSame('mixing', $this->getJson("/api/lots/$mixed")->json('tag.line'));
    }

    public function test_nothing_blooms_that_lies_lifted_in_store(): void
    {
        $beet = $this->keeper->sow($this->keeper->variety('beetroot', 'Bollard'), '2026-05-01', 20);
        $this->keeper->records($beet, 'lifted', '2026-09-10', ['plants' => 20, 'kept' => 18]);
        self::assertStringContainsString('lies in store: nothing of it can bloom', (string) $this->keeper->tries($beet, 'first_bloom', '2026-09-12')->assertStatus(422)->content());
        $this->keeper->records($beet, 'replanted', '2026-09-12', ['plants' => 18]);
        $this->keeper->tries($beet, 'first_bloom', '2026-09-13', evenSo: true)->assertOk();
    }

    public function test_another_crop_for_a_variety_of_which_there_is_something_is_asked_about(): void
    {
        $id = $this->keeper->variety('beetroot', 'Bollard');
        $change = static fn (string $crop): array => ['id' => $id, 'crop' => $crop, 'name' => 'Bollard', 'type' => 'open_pollinated'];
        $this->putJson("/api/varieties/$id", $change('chard'))->assertOk();
        $this->putJson("/api/varieties/$id", $change('beetroot'))->assertOk();
        $this->keeper->sow($id, '2026-05-01', 20);
        $this->putJson("/api/varieties/$id", $change('tomatillo'))->assertStatus(422)->assertJsonValidationErrors('even_so');
        self::assertStringContainsString('1 planting of it become Tomatillo', (string) $this->putJson("/api/varieties/$id", $change('tomatillo'))->json('message'));
        self::assertSame('beetroot', DB::table('varieties')->value('crop'));
        $this->putJson("/api/varieties/$id", $change('tomatillo') + ['even_so' => true])->assertOk();
        $this->putJson("/api/varieties/$id", $change('tomatillo') + ['note' => 'No more than a note'])->assertOk();
    }

    public function test_a_mother_is_not_her_own_father_and_no_more_take_than_were_tied(): void
    {
        $squash = $this->keeper->sow($this->keeper->variety('squash-pepo', 'Bell Buoy'), '2026-05-01', 8);
        $done = ['flowers' => 2, 'mother' => '4', 'fathers' => '4', 'tie' => 'tag 3'];
        self::assertStringContainsString('is the mother itself', str_replace('\u201c', '', (string) $this->keeper->tries($squash, 'hand_pollinated', '2026-07-01', $done)->assertStatus(422)->content()));
        $this->keeper->records($squash, 'hand_pollinated', '2026-07-01', [...$done, 'fathers' => '2, 4']);
        $this->keeper->records($squash, 'hand_pollinated', '2026-07-02', ['flowers' => 5, 'mother' => '2', 'fathers' => '1', 'tie' => 'tag 4']);
        self::assertStringContainsString('Only 2 were tied', (string) $this->keeper->tries($squash, 'set_seen', '2026-07-08', ['took' => 3, 'tie' => 'tag 3'])->assertStatus(422)->content());
        $this->keeper->records($squash, 'set_seen', '2026-07-08', ['took' => 2, 'tie' => 'tag 3']);
    }

    public function test_two_plans_ask_for_one_sowing_once_and_the_calendar_has_it_once(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027])->assertOk()->json();
        foreach (['onion', 'kale'] as $i => $crop) {
            $plan['content']['plantings'][] = ['id' => $crop, 'variety' => $this->keeper->variety($crop, ucfirst($crop)), 'crop' => $crop, 'plants' => 30, 'purpose' => 'seed', 'sow' => '2027-03-01', 'spot' => ['x' => 0, 'y' => 3 * $i, 'width' => 2, 'depth' => 1]];
        }
        $this->putJson('/api/plans/2027', ['version' => $plan['version'], 'said' => 'x', 'content' => $plan['content']])->assertOk();
        $alone = DB::table('plan_tasks')->count();
        $this->postJson('/api/plans', ['year' => 2028, 'from' => 2027])->assertOk();
        self::assertSame($alone, DB::table('plan_tasks')->count(), 'no more is asked than before');
        self::assertSame([[2027, 'kale'], [2027, 'onion']], array_map(static fn (object $row): array => [$row->year, $row->planting], DB::table('plan_tasks')->where('kind', 'sow')->orderBy('planting')->get()->all()));
        self::assertSame([], array_filter(DB::table('plan_tasks')->where('year', 2028)->pluck('on_day')->all(), static fn (string $day): bool => $day < '2028'));
        self::assertGreaterThan(0, DB::table('plan_tasks')->where('year', 2028)->count(), 'what is of the second year stands in its plan');
        preg_match_all('/^UID:(.*)$/m', (string) $this->get('/api/calendar.ics')->assertOk()->content(), $uids);
        self::assertSame(count(array_unique($uids[1])), count($uids[1]));
        // Dropped from the later plan, all of it is the earlier one's again.
        $next = $this->getJson('/api/plans/2028')->json();
        $next['content']['plantings'] = [];
        $this->putJson('/api/plans/2028', ['version' => $next['version'], 'said' => 'x', 'content' => $next['content']])->assertOk();
        self::assertSame([$alone, 0], [DB::table('plan_tasks')->count(), DB::table('plan_tasks')->where('year', 2028)->count()]);
    }

    public function test_the_calendar_says_its_stamps_in_universal_time(): void
    {
        $this->postJson('/api/plans', ['year' => 2027]);
        $this->keeper->storedTomato();
        $calendar = (string) $this->get('/api/calendar.ics')->content();
        self::assertStringNotContainsString('TZID', $calendar);
        preg_match_all('/^DTSTAMP.*$/m', $calendar, $stamps);
        foreach ($stamps[0] as $stamp) {
            self::assertMatchesRegularExpression('/^DTSTAMP:\d{8}T\d{6}Z\r?$/', $stamp);
        }
    }

    public function test_what_was_taken_back_is_offered_nowhere(): void
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/intakes', ['id' => $id, 'title' => 'x', 'lines' => [['id' => 'a', 'cells' => ['crop' => 'tomato', 'variety' => 'Weir', 'year' => '2023', 'seeds' => '40']]]])->assertOk();
        self::assertCount(1, $this->getJson('/api/choices/lots?crop=tomato')->json());
        $this->postJson("/api/intakes/$id/take-back")->assertOk();
        self::assertSame([], $this->getJson('/api/choices/lots?crop=tomato')->json());
        self::assertSame([], array_filter($this->getJson('/api/find?text=weir')->json(), static fn (array $found): bool => $found['kind'] === 'thing'));
        self::assertSame('L1', $this->getJson('/api/find?text=L1')->json('0.key'), 'by its code it is found, and says what became of it');
    }

    public function test_a_freezer_is_known_by_its_temperature(): void
    {
        $this->place('Chest freezer', -18);
        self::assertSame('Chest freezer, −18 °C', str_replace(["\u{00A0}", '-'], [' ', '−'], $this->getJson('/api/store-places')->json('0.said')));
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Damp hole', 'rh' => 80])->assertStatus(422)->assertJsonValidationErrors('temperature');
    }

    public function test_found_by_plurals_by_what_one_wants_to_do_and_by_the_very_name_first(): void
    {
        $first = fn (string $text): ?array => $this->getJson('/api/find?text='.rawurlencode($text))->assertOk()->json('0');
        foreach (['tomatoes' => 'tomato', 'leeks' => 'leek', 'tomato' => 'tomato', 'Möhren' => 'carrot', 'courgette' => 'squash-pepo'] as $text => $crop) {
            self::assertSame(['crop', $crop], [$first($text)['kind'], $first($text)['key']], $text);
        }
        self::assertContains('maize', array_column($this->getJson('/api/find?text=corn')->json(), 'key'));
        foreach (['merge', 'weevils', 'pour together', 'rename', 'undo', 'calendar', 'sieve', 'bolted', 'backup', 'export'] as $text) {
            self::assertContains('way', array_column($this->getJson("/api/find?text=$text")->json(), 'kind'), $text);
        }
    }

    public function test_taking_stock_takes_about_so_many_and_none_asks_when_more_than_ever_lay_there_and_says_what_is_missing(): void
    {
        $lot = $this->keeper->storedTomato();
        $counted = fn (array $found, bool $evenSo = false) => $this->keeper->tries($lot, 'seen', '2026-09-13', $found, evenSo: $evenSo);
        $counted(['seeds' => 18])->assertOk();
        self::assertStringContainsString('18 lay in it; 40 are more', (string) $counted(['seeds' => 40])->assertStatus(422)->assertJsonPath('answers.0.status', 'asked')->content());
        $counted(['seeds' => 12, 'about' => true])->assertOk();
        self::assertStringContainsString('about 12', str_replace("\u{00A0}", ' ', (string) json_encode($this->keeper->section($lot, 'store')['facts'], JSON_UNESCAPED_UNICODE)));
        $counted(['seeds' => 0])->assertOk();
        self::assertSame('used up', $this->getJson("/api/lots/$lot")->json('stage'));
        $other = $this->keeper->storedTomato('Weir');
        $this->keeper->records($other, 'seen', '2026-09-13', ['gone' => true]);
        self::assertSame('missing', $this->getJson("/api/lots/$other")->json('stage'));
        self::assertStringContainsString('missing', (string) $this->getJson('/api/find?text=weir')->content());
        $this->keeper->records($other, 'seen', '2026-09-14', ['seeds' => 9]);
        self::assertSame('in store', $this->getJson("/api/lots/$other")->json('stage'), 'it was found again');
    }

    public function test_what_is_all_lifted_is_not_picked_from_first(): void
    {
        $beet = $this->keeper->sow($this->keeper->variety('beetroot', 'Bollard'), '2026-05-01', 20);
        self::assertSame('picked', $this->getJson("/api/plantings/$beet")->json('offers.0.kind'));
        $this->keeper->records($beet, 'lifted', '2026-09-10', ['plants' => 20, 'kept' => 18]);
        $offers = $this->getJson("/api/plantings/$beet")->json('offers');
        self::assertNotSame('picked', $offers[0]['kind']);
        self::assertSame('As its kind is kept: in damp sand, or dry and airy', collect($this->getJson('/api/plantings/'.$this->keeper->sow($this->keeper->variety('onion', 'Capstan'), '2026-04-01', 20))->json('offers'))->firstWhere('kind', 'lifted')['fields'][2]['hint'] ?? null);
    }

    public function test_a_calendar_says_the_date_and_not_tomorrow(): void
    {
        $squash = $this->keeper->sow($this->keeper->variety('squash-pepo', 'Bell Buoy'), '2026-05-01', 8);
        $this->keeper->records($squash, 'first_bloom', '2026-09-10');
        $this->keeper->records($squash, 'hand_wanted', '2026-09-11', ['fruits' => 2]);
        $this->keeper->records($this->keeper->storedTomato(), 'test_started', '2026-09-13', ['test' => 't', 'replicates' => 1, 'seeds' => 20, 'temperature_c' => 24, 'method' => 'dish']);
        $calendar = $this->get('/api/calendar.ics')->assertOk()->content();
        self::assertStringContainsString('BEGIN:VEVENT', $calendar);
        self::assertDoesNotMatchRegularExpression('/(?<!Shut flowers for )\b(today|tomorrow|yesterday)\b/i', $calendar);
    }

    public function test_a_list_shows_what_is_only_about_right_as_about(): void
    {
        $read = $this->postJson('/api/intake/read', ['lines' => [
            ['id' => '1', 'cells' => ['crop' => 'Möhre', 'variety' => 'Leadline', 'amount' => 'ca. 300 Korn']],
            ['id' => '2', 'cells' => ['crop' => 'Möhre', 'variety' => 'Keel', 'amount' => '200+']],
            ['id' => '3', 'cells' => ['crop' => 'Möhre', 'variety' => 'Groyne', 'amount' => '40']],
        ], 'units' => (object) [], 'unmarked' => false])->assertOk()->json();
        self::assertSame(["about 300\u{00A0}seeds", "about 200\u{00A0}seeds", "40\u{00A0}seeds"], array_column(array_column($read, 'shown'), 'amount'));
    }

    public function test_what_is_reserved_and_what_is_left_in_a_packet_adds_up(): void
    {
        $lot = $this->keeper->storedTomato();
        $this->keeper->records($lot, 'seen', '2026-09-11', ['seeds' => 18]);
        $this->keeper->records($lot, 'reserved', '2026-09-12', ['seeds' => 5]);
        $this->keeper->tries($lot, 'withdrawn', '2026-09-13', ['purpose' => 'lost', 'seeds' => 15], evenSo: true)->assertOk();
        $facts = array_map(static fn (array $fact): string => str_replace("\u{00A0}", ' ', $fact['label'].': '.$fact['said']), $this->keeper->section($lot, 'packets')['facts']);
        self::assertSame(['Kept in reserve: all that is left: 3 seeds of the 5 seeds wanted'], $facts);
    }

    public function test_a_steady_test_is_proposed_at_a_warmth_that_suits_what_likes_it_cool(): void
    {
        $lot = $this->came($this->keeper->variety('carrot', 'Leadline'), 300);
        $fields = collect($this->getJson("/api/lots/$lot")->json('offers'))->firstWhere('kind', 'test_started')['fields'];
        self::assertSame('25', (string) collect($fields)->firstWhere('key', 'temperature_c')['usual']);
    }

    public function test_two_pages_that_keep_in_one_minute_are_told_of_the_same_minute(): void
    {
        $lot = $this->keeper->storedTomato();
        $this->keeper->records($lot, 'seen', '2026-09-12T10:00', ['seeds' => 20]);
        $this->keeper->records($lot, 'withdrawn', '2026-09-13T10:00', ['purpose' => 'gift', 'seeds' => 15]);
        $take = fn (string $at, ?string $id = null): string => (string) $this->keeper->tries($lot, 'withdrawn', $at, ['purpose' => 'gift', 'seeds' => 12], $id)->assertStatus(422)->content();
        self::assertStringContainsString('something recorded for a later time would be doubtful', $take('2026-09-13T09:00'));
        // Of one minute the order is settled without asking who pressed first.
        self::assertStringContainsString('something recorded for the same minute would be doubtful', $take('2026-09-13T10:00', '00000000-0000-7000-8000-000000000001'));
    }

    private function came(string $variety, int $seeds): string
    {
        return $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'received', 'happened_at' => '2026-03-01', 'payload' => ['how' => 'given', 'seeds' => $seeds]])->assertOk()->json('answers.0.code');
    }

    private function place(string $name, float $temperature, ?float $rh = null): string
    {
        $this->postJson('/api/store-places', ['id' => $id = (string) Str::uuid7(), 'name' => $name, 'temperature' => $temperature, ...($rh === null ? [] : ['rh' => $rh])])->assertOk();

        return $id;
    }
}
