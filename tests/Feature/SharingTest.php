<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\SharingWords;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What is swapped and given away, to whom, how it is called back, and how somebody is forgotten. */
final class SharingTest extends TestCase
{
    public function test_the_swap_list_holds_what_may_be_passed_on_and_says_why_the_rest_is_kept_back(): void
    {
        $this->lay('marrow:demo');
        $list = $this->getJson('/api/swap-list')->assertOk()->json();
        self::assertSame(["Keepers' Acre", '14 September 2026', SharingWords::RULES], [$list['garden'], $list['day'], $list['rules']]);
        $by = static fn (string $side): array => collect($list[$side])->keyBy('tag.code')->map(static fn (array $line): string => self::plain($line['said']))->all();
        [$offered, $kept] = [$by('offered'), $by('kept')];
        self::assertCount(DB::table('lot_standings')->where('place', 'store')->where('used_up', 0)->count(), [...$offered, ...$kept]);
        self::assertSame('How true it is is not known.', $offered['L2'], 'tested, dry, more than its packets and reserve');
        self::assertSame('Not tested. How true it is is not known.', $offered['L19']);
        self::assertStringStartsWith('Never tested, and older', $kept['L26']);
        self::assertStringStartsWith('Crossed', $kept['L6']);
        self::assertStringStartsWith('It may have fallen low', $kept['L1']);
        self::assertSame('It came with terms: a protected variety.', $kept['L20']);
        self::assertStringStartsWith('A hybrid', $kept['L33']);
        self::assertStringStartsWith('Too damp', $kept['L7']);
        self::assertStringStartsWith('Nobody knows how much', $kept['L42']);
        // What can harm goes with the seed.
        self::assertStringContainsString('G6PD', $offered['L51']);
    }

    public function test_who_has_seed_of_what_and_whose_seed_is_here(): void
    {
        [$keeper, $lot] = $this->given();
        $people = $this->getJson('/api/people')->assertOk()->json();
        self::assertSame(['Marek', 'Odile', 'Tove'], array_column($people, 'name'));
        self::assertSame(['was given seed once', '1 lot came from there', 'was given seed twice'], array_map(self::plain(...), array_column($people, 'said')));
        self::assertSame([[$lot, '2 g', '3 September 2026'], [$lot, '40 seeds', '1 September 2026']], array_map(static fn (array $given): array => [$given['tag']['code'], self::plain($given['amount']), $given['on']], $people[2]['has']));
        self::assertNull($people[2]['has'][0]['told'], 'nothing is to be called back');
        self::assertSame(['L2'], array_column($people[1]['gave'], 'code'));
        // A gift that is struck was none.
        $keeper->strikes((string) DB::table('journal_entries')->where('kind', 'withdrawn')->whereRaw("json_extract(payload, '$.to') = 'Marek'")->value('id'));
        self::assertSame(['Odile', 'Tove'], array_column($this->getJson('/api/people')->json(), 'name'));
    }

    public function test_people_are_found_by_their_names_from_any_page_until_they_are_forgotten(): void
    {
        $this->given();
        $people = fn (string $text): array => array_column(array_filter($this->getJson('/api/find?'.http_build_query(['text' => $text]))->assertOk()->json(), static fn (array $found): bool => $found['kind'] === 'person'), 'title');
        self::assertSame(['Tove'], $people('TOVE'), 'once, however it was written');
        self::assertSame(['Odile'], $people('odi'));
        self::assertSame([], $people('glasshouse'), 'what was sown there was given to nobody');
        $this->postJson('/api/people/forget', ['name' => 'Tove'])->assertOk();
        self::assertSame([], $people('tove'));
    }

    public function test_when_a_crossing_comes_to_light_everybody_who_has_of_it_is_to_be_told(): void
    {
        [$keeper, $lot, $variety] = $this->given();
        $planting = $this->sown($keeper, $variety, $lot);
        $keeper->records($planting, 'off_types_seen', '2026-09-10', ['seen' => 12, 'off' => 3]);
        $tasks = array_column(array_filter($this->getJson("/api/lots/$lot")->json('tasks'), static fn (array $task): bool => $task['kind'] === 'call_back'), 'do');
        self::assertSame(['Tell Marek that it is crossed', 'Tell Tove that it is crossed', 'Tell tove that it is crossed'], self::sorted($tasks));
        $today = array_column($this->getJson('/api/today')->json('now'), 'do');
        self::assertContains('Tell Marek that it is crossed', $today);
        $people = collect($this->getJson('/api/people')->json())->keyBy('name');
        self::assertSame('It turned out to be crossed: call it back.', $people['Marek']['has'][0]['said']);
        $told = $people['Marek']['has'][0]['told'];
        $gift = collect($told['fields'])->firstWhere('key', 'gift')['usual'];
        $keeper->records($lot, $told['kind'], '2026-09-11', ['gift' => $gift, 'answer' => 'sown, and pulled']);
        $after = collect($this->getJson('/api/people')->json())->keyBy('name');
        self::assertSame(['They were told of the crossing.', null], [$after['Marek']['has'][0]['said'], $after['Marek']['has'][0]['told']]);
        self::assertNotContains('Tell Marek that it is crossed', array_column($this->getJson('/api/today')->json('now'), 'do'));
        $this->rebuiltIsTheSame();
    }

