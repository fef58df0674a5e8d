<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Keeper;
use Tests\TestCase;

/** A line, read into drafts as the one door takes them. */
final class LinesTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-08-20 12:00:00');
        $this->keeper = new Keeper($this);
    }

    private function reads(string $text, string $about = ''): TestResponse
    {
        return $this->postJson('/api/lines/read', ['text' => $text, 'about' => $about])->assertOk();
    }

    /** @return array<string, mixed> the one draft of a line */
    private function one(string $text, string $about = ''): array
    {
        $read = $this->reads($text, $about);
        self::assertCount(1, $read->json('drafts'), $text);

        return $read->json('drafts.0');
    }

    /** What it says is kept when it is sent as it was given. */
    private function keeps(string $text): string
    {
        $draft = $this->one($text);
        self::assertSame([], $draft['doubts']);

        return $this->keeper->sends(['about' => ['subject' => $draft['subject'], 'id' => $draft['about']], 'kind' => $draft['kind'], 'happened_at' => $draft['happened_at'], 'payload' => $draft['payload']])->assertOk()->json('answers.0.said');
    }

    public function test_what_a_figure_means_is_told_by_where_the_seed_lay_then(): void
    {
        $pea = $this->keeper->pick($this->keeper->sow($this->keeper->variety('pea', 'Coxswain')), '2026-08-01T10:00');
        $this->keeper->records($pea, 'threshed', '2026-08-05T10:00', ['mass_g' => 400]);
        $this->keeper->records($pea, 'winnowed', '2026-08-10T10:00', ['mass_g' => 380]);
        $this->keeper->records($pea, 'spread', '2026-08-10T12:00', ['surface' => 'mesh', 'mass_g' => 380]);
        self::assertSame('weighed', $this->one("$pea 370 g")['kind']);
        // On the bench it was what came out.
        self::assertSame('winnowed', $this->one("$pea 385 g on 7 august")['kind']);
        self::assertSame("$pea: weighed, 370\u{00A0}g", $this->keeps("$pea 370 g"));
    }

    public function test_several_records_stand_in_one_line_and_what_names_nothing_is_of_what_stood_before(): void
    {
        $first = $this->keeper->storedTomato('Weir');
        $second = $this->keeper->storedTomato('Towpath');
        $read = $this->reads("$first $second rh 38; note dusty; 20 seeds of $first to Ada");
        self::assertSame(['jar_read', 'jar_read', 'noted', 'noted', 'withdrawn'], $read->json('drafts.*.kind'));
        self::assertSame([$first, $second, $first, $second, $first], $read->json('drafts.*.code'));
        self::assertSame([], $read->json('left_over'));
        self::assertSame($second, $this->one('rh 40', $second)['code']);
    }

    public function test_a_lot_begins_with_what_was_picked(): void
    {
        $planting = $this->keeper->sow($this->keeper->variety('pea', 'Coxswain'));
        $draft = $this->one("picked $planting 3 plants 40 g yesterday");
        self::assertSame(['picked', 'lot', []], [$draft['kind'], $draft['subject'], $draft['doubts']]);
        $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => $draft['about']], 'begins' => $draft['begins'], 'kind' => 'picked', 'happened_at' => $draft['happened_at'], 'payload' => $draft['payload']])->assertOk();
        self::assertSame($planting, $this->getJson('/api/lots/L1')->assertOk()->json('planting'));
    }

    public function test_a_planting_begins_in_a_line(): void
    {
        $variety = $this->keeper->variety('pea', 'Bell Buoy');
        $draft = $this->one('sown 12 Bell Buoy in the long bed yesterday');
        self::assertSame(['sown', 'planting', '', []], [$draft['kind'], $draft['subject'], $draft['code'], $draft['doubts']]);
        self::assertSame("Bell Buoy: sown, 12\u{00A0}plants, long bed, yesterday", $draft['said']);
        $this->keeper->sends(['about' => ['subject' => 'planting', 'id' => $draft['about']], 'begins' => $draft['begins'], 'kind' => 'sown', 'happened_at' => $draft['happened_at'], 'payload' => $draft['payload']])->assertOk();
        self::assertSame(['variety' => $variety, 'spot' => 'long bed'], (array) DB::table('plantings')->sole(['variety_id as variety', 'spot']));
        // It is of what stands where it says what was done with that.
        self::assertSame('watered', $this->one('Bell Buoy watered')['kind']);
        self::assertStringContainsString('missing', $this->one('sown Bell Buoy in bed 3')['doubts'][0]);
    }

    public function test_it_is_sown_from_a_lot_and_seed_comes_from_elsewhere(): void
    {
        $lot = $this->keeper->storedTomato('Weir');
        $id = DB::table('lots')->value('id');
        $draft = $this->one("sown 12 of $lot in the long bed");
        self::assertSame(['sown', $id], [$draft['kind'], $draft['payload']['lot']]);
        self::assertSame($id, $this->one("sown 12 Weir from $lot in bed 3, row 2")['payload']['lot']);
        self::assertSame('withdrawn', $this->one("took 40 seeds of $lot to sow")['kind']);
        self::assertSame('withdrawn', $this->one("$lot 20 seeds out for sowing")['kind']);
        self::assertSame(['withdrawn', $lot], [$this->one("took 20 from $lot")['kind'], $this->one("took 20 from $lot")['code']]);
        self::assertSame('withdrawn', $this->one('gave 20 seeds of Weir to Ada')['kind']);
        $draft = $this->one('got 40 seeds of Weir from Ada');
        self::assertSame(['received', 'lot', ['seeds' => '40 seeds', 'from' => 'Ada', 'how' => 'given']], [$draft['kind'], $draft['subject'], $draft['payload']]);
        $this->keeper->variety('pea', 'Weir');
        self::assertSame(['More than one variety is called Weir: begin it in its form.'], $this->reads('sown 12 Weir in bed 3')->json('doubts'));
    }

    public function test_a_place_or_a_container_is_spoken_of_by_its_name(): void
    {
        $place = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $place, 'name' => 'Blue cellar', 'temperature' => '12 °C', 'rh' => '60'])->assertOk();
        $draft = $this->one('blue cellar 14 °C 55 %');
        self::assertSame(['air_set', 'place', $place, 'Blue cellar', []], [$draft['kind'], $draft['subject'], $draft['about'], $draft['code'], $draft['doubts']]);
        self::assertSame([], $this->reads('blue cellar')->json('drafts'));
        $this->postJson('/api/containers', ['id' => $tin = (string) Str::uuid7(), 'name' => 'Round tin', 'kind' => 'tin', 'place_id' => $place])->assertOk();
        $draft = $this->one('round tin to the blue cellar');
        self::assertSame(['placed', 'container', $tin, ['place_id' => $place]], [$draft['kind'], $draft['subject'], $draft['about'], $draft['payload']]);
    }

    public function test_what_is_not_understood_may_be_kept_as_a_note(): void
    {
        $lot = $this->keeper->storedTomato('Towpath');
        $read = $this->reads("$lot smells of mice, worse yesterday");
        self::assertSame([], $read->json('drafts'));
        self::assertSame(['noted', $lot, 'smells of mice, worse', '2026-09-13'], [$read->json('notes.0.kind'), $read->json('notes.0.code'), $read->json('notes.0.payload.text'), $read->json('notes.0.happened_at')]);
        self::assertSame('38 rh wobbled', $this->reads("$lot 38 rh wobbled")->json('notes.0.payload.text'));
        // A search on a sheet is no note, and half of a line is none.
        self::assertSame([], $this->reads('groyne', $lot)->json('notes'));
        self::assertSame([], $this->reads("$lot rh 38; $lot purple")->json('notes'));
    }

    public function test_a_line_that_waited_is_read_as_of_when_it_was_written(): void
    {
        $lot = $this->keeper->storedTomato('Towpath');
        $read = fn (string $at): string => $this->postJson('/api/lines/read', ['text' => "$lot rh 38", 'at' => $at])->assertOk()->json('drafts.0.happened_at');
        self::assertSame('2026-09-10T07:15', $read('2026-09-10T07:15'));
        $yesterday = $this->postJson('/api/lines/read', ['text' => "$lot rh 38 yesterday", 'at' => '2026-09-10T07:15'])->json('drafts.0.happened_at');
        self::assertSame('2026-09-09', $yesterday);
        // What is still to come was not written yet.
        self::assertSame('2026-09-14T10:00', $read('2027-01-01T08:00'));
        self::assertSame('2026-09-14T10:00', $read('last week'));
    }

    public function test_a_name_one_slip_off_is_asked(): void
    {
        $lot = $this->keeper->storedTomato('Towpath');
        self::assertSame(['Is it Towpath that is meant? Write it so.'], $this->reads('Towpaht rh 38')->json('doubts'));
        self::assertSame([], $this->reads('Footpath rh 38')->json('doubts'));
        self::assertContains('to Odile', $this->keepsGift($lot));
        self::assertSame(['Is it Odile that is meant? Write it so.'], $this->reads("20 seeds of $lot to Odiel")->json('doubts'));
        self::assertSame([], $this->reads("20 seeds of $lot to Odile")->json('doubts'));
        self::assertSame([], $this->reads("20 seeds of $lot to Ottilie")->json('doubts'));
    }

    /** @return list<string> what may follow when it is said how much of it went */
    private function keepsGift(string $lot): array
    {
        $this->keeps("20 seeds of $lot to Odile");

        return $this->reads("$lot given 20 seeds")->json('completions.*.insert');
    }

    public function test_a_lot_is_called_by_its_variety_where_there_is_but_one(): void
    {
        $lot = $this->keeper->storedTomato('Weir');
        // Its planting was picked; of the seed there is one lot.
        self::assertSame($lot, $this->one('weir rh 38')['code']);
        $this->keeper->sends([
            'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => DB::table('varieties')->where('name', 'Weir')->value('id')],
            'kind' => 'received', 'happened_at' => '2026-08-15', 'payload' => ['how' => 'given'],
        ])->assertOk();
        $read = $this->reads('Weir rh 38');
        self::assertSame([], $read->json('drafts'));
        self::assertSame(["Weir is $lot, L2: say which."], $read->json('doubts'));
    }

    public function test_a_place_is_spoken_of_by_its_name_and_what_it_says_is_in_the_units_that_are_set(): void
    {
        $lot = $this->keeper->storedTomato('Weir');
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Blue cellar', 'temperature' => '12 °C', 'rh' => '60'])->assertOk();
        self::assertStringContainsString('Blue cellar', $this->keeps("$lot to the blue cellar"));
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        $draft = $this->one("$lot jar 38 % 66");
        self::assertSame([], $draft['doubts']);
        self::assertStringContainsString('66', $draft['said']);
    }

    public function test_what_is_wrong_is_said_and_nothing_is_kept(): void
    {
        $lot = $this->keeper->storedTomato('Weir');
        $before = DB::table('journal_entries')->count();
        self::assertSame(['There is no L99.'], $this->reads('L99 41 g')->json('doubts'));
        self::assertSame(['wobbled'], $this->reads("$lot wobbled rh 38")->json('left_over'));
        self::assertSame([], $this->reads("$lot")->json('drafts'));
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Blue cellar', 'temperature' => '12 °C', 'rh' => '60'])->assertOk();
        self::assertContains('Is it Blue cellar that is meant? Write it so.', $this->reads("$lot moved to bleu cellar")->json('doubts'));
        self::assertStringContainsString('still to come', $this->one("$lot rh 38 on 2026-12-24")['doubts'][0]);
        self::assertStringContainsString('97', $this->one("$lot rh 138")['doubts'][0]);
        self::assertStringContainsString('missing', $this->one("$lot jar")['doubts'][0]);
        $this->postJson('/api/lines/read', ['text' => str_repeat('L1 41 g ', 700)])->assertUnprocessable()->assertJsonValidationErrors('text');
        $this->postJson('/api/lines/read', ['text' => ''])->assertUnprocessable();
        $this->postJson('/api/lines/read', ['text' => ['L1']])->assertUnprocessable();
        self::assertSame($before, DB::table('journal_entries')->count());
    }

    public function test_of_a_lot_that_is_gone_the_door_asks(): void
    {
        $lot = $this->keeper->storedTomato('Weir');
        $this->keeper->records($lot, 'withdrawn', '2026-08-18', ['purpose' => 'discarded', 'seeds' => 3600]);
        $draft = $this->one("$lot weighed 41 g");
        $sent = ['about' => ['subject' => 'lot', 'id' => $draft['about']], 'kind' => $draft['kind'], 'happened_at' => $draft['happened_at'], 'payload' => $draft['payload']];
        self::assertNotSame('kept', $this->keeper->sends($sent)->assertUnprocessable()->json('answers.0.status'));
    }

    public function test_what_may_follow_is_offered(): void
    {
        $lot = $this->keeper->storedTomato('Weir');
        self::assertContains('taken out', $this->reads($lot)->json('completions.*.insert'));
        self::assertContains('seeds ', $this->reads("$lot taken out")->json('completions.*.insert'));
    }

    public function test_the_book_of_lines_has_an_example_of_each_kind_in_the_units_that_are_set(): void
    {
        $lines = $this->getJson('/api/lines')->assertOk()->json();
        // Two lots poured together are chosen in their form.
        $told = array_column($lines, 'kind');
        self::assertGreaterThan(45, count($told));
        $examples = array_combine($told, array_column($lines, 'example'));
        self::assertSame('L7 weighed 41.2 g', $examples['weighed']);
        self::assertSame('P4 looked over and pulled 3 of 40', $examples['rogued']);
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        self::assertSame('L7 weighed 1.5 oz', collect($this->getJson('/api/lines')->json())->firstWhere('kind', 'weighed')['example']);
    }
}
