<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Families of lots as keepers might record them: what lists hold of how true they are is what would be reckoned afresh. */
final class RandomFamiliesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            yield "keeper $seed" => [$seed];
        }
    }

    #[DataProvider('keepers')]
    public function test_the_words_in_lists_never_drift_from_what_is_recorded(int $seed): void
    {
        $chance = new Randomizer(new Mt19937(900 + $seed));
        $keeper = new Keeper($this);
        $variety = $keeper->variety(['squash-pepo', 'leek', 'pea'][$seed % 3], 'Bell Buoy');
        $plantings = [$this->sown($keeper, $variety, 2015, null)];
        $lots = [];
        $entries = [];
        for ($step = 0; $step < 22; $step++) {
            $planting = $plantings[$chance->getInt(0, count($plantings) - 1)];
            switch ($chance->getInt(0, 6)) {
                case 0:
                    $lots[] = $keeper->pick($planting['code'], "{$planting['year']}-09-20T10:00", ['plants' => 5, 'fruits' => 9, 'tied' => false]);
                    break;
                case 1:
                    $plantings[] = $this->sown($keeper, $variety, $chance->getInt(2016, 2025), $lots === [] ? null : $lots[$chance->getInt(0, count($lots) - 1)]);
                    break;
                case 2:
                    $entries[] = $this->says($keeper, $planting, 'off_types_seen', '08-20', ['seen' => 60, 'off' => [0, 0, 1, 6][$chance->getInt(0, 3)]]);
                    break;
                case 3:
                    $entries[] = $this->says($keeper, $planting, 'rogued', '06-10', ['looked_over' => 50, 'pulled' => $chance->getInt(0, 2), 'why' => 'off_type']);
                    break;
                case 4:
                    $entries[] = $this->says($keeper, $planting, 'neighbours_seen', '07-10', ['within_m' => [50, 900][$chance->getInt(0, 1)]]);
                    break;
                case 5:
                    $entries[] = $this->says($keeper, $planting, 'off_types_judged', '09-01', ['judged' => ['crossed', 'stray'][$chance->getInt(0, 1)]]);
                    break;
                default:
                    if ($entries !== []) {
                        $this->postJson('/api/entries/'.array_pop($entries).'/strike', ['id' => (string) Str::uuid7()]);
                    }
            }
        }
        $kept = $this->words();
        Artisan::call('marrow:rebuild');
        self::assertSame($this->words(), $kept);
        foreach ($lots as $lot) {
            $sheet = $this->getJson("/api/lots/$lot")->assertOk()->json();
            self::assertSame($sheet['crossed'] !== null, $sheet['tag']['line'] === 'crossed', 'one lot is never said to be two things');
            self::assertStringStartsWith(['not known' => 'How true', 'clean' => 'Clean', 'near clean' => 'Near clean', 'doubtful' => 'Doubtful', 'crossed' => 'Crossed'][$sheet['tag']['line']], $sheet['line']['says'], 'the tag and the worksheet say the same');
            self::assertNotSame([], $sheet['line']['reasons']);
        }
    }

    /** @return array{code: string, year: int} */
    private function sown(Keeper $keeper, string $variety, int $year, ?string $lot): array
    {
        $code = $keeper->sends([
            'about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'sown', 'happened_at' => "$year-04-10T10:00",
            'payload' => ['plants' => 80, ...($lot === null ? [] : ['lot' => $keeper->idOf($lot)])],
        ])->assertOk()->json('answers.0.code');

        return ['code' => $code, 'year' => $year];
    }

    /**
     * @param  array{code: string, year: int}  $planting
     * @param  array<string, mixed>  $payload
     */
    private function says(Keeper $keeper, array $planting, string $kind, string $day, array $payload): string
    {
        // What does not quite fit is kept all the same, as of a keeper who insists.
        return $keeper->tries($planting['code'], $kind, "{$planting['year']}-{$day}T10:00", $payload, evenSo: true)->assertOk()->json('answers.0.entry');
    }

    /** @return array<string, list<mixed>> */
    private function words(): array
    {
        return [
            'lots' => DB::table('lot_standings')->orderBy('number')->pluck('line')->all(),
            'generations' => DB::table('lot_standings')->orderBy('number')->pluck(DB::raw('generation || own_generation'))->all(),
            'parents' => DB::table('lot_parents')->orderByRaw('lot_id, role, planting_id, from_lot_id')->get(['lot_id', 'role', 'planting_id', 'came', 'plants'])->map(static fn (object $row): string => json_encode($row, JSON_THROW_ON_ERROR))->all(),
            'plantings' => DB::table('planting_standings')->orderBy('planting_id')->pluck('line')->all(),
        ];
    }
}
