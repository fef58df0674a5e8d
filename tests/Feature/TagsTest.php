<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Marks;
use App\Tagging\TagMark;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marrow\Core\Journal\Subject;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What stands on paper tags, and what one that is read off again is of. */
final class TagsTest extends TestCase
{
    public function test_the_mark_holds_ids_and_no_address_and_reads_back(): void
    {
        foreach ([null, (string) Str::uuid7()] as $container) {
            $mark = new TagMark((string) Str::uuid(), Subject::Lot, (string) Str::uuid7(), $container);
            self::assertEquals($mark, TagMark::read($mark->text()));
            // The signs that a square mark packs closest.
            self::assertMatchesRegularExpression('/^[0-9A-Z.]+$/', $mark->text());
            self::assertLessThanOrEqual($container === null ? 76 : 110, strlen($mark->text()));
        }
        foreach (['', 'L7', 'MARROW1.G12.L34', 'http://marrow.example/L7', str_repeat('MARROW1.', 1000), strtolower((new TagMark((string) Str::uuid(), Subject::Lot, (string) Str::uuid7()))->text())] as $text) {
            self::assertNull(TagMark::read($text), $text);
        }
    }

    public function test_a_lot_in_store_has_a_tag_outside_and_one_inside_with_all_a_keeper_needs(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        [$outside, $inside] = $this->tags("codes=$lot");
        self::assertSame(['outside', 'inside'], [$outside['sort'], $inside['sort']]);
        self::assertSame(['L1', 'Tomato', 'Solanum lycopersicum', 'Sluice Gate', 2026, null], [$outside['code'], $outside['crop'], $outside['latin'], $outside['variety'], $outside['year'], $outside['warning']]);
        self::assertSame([
            'Germination' => 'not tested',
            'Count on it' => 'for a decade or more, if it was sound',
            'Holds' => '3 600 seeds, 10.8 g',
            'Grown' => '2026',
            'From' => '4 plants',
            'Isolation' => 'not recorded',
        ], array_slice(self::lines($outside), 0, 6));
        self::assertSame('Printed', array_key_last(self::lines($outside)), 'a reckoning holds of the day on which it was made');
        self::assertSame(['Grown' => '2026'], self::lines($inside));
        self::assertSame($outside['mark'], $inside['mark'], 'both are of one lot');
    }

    public function test_seed_from_elsewhere_never_says_that_it_was_grown_here_and_treated_seed_warns_on_every_tag(): void
    {
        $lot = $this->received(['from' => 'A shop', 'treated' => true, 'year' => 2024, 'seeds' => 300]);
        $keeper = new Keeper($this);
        $keeper->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place' => 'Shelf', 'temperature_c' => 18, 'rh' => 50]);
        $keeper->records($lot, 'portioned', '2026-03-03T10:00', ['years' => [2027], 'seeds' => [30], 'plants' => 12, 'container' => 'paper_envelope', 'place_id' => $this->place()]);
        $tags = $this->tags("codes=$lot");
        self::assertSame(['outside', 'inside', 'packet'], array_column($tags, 'sort'));
        foreach ($tags as $tag) {
            self::assertArrayNotHasKey('Grown', self::lines($tag));
            self::assertSame('A shop', self::lines($tag)['From']);
            self::assertStringStartsWith('Treated seed: never eat it', $tag['warning']);
        }
        self::assertSame(['L1-2027', '2027: 30 seeds for 12 plants'], [$tags[2]['code'], self::plain($tags[2]['headline'])]);
    }

    public function test_racks_dishes_and_beds_have_tags_of_their_own(): void
    {
        $keeper = new Keeper($this);
        $planting = $keeper->sow($keeper->variety());
        $lot = $keeper->pick($planting, '2026-08-01T10:00');
        self::assertSame([['rack', 'to be cleaned']], array_map(static fn (array $tag): array => [$tag['sort'], $tag['headline']], $this->tags("codes=$lot")));
        self::assertSame(['bed', 'P1', ['Sown' => '20 March 2026', 'Plants' => '10', 'From' => 'not recorded', 'Where' => 'Glasshouse']], [$this->tags('codes=P1')[0]['sort'], $this->tags('codes=P1')[0]['code'], self::lines($this->tags('codes=P1')[0])]);
        $stored = $keeper->storedTomato('Pilot Cutter');
        $keeper->records($stored, 'test_started', '2026-09-01', ['test' => 't', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 24, 'method' => 'dish']);
        $dishes = $this->tags('place=trays&sorts=dish');
        self::assertSame(['1 of 2', '2 of 2'], array_map(static fn (array $tag): string => self::lines($tag)['Dish'], $dishes));
        self::assertSame(['test: 25 seeds', $stored], [self::plain($dishes[0]['headline']), $dishes[0]['code']]);
    }

