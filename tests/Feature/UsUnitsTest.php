<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Voice\Forms;
use App\Voice\Speaking;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Whoever has chosen US units reads no other in any sentence, on any page; what somebody wrote stays as it was written. */
final class UsUnitsTest extends TestCase
{
    protected function tearDown(): void
    {
        Speaking::as(new Forms);
        parent::tearDown();
    }

    public function test_no_sentence_anywhere_speaks_in_other_units(): void
    {
        $this->lay('marrow:demo');
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        $wrote = (string) json_encode([DB::table('journal_entries')->get(), DB::table('plan_versions')->get()]);
        $plants = array_map(static fn (int $n): string => "P$n", range(1, DB::table('plantings')->count()));
        $lots = array_map(static fn (int $n): string => "L$n", range(1, DB::table('lots')->count()));
        $crops = array_column($this->getJson('/api/crops')->json(), 'key');
        $found = [];
        foreach ([
            'today', 'season', 'settings', 'beginnings', 'kinds', 'forecasts', 'store-places', 'swap-list', 'plans', 'plans/2027', 'find?text=dry', 'tags', 'words', 'rounds/evening', 'rounds/morning',
            ...array_map(static fn (string $place): string => "places/$place", ['bench', 'racks', 'store', 'plot', 'trays']),
            ...array_map(static fn (string $code): string => "plantings/$code", $plants),
            ...array_map(static fn (string $code): string => "lots/$code", $lots),
            ...array_map(static fn (string $key): string => "crops/$key", $crops),
        ] as $door) {
            $answer = $this->getJson("/api/$door")->assertOk()->json();
            array_walk_recursive($answer, static function (mixed $said, string|int $key) use ($door, $wrote, &$found): void {
                if (is_string($said) && preg_match('~unit|_c$|_g$|_m$|^\d+$|^temperature$~', (string) $key) !== 1 && preg_match('~\d[\s\x{00A0}]?(°C|mm|cm|m|kg|g)(?![\w²/])~u', $said) === 1 && ! str_contains($wrote, trim((string) json_encode($said), '"'))) {
                    $found[] = "$door $key: $said";
                }
            });
        }
        self::assertSame([], $found);
    }
}