    public function test_somebody_who_is_forgotten_stands_nowhere_any_more_and_what_was_given_stays(): void
    {
        [$keeper, $lot] = $this->given();
        $keeper->records($lot, 'noted', '2026-09-04', ['text' => 'TOVE wants more; ask Tove. Tovesund is a place.']);
        $before = DB::table('lot_standings')->orderBy('lot_id')->get(['lot_id', 'seeds', 'spare'])->all();
        $said = $this->postJson('/api/people/forget', ['name' => 'tove'])->assertOk()->json('said');
        self::assertSame('Forgotten: the name is gone from 3 places.', self::plain($said));
        self::assertSame(['Marek', 'Odile', 'somebody'], array_column($this->getJson('/api/people')->json(), 'name'));
        self::assertEquals($before, DB::table('lot_standings')->orderBy('lot_id')->get(['lot_id', 'seeds', 'spare'])->all());
        $journal = json_encode($this->getJson('/api/journal')->json(), JSON_THROW_ON_ERROR);
        self::assertStringContainsString('somebody wants more; ask somebody. Tovesund is a place.', $journal);
        self::assertSame([], array_filter(array_column($this->getJson('/api/find?text=tove')->json(), 'tag'), static fn (?array $tag): bool => $tag !== null && $tag['code'] !== $lot));
        self::assertDoesNotMatchRegularExpression('/(?<![a-z])tove(?![a-z])/i', $this->onDisk(), 'not even in what the file has left behind');
        $this->rebuiltIsTheSame();
    }

