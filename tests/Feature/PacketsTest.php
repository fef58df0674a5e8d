<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** A lot parted into packets for the years to come, a reserve, and what is taken of them. */
final class PacketsTest extends TestCase
{
    private const WISH = ['plants' => '12', 'first' => '2027', 'packets' => '8'];

    public function test_a_lot_is_parted_as_it_is_reckoned_and_lies_in_its_packets(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $said = $this->portions($lot, self::WISH + ['place' => $shelf, 'reserve' => '100', 'sachets' => '1']);
        self::assertSame('8 packets, 2027 to 2034: '.array_sum(array_column($said['portions'], 'seeds')).' seeds.', self::plain($said['said']));
        self::assertSame('', $said['until']);
        self::assertFalse($said['asks_share']);
        // Where nobody says where they will lie, it is where the rest lies.
        $lies = collect($this->portions($lot, self::WISH)['make']['fields'])->firstWhere('key', 'place_id')['usual'];
        self::assertSame($lies, collect($said['fields'])->firstWhere('key', 'place')['usual'] ?? '');
        self::assertNotNull(collect($this->portions($lot, self::WISH + ['place' => $shelf])['make'])->get('kind'));
        self::assertMatchesRegularExpression('/^for the fullest \(\d+(\.\d+)? g\): 0\.\d+ g of dry gel takes it a point drier$/', self::plain(collect($said['facts'])->firstWhere('label', 'A sachet in each')['said']));
        self::assertSame('8 packets, 8 sachets, 16 labels', self::plain(collect($said['facts'])->firstWhere('label', 'To have ready')['said']));
        $seeds = array_column($said['portions'], 'seeds');
        $this->part($keeper, $lot, $seeds, $shelf, 100);
        $packets = $keeper->section($lot, 'packets');
        self::assertSame(['L1-2027', 'L1-2028', 'L1-2029', 'L1-2030', 'L1-2031', 'L1-2032', 'L1-2033', 'L1-2034'], array_column($packets['packets'], 'code'));
        self::assertSame("$seeds[0] seeds for 12 plants", self::plain($packets['packets'][0]['said']));
        self::assertSame('Kept in reserve: 100 seeds', self::plain($packets['facts'][0]['label'].': '.$packets['facts'][0]['said']));
        self::assertSame(array_fill(0, 8, ''), array_column($packets['packets'], 'remark'), 'what was reckoned a moment ago is not doubted now');
        self::assertSame(9, DB::table('lot_containers')->count());
        self::assertEqualsWithDelta(3600 - array_sum($seeds) - 100, DB::table('lot_standings')->value('spare'), 1e-6);
        self::assertSame('Parted into packets: for 2027 to 2034, '.array_sum($seeds).' seeds ('.implode(' + ', $seeds).'), for 12 plants each, foil pouch, Shelf, 100 seeds in reserve', self::plain($this->journal($lot)));
        $this->rebuiltIsTheSame();
    }

    public function test_taken_back_the_packets_are_gone_and_the_seed_is_where_it_was(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $entry = $this->part($keeper, $lot, [20, 21], $shelf);
        $keeper->strikes($entry);
        self::assertSame([], $keeper->section($lot, 'packets'));
        self::assertSame(1, DB::table('lot_containers')->count());
        $this->rebuiltIsTheSame();
    }

    public function test_sent_twice_it_is_parted_once(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $draft = $keeper->draft($lot, 'portioned', '2026-09-10T10:00', ['years' => [2027, 2028], 'seeds' => [20, 21], 'container' => 'foil_pouch', 'place_id' => $shelf]);
        $keeper->sends($draft)->assertOk();
        $keeper->sends($draft)->assertOk()->assertJsonPath('answers.0.status', 'kept');
        self::assertSame(3, DB::table('lot_containers')->count());
        self::assertSame(2, DB::table('containers')->where('kind', 'foil_pouch')->count());
    }

    public function test_each_packet_has_an_id_of_its_own(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $id = (string) Str::uuid7();
        $keeper->tries($lot, 'portioned', '2026-09-10T10:00', ['years' => [2027, 2028], 'seeds' => [20, 21], 'container' => 'foil_pouch', 'place_id' => $shelf, 'into' => [$id, $id]])
            ->assertStatus(422)->assertJsonPath('answers.0.errors.into', 'Each packet has an id of its own.');
        self::assertSame(1, DB::table('lot_containers')->count());
    }

