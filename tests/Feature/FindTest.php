<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Finding\Sought;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Anything is found from any page by what is known of it. */
final class FindTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_seed_is_found_by_whom_it_came_from_and_whom_it_went_to(): void
    {
        $came = (string) $this->keeper->sends([
            'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()],
            'begins' => ['variety' => $this->keeper->variety('onion', 'Capstan')],
            'kind' => 'received', 'happened_at' => '2026-03-01', 'payload' => ['how' => 'swapped', 'from' => 'Odile Brandt', 'year' => 2024],
        ])->assertOk()->json('answers.0.code');
        self::assertSame(['thing L1', 'person Odile Brandt'], $this->found('odile'));
        $gift = $this->keeper->tries($came, 'withdrawn', '2026-04-01T10:00', ['purpose' => 'gift', 'seeds' => 30, 'to' => 'Hedda at the allotments'], evenSo: true)->assertOk()->json('answers.0.entry');
        self::assertSame(['thing L1', 'person Hedda at the allotments'], $this->found('hedda allotments'));
        $strike = $this->keeper->strikes($gift);
        self::assertSame([], $this->found('hedda'), 'what was struck did not happen');
        $this->keeper->strikes($strike);
        self::assertSame(['thing L1', 'person Hedda at the allotments'], $this->found('hedda'), 'unless the strike is struck');
    }

    public function test_a_place_is_found_with_how_much_lies_there(): void
    {
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Blue tin', 'temperature' => '12', 'rh' => '50'])->assertOk();
        $found = $this->getJson('/api/find?text=blue+tin')->assertOk()->json('0');
        self::assertSame(['place', 'Blue tin', 'place, 0 lots there', null], [$found['kind'], $found['title'], str_replace("\u{A0}", ' ', $found['where']), $found['tag']]);
    }

    public function test_who_types_the_name_of_a_place_or_a_person_finds_that_before_all_that_lies_there(): void
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $id, 'name' => 'Blue tin', 'temperature' => '12', 'rh' => '50'])->assertOk();
        $lot = (string) $this->keeper->sends([
            'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()],
            'begins' => ['variety' => $this->keeper->variety('onion', 'Capstan')],
            'kind' => 'received', 'happened_at' => '2026-03-01', 'payload' => ['how' => 'swapped', 'from' => 'Odile Brandt', 'year' => 2024, 'seeds' => 90],
        ])->assertOk()->json('answers.0.code');
        $this->keeper->records($lot, 'stored', '2026-03-02T10:00', ['container' => 'paper_envelope', 'place_id' => $id]);
        self::assertSame(["place $id", 'thing L1'], $this->found('BLUE tin'));
        self::assertSame(['person Odile Brandt', 'thing L1'], $this->found('odile brandt'));
        self::assertSame(['thing L1', "place $id"], array_slice($this->found('blue'), 0, 2), 'in part, it comes after the seed');
    }

    /** @param  list<string>  $expected  kind and key, those that must be among the found */
    #[DataProvider('pages')]
    public function test_pages_of_the_books_are_found(string $text, array $expected): void
    {
        self::assertSame([], array_values(array_diff($expected, $this->found($text))));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function pages(): iterable
    {
        yield 'a crop by its name' => ['parsnip', ['crop parsnip']];
        yield 'by its Latin name' => ['pastinaca sat', ['crop parsnip']];
        yield 'a reckoner by what one wants to know' => ['how many seeds sow', ['reckoner sowing.seeds']];
        yield 'a setting by its name' => ['last frost', ['setting last_frost']];
        yield 'a setting by what it is for' => ['setting latitude', ['setting latitude']];
        yield 'a word' => ['vernal', ['word vernalisation']];
    }

    public function test_of_what_hundreds_hold_the_newest_are_found_and_a_code_all_the_same(): void
    {
        $planting = $this->keeper->idOf($this->keeper->sow($this->keeper->variety('leek', 'Towpath')));
        $draft = static fn (): array => ['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => $planting], 'kind' => 'picked', 'happened_at' => '2026-09-01T10:00', 'payload' => ['plants' => 1, 'fruits' => 1]];
        for ($n = 0; $n < 5; $n++) {
            $this->keeper->sends(...array_map($draft, range(1, 46)))->assertOk();
        }
        // All have it in common, and it is the number of one of them.
        DB::table('lot_standings')->update(['search' => DB::raw("search || ' drawer 100'")]);
        $found = $this->found('drawer 100');
        self::assertSame(array_map(static fn (int $n): string => "thing L$n", range(230, 211)), array_slice($found, 0, 20));
        self::assertSame(['thing L100', 'thing L230', 'thing L229'], array_slice($this->found('100'), 0, 3));
    }

    public function test_a_code_stands_first_and_nothing_at_all_finds_nothing(): void
    {
        $this->keeper->storedTomato('Harbour 2 Light');
        $this->keeper->storedTomato('Sluice Gate');
        self::assertSame('thing L2', $this->found('2')[0]);
        self::assertSame('thing P2', $this->found('p2')[0]);
        self::assertSame([], $this->found('  '));
        self::assertSame([], $this->found('no such thing anywhere'));
    }

    public function test_words_are_met_in_any_order_and_case(): void
    {
        self::assertTrue(Sought::of(' TIDE mark ')->isIn('Mark of the', 'Tide'));
        self::assertFalse(Sought::of('tide mark')->isIn('Tide'));
        self::assertTrue(Sought::of('')->isNothing());
    }

    /** @return list<string> kind and key */
    private function found(string $text): array
    {
        return array_map(static fn (array $found): string => $found['kind'].' '.$found['key'], $this->getJson('/api/find?text='.urlencode($text))->assertOk()->json());
    }
}
