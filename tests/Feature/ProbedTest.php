<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Settings\HostAddress;
use Tests\Support\Keeper;
use Tests\Support\RandomEntries;
use Tests\Support\RealServer;
use Tests\TestCase;

/** What was found by sending what nobody would, late, twice or half: each was a fault once. */
final class ProbedTest extends TestCase
{
    private Keeper $keeper;

    private string $lot;

    private string $attic;

    private string $tin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
        $this->lot = $this->keeper->storedTomato();
        $this->postJson('/api/store-places', ['id' => $this->attic = (string) Str::uuid7(), 'name' => 'Attic', 'temperature' => 14, 'rh' => 55])->assertOk();
        $this->postJson('/api/containers', ['id' => $this->tin = (string) Str::uuid7(), 'name' => 'Blue tin', 'kind' => 'tin'])->assertOk();
    }

    public function test_one_sample_weighed_leaves_the_worksheet_open(): void
    {
        $this->keeper->records($this->lot, 'sample_weighed', '2026-09-12', ['counted' => 100, 'masses_g' => [0.31]]);
        $facts = array_column($this->keeper->section($this->lot, 'cleaning')['facts'], 'label');
        self::assertNotContains('Samples vary by', $facts, 'of one nobody knows');
    }

    public function test_a_correction_takes_the_place_of_an_entry_of_the_same_thing_and_of_nothing_else(): void
    {
        $planting = $this->keeper->sow($this->keeper->variety('pea', 'Coxswain'), '2026-03-01');
        $other = $this->keeper->pick($planting, '2026-09-01', ['plants' => 3, 'fruits' => 5]);
        $picking = DB::table('journal_entries')->where('subject_id', $this->keeper->idOf($other))->where('kind', 'picked')->value('id');
        $note = $this->keeper->draft($this->lot, 'noted', '2026-09-14', ['text' => 'Mine']);
        $this->keeper->sends([...$note, 'replaces' => $picking])->assertStatus(422);
        self::assertSame('bench', $this->getJson("/api/lots/$other")->json('place'), 'its picking stands');
        $this->keeper->sends([...$note, 'replaces' => $note['id']])->assertStatus(422);
        $this->keeper->sends($note)->assertOk();
        // Of the wrong lot it is moved, and what is left behind is asked about where it no longer fits.
        $moved = $this->keeper->draft($other, 'noted', '2026-09-14', ['text' => 'Mine']);
        $this->keeper->sends([...$moved, 'replaces' => $note['id']])->assertOk();
        $wrong = $this->keeper->tries($this->lot, 'stored', '2026-09-14T08:00', ['container' => 'tin', 'place_id' => $this->attic])->assertOk()->json('answers.0.entry');
        $this->keeper->records($this->lot, 'withdrawn', '2026-09-14T09:00', ['purpose' => 'gift', 'seeds' => 3]);
        self::assertSame('taken', DB::table('journal_entries')->where('id', $wrong)->exists() ? 'taken' : 'none');
        // Corrected already, another correction of it is asked about.
        $this->keeper->sends([...$this->keeper->draft($other, 'noted', '2026-09-14', ['text' => 'Twice']), 'replaces' => $note['id']])->assertStatus(422)->assertJsonFragment(['message' => 'What is to be corrected has been corrected or struck already. Is this to stand as well?']);
    }

    public function test_a_tin_that_is_moved_late_moves_what_lay_in_it_then(): void
    {
        $this->keeper->records($this->lot, 'stored', '2026-09-13T08:00', ['container' => 'paper_envelope', 'inside' => $this->tin]);
        $this->keeper->records($this->lot, 'stored', '2026-09-13T20:00', ['container' => 'paper_envelope', 'place_id' => $this->attic]);
        $this->keeper->sends(['id' => (string) Str::uuid7(), 'about' => ['subject' => 'container', 'id' => $this->tin], 'kind' => 'placed', 'happened_at' => '2026-09-13T07:00', 'payload' => ['place_id' => $this->attic], 'late' => true])->assertOk();
        $was = RandomEntries::lists();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, RandomEntries::lists());
    }

    public function test_what_something_lies_in_must_be_there_and_a_box_is_no_packet(): void
    {
        $none = (string) Str::uuid7();
        foreach (['stored' => ['container' => 'jar', 'seeds' => 5], 'divided' => ['container' => 'jar', 'seeds' => 5], 'portioned' => ['years' => [2027], 'seeds' => [5], 'plants' => 2, 'container' => 'jar']] as $kind => $payload) {
            $this->keeper->tries($this->lot, $kind, '2026-09-14', [...$payload, 'inside' => $none])->assertStatus(422)->assertJsonPath('answers.0.errors.place_id', 'There is no such container.');
            $into = $kind === 'portioned' ? [$this->tin] : $this->tin;
            $this->keeper->tries($this->lot, $kind, '2026-09-14', [...$payload, 'place_id' => $this->attic, 'into' => $into], evenSo: true)->assertStatus(422);
        }
        self::assertSame('tin', DB::table('containers')->where('id', $this->tin)->value('kind'));
    }

    public function test_what_is_kept_no_more_is_asked_about_and_stands_among_the_places_again(): void
    {
        $this->postJson("/api/holders/$this->attic/remove", ['id' => $this->attic])->assertOk();
        $this->postJson("/api/holders/$this->tin/remove", ['id' => $this->tin])->assertOk();
        $this->keeper->tries($this->lot, 'stored', '2026-09-14', ['container' => 'jar', 'place_id' => $this->attic])->assertStatus(422)
            ->assertJsonPath('answers.0.errors.place_id', 'Attic is kept no more. Is it there again? Then it stands among the places again.');
        $this->keeper->tries($this->lot, 'stored', '2026-09-14', ['container' => 'jar', 'place_id' => $this->attic], evenSo: true)->assertOk();
        self::assertContains('Attic', array_column($this->getJson('/api/store-places')->json(), 'name'));
        $placed = ['id' => (string) Str::uuid7(), 'about' => ['subject' => 'container', 'id' => $this->tin], 'kind' => 'placed', 'happened_at' => '2026-09-14T07:00', 'payload' => ['place_id' => $this->attic]];
        $this->keeper->sends($placed)->assertStatus(422);
        $this->keeper->sends([...$placed, 'even_so' => true])->assertOk();
        self::assertSame(0, DB::table('containers')->where('id', $this->tin)->value('gone'));
    }

    public function test_many_of_one_lot_and_strikes_of_strikes_are_kept_in_one_go(): void
    {
        $drafts = array_map(fn (int $n): array => $this->keeper->draft($this->lot, 'withdrawn', '2026-09-13T10:00', ['purpose' => 'gift', 'seeds' => 1]), range(1, 80));
        $this->postJson('/api/entries', ['drafts' => $drafts, 'all' => true])->assertOk();
        self::assertSame(3520.0, (float) DB::table('lot_standings')->where('number', 1)->value('seeds'));
        $of = $drafts[0]['id'];
        $strikes = [];
        for ($n = 0; $n < 101; $n++) {
            $strikes[] = $strike = $this->keeper->draft($this->lot, 'struck', '2026-09-14', ['entry' => $of, 'reason' => 'and back']) + ['late' => true];
            $of = $strike['id'];
        }
        $this->postJson('/api/entries', ['drafts' => $strikes])->assertOk();
        // An odd number of them strikes the first, an even one brings it back.
        self::assertSame(3521.0, (float) DB::table('lot_standings')->where('number', 1)->value('seeds'));
        $this->keeper->sends($this->keeper->draft($this->lot, 'struck', '2026-09-14', ['entry' => $of, 'reason' => 'once more']))->assertOk();
        self::assertSame(3520.0, (float) DB::table('lot_standings')->where('number', 1)->value('seeds'));
        // All or none: one that cannot be leaves nothing of the others.
        $all = [$this->keeper->draft($this->lot, 'withdrawn', '2026-09-13', ['purpose' => 'gift', 'seeds' => 1]), $this->keeper->draft($this->lot, 'withdrawn', '2026-09-13', ['purpose' => 'gift', 'seeds' => -1])];
        $this->postJson('/api/entries', ['drafts' => $all, 'all' => true])->assertStatus(422);
        self::assertSame(3520.0, (float) DB::table('lot_standings')->where('number', 1)->value('seeds'));
    }

    public function test_one_merged_into_another_while_that_is_merged_is_told_so(): void
    {
        $ids = array_map(fn (string $name): string => $this->keeper->variety('pea', $name), ['A', 'B', 'C']);
        DB::disconnect();
        $server = RealServer::on($this->database);
        try {
            $multi = curl_multi_init();
            $handles = [];
            foreach ([[0, 1], [1, 2], [1, 0], [2, 1]] as [$from, $into]) {
                $handles[] = $handle = curl_init($server->url("/api/varieties/{$ids[$from]}/merge"));
                self::assertNotFalse($handle);
                curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'], CURLOPT_POSTFIELDS => json_encode(['into' => $ids[$into]])]);
                curl_multi_add_handle($multi, $handle);
            }
            do {
                curl_multi_exec($multi, $running);
                curl_multi_select($multi, 0.01);
            } while ($running > 0);
            foreach ($handles as $handle) {
                self::assertContains(curl_getinfo($handle, CURLINFO_RESPONSE_CODE), [200, 404, 422], (string) curl_multi_getcontent($handle));
            }
        } finally {
            $server->kill();
        }
        // Whoever came first, each that is left is whole.
        self::assertContains(DB::table('varieties')->where('crop', 'pea')->count(), [1, 2]);
    }

    public function test_a_word_that_is_nobodys_name_is_not_forgotten_and_what_was_forgotten_is_the_same_when_it_is_sent_again(): void
    {
        $note = $this->keeper->draft($this->lot, 'noted', '2026-09-12', ['text' => 'A handful of Tove’s, out of the bag of Marek']);
        $this->keeper->sends($note)->assertOk();
        $gift = $this->keeper->draft($this->lot, 'withdrawn', '2026-09-12', ['purpose' => 'gift', 'seeds' => 5, 'to' => 'Tove']);
        $this->keeper->sends($gift)->assertOk();
        foreach (['of', 'the', 'bag'] as $word) {
            $this->postJson('/api/people/forget', ['name' => $word])->assertStatus(422);
        }
        $this->postJson('/api/people/forget', ['name' => 'Tove'])->assertOk();
        self::assertStringContainsString('A handful of somebody’s, out of the bag of Marek', (string) DB::table('journal_entries')->where('id', $note['id'])->value('payload'));
        $this->keeper->sends($note)->assertOk();
        $this->keeper->sends($gift)->assertOk();
        $this->keeper->sends([...$gift, 'payload' => [...$gift['payload'], 'to' => 'Odile']])->assertStatus(409);
        self::assertSame(0, DB::table('journal_entries')->where('payload', 'like', '%Tove%')->count());
    }

    public function test_a_known_id_with_other_content_is_refused(): void
    {
        $id = (string) Str::uuid7();
        $variety = ['id' => $id, 'crop' => 'pea', 'name' => 'One', 'type' => 'open_pollinated'];
        $this->postJson('/api/varieties', $variety)->assertOk();
        $this->postJson('/api/varieties', $variety)->assertOk();
        $this->postJson('/api/varieties', [...$variety, 'name' => 'Two'])->assertStatus(409);
        $this->postJson('/api/store-places', ['id' => $this->attic, 'name' => 'Cellar'])->assertStatus(409);
        $this->postJson('/api/containers', ['id' => $this->tin, 'name' => 'Red tin', 'kind' => 'tin'])->assertStatus(409);
        $list = ['id' => (string) Str::uuid7(), 'title' => 'Cupboard', 'lines' => [['id' => 'a', 'cells' => ['crop' => 'pea', 'variety' => 'One', 'seeds' => '40']]]];
        $this->postJson('/api/intakes', $list)->assertOk();
        $this->postJson('/api/intakes', $list)->assertOk();
        $list['lines'][0]['cells']['seeds'] = '50';
        $this->postJson('/api/intakes', $list)->assertStatus(409);
    }

    public function test_only_what_may_be_a_printer_of_ones_own_is_kept_as_its_address(): void
    {
        foreach (['192.168.1.40:9100', 'labels.local:9100', 'printer:515', '[fd00::12]:9100', '127.0.0.1:9100'] as $address) {
            $this->putJson('/api/settings/label_printer', ['value' => $address])->assertOk();
        }
        foreach (['169.254.169.254:80', '2130706433:80', '0x7f.0.0.1:80', '127.1:80', '0.0.0.0:80', '255.255.255.255:9100', '224.0.0.1:9100', '[fe80::1]:80', '[::]:80', 'printer', 'a b:9100', '.local:9100'] as $address) {
            $this->putJson('/api/settings/label_printer', ['value' => $address])->assertStatus(422)->assertJsonValidationErrors('value');
            try {
                HostAddress::of($address, 'label_printer', 'label printer');
                self::fail($address);
            } catch (Refused) {
            }
        }
        $this->putJson('/api/settings/label_printer', ['value' => ''])->assertOk();
    }

    public function test_a_name_is_one_line(): void
    {
        $this->postJson('/api/varieties', ['id' => $id = (string) Str::uuid7(), 'crop' => 'pea', 'name' => "Long\r\n  Row\tRed", 'type' => 'open_pollinated'])->assertOk();
        self::assertSame('Long Row Red', DB::table('varieties')->where('id', $id)->value('name'));
    }
}
