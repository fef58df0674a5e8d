<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Which lots in store are the last of their variety, against every lot counted, whatever happens to them. */
final class LastOfVarietyTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        foreach (range(1, 5) as $seed) {
            yield "keeper $seed" => [$seed];
        }
    }

    #[DataProvider('keepers')]
    public function test_the_last_of_a_variety_is_the_only_lot_of_it_that_still_holds_seed(int $seed): void
    {
        $chance = new Randomizer(new Mt19937(400 + $seed));
        $keeper = new Keeper($this);
        $varieties = array_map(static fn (string $name): string => $keeper->variety('tomato', $name), ['Sluice Gate', 'Pilot Boat', 'Quarter Deck']);
        $plantings = array_map(static fn (string $variety): string => $keeper->sow($variety), $varieties);
        $lots = $entries = [];
        for ($step = 0; $step < 16; $step++) {
            switch ($chance->getInt(0, 5)) {
                case 0:
                case 1:
                    $lots[] = $lot = $keeper->pick($plantings[$chance->getInt(0, 2)], sprintf('2026-08-%02dT10:00', 1 + $step));
                    $entries[] = $keeper->tries($lot, 'stored', '2026-08-25T10:00', ['container' => 'jar', 'place' => 'Shelf', 'temperature_c' => 12, 'rh' => 50, 'mass_g' => 9, 'seeds' => 300], evenSo: true)->assertOk()->json('answers.0.entry');
                    break;
                case 2:
                    if ($lots !== []) {
                        $answer = $keeper->tries($lots[$chance->getInt(0, count($lots) - 1)], 'withdrawn', '2026-09-01T10:00', ['purpose' => 'discarded', 'seeds' => 300], evenSo: true);
                        $answer->status() !== 200 || $entries[] = $answer->json('answers.0.entry');
                    }
                    break;
                case 3:
                    if ($entries !== []) {
                        $this->postJson('/api/entries/'.array_splice($entries, $chance->getInt(0, count($entries) - 1), 1)[0].'/strike', ['id' => (string) \Illuminate\Support\Str::uuid7()]);
                    }
                    break;
                case 4:
                    $this->putJson("/api/varieties/{$varieties[0]}", ['id' => $varieties[0], 'crop' => 'tomato', 'name' => "Sluice Gate $step", 'type' => 'open_pollinated'])->assertOk();
                    break;
                default:
                    $step < 12 || $this->postJson("/api/varieties/{$varieties[2]}/merge", ['into' => $varieties[1]]);
            }
            self::assertSame($this->countedOneByOne(), $this->last(), "after step $step");
        }
        $kept = $this->last();
        Artisan::call('marrow:rebuild');
        self::assertSame($kept, $this->last());
    }

    public function test_two_names_that_are_made_one_are_one_variety(): void
    {
        $keeper = new Keeper($this);
        $first = $keeper->storedTomato('Pilot');
        $second = $keeper->storedTomato('The Pilot');
        self::assertSame([$first, $second], $this->last());
        [$into, $goes] = DB::table('varieties')->orderBy('name')->pluck('id')->all();
        $this->postJson("/api/varieties/$goes/merge", ['into' => $into])->assertOk();
        self::assertSame([], $this->last());
    }

    /** @return list<string> codes */
    private function last(): array
    {
        return array_column(array_column($this->getJson('/api/places/store?only=last&sort=code')->assertOk()->json('items'), 'tag'), 'code');
    }

    /** @return list<string> codes */
    private function countedOneByOne(): array
    {
        $holding = DB::table('lots')->join('lot_standings', 'lot_id', '=', 'lots.id')->where('used_up', 0)->where('place', '!=', 'plot')->orderBy('lots.number')
            ->get(['lots.number', 'lots.variety_id', 'place']);

        return $holding->filter(static fn (object $lot): bool => $lot->place === 'store' && $holding->where('variety_id', $lot->variety_id)->count() === 1)
            ->map(static fn (object $lot): string => "L$lot->number")->values()->all();
    }
}
