<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Marks;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\TestWith;
use Ramsey\Uuid\Uuid;
use Tests\TestCase;

/**
 * A garden made by an older program opens, migrates, and says what it said. tests/fixtures holds the first, the last, and one of
 * each year between, with what the program that made it said of it; the words may be refreshed, the gardens never.
 */
final class OldGardensTest extends TestCase
{
    /** Where the words were mended on purpose since the garden was made. */
    private const MENDED = [
        // How many samples there were stands in the weights themselves.
        '/\d+ × 100 seeds, /' => 'samples of 100 seeds, ',
        // "loose lid" is no answer to how it was covered.
        '/, loose lid/' => ', under a loose lid',
    ];

    #[TestWith(['garden-2026-11'])]
    #[TestWith(['garden-2026-12-05'])]
    public function test_every_list_and_worksheet_says_what_it_said(string $garden): void
    {
        $this->open("$garden.sql");
        $was = json_decode((string) file_get_contents(base_path("tests/fixtures/$garden.words.json")), true, flags: JSON_THROW_ON_ERROR);
        foreach ($was['lots'] as $code => $lot) {
            self::assertSame(self::mended($lot, $garden), array_intersect_key($this->lot($code), self::mended($lot, $garden)), $code);
        }
        foreach (array_filter($was['lots'], static fn (array $lot): bool => $lot['line'] === 'crossed') as $code => $lot) {
            self::assertContains($this->lot($code)['line'], ['crossed', 'hybrid'], "$code will still not come true");
        }
        foreach ($was['plantings'] as $code => $planting) {
            self::assertSame(self::mended($planting, $garden), $this->planting($code), $code);
        }
        foreach ($was['places'] as $place => $codes) {
            $now = array_column(array_column($this->getJson("/api/places/$place?sort=code")->json('items'), 'tag'), 'code');
            sort($now);
            self::assertSame($codes, $now, $place);
        }
        $plan = $this->getJson('/api/plans/2027')->assertOk()->json();
        // The days moved when the year of each crop was put right; what is asked did not, but for a look before bloom.
        $tasks = array_map(static fn (array $task): string => self::plain($task['do']), array_filter($plan['tasks'], static fn (array $task): bool => $task['kind'] !== 'look_over'));
        $asked = array_map(static fn (string $task): string => substr($task, 11), $was['plan']['tasks']);
        self::assertSame([], array_values(array_diff($tasks, $asked)), 'nothing new is asked');
        $risks = array_column($plan['risks'], 'verdict');
        sort($risks);
        self::assertSame($was['plan']['risks'], $risks);
        self::assertCount($was['plan']['plantings'], $plan['content']['plantings']);
    }

    public function test_an_older_copy_is_the_same_garden_and_another_garden_is_not(): void
    {
        $marks = [];
        foreach (range(1, 2) as $n) {
            $this->open('garden-2026-12-05.sql');
            $marks[] = Marks::get(Marks::GARDEN);
        }
        self::assertTrue(Uuid::isValid($marks[0]));
        self::assertSame($marks[0], $marks[1], 'tags that were printed since are of it');
        $this->empties();
        self::assertNotSame($marks[0], Marks::get(Marks::GARDEN));
    }

    public function test_what_the_keeper_had_changed_came_along(): void
    {
        $this->open('garden-2026-11.sql');
        self::assertTrue(collect($this->getJson('/api/crops/tomato/figures')->json())->contains(static fn (array $figure): bool => $figure['path'] === 'storage.ordinary_years' && $figure['own'] && (float) $figure['value'] === 5.0));
        // "L2, the larger seeds" was text; it is a link now, and the text stays.
        $planting = $this->getJson('/api/plantings/P23')->json();
        self::assertSame('L2', $planting['sown_lot']['code']);
        self::assertStringContainsString('the larger seeds', $planting['sown_from']);
        self::assertContains('P23', array_column($this->getJson('/api/lots/L2')->json('grown'), 'code'));
    }

    public function test_a_garden_opened_by_a_newer_program_is_refused_in_words_and_left_alone(): void
    {
        $before = DB::table('migrations')->count();
        DB::table('migrations')->insert(['migration' => '2031_01_01_000000_packets_on_the_moon', 'batch' => 99]);
        $this->getJson('/api/today')->assertStatus(503)
            ->assertJsonPath('message', 'This garden was last opened by a newer Marrow than this one, and only that one, or one newer still, can read all of it. Nothing was changed.');
        $this->expectExceptionMessage('newer Marrow');
        try {
            Artisan::call('migrate', ['--force' => true]);
        } finally {
            self::assertSame($before + 1, DB::table('migrations')->count());
        }
    }