    public function test_one_lot_or_all_of_a_place_and_only_the_sorts_that_are_wanted(): void
    {
        $this->lay('marrow:demo');
        $store = DB::table('lot_standings')->where('place', 'store')->where('used_up', 0)->count();
        self::assertCount($store, $this->tags('place=store&sorts=outside'));
        self::assertCount(2, $this->tags('codes=L2,L4&sorts=outside'));
        $keys = array_column($this->tags('place=store'), 'key');
        self::assertSame($keys, array_unique($keys));
        self::assertSame([], $this->tags('codes=L999'));
        self::assertSame([], $this->tags(''));
    }

    public function test_what_is_read_off_a_tag_leads_to_its_lot(): void
    {
        [$keeper, $lot, $packet] = $this->parted();
        $id = $keeper->idOf($lot);
        foreach ([
            [$this->tags("codes=$lot&sorts=outside")[0]['mark'], null, 'L1, Sluice Gate'],
            [$this->tags("codes=$lot&sorts=packet")[0]['mark'], $packet, 'packet L1-2027, Sluice Gate'],
            ['l1', null, 'L1, Sluice Gate'],
            [' L1-2027 ', $packet, 'packet L1-2027, Sluice Gate'],
        ] as [$text, $container, $said]) {
            $read = $this->read($text);
            self::assertSame(['here', $id, $container, $said], [$read['status'], $read['id'], $read['container'], $read['said']], $text);
        }
        self::assertSame(['here', 'P1'], [$this->read('P1')['status'], $this->read('P1')['code']]);
    }

    public function test_a_tag_of_another_garden_or_of_nothing_is_told_from_one_of_this(): void
    {
        [, $lot] = $this->parted();
        $own = Marks::get(Marks::GARDEN);
        self::assertTrue(Str::isUuid($own));
        $here = TagMark::read($this->tags("codes=$lot")[0]['mark']) ?? throw new \LogicException;
        self::assertSame($own, $here->garden);
        self::assertSame('elsewhere', $this->read((new TagMark((string) Str::uuid(), Subject::Lot, $here->id))->text())['status']);
        self::assertSame('unknown', $this->read((new TagMark($own, Subject::Lot, (string) Str::uuid7()))->text())['status']);
        self::assertSame('unknown', $this->read('L99')['status']);
        self::assertSame('unknown', $this->read('L1-2099')['status']);
        self::assertSame('unreadable', $this->read('https://example.org/')['status']);
        self::assertSame('unreadable', $this->read('')['status']);
    }

    public function test_the_tag_of_a_packet_that_is_used_up_says_so(): void
    {
        [$keeper, $lot, $packet] = $this->parted();
        $mark = $this->tags("codes=$lot&sorts=packet")[0]['mark'];
        $keeper->records($lot, 'withdrawn', '2026-09-11', ['purpose' => 'sowing', 'seeds' => 20, 'container' => $packet]);
        self::assertSame('a packet of L1, Sluice Gate, that is used up by now', $this->read($mark)['said']);
        self::assertSame([], $this->tags("codes=$lot&sorts=packet"));
    }

    public function test_a_copy_of_the_garden_knows_its_tags_and_another_garden_does_not(): void
    {
        $was = Marks::get(Marks::GARDEN);
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame($was, Marks::get(Marks::GARDEN), 'brought up to date it is the same garden');
        $this->empties();
        self::assertNotSame($was, Marks::get(Marks::GARDEN), 'laid out anew it is another');
    }

    /** @return array{Keeper, string, string} */
    private function parted(): array
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $keeper->records($lot, 'portioned', '2026-09-10T10:00', ['years' => [2027], 'seeds' => [20], 'plants' => 12, 'container' => 'foil_pouch', 'place_id' => $this->place()]);

        return [$keeper, $lot, $keeper->section($lot, 'packets')['packets'][0]['id']];
    }

    private function place(): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $id, 'name' => 'Top shelf', 'temperature' => '15', 'rh' => '50'])->assertOk();

        return $id;
    }

    /** @param  array<string, mixed>  $payload */
    private function received(array $payload): string
    {
        $keeper = new Keeper($this);

        return $keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $keeper->variety('pea', 'Hawser')], 'kind' => 'received', 'happened_at' => '2026-03-01T10:00', 'payload' => ['how' => 'bought'] + $payload])->assertOk()->json('answers.0.code');
    }

    /** @return list<array<string, mixed>> */
    private function tags(string $query): array
    {
        return $this->getJson("/api/tags?$query")->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function read(string $text): array
    {
        return $this->getJson('/api/tags/read?'.http_build_query(['text' => $text]))->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $tag
     * @return array<string, string>
     */
    private static function lines(array $tag): array
    {
        return array_map(self::plain(...), array_column($tag['lines'], 'said', 'label'));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
