<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\Support\RandomEntries;
use Tests\TestCase;

/** Tins that are moved, seed that is moved between them, and places whose air changes, told of in any order: the lists are always what the journal gives afresh. */
final class ArrivalTest extends TestCase
{
    #[DataProvider('keepers')]
    public function test_in_whatever_order_it_is_told_the_lists_are_what_the_journal_gives_afresh(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $keeper = new Keeper($this);
        $places = array_map(fn (array $air): string => $this->place(...$air), [['Attic', 31, 40], ['Cellar', 9, 80], ['Hall', 18, 50]]);
        $tins = array_map(fn (string $name): string => $this->tin($name), ['Blue tin', 'Green tin']);
        $lots = array_map(fn (string $name): string => $keeper->idOf($keeper->storedTomato($name)), ['Sluice Gate', 'Weir']);
        $any = static fn (array $of): string => $of[$chance->getInt(0, count($of) - 1)];
        $told = [];
        for ($day = 1; $day <= 14; $day++) {
            [$subject, $id, $kind, $payload] = match ($chance->getInt(0, 4)) {
                0, 1 => ['container', $any($tins), 'placed', ['place_id' => $any($places)]],
                2 => ['lot', $any($lots), 'stored', ['container' => 'paper_envelope', 'inside' => $any($tins)]],
                3 => ['lot', $any($lots), 'stored', ['container' => $any(['jar', 'paper_envelope']), 'place_id' => $any($places)]],
                default => ['place', $any($places), 'air_set', ['temperature_c' => $chance->getInt(2, 30), 'rh' => $chance->getInt(30, 85)]],
            };
            $told[] = ['id' => (string) Str::uuid7(), 'about' => ['subject' => $subject, 'id' => $id], 'kind' => $kind, 'happened_at' => sprintf('2026-08-%02dT%02d:00', $day + 10, $chance->getInt(7, 19)), 'payload' => $payload, 'late' => true, 'even_so' => true];
        }
        foreach ($chance->shuffleArray($told) as $draft) {
            $keeper->sends($draft)->assertOk();
        }
        // A thermometer that was wrong all along.
        $this->putJson("/api/store-places/$places[1]", ['name' => 'Cellar', 'temperature' => 14, 'rh' => 60])->assertOk();
        $was = RandomEntries::lists();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, RandomEntries::lists());
    }

    /** @return array<string, array{int}> */
    public static function keepers(): array
    {
        return array_combine(array_map(static fn (int $n): string => "keeper $n", range(1, 12)), array_map(static fn (int $n): array => [$n], range(1, 12)));
    }

    private function place(string $name, float $temperature, float $rh): string
    {
        $this->postJson('/api/store-places', ['id' => $id = (string) Str::uuid7(), 'name' => $name, 'temperature' => $temperature, 'rh' => $rh])->assertOk();

        return $id;
    }

    private function tin(string $name): string
    {
        $this->postJson('/api/containers', ['id' => $id = (string) Str::uuid7(), 'name' => $name, 'kind' => 'tin'])->assertOk();

        return $id;
    }
}