    public function test_names_with_signs_and_letters_of_any_language_are_forgotten_however_they_are_written(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        foreach (['Åsa Öström' => 'ÅSA ÖSTRÖM', 'seed_bank' => 'Seed_Bank', 'Jo "Bean" O’Dell' => 'jo "bean" o’dell', 'Tom/Ann' => 'tom/ann'] as $name => $typed) {
            $keeper->records($lot, 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'seeds' => 10, 'to' => $name]);
            $this->postJson('/api/people/forget', ['name' => $typed])->assertOk();
        }
        self::assertSame(['somebody'], DB::table('journal_entries')->where('kind', 'withdrawn')->selectRaw("json_extract(payload, '$.to') AS name")->distinct()->pluck('name')->all());
    }

    public function test_labels_that_were_kept_hold_no_name_either(): void
    {
        [$keeper, $lot] = $this->given();
        $at = ['made_at' => '2026-09-10 10:00:00', 'title' => 'x', 'trouble' => ''];
        DB::table('print_jobs')->insert([
            ['id' => 'a', 'document' => '(Grown: 2026, by Tove) T', 'sent_at' => null, ...$at],
            ['id' => 'b', 'document' => '(Grown: 2026, by Ines) T', 'sent_at' => null, ...$at],
            ['id' => 'c', 'document' => '(L1) T', 'sent_at' => '2026-09-10 10:00:00', ...$at],
        ]);
        $this->postJson('/api/people/forget', ['name' => 'Tove'])->assertOk();
        self::assertSame(['b'], DB::table('print_jobs')->pluck('id')->all());
    }

    public function test_the_journal_is_guarded_again_after_that(): void
    {
        $this->given();
        $this->postJson('/api/people/forget', ['name' => 'Tove'])->assertOk();
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('journal entries are never changed');
        DB::table('journal_entries')->where('kind', 'withdrawn')->update(['recorded_by' => 'me']);
    }

    public function test_a_keeper_a_note_and_whose_garden_it_is_are_forgotten_too_and_names_of_things_are_told(): void
    {
        $keeper = new Keeper($this);
        $variety = (string) Str::uuid7();
        $this->postJson('/api/varieties', ['id' => $variety, 'crop' => 'pea', 'name' => 'Tove’s pea', 'type' => 'open_pollinated', 'note' => 'From Tove, who had it of her aunt'])->assertOk();
        $lot = $keeper->storedTomato();
        $keeper->sends(['by' => 'Tove'] + $keeper->draft($lot, 'noted', '2026-09-04', ['text' => 'Looked at']))->assertOk();
        $plan = $this->postJson('/api/plans', ['year' => 2027])->json();
        $neighbour = ['name' => 'Tove, over the fence', 'crop' => 'pea', 'x' => -5, 'y' => 0, 'width' => 2, 'depth' => 2, 'plants' => 30, 'from' => '2027-06-01', 'to' => '2027-07-01'];
        $saved = $this->putJson('/api/plans/2027', ['version' => $plan['version'], 'said' => 'x', 'content' => [...$plan['content'], 'ground' => [...$plan['content']['ground'], 'neighbours' => [$neighbour]]]]);
        $said = self::plain($this->postJson('/api/people/forget', ['name' => 'Tove'])->assertOk()->json('said'));
        self::assertStringContainsString('It still stands in a name: the variety Tove’s pea. Change that yourself.', $said);
        self::assertSame('From somebody, who had it of her aunt', DB::table('varieties')->where('id', $variety)->value('note'));
        self::assertSame(0, DB::table('keepers')->where('name', 'Tove')->count());
        self::assertSame('somebody', collect($this->getJson("/api/lots/$lot")->json('entries'))->firstWhere('kind', 'noted')['by'] ?? DB::table('journal_entries')->where('kind', 'noted')->value('recorded_by'));
        if ($saved->status() === 200) {
            self::assertStringNotContainsString('Tove', json_encode($this->getJson('/api/plans/2027')->json(), JSON_THROW_ON_ERROR));
        }
    }

    public function test_only_a_name_that_is_there_can_be_forgotten(): void
    {
        $this->given();
        $this->postJson('/api/people/forget', ['name' => 'Nobody Such'])->assertStatus(422)->assertJsonPath('errors.name.0', 'Nobody of the name "Nobody Such" stands anywhere in this garden.');
        $this->postJson('/api/people/forget', ['name' => 'T'])->assertStatus(422);
        $this->postJson('/api/people/forget', ['name' => ['Tove']])->assertStatus(422);
        // Signs that a search would take for others are what they are.
        $this->postJson('/api/people/forget', ['name' => '%%'])->assertStatus(422);
        $this->postJson('/api/people/forget', ['name' => 'T.ve'])->assertStatus(422);
        self::assertSame(3, DB::table('journal_entries')->where('kind', 'withdrawn')->whereRaw("json_extract(payload, '$.to') IN ('Tove', 'Marek', 'tove')")->count());
    }

    /** @return array{Keeper, string, string} a tomato of which Tove and Marek have some, beside a pea that came from Odile */
    private function given(): array
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $keeper->records($lot, 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'seeds' => 40, 'to' => 'Tove']);
        $keeper->records($lot, 'withdrawn', '2026-09-02', ['purpose' => 'swap', 'seeds' => 30, 'to' => 'Marek']);
        $keeper->records($lot, 'withdrawn', '2026-09-03', ['purpose' => 'gift', 'mass_g' => 2, 'to' => ' tove ']);
        $keeper->records($lot, 'withdrawn', '2026-09-03', ['purpose' => 'sowing', 'seeds' => 5, 'to' => 'glasshouse']);
        $keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $keeper->variety('pea', 'Hawser')], 'kind' => 'received', 'happened_at' => '2026-03-01', 'payload' => ['how' => 'given', 'from' => 'Odile', 'seeds' => 50]])->assertOk();

        return [$keeper, $lot, (string) DB::table('lots')->where('number', 1)->value('variety_id')];
    }

    private function sown(Keeper $keeper, string $variety, string $lot): string
    {
        return $keeper->sends(['about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety, 'spot' => 'Bed'], 'kind' => 'sown', 'happened_at' => '2026-09-05', 'payload' => ['plants' => 12, 'lot' => $keeper->idOf($lot), 'seeds' => 20]])->assertOk()->json('answers.0.code');
    }

    /** All that lies on the disk of the garden, the log beside it too. */
    private function onDisk(): string
    {
        DB::disconnect();

        return implode('', array_map(static fn (string $file): string => (string) file_get_contents($file), glob($this->database.'*') ?: []));
    }

    private function rebuiltIsTheSame(): void
    {
        $read = static fn (): array => [DB::table('lot_standings')->orderBy('lot_id')->get()->all(), DB::table('tasks')->orderBy('subject_id')->orderBy('kind')->orderBy('about')->get(['subject_id', 'kind', 'about', 'figures'])->all()];
        $was = $read();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, $read());
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function sorted(array $lines): array
    {
        sort($lines);

        return array_values($lines);
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