    public function test_while_a_garden_has_not_followed_an_update_that_is_said(): void
    {
        DB::table('migrations')->where('migration', '2026_11_26_000000_keep_marks')->delete();
        $this->getJson('/api/today')->assertStatus(503)
            ->assertJsonPath('message', 'Marrow was brought up to date and this garden not yet: run bin/update, or bin/start. Nothing is lost; it goes on by itself then.');
        $this->getJson('/api/ping')->assertOk();
    }

    private function open(string $fixture): void
    {
        DB::disconnect();
        foreach (glob($this->database.'*') ?: [] as $file) {
            unlink($file);
        }
        (new PDO("sqlite:$this->database"))->exec((string) file_get_contents(base_path("tests/fixtures/$fixture")));
        self::assertSame(0, Artisan::call('marrow:ready'), Artisan::output());
    }

    /** @return array<string, mixed> */
    private function lot(string $code): array
    {
        $lot = $this->getJson("/api/lots/$code")->assertOk()->json();
        $section = static fn (string $name): ?array => collect($lot['sections'])->firstWhere('section', $name);
        $store = $section('store');

        return [
            'drying' => $section('drying')['verdict'] ?? null,
            'entries' => self::entries($lot),
            'ferment' => self::plain($section('cleaning')['vessel']['sentence'] ?? null),
            'line' => $lot['tag']['line'],
            'place' => $lot['place'],
            'stage' => self::plain($lot['stage']),
            'store' => $store === null ? null : self::plain("{$store['container']}, {$store['place']}, {$store['stock']}"),
            'tests' => collect($lot['sections'])->where('section', 'test')->map(static fn (array $test): string => sprintf('%s: %d of %d', $test['started'], $test['germinated'], $test['seeds'] * $test['replicates']))->values()->all(),
            'variety' => $lot['tag']['variety'],
            'year' => $lot['tag']['year'],
        ];
    }

    /** @return array<string, mixed> */
    private function planting(string $code): array
    {
        $planting = $this->getJson("/api/plantings/$code")->assertOk()->json();
        $lots = array_column($planting['lots'], 'code');
        sort($lots);

        return [
            'entries' => self::entries($planting),
            'lots' => $lots,
            'plants' => $planting['plants'],
            'season' => $planting['season'],
            'sown' => $planting['sown'],
            'spot' => $planting['spot'],
            'variety' => $planting['tag']['variety'],
        ];
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @return list<string>
     */
    private static function entries(array $sheet): array
    {
        $at = array_column($sheet['entries'], 'happened_at');
        $newestFirst = $at;
        rsort($newestFirst);
        self::assertSame($newestFirst, $at);

        return self::sorted(array_map(static fn (array $entry): string => self::plain($entry['title'].($entry['figures'] === '' ? '' : ': '.$entry['figures'])." ({$entry['happened_at']})".($entry['struck'] ? ' struck' : '')), $sheet['entries']));
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private static function mended(array $said, string $garden): array
    {
        // Entries of one minute stood in no settled order.
        $said['entries'] = self::sorted(array_map(static fn (string $line): string => (string) preg_replace(array_keys(self::MENDED), array_values(self::MENDED), $line), $said['entries']));

        // In store drying is over, whatever the last weighing on the racks was.
        if (in_array($said['drying'] ?? null, ['steady', 'drying'], true) && $said['place'] === 'store') {
            $said['drying'] = 'left';
        }

        // Dry enough is what shows 35 % RH in a jar, by what was measured of the crop: peppers at 8.3 % are not, as these two had them.
        if ($garden < 'garden-2026-11-29' && ($said['variety'] ?? null) === 'Nightwatch' && ($said['drying'] ?? null) === 'dry_enough') {
            $said['drying'] = $said['stage'] = 'drying';
        }

        // "True" stood for the kind of the variety; now a line is as true as what is recorded of it. What was crossed is tried by itself.
        unset($said['line']);

        return $said;
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function sorted(array $lines): array
    {
        sort($lines);

        return $lines;
    }

    private static function plain(?string $text): ?string
    {
        return $text === null ? null : str_replace("\u{00A0}", ' ', $text);
    }
}
