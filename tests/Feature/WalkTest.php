<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** Plants of a row that are looked at one by one, and who of them becomes a parent. */
final class WalkTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_a_row_is_walked_and_its_best_stand_first(): void
    {
        $row = $this->row();
        foreach ([1 => 'health 5; vigour 1', 4 => 'health 3; vigour 5', 6 => 'health 4; vigour 4', 9 => 'health 2; vigour 3'] as $plant => $scores) {
            $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:00', ['plant' => $plant, 'scores' => $scores]);
        }
        $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:10', ['plant' => 11, 'out' => 'sick']);
        $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:20', ['plant' => 12, 'scores' => 'health 5', 'rare' => 'white stem', 'at_edge' => true]);
        $walk = $this->walk($row);
        self::assertSame([6, 1, 4, 9], $walk['order']);
        self::assertSame(['parents' => [3, 4], 'rare' => '26 times in 100'], ['parents' => array_column($walk['tradeoffs'], 'keep'), 'rare' => self::plain($walk['tradeoffs'][0]['rare'])]);
        self::assertEqualsWithDelta((float) $walk['tradeoffs'][0]['both'] / 2, (float) $walk['tradeoffs'][0]['mothers'], 0.006);
        self::assertSame([
            'Struck out: 11. No parent, whatever else it has.',
            'Not scored in all, so in no order: 12.',
            'With more room, at a border or a gap, a plant looks better than it is: 12.',
            'White stem: 1 plant of those that were looked at (12). Keep one in the mix, though it may score low.',
            'Equal seed from each keeps most of what there is.',
        ], array_map(self::plain(...), $walk['said']));
    }

    public function test_looked_at_again_what_is_told_anew_takes_the_place_of_what_was(): void
    {
        $row = $this->row();
        $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:00', ['plant' => 3, 'scores' => 'health 4', 'out' => 'weak']);
        $this->keeper->records($row, 'plant_looked_at', '2026-06-03T10:00', ['plant' => 3, 'scores' => 'vigour 2']);
        self::assertSame([['4', '2'], null], [$this->walk($row)['plants'][0]['scores'], $this->walk($row)['plants'][0]['out']]);
    }

    public function test_what_cannot_be_read_is_asked_about_at_the_field(): void
    {
        $row = $this->row();
        $this->keeper->tries($row, 'plant_looked_at', '2026-06-01T10:00', ['plant' => 3, 'scores' => 'health 7'])->assertUnprocessable()->assertJsonPath('answers.0.errors.scores', '“health 7”: health is told 1 to 5.');
        $this->keeper->tries($row, 'plant_looked_at', '2026-06-01T10:00', ['plant' => 3, 'scores' => 'sweetness 4'])->assertUnprocessable()->assertJsonPath('answers.0.errors.scores', '“sweetness 4”: it is chosen by health, vigour.');
        $this->keeper->tries($row, 'plant_looked_at', '2026-06-01T10:00', ['plant' => 40])->assertUnprocessable()->assertJsonPath('answers.0.errors.plant', 'By what is recorded 24 plants were sown or set out.');
        $this->keeper->tries($row, 'traits_chosen', '2026-06-01T10:00', ['traits' => 'colour: green'])->assertUnprocessable()->assertJsonPath('answers.0.errors.traits', '“colour: green”: after a colon stand two words or more to choose among, and what counts for nothing is left out.');
        $this->keeper->tries($row, 'traits_chosen', '2026-06-01T10:00', ['traits' => 'vigour; Vigour'])->assertUnprocessable()->assertJsonPath('answers.0.errors.traits', 'One of them stands there twice.');
    }

    public function test_what_is_struck_out_is_to_be_pulled_before_it_blooms_where_pollen_counts(): void
    {
        $row = $this->row();
        $task = fn (string $of): ?array => collect($this->getJson("/api/plantings/$of")->json('tasks'))->firstWhere('kind', 'pull_struck_out');
        self::assertNull($task($row));
        $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:00', ['plant' => 3, 'out' => 'off_type']);
        $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:01', ['plant' => 7, 'out' => 'sick']);
        self::assertSame('Pull what is struck out before it blooms: 2 plants', self::plain($task($row)['do'] ?? ''));
        foreach ([3, 7] as $plant) {
            $this->keeper->records($row, 'plant_looked_at', '2026-06-02T10:00', ['plant' => $plant, 'out' => 'pulled']);
        }
        self::assertNull($task($row));
        $selfing = $this->keeper->sow($this->keeper->variety('pea', 'Coxswain'), '2026-03-20T10:00', 24);
        $this->keeper->records($selfing, 'plant_looked_at', '2026-06-01T10:00', ['plant' => 3, 'out' => 'off_type']);
        self::assertNull($task($selfing), 'its pollen goes nowhere');
        self::assertStringContainsString('gains nothing but what is struck out', implode(' ', $this->walk($selfing)['said']));
    }

    public function test_parents_are_named_and_too_few_are_said(): void
    {
        $row = $this->row();
        $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:00', ['plant' => 3, 'out' => 'sick']);
        $this->keeper->records($row, 'plant_looked_at', '2026-06-01T10:01', ['plant' => 5, 'scores' => 'health 5; vigour 5']);
        $this->keeper->tries($row, 'plants_kept', '2026-06-04T10:00', ['plants' => [3, 5]])->assertUnprocessable()->assertJsonPath('answers.0.errors.plants', 'Struck out: 3. A parent that is sick or off-type passes that on.');
        $this->keeper->records($row, 'plants_kept', '2026-06-04T10:00', ['plants' => [5]]);
        self::assertSame([false, true], array_column($this->walk($row)['plants'], 'kept'));
        $sheet = $this->getJson("/api/plantings/$row");
        self::assertStringContainsString('"plants 5"', (string) json_encode($sheet->json('facts')));
        $pick = collect($sheet->json('offers'))->firstWhere('kind', 'picked');
        self::assertSame(['Pick the parents: start a lot', '1'], [$pick['act'], array_column($pick['fields'], 'usual', 'key')['plants']]);
        self::assertStringContainsString('1 parent: fewer than the crop bears', self::plain(implode(' ', $this->walk($row)['said'])));
        $this->keeper->records($row, 'plant_looked_at', '2026-06-05T10:00', ['plant' => 5, 'out' => 'weak']);
        self::assertSame([false, false], array_column($this->walk($row)['plants'], 'kept'), 'what is struck out later is none');
    }

    public function test_by_what_it_was_chosen_the_last_time_is_taken_over_in_a_press_and_compared(): void
    {
        $kale = $this->keeper->variety('kale', 'Breakwater');
        foreach ([2023 => [3, 4, 5, 2, 4], 2024 => [4, 4, 5, 3, 5]] as $year => $marks) {
            $row = $this->keeper->sow($kale, "$year-03-20T10:00", 24);
            $this->keeper->records($row, 'traits_chosen', "$year-05-01T10:00", ['traits' => 'vigour', 'aim' => 'keep']);
            foreach ($marks as $i => $mark) {
                $this->keeper->records($row, 'plant_looked_at', "$year-06-01T10:0$i", ['plant' => $i + 1, 'scores' => "health 4; vigour $mark"]);
            }
            $this->keeper->records($row, 'plants_kept', "$year-06-02T10:00", ['plants' => [2, 3]]);
        }
        $now = $this->keeper->sow($kale, '2025-03-20T10:00', 24);
        self::assertSame(['season' => 2024, 'traits' => 'health; vigour', 'aim' => 'keep'], $this->walk($now)['last']);
        $this->keeper->records($now, 'traits_chosen', '2025-05-01T10:00', ['traits' => 'health; vigour', 'aim' => 'keep']);
        $this->keeper->records($now, 'plant_looked_at', '2025-06-01T10:00', ['plant' => 1, 'scores' => 'health 4; vigour 5']);
        $walk = $this->walk($now);
        self::assertNull($walk['last']);
        // By R, of the first year: 2.18 to 5.02.
        self::assertSame(['2023: 3.6 (2.2 to 5), 5 plants; their parents-to-be 4.5', '2024: 4.2 (3.2 to 5.2), 5 plants; their parents-to-be 4.5', '2025: 5, 1 plant'], array_map(self::plain(...), $walk['years'][1]['lines']));
        self::assertContains('It is kept as it is: nothing is chosen but what is struck out, and as many of the others as can be give seed.', $walk['said']);
        self::assertContains('By vigour alone for the third year: what it is not chosen by may be lost meanwhile. Choose by something else for a year, or keep more.', $walk['said']);
    }

    public function test_roots_are_chosen_by_how_they_kept(): void
    {
        $row = $this->row();
        self::assertFalse($this->walk($row)['lifted']);
        $this->keeper->records($row, 'lifted', '2026-06-02T10:00', ['plants' => 24, 'kept' => 10, 'how' => 'in sand']);
        $walk = $this->walk($row);
        self::assertSame([true, ['sprouted', 'shrunken', 'sound']], [$walk['lifted'], $walk['traits'][2]['words']]);
        foreach ([1 => 'sprouted', 2 => 'sound', 3 => 'shrunken'] as $root => $kept) {
            $this->keeper->records($row, 'plant_looked_at', "2026-06-03T10:0$root", ['plant' => $root, 'scores' => "health 3; vigour 3; keeping $kept"]);
        }
        $this->keeper->records($row, 'plant_looked_at', '2026-06-03T10:09', ['plant' => 4, 'out' => 'rotten']);
        self::assertSame([2, 3, 1], $this->walk($row)['order']);
        self::assertNull(collect($this->getJson("/api/plantings/$row")->json('tasks'))->firstWhere('kind', 'pull_struck_out'), 'what is rotten is gone');
    }

    public function test_the_last_to_ripen_is_no_parent_unnoticed(): void
    {
        $row = $this->keeper->sow($this->keeper->variety('squash-moschata', 'Ballast'), '2026-03-20T10:00', 6);
        foreach ([1 => '2026-08-02', 2 => '2026-08-05', 3 => '2026-08-28'] as $plant => $on) {
            $this->keeper->records($row, 'plant_looked_at', "2026-07-01T10:0$plant", ['plant' => $plant, 'scores' => 'health 4']);
            $this->keeper->records($row, 'fruit_shelved', "{$on}T10:00", ['fruit' => $plant, 'plant' => (string) $plant]);
        }
        $this->keeper->records($row, 'plants_kept', '2026-08-29T10:00', ['plants' => [1, 2]]);
        $late = 'Plant 3 was the last to ripen: of seed that is kept of the last a line grows later year by year.';
        self::assertNotContains($late, $this->walk($row)['said']);
        $this->keeper->records($row, 'plants_kept', '2026-08-30T10:00', ['plants' => [1, 3]]);
        self::assertContains($late, $this->walk($row)['said']);
        $this->keeper->records($row, 'fruit_off', '2026-09-10T10:00', ['fruits' => [1], 'why' => 'rotten']);
        self::assertContains('On the shelf: Plant 1: 1 fruit, 1 rotted after 39 days.', array_map(self::plain(...), $this->walk($row)['said']));
    }

    public function test_two_keepers_walk_one_row_at_once(): void
    {
        $row = $this->row();
        // Each has looked before the other has kept anything; what they say of the same plant is told in the order in which they saw it.
        $drafts = [];
        foreach (['Ines' => [1, 3, 5], 'Marek' => [2, 4, 5]] as $by => $plants) {
            foreach ($plants as $plant) {
                $drafts[] = $this->keeper->draft($row, 'plant_looked_at', sprintf('2026-06-01T10:%02d', $by === 'Ines' ? $plant : 30 + $plant), ['plant' => $plant, 'scores' => $by === 'Ines' ? 'health 4; vigour 2' : 'vigour 5']);
            }
        }
        foreach ([3, 0, 4, 1, 5, 2] as $i) {
            $this->keeper->sends($drafts[$i])->assertOk();
        }
        self::assertSame([1 => ['4', '2'], 2 => [null, '5'], 3 => ['4', '2'], 4 => [null, '5'], 5 => ['4', '5']], array_column($this->walk($row)['plants'], 'scores', 'number'));
    }

    /** Kale, chosen by vigour. */
    private function row(): string
    {
        $row = $this->keeper->sow($this->keeper->variety('kale', 'Breakwater'), '2026-03-20T10:00', 24);
        $this->keeper->records($row, 'traits_chosen', '2026-05-01T10:00', ['traits' => 'vigour']);

        return $row;
    }

    /** @return array<string, mixed> */
    private function walk(string $code): array
    {
        return $this->getJson("/api/plantings/$code")->assertOk()->json('walk');
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
