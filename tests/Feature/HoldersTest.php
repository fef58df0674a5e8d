<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Reading\Stores;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Packets in tins in fridges: what lies where, and what moves with what. */
final class HoldersTest extends TestCase
{
    public function test_moving_the_tin_moves_all_that_is_in_it_and_the_path_says_where_it_is(): void
    {
        [$hall, $fridge, $tin, $bag] = $this->house();
        $lot = $this->received('leek', ['seeds' => 200]);
        (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $bag]);
        self::assertSame('Hall cupboard › Blue tin › Bag 3', DB::table('lot_standings')->value('store_place'));
        self::assertSame([$lot], $this->codesIn($tin));
        self::assertSame([$lot], $this->codesIn($hall));
        $before = DB::table('lot_standings')->value('moisture');
        $this->record('container', $tin, 'placed', '2026-06-01T10:00', ['place_id' => $fridge])->assertOk();
        self::assertSame('Old fridge › Blue tin › Bag 3', DB::table('lot_standings')->value('store_place'));
        self::assertSame([], $this->codesIn($hall));
        self::assertSame([$lot], $this->codesIn($fridge));
        self::assertGreaterThan($before, DB::table('lot_standings')->value('moisture'), 'the fridge is damper');
        $tree = $this->getJson('/api/holders')->assertOk()->json();
        self::assertSame(['Hall cupboard', 'Old fridge', 'Blue tin', 'Bag 3'], array_column($tree, 'name'));
        self::assertSame([0, 1, 1, 1], array_column($tree, 'lots'));
        // It is found by where it is, and a place by what lies in it.
        self::assertSame([$lot], array_column(array_filter(array_column($this->getJson('/api/find?text=blue+tin')->json(), 'tag')), 'code'));
        $this->rebuiltIsTheSame();
    }

    public function test_a_strike_puts_everything_back_where_it_was(): void
    {
        [$hall, $fridge, $tin, $bag] = $this->house();
        $lot = $this->received('leek', ['seeds' => 200]);
        (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $bag]);
        $moved = $this->record('container', $tin, 'placed', '2026-06-01T10:00', ['place_id' => $fridge])->json('answers.0.entry');
        (new Keeper($this))->strikes($moved);
        self::assertSame([$lot], $this->codesIn($hall));
        self::assertSame([], $this->codesIn($fridge));
        $this->rebuiltIsTheSame();
    }

    public function test_a_box_is_not_put_into_itself(): void
    {
        [, , $tin, $bag] = $this->house();
        foreach ([$tin, $bag] as $into) {
            $this->record('container', $tin, 'placed', '2026-06-01T10:00', ['place_id' => $into])->assertStatus(422)->assertJsonPath('answers.0.status', 'asked');
        }
        $this->record('container', $tin, 'placed', '2026-06-01T10:00', [])->assertStatus(422)->assertJsonPath('answers.0.errors.place_id', 'Say where it was put: in a place, or into another container.');
    }

    public function test_the_air_of_a_place_is_another_from_a_day_on(): void
    {
        [$hall] = $this->house();
        $lot = $this->received('leek', ['seeds' => 200]);
        (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $hall]);
        $before = DB::table('lot_standings')->value('moisture');
        $this->record('place', $hall, 'air_set', '2026-06-01', ['temperature_c' => 24, 'rh' => 70])->assertOk();
        self::assertGreaterThan($before + 1, DB::table('lot_standings')->value('moisture'));
        self::assertStringContainsString('24 °C', self::plain($this->getJson("/api/holders/$hall")->json('holder.said')));
        $this->rebuiltIsTheSame();
    }

    public function test_what_a_logger_wrote_down_is_the_air_of_the_place_month_by_month(): void
    {
        [$hall] = $this->house();
        $lot = $this->received('leek', ['seeds' => 200]);
        (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $hall]);
        $before = DB::table('lot_standings')->value('moisture');
        $rows = [['Time', 'Temperature', 'Humidity']];
        for ($day = 1; $day <= 60; $day++) {
            $rows[] = [sprintf('2026-%02d-%02d 12:00', 6 + intdiv($day, 30), 1 + $day % 30), '24', '70'];
        }
        $rows[] = ['nonsense', '', ''];
        $said = $this->postJson("/api/holders/$hall/readings", ['rows' => $rows])->assertOk()->json('said');
        self::assertSame('Hall cupboard: its air over 2 months; 1 line could not be read', self::plain($said));
        self::assertGreaterThan($before + 1, DB::table('lot_standings')->value('moisture'));
        $this->postJson("/api/holders/$hall/readings", ['rows' => $rows])->assertOk();
        self::assertSame(2, DB::table('journal_entries')->where('kind', 'air_set')->count(), 'read twice it is there once');
        $this->postJson("/api/holders/$hall/readings", ['rows' => [['a', 'b'], ['1', '2']]])->assertStatus(422);
        $this->postJson('/api/holders/nothing/readings', ['rows' => $rows])->assertNotFound();
    }

    public function test_some_of_it_lies_elsewhere_and_each_place_says_how_much(): void
    {
        [$hall, $fridge] = $this->house();
        $keeper = new Keeper($this);
        $lot = $this->received('leek', ['seeds' => 200]);
        $keeper->tries($lot, 'stored', '2026-03-02T10:00', ['container' => 'jar', 'place_id' => $fridge], evenSo: true)->assertOk();
        $keeper->tries($lot, 'divided', '2026-03-03T10:00', ['seeds' => 250, 'container' => 'paper_envelope', 'place_id' => $hall])->assertStatus(422);
        $keeper->records($lot, 'divided', '2026-03-03T10:00', ['seeds' => 50, 'container' => 'paper_envelope', 'place_id' => $hall]);
        self::assertSame('50 seeds', self::plain(str_replace('about ', '', $this->getJson("/api/holders/$hall")->json('lots.0.amount'))));
        self::assertSame('150 seeds', self::plain(str_replace('about ', '', $this->getJson("/api/holders/$fridge")->json('lots.0.amount'))));
        // A second putting-away writes nothing over.
        self::assertSame(2, DB::table('lot_containers')->count());
        $keeper->records($lot, 'seen', '2026-04-01', ['container' => $this->getJson("/api/holders/$hall")->json('lots.0.container'), 'gone' => true, 'reason' => 'mice']);
        self::assertEqualsWithDelta(150.0, DB::table('lot_standings')->value('seeds'), 1e-9);
        $this->rebuiltIsTheSame();
    }

    public function test_into_the_freezer_a_tin_is_asked_about_what_is_in_it(): void
    {
        [, , $tin, $bag] = $this->house();
        $freezer = $this->place('Freezer', '-18', '60');
        $lot = $this->received('leek', ['seeds' => 200]);
        (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $bag]);
        $asked = $this->record('container', $tin, 'placed', '2026-06-01T10:00', ['place_id' => $freezer])->assertStatus(422);
        self::assertSame('asked', $asked->json('answers.0.status'));
        self::assertStringContainsString("Nobody has measured that $lot in it is dry enough", $asked->json('answers.0.message'));
        $this->record('container', $tin, 'placed', '2026-06-01T10:00', ['place_id' => $freezer], true)->assertOk();
    }

    public function test_what_was_frozen_all_the_same_says_so_until_it_comes_out(): void
    {
        [$freezer, $kitchen] = [$this->place('Freezer', '-18', '60'), $this->place('Kitchen', '20', '50')];
        $keeper = new Keeper($this);
        $lot = $this->received('leek', ['seeds' => 200]);
        $said = fn (): array => array_column($keeper->section($lot, 'store')['facts'], 'said', 'label');
        $keeper->tries($lot, 'stored', '2026-03-02T10:00', ['container' => 'jar', 'place_id' => $freezer])->assertStatus(422);
        $keeper->tries($lot, 'stored', '2026-03-02T10:00', ['container' => 'jar', 'place_id' => $freezer], evenSo: true)->assertOk();
        self::assertStringContainsString('Nobody has measured how dry it is', $said()['Frozen all the same'] ?? '');
        $keeper->records($lot, 'stored', '2026-03-05T10:00', ['container' => 'jar', 'place_id' => $kitchen]);
        self::assertArrayNotHasKey('Frozen all the same', $said());
    }

    public function test_a_jar_out_of_the_freezer_is_left_shut_and_today_says_until_when(): void
    {
        $freezer = $this->place('Freezer', '-18', '60');
        $kitchen = $this->place('Kitchen', '20', '50');
        $keeper = new Keeper($this);
        $lot = $this->received('leek', ['seeds' => 200]);
        $keeper->records($lot, 'jar_read', '2026-03-02T09:00', ['rh' => 20, 'temperature_c' => 20]);
        $keeper->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'jar', 'place_id' => $freezer]);
        $keeper->records($lot, 'stored', '2026-09-14T09:40', ['container' => 'jar', 'place_id' => $kitchen]);
        $today = collect($this->getJson('/api/today')->json())->flatten(1)->toJson(JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('Leave it shut until today 10:34', self::plain($today));
        // It is said at what opens it, before that is done, and at nothing else.
        $cautions = collect($this->getJson("/api/lots/$lot")->json('offers'))->pluck('cautions', 'kind')->map(static fn (array $said): string => self::plain(implode(' ', $said)));
        self::assertStringContainsString('Leave it shut until today 10:34: it came out of the cold', $cautions['withdrawn']);
        self::assertStringNotContainsString('shut until', $cautions['noted']);
        $early = $keeper->tries($lot, 'withdrawn', '2026-09-14T09:50', ['seeds' => 20, 'purpose' => 'sowing'])->assertStatus(422);
        self::assertStringContainsString('water from the air of Kitchen settles on the seed', $early->json('answers.0.message'));
        self::assertSame('today 10:34', $this->getJson("/api/holders/$kitchen")->json('lots.0.cold'));
    }

    public function test_two_lots_are_poured_together_and_both_are_its_origin(): void
    {
        $keeper = new Keeper($this);
        $one = $this->received('leek', ['seeds' => 200]);
        $variety = DB::table('varieties')->value('id');
        $weir = $keeper->variety('leek', 'Weir');
        $other = $keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $weir], 'kind' => 'received', 'happened_at' => '2026-03-01T10:00', 'payload' => ['how' => 'given', 'seeds' => 50]])->json('answers.0.code');
        $draft = ['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'poured_together', 'happened_at' => '2026-04-01T10:00', 'payload' => ['lot' => $keeper->idOf($one), 'seeds' => 120, 'other' => $keeper->idOf($other), 'other_seeds' => 50]];
        $asked = $keeper->sends($draft)->assertStatus(422);
        self::assertStringContainsString('Towpath and Weir are not one variety', str_replace('Weir and Towpath', 'Towpath and Weir', $asked->json('answers.0.message')));
        self::assertSame(2, DB::table('lots')->count(), 'nothing was kept');
        $mix = $keeper->sends(['even_so' => true] + $draft)->assertOk()->json('answers.0.code');
        self::assertEquals([$one => 80.0, $other => 0.0, $mix => 170.0], DB::table('lot_standings')->get()->mapWithKeys(static fn (object $row): array => ['L'.$row->number => $row->seeds])->all());
        self::assertEqualsCanonicalizing([$keeper->idOf($one), $keeper->idOf($other)], DB::table('lot_parents')->where('lot_id', $draft['about']['id'])->pluck('from_lot_id')->all());
        self::assertStringContainsString("120 seeds, of $one, 50 seeds, of $other", self::plain(str_replace('\\u00a0', ' ', $this->getJson("/api/lots/$mix")->content())));
        $this->rebuiltIsTheSame();
    }

    public function test_nothing_is_lost_when_a_box_is_no_more(): void
    {
        [$hall, , $tin, $bag] = $this->house();
        $lot = $this->received('leek', ['seeds' => 200]);
        (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $bag]);
        $this->postJson("/api/holders/$bag/remove")->assertStatus(422)->assertJsonPath('errors.id.0', '1 lot still lie in Bag 3. Put them somewhere else first.');
        (new Keeper($this))->records($lot, 'stored', '2026-04-02T10:00', ['container' => 'paper_envelope', 'place_id' => $hall]);
        $this->postJson("/api/holders/$bag/remove")->assertOk();
        self::assertNotContains('Bag 3', array_column($this->getJson('/api/holders')->json(), 'name'));
        self::assertStringContainsString('Bag 3', $this->getJson("/api/lots/$lot")->content(), 'the journal still says where it was');
        $this->getJson("/api/holders/$tin")->assertOk();
        $this->getJson('/api/holders/nothing')->assertNotFound();
        // What is struck may bring back what lay in it, and then it is shown again.
        $moved = DB::table('journal_entries')->where('kind', 'stored')->orderByDesc('happened_at')->value('id');
        (new Keeper($this))->strikes((string) $moved);
        self::assertContains('Bag 3', array_column($this->getJson('/api/holders')->json(), 'name'));
        self::assertSame([$lot], $this->codesIn($bag));
    }

    public function test_a_place_that_was_no_more_is_the_same_place_when_it_is_one_again(): void
    {
        [, $fridge] = $this->house();
        $this->postJson("/api/holders/$fridge/remove")->assertOk();
        self::assertNotContains('Old fridge', array_column($this->getJson('/api/store-places')->json(), 'name'));
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'old FRIDGE', 'temperature' => '6', 'rh' => '60'])->assertOk()->assertJsonPath('entry', $fridge);
        self::assertSame('6 °C, 60 % RH', self::plain($this->getJson("/api/holders/$fridge")->json('holder.said')));
    }

    public function test_a_packet_in_which_there_is_nothing_left_lies_nowhere(): void
    {
        [$hall, $fridge] = $this->house();
        $keeper = new Keeper($this);
        $lot = $this->received('leek', ['seeds' => 200]);
        $keeper->tries($lot, 'stored', '2026-03-02T10:00', ['container' => 'jar', 'place_id' => $fridge], evenSo: true)->assertOk();
        $keeper->records($lot, 'divided', '2026-03-03T10:00', ['seeds' => 50, 'container' => 'paper_envelope', 'place_id' => $hall]);
        $packet = $this->getJson("/api/holders/$hall")->json('lots.0.container');
        $keeper->records($lot, 'withdrawn', '2026-04-01T10:00', ['purpose' => 'sowing', 'seeds' => 50, 'container' => $packet]);
        self::assertSame([], $this->codesIn($hall));
        self::assertSame([$lot], $this->codesIn($fridge));
        self::assertEqualsWithDelta(150.0, DB::table('lot_standings')->value('seeds'), 1e-9);
        $this->rebuiltIsTheSame();
    }

    #[TestWith([1])]
    #[TestWith([2])]
    public function test_each_counts_the_lots_that_lie_in_it_however_deep(int $seed): void
    {
        $this->lay('marrow:demo');
        $random = new Randomizer(new Mt19937($seed));
        $boxes = DB::table('containers')->where('name', '!=', '')->pluck('id')->all();
        $places = DB::table('places')->pluck('id')->all();
        // Boxes into one another and into places, as they come; what would lie within itself is refused.
        for ($n = 0; $n < 12; $n++) {
            $box = $boxes[$random->getInt(0, count($boxes) - 1)];
            $to = [...$boxes, ...$places][$random->getInt(0, count($boxes) + count($places) - 1)];
            $this->record('container', $box, 'placed', sprintf('2026-09-0%dT10:%02d', 1 + intdiv($n, 6), $n), ['place_id' => $to], evenSo: true);
        }
        $stores = app(Stores::class);
        $shown = array_column($this->getJson('/api/holders')->assertOk()->json(), 'lots', 'id');
        self::assertCount(count($boxes) + count($places), $shown);
        foreach ($shown as $id => $lots) {
            self::assertSame(count(in_array($id, $boxes, true) ? $stores->idsIn($id) : $stores->idsAt($id)), $lots);
        }
        self::assertGreaterThan(10, max($shown));
    }

    public function test_boxes_stand_as_they_are_numbered_and_what_is_in_them_as_one_walks(): void
    {
        $hall = $this->place('Hall cupboard', '18', '50');
        $lots = [];
        foreach (['Box 10', 'Box 9'] as $n => $name) {
            $box = $this->container($name, 'tin');
            $this->record('container', $box, 'placed', '2026-01-01T10:00', ['place_id' => $hall])->assertOk();
            foreach ([$box, $n === 0 ? $box : $hall] as $in) {
                $lots[] = $lot = $this->received(['leek', 'onion', 'carrot', 'parsnip'][count($lots)], ['seeds' => 200]);
                (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $in]);
            }
        }
        self::assertSame(['Hall cupboard', 'Box 9', 'Box 10'], array_column($this->getJson('/api/holders')->json(), 'name'));
        self::assertSame(['Box 9', 'Box 10'], array_column($this->getJson("/api/holders/$hall")->json('containers'), 'name'));
        // L4 by itself, L3 in box 9, the two in box 10.
        self::assertSame(['L4', 'L3', 'L1', 'L2'], $this->codesIn($hall));
        self::assertSame(['L1', 'L2', 'L3', 'L4'], $lots);
        self::assertSame(['Box 9', 'Box 10'], array_column(array_filter($this->getJson('/api/find?text=box')->json(), static fn (array $found): bool => $found['kind'] === 'place'), 'title'));
    }

    public function test_names_are_one_and_what_is_changed_follows(): void
    {
        [, , $tin, $bag] = $this->house();
        $lot = $this->received('leek', ['seeds' => 200]);
        (new Keeper($this))->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $bag]);
        $this->putJson("/api/containers/$bag", ['name' => 'blue TIN', 'kind' => 'cloth_bag'])->assertStatus(422)->assertJsonValidationErrors('name');
        $this->putJson("/api/containers/$bag", ['name' => 'Sack', 'kind' => 'jar'])->assertOk();
        self::assertSame('Hall cupboard › Blue tin › Sack', DB::table('lot_standings')->value('store_place'));
        $this->putJson("/api/containers/$tin", ['name' => '', 'kind' => 'tin'])->assertStatus(422);
    }

    /** @return array{string, string, string, string} hall, fridge, a tin in the hall, a bag in the tin */
    private function house(): array
    {
        $hall = $this->place('Hall cupboard', '18', '50');
        $fridge = $this->place('Old fridge', '5', '70');
        $tin = $this->container('Blue tin', 'tin');
        $bag = $this->container('Bag 3', 'cloth_bag');
        $this->record('container', $tin, 'placed', '2026-01-01T10:00', ['place_id' => $hall])->assertOk();
        $this->record('container', $bag, 'placed', '2026-01-01T10:05', ['place_id' => $tin])->assertOk();

        return [$hall, $fridge, $tin, $bag];
    }

    private function place(string $name, string $temperature, string $rh): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $id, 'name' => $name, 'temperature' => $temperature, 'rh' => $rh])->assertOk();

        return $id;
    }

    private function container(string $name, string $kind): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/containers', ['id' => $id, 'name' => $name, 'kind' => $kind])->assertOk();

        return $id;
    }

    /** @param  array<string, mixed>  $payload */
    private function record(string $subject, string $id, string $kind, string $at, array $payload, bool $evenSo = false): TestResponse
    {
        return (new Keeper($this))->sends(['about' => ['subject' => $subject, 'id' => $id], 'kind' => $kind, 'happened_at' => $at, 'payload' => $payload, 'even_so' => $evenSo]);
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return string code of the lot
     */
    private function received(string $crop, array $payload): string
    {
        $keeper = new Keeper($this);

        return $keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $keeper->variety($crop, 'Towpath')], 'kind' => 'received', 'happened_at' => '2026-03-01T10:00', 'payload' => ['how' => 'given'] + $payload])->assertOk()->json('answers.0.code');
    }

    /** @return list<string> */
    private function codesIn(string $holder): array
    {
        return array_column(array_column($this->getJson("/api/holders/$holder")->assertOk()->json('lots'), 'tag'), 'code');
    }

    private function rebuiltIsTheSame(): void
    {
        $read = static fn (): array => [DB::table('lot_standings')->orderBy('lot_id')->get()->all(), DB::table('lot_containers')->orderBy('lot_id')->orderBy('container_id')->get()->all(), DB::table('containers')->where('name', '!=', '')->orderBy('id')->get()->all()];
        $was = $read();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, $read());
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
