<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Fruit on the shelf, from the day it is laid there to the bench. */
final class ShelfTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_what_cracks_stands_first_and_what_rots_is_gone_and_known_by_its_plant(): void
    {
        $row = $this->shelf(4);
        self::assertSame([1, 2, 3, 4], array_column($this->row()['fruits'], 'number'));
        $this->keeper->records($row, 'fruit_seen', '2026-09-12T09:00', ['fruits' => [3], 'how' => 'cracked']);
        $this->keeper->records($row, 'fruit_off', '2026-09-12T09:01', ['fruits' => [2], 'why' => 'rotten']);
        $shelf = $this->row();
        self::assertSame([3, 1, 4], array_column($shelf['fruits'], 'number'));
        self::assertSame([true, 'open it soon, by Wednesday 16 September'], [$shelf['fruits'][0]['soon'], $shelf['fruits'][0]['next']]);
        self::assertSame(['Plant 2: 1 fruit, 1 rotted after 29 days.'], array_map(self::plain(...), $shelf['said']));
        self::assertSame('3 fruits: 1, 3, 4', self::plain(collect($this->getJson("/api/plantings/$row")->json('facts'))->firstWhere('label', 'On the shelf')['said']));
    }

    public function test_looked_over_in_a_tap_they_are_sound(): void
    {
        $row = $this->shelf(2);
        $task = fn (): ?array => collect($this->getJson("/api/plantings/$row")->json('tasks'))->firstWhere('kind', 'look_over_fruit');
        self::assertSame(['Look over 2 fruits on the shelf', 'All sound', 'fruits', '1 2'], [self::plain($task()['do']), $task()['tap']['act'], $task()['tap']['field'], $task()['about']]);
        $this->keeper->records($row, 'fruit_seen', '2026-09-14T09:00', ['fruits' => $task()['about']]);
        self::assertSame('2026-09-28', substr((string) $task()['opens'], 0, 10), 'again in a fortnight');
    }

    public function test_its_seed_goes_to_the_bench_as_a_lot_of_the_year_and_the_plants_it_grew_on(): void
    {
        $row = $this->shelf(3);
        foreach ([1, 3] as $fruit) {
            $this->keeper->tries($row, 'fruit_cut', '2026-09-13T18:00', ['fruit' => $fruit, 'inside' => 'plump', 'bitter' => 'no'], evenSo: true)->assertOk();
        }
        $id = (string) Str::uuid7();
        $lot = ['about' => ['subject' => 'lot', 'id' => $id]];
        $this->postJson('/api/entries', ['all' => true, 'act' => (string) Str::uuid7(), 'drafts' => [
            $lot + ['id' => (string) Str::uuid7(), 'kind' => 'picked', 'begins' => ['planting' => $this->keeper->idOf($row)], 'happened_at' => '2026-08-14T10:00', 'payload' => ['plants' => 2, 'fruits' => 2, 'mass_g' => 3600]],
            $lot + ['id' => (string) Str::uuid7(), 'kind' => 'fruit_opened', 'happened_at' => '2026-09-13T18:00', 'payload' => ['how' => 'cut', 'fruits' => 2]],
            $this->keeper->draft($row, 'fruit_seed', '2026-09-13T18:30', ['fruits' => [1, 3], 'lot' => $id]),
        ]])->assertOk();
        $sheet = $this->getJson('/api/lots/L1')->assertOk();
        self::assertSame([2026, 'bench'], [$sheet->json('tag.year'), $sheet->json('place')]);
        self::assertSame([2], array_column($this->row()['fruits'], 'number'));
        self::assertContains('Seed taken out of fruit: of fruit 1, 3, into L1', array_map(static fn (array $entry): string => self::plain("{$entry['title']}: {$entry['figures']}"), $this->getJson("/api/plantings/$row")->json('entries')));
        $this->keeper->tries($row, 'fruit_seed', '2026-09-13T19:00', ['fruits' => [1], 'lot' => $id])->assertUnprocessable()->assertJsonPath('answers.0.errors.fruits', 'The seed of fruit 1 has been taken out already.');
    }

    public function test_it_is_not_laid_in_the_refrigerator(): void
    {
        $row = $this->shelf(1);
        $this->postJson('/api/store-places', ['id' => $fridge = (string) Str::uuid7(), 'name' => 'Old fridge', 'temperature' => 5, 'rh' => 60])->assertOk();
        $this->keeper->tries($row, 'fruit_shelved', '2026-09-10T10:00', ['fruit' => 2, 'place_id' => $fridge])->assertUnprocessable()
            ->assertJsonPath('answers.0.errors.place_id', "It is 5\u{00A0}°C in Old fridge: in the refrigerator fruit goes glassy and rots, and its seed ripens no more.");
        $this->keeper->tries($row, 'fruit_moved', '2026-09-10T10:00', ['fruits' => [1], 'place_id' => $fridge], evenSo: true)->assertOk();
        self::assertSame('Old fridge', $this->row()['fruits'][0]['lies']);
    }

    public function test_what_was_tasted_first_is_a_setting(): void
    {
        $row = $this->shelf(1);
        $this->putJson('/api/settings/taste_first', ['value' => 'yes'])->assertOk();
        $this->keeper->tries($row, 'fruit_cut', '2026-09-13T18:00', ['fruit' => 1, 'bitter' => 'no'], evenSo: true)->assertOk();
        self::assertStringContainsString('Taste it first', collect($this->getJson("/api/plantings/$row")->json('tasks'))->firstWhere('kind', 'take_out_seed')['why']);
        $lot = $this->keeper->pick($row, '2026-08-14T10:00', ['plants' => 1, 'fruits' => 1]);
        $this->keeper->tries($row, 'fruit_seed', '2026-09-13T19:00', ['fruits' => [1], 'lot' => $this->keeper->idOf($lot)])->assertUnprocessable()
            ->assertJsonPath('answers.0.errors.fruits', 'Not tasted: fruit 1. Here seed is kept of what was tasted.');
    }

    public function test_a_planting_that_lays_nothing_there_is_on_no_shelf(): void
    {
        $pea = $this->keeper->sow($this->keeper->variety('pea', 'Coxswain'), '2026-03-20T10:00', 24);
        self::assertFalse($this->getJson("/api/plantings/$pea")->json('shelf'));
        self::assertSame([], $this->getJson('/api/shelf')->assertOk()->json('rows'));
        self::assertSame('Pea seed ripens dry on the plant; nothing of it lies on a shelf as fruit.', $this->getJson("/api/shelf?of=$pea")->assertOk()->json('rows.0.closed'));
        $this->getJson('/api/shelf?of=P99')->assertNotFound();
    }

    /** Butternut, so many picked on 14 August, one off each plant. */
    private function shelf(int $fruits): string
    {
        $row = $this->keeper->sow($this->keeper->variety('squash-moschata', 'Ballast'), '2026-03-20T10:00', 6);
        for ($n = 1; $n <= $fruits; $n++) {
            $this->keeper->records($row, 'fruit_shelved', sprintf('2026-08-14T10:%02d', $n), ['fruit' => $n, 'plant' => (string) $n, 'mass_g' => 1800]);
        }

        return $row;
    }

    /** @return array<string, mixed> */
    private function row(): array
    {
        return $this->getJson('/api/shelf')->assertOk()->json('rows.0');
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