    public function test_what_is_typed_wrong_is_refused_at_its_field(): void
    {
        [, $lot] = $this->lot();
        $this->getJson("/api/lots/$lot/portions?".http_build_query(['wish' => ['plants' => 'many', 'packets' => '51', 'confidence' => '20']]))->assertStatus(422)->assertJsonValidationErrors(['plants', 'packets', 'confidence']);
        $this->getJson("/api/lots/$lot/portions?wish=5")->assertOk();
    }

    public function test_of_what_nobody_counted_or_forecasts_it_says_why_and_what_to_do(): void
    {
        $keeper = new Keeper($this);
        $shelf = $this->place();
        $lot = $keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $keeper->variety('basil', 'Bell Rope')], 'kind' => 'received', 'happened_at' => '2026-03-01T10:00', 'payload' => ['how' => 'given']])->assertOk()->json('answers.0.code');
        $keeper->tries($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $shelf], evenSo: true)->assertOk();
        self::assertSame([false, null], [$this->portions($lot, [])['counted'], $this->portions($lot, [])['make']]);
        $keeper->records($lot, 'seen', '2026-03-03T10:00', ['seeds' => 400]);
        $asks = $this->portions($lot, ['place' => $shelf]);
        self::assertTrue($asks['asks_share']);
        self::assertSame('share', $asks['fields'][0]['key'], 'what is wanting is asked first');
        self::assertStringContainsString('Say what share you think comes up.', $asks['said']);
        // R: 12 plants of 60 % in a bed of 80 % want 34 seeds.
        $told = $this->portions($lot, ['place' => $shelf, 'share' => '60 %', 'plants' => '12', 'packets' => '20']);
        self::assertSame(array_fill(0, 11, 34), array_column($told['portions'], 'seeds'));
        self::assertSame(sprintf('For %d there is too little: 34 seeds would be wanted, 26 seeds are left.', $told['portions'][10]['year'] + 1), self::plain($told['until']));
    }

    public function test_a_packet_is_taken_for_a_sowing_of_the_plan_and_the_plan_knows_it(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $variety = DB::table('lots')->value('variety_id');
        $this->part($keeper, $lot, [20, 21], $shelf);
        $plan = $this->postJson('/api/plans', ['year' => 2027])->json();
        $planting = ['id' => 'a', 'crop' => 'tomato', 'variety' => $variety, 'spot' => ['x' => 0, 'y' => 0, 'width' => 2, 'depth' => 1], 'plants' => 30, 'purpose' => 'seed', 'sow' => '2027-03-20', 'cover' => 'open', 'flowers' => true];
        $saved = $this->putJson('/api/plans/2027', ['version' => $plan['version'], 'content' => [...$plan['content'], 'plantings' => [$planting]], 'said' => 'Added'])->assertOk()->json();
        $sow = collect($saved['tasks'])->firstWhere('kind', 'sow')['sow'];
        self::assertSame('Packet L1-2027 waits for it: 20 seeds, Shelf. It was made for 12 plants; the plan wants 30.', self::plain($sow['said']));
        $chosen = collect($this->getJson('/api/choices/lots')->json())->firstWhere('code', $lot);
        self::assertSame(['L1-2027, 20 seeds', 'L1-2028, 21 seeds'], array_map(self::plain(...), array_column($chosen['packets'], 'said')));
        $keeper->sends([
            'about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()],
            'begins' => ['variety' => $variety, 'spot' => 'Glasshouse'],
            'kind' => 'sown',
            'happened_at' => '2026-09-12T09:00',
            'payload' => ['plants' => 12, 'lot' => $sow['lot'], 'container' => $sow['container'], 'seeds' => $sow['seeds']],
        ])->assertOk();
        self::assertStringContainsString('used up', $keeper->section($lot, 'packets')['packets'][0]['said']);
        self::assertSame(3580.0, (float) DB::table('lot_standings')->where('lot_id', $sow['lot'])->value('seeds'));
        self::assertSame('', collect($this->getJson('/api/plans/2027')->json('tasks'))->firstWhere('kind', 'sow')['sow']['said'] ?? '', 'an empty packet waits for nothing');
        $this->rebuiltIsTheSame();
    }

    public function test_the_reserve_is_asked_about_at_every_door(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $this->part($keeper, $lot, [20, 21], $shelf, 3500);
        $keeper->tries($lot, 'withdrawn', '2026-09-12', ['purpose' => 'gift', 'seeds' => 100, 'to' => 'Tove'])->assertStatus(422)
            ->assertJsonPath('answers.0.status', 'asked')->assertJsonPath('answers.0.errors.seeds', 'That leaves 3 459 of the 3 500 seeds kept in reserve; what is meant for sowing is in the packets.');
        $keeper->tries($lot, 'test_started', '2026-09-12', ['test' => (string) Str::uuid7(), 'replicates' => 4, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish'])->assertStatus(422)->assertJsonPath('answers.0.status', 'asked');
        $keeper->tries($lot, 'withdrawn', '2026-09-12', ['purpose' => 'gift', 'seeds' => 100, 'to' => 'Tove'], evenSo: true)->assertOk();
    }

    public function test_two_lots_in_one_packet_are_asked_about(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $this->part($keeper, $lot, [20], $shelf);
        $packet = $keeper->section($lot, 'packets')['packets'][0]['id'];
        $other = $keeper->storedTomato('Pilot Cutter');
        $keeper->tries($other, 'divided', '2026-09-12', ['seeds' => 5, 'container' => 'foil_pouch', 'place_id' => $shelf, 'into' => $packet])->assertStatus(422)
            ->assertJsonPath('answers.0.questions.0', 'L1 is in there already. In one packet the two cannot be told apart again: pour them together on purpose, or take another packet.');
    }

    public function test_a_packet_is_found_by_its_code(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $this->part($keeper, $lot, [20, 21], $shelf);
        foreach (['L1-2028', 'l1-2028'] as $typed) {
            self::assertSame($lot, $this->getJson('/api/find?text='.urlencode($typed))->assertOk()->json('0.tag.code'), $typed);
        }
    }

    public function test_a_reserve_of_all_that_is_there_is_said_to_be_why_there_are_no_packets(): void
    {
        [, $lot, $shelf] = $this->lot();
        $said = $this->portions($lot, self::WISH + ['place' => $shelf, 'reserve' => '9999']);
        self::assertSame('All that is there is kept in reserve or for tests: keep less, or there is nothing to part.', $said['until']);
        self::assertNull($said['make']);
    }

    public function test_where_there_are_packets_those_to_come_are_for_the_years_after_them(): void
    {
        [$keeper, $lot, $shelf] = $this->lot();
        $first = fn (): int => $this->portions($lot, ['plants' => '12', 'place' => $shelf])['portions'][0]['year'];
        self::assertSame(2027, $first());
        $this->part($keeper, $lot, [20, 21, 22], $shelf);
        self::assertSame(2030, $first());
    }

    public function test_costs_are_said_in_the_keepers_money(): void
    {
        [, $lot, $shelf] = $this->lot();
        foreach (['packet_price' => '0.12', 'label_price' => '0.02', 'money' => 'kr'] as $key => $value) {
            $this->putJson("/api/settings/$key", ['value' => $value])->assertOk();
        }
        $facts = $this->portions($lot, ['plants' => '12', 'packets' => '5', 'place' => $shelf])['facts'];
        self::assertSame('0.80 kr', collect($facts)->firstWhere('label', 'Costs')['said']);
    }

    /** @return array{Keeper, string, string} a tomato in a jar whose moisture is known */
    private function lot(): array
    {
        $keeper = new Keeper($this);

        return [$keeper, $keeper->storedTomato(), $this->place()];
    }

    private function place(): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $id, 'name' => 'Shelf', 'temperature' => '15', 'rh' => '50'])->assertOk();

        return $id;
    }

    /** @param  list<int>  $seeds  of the packet of 2027, the next … */
    private function part(Keeper $keeper, string $lot, array $seeds, string $place, ?int $reserve = null): string
    {
        return $keeper->records($lot, 'portioned', '2026-09-10T10:00', [
            'years' => range(2027, 2026 + count($seeds)), 'seeds' => $seeds, 'plants' => 12, 'container' => 'foil_pouch', 'place_id' => $place, 'reserve' => $reserve, 'confidence' => 0.95, 'field' => 0.8,
        ]);
    }

    /**
     * @param  array<string, string>  $wish
     * @return array<string, mixed>
     */
    private function portions(string $lot, array $wish): array
    {
        return $this->getJson("/api/lots/$lot/portions?".http_build_query(['wish' => $wish]))->assertOk()->json();
    }

    private function journal(string $lot): string
    {
        $entry = $this->getJson("/api/lots/$lot")->json('entries.0');

        return "$entry[title]: $entry[figures]";
    }

    private function rebuiltIsTheSame(): void
    {
        $read = static fn (): array => [DB::table('lot_standings')->orderBy('lot_id')->get()->all(), DB::table('lot_containers')->orderBy('lot_id')->orderBy('container_id')->get()->all()];
        $was = $read();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, $read());
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
