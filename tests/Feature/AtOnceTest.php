<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The same done to many at once: asked once, each answered by itself, one line in the journal, taken back as one. */
final class AtOnceTest extends TestCase
{
    private const VARIETIES = ['Sluice Gate', 'Weir', 'Towpath', 'Lock Keeper'];

    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-09-10 12:00:00');
        $this->keeper = new Keeper($this);
    }

    /** @return list<string> codes of tomatoes in the store */
    private function stored(int $many): array
    {
        return array_map(fn (int $i): string => $this->keeper->storedTomato(self::VARIETIES[$i]), range(0, $many - 1));
    }

    /** @param  list<array<string, mixed>>  $drafts */
    private function atOnce(array $drafts, string $act): TestResponse
    {
        return $this->postJson('/api/entries', ['act' => $act, 'drafts' => $drafts]);
    }

    /** @param  list<string>  $lots */
    private function moved(array $lots, string $place, string $act): TestResponse
    {
        return $this->atOnce(array_map(fn (string $lot): array => $this->keeper->draft($lot, 'stored', '2026-09-09T10:00', ['container' => 'jar', 'place_id' => $place]), $lots), $act);
    }

    /** @return list<array<string, mixed>> of the journal, those of a kind */
    private function lines(string $kind): array
    {
        return array_values(array_filter($this->getJson('/api/journal')->assertOk()->json('lines'), static fn (array $line): bool => $line['entry']['kind'] === $kind));
    }

    private function place(string $name): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $id, 'name' => $name, 'temperature' => '12 °C', 'rh' => '60'])->assertOk();

        return $id;
    }

    public function test_what_was_done_to_many_is_one_line_and_is_taken_back_and_brought_back_as_one(): void
    {
        $lots = $this->stored(3);
        $cellar = $this->place('Cellar');
        $act = (string) Str::uuid7();
        $answer = $this->moved($lots, $cellar, $act)->assertOk();
        self::assertSame(['kept', 'kept', 'kept'], $answer->json('answers.*.status'));
        self::assertSame('Stored: '.implode(', ', $lots), $answer->json('said'));
        self::assertSame($act, $answer->json('act'));

        $lines = array_values(array_filter($this->lines('stored'), static fn (array $line): bool => $line['entry']['happened_at'] === '2026-09-09T10:00'));
        self::assertSame(["3\u{00A0}lots"], array_column($lines, 'name'));
        self::assertSame("/books/journal/$act", $lines[0]['page']);
        self::assertStringContainsString('Cellar', $lines[0]['entry']['figures']);
        $told = $this->getJson("/api/acts/$act")->assertOk();
        self::assertSame("3\u{00A0}lots", $told->json('said'));
        self::assertEqualsCanonicalizing($lots, $told->json('lines.*.name'));

        $lies = static fn (): array => DB::table('lot_standings')->pluck('store_place')->all();
        $back = (string) Str::uuid7();
        $answer = $this->postJson("/api/entries/$act/strike", ['id' => $back])->assertOk();
        self::assertSame($back, $answer->json('act'));
        self::assertSame(['Old fridge', 'Old fridge', 'Old fridge'], $lies());
        $told = $this->getJson("/api/acts/$act")->assertOk();
        self::assertSame([true, "3\u{00A0}lots, taken back", $back], [$told->json('taken_back'), $told->json('said'), $told->json('takes_back')]);

        $this->postJson("/api/entries/$back/strike", ['id' => (string) Str::uuid7()])->assertOk();
        self::assertSame(['Cellar', 'Cellar', 'Cellar'], $lies());
        self::assertFalse($this->getJson("/api/acts/$act")->json('taken_back'));
    }

    public function test_of_many_those_that_cannot_be_are_told_and_the_others_kept(): void
    {
        [$first, $second] = $this->stored(2);
        $act = (string) Str::uuid7();
        $drafts = [
            $this->keeper->draft($first, 'jar_read', '2026-09-09', ['rh' => 38, 'temperature_c' => 18]),
            $this->keeper->draft($second, 'jar_read', '2026-09-09', ['rh' => 138, 'temperature_c' => 18]),
        ];
        $answer = $this->atOnce($drafts, $act)->assertOk();
        self::assertSame(['kept', 'refused'], $answer->json('answers.*.status'));
        self::assertArrayHasKey('rh', $answer->json('answers.1.errors'));
        self::assertSame("Jar humidity read: $first", $answer->json('said'));

        // Mended and sent again under the same act, it is of the same; what was kept before is kept once.
        $drafts[1]['payload']['rh'] = 40;
        $this->atOnce($drafts, $act)->assertOk();
        self::assertCount(2, $this->getJson("/api/acts/$act")->json('lines'));
        self::assertSame(2, DB::table('journal_entries')->where('act', $act)->count());
        $line = $this->lines('jar_read')[0];
        self::assertSame(["2\u{00A0}lots", "18\u{00A0}°C; of each its own besides"], [$line['name'], $line['entry']['figures']]);
    }

    public function test_of_which_nothing_was_kept_is_no_act(): void
    {
        [$lot] = $this->stored(1);
        $act = (string) Str::uuid7();
        $this->atOnce([$this->keeper->draft($lot, 'jar_read', '2026-09-09', ['rh' => 138])], $act)->assertUnprocessable();
        $this->getJson("/api/acts/$act")->assertNotFound();
        $this->postJson("/api/entries/$act/strike", ['id' => (string) Str::uuid7()])->assertNotFound();
        self::assertSame(0, DB::table('acts')->count());
    }

    public function test_what_is_corrected_stays_of_the_act_and_one_alone_is_an_ordinary_line(): void
    {
        [$first, $second] = $this->stored(2);
        $act = (string) Str::uuid7();
        $drafts = array_map(fn (string $lot): array => $this->keeper->draft($lot, 'jar_read', '2026-09-09', ['rh' => 38, 'temperature_c' => 18]), [$first, $second]);
        $this->atOnce($drafts, $act)->assertOk();
        $this->keeper->sends([...$this->keeper->draft($second, 'jar_read', '2026-09-09', ['rh' => 41, 'temperature_c' => 18]), 'replaces' => $drafts[1]['id']])->assertOk();
        self::assertCount(2, $this->getJson("/api/acts/$act")->json('lines'));
        self::assertSame(["2\u{00A0}lots"], array_column($this->lines('jar_read'), 'name'));
        $this->postJson("/api/entries/$act/strike", ['id' => (string) Str::uuid7()])->assertOk();
        self::assertTrue($this->getJson("/api/acts/$act")->json('taken_back'));

        $alone = (string) Str::uuid7();
        $this->atOnce([$this->keeper->draft($first, 'jar_read', '2026-09-10', ['rh' => 36, 'temperature_c' => 18])], $alone)->assertOk();
        self::assertSame([$first, "2\u{00A0}lots"], array_column($this->lines('jar_read'), 'name'));
    }

    public function test_what_came_in_together_is_not_taken_for_it(): void
    {
        $act = (string) Str::uuid7();
        $this->postJson('/api/intakes', ['id' => $act, 'lines' => [['id' => 'a', 'cells' => ['crop' => 'Tomato', 'variety' => 'Weir', 'amount' => '20 seeds']]]])->assertOk();
        $lot = 'L1';
        $this->atOnce([$this->keeper->draft($lot, 'noted', '2026-09-10', ['text' => 'dusty'])], $act)->assertConflict();
        $this->getJson("/api/acts/$act")->assertNotFound();
        // What was done to many since is something that was recorded since.
        $this->atOnce([$this->keeper->draft($lot, 'noted', '2026-09-10', ['text' => 'dusty'])], (string) Str::uuid7())->assertOk();
        $this->postJson("/api/intakes/$act/take-back")->assertUnprocessable()->assertJsonValidationErrors('even_so');
    }

    public function test_several_are_asked_once_what_is_common_and_each_its_own(): void
    {
        [$first, $second] = $this->stored(2);
        $cellar = $this->place('Cellar');
        $this->keeper->records($second, 'stored', '2026-09-08', ['container' => 'paper_envelope', 'place_id' => $cellar]);
        $sown = $this->keeper->sow($this->keeper->variety('french-bean', 'Bollard'));
        $many = $this->getJson("/api/many?things=$first,$second,$sown,L99,".strtolower($first))->assertOk();
        self::assertSame([$first, $second, $sown], $many->json('things.*.tag.code'));
        $ids = array_combine([$first, $second, $sown], $many->json('things.*.id'));
        $offer = fn (string $kind): array => collect($many->json('offers'))->firstWhere('offer.kind', $kind) ?? [];

        // A note can be made of all of them; it stands before what can be said of two alone.
        self::assertEqualsCanonicalizing(array_values($ids), $offer('noted')['of']);
        self::assertSame('noted', $many->json('offers.0.offer.kind'));
        $move = $offer('stored');
        self::assertEqualsCanonicalizing([$ids[$first], $ids[$second]], $move['of']);
        self::assertSame('Move it', $move['offer']['act']);
        self::assertSame(['jar', 'paper_envelope'], array_column(array_filter($move['own'], static fn (array $own): bool => $own['key'] === 'container'), 'usual'));
        $field = static fn (array $offer, string $key): array => collect($offer['offer']['fields'])->firstWhere('key', $key);
        self::assertNull($field($move, 'container')['usual']);
        self::assertTrue($field($move, 'mass_g')['own']);
        self::assertFalse($field($offer('jar_read'), 'rh')['own']);
        self::assertSame('20', $field($offer('jar_read'), 'temperature_c')['usual']);
        // A lot begins by itself.
        self::assertSame([], $offer('picked'));
    }

    public function test_a_bad_id_of_an_act_is_refused(): void
    {
        [$lot] = $this->stored(1);
        $this->atOnce([$this->keeper->draft($lot, 'noted', '2026-09-10', ['text' => 'dusty'])], 'all of them')->assertUnprocessable()->assertJsonValidationErrors('act');
    }
}
