<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\Support\RandomEntries;
use Tests\TestCase;

/** Whatever is recorded of whatever, fitting or not, with lists of one and figures at their edges: every sheet and every list opens. */
final class RandomSheetsTest extends TestCase
{
    private const STEPS = 40;

    private const LISTS = ['frame', 'today', 'journal', 'places/plot', 'places/bench', 'places/racks', 'places/trays', 'places/store', 'places/store?lines=1', 'places/store/table', 'swap-list', 'people', 'holders', 'rounds/morning', 'rounds/evening', 'forecasts', 'calendar.ics', 'find?q=hawser', 'season?year=2026'];

    /** @var array<string, int> how often each kind was kept */
    private static array $kept = [];

    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        for ($seed = 1; $seed <= 26; $seed++) {
            yield "keeper $seed" => [$seed];
        }
    }

    #[DataProvider('keepers')]
    public function test_every_sheet_opens_and_correcting_an_entry_into_itself_changes_nothing(int $seed): void
    {
        $random = new RandomEntries(new Randomizer(new Mt19937(4000 + $seed)));
        $chance = new Randomizer(new Mt19937(7000 + $seed));
        $keeper = new Keeper($this);
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Attic', 'temperature' => 14, 'rh' => 55])->assertOk();
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Shed'])->assertOk();
        foreach (['Box', 'Tin'] as $name) {
            $this->postJson('/api/containers', ['id' => (string) Str::uuid7(), 'name' => $name, 'kind' => 'tin'])->assertOk();
        }
        $crops = ['tomato', 'pea', 'squash-pepo', 'onion', 'broad-bean', 'carrot', 'maize'];
        $variety = $keeper->variety($crops[$seed % count($crops)], 'Hawser');
        $codes = [$keeper->sow($variety, '2025-03-20T10:00', 60)];
        $codes[] = $keeper->pick($codes[0], '2025-09-01T10:00', ['plants' => 4, 'fruits' => 3]);
        $codes[] = $keeper->pick($codes[0], '2025-09-03T10:00', ['plants' => 2, 'fruits' => 1, 'mass_g' => 90]);
        $codes[] = $keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'received', 'happened_at' => '2025-01-05', 'payload' => ['how' => 'given', 'seeds' => 1], 'even_so' => true])->assertOk()->json('answers.0.code');
        $kinds = array_values(array_filter(Registered::kinds()->all(), static fn ($kind): bool => $kind->name !== 'struck' && ! $kind->starts));
        // Dealt and not drawn: each has its turn about as often, however many there are.
        $deck = $chance->shuffleArray($kinds);
        for ($step = 0; $step < self::STEPS; $step++) {
            $kind = $deck[$step % count($deck)];
            $subject = $random->one($kind->of);
            $ids = $random->ids(['lot' => 'lots', 'planting' => 'plantings', 'place' => 'places', 'container' => 'containers'][$subject->value], $subject === Subject::Container ? "name != ''" : '1');
            $at = (new \DateTimeImmutable('2025-09-04'))->modify(sprintf('+%d hours', $step * 200 + $chance->getInt(0, 150)))->format('Y-m-d\TH:i');
            $draft = ['id' => (string) Str::uuid7(), 'about' => ['subject' => $subject->value, 'id' => $random->one($ids)], 'kind' => $kind->name, 'happened_at' => $at, 'payload' => $random->payload($kind), 'even_so' => true, 'late' => $chance->getInt(0, 3) === 0];
            $answer = $keeper->sends($draft);
            self::assertContains($answer->status(), [200, 422], json_encode($draft).substr((string) $answer->content(), 0, 300));
            if ($answer->status() !== 200) {
                continue;
            }
            self::$kept[$kind->name] = (self::$kept[$kind->name] ?? 0) + 1;
            foreach ($codes as $code) {
                $sheet = $this->getJson(($code[0] === 'P' ? '/api/plantings/' : '/api/lots/').$code);
                self::assertSame(200, $sheet->status(), "$code after ".json_encode($draft).substr((string) $sheet->content(), 0, 300));
            }
            $list = self::LISTS[$step % count(self::LISTS)];
            self::assertSame(200, $this->getJson("/api/$list")->status(), "$list after ".json_encode($draft));
            if ($step % 4 === 0) {
                $this->correctsIntoItself($keeper, $draft);
            }
        }
        foreach (self::LISTS as $list) {
            self::assertSame(200, $this->getJson("/api/$list")->status(), $list);
        }
        $was = RandomEntries::lists();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, RandomEntries::lists());
    }

    public function test_every_kind_was_kept(): void
    {
        $never = array_filter(Registered::kinds()->all(), static fn ($kind): bool => $kind->name !== 'struck' && ! $kind->starts && ! isset(self::$kept[$kind->name]));
        self::assertSame([], array_map(static fn ($kind): string => $kind->name, array_values($never)));
    }

    /**
     * As somebody does who opens an entry, looks, and keeps it.
     *
     * @param  array<string, mixed>  $draft
     */
    private function correctsIntoItself(Keeper $keeper, array $draft): void
    {
        $before = RandomEntries::lists();
        $again = [...$draft, 'id' => (string) Str::uuid7(), 'replaces' => $draft['id']];
        $answer = $keeper->sends($again);
        self::assertSame(200, $answer->status(), json_encode($again).substr((string) $answer->content(), 0, 300));
        $without = static fn (array $lists): array => json_decode(str_replace($draft['id'], $again['id'], (string) json_encode($lists)), true);
        self::assertEquals($without($before), $without(RandomEntries::lists()), 'corrected into itself: '.json_encode($draft));
    }
}
