<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Marrow\Core\Season\Rectangle;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Lines of the rota put into a plan: on free ground, with their seed, kept apart. */
final class RotaIntoPlanTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_each_stands_on_free_ground_of_the_beds_with_its_lot_and_its_plants(): void
    {
        $this->drawn(width: 12, depth: 4);
        $lines = [$this->line('lettuce', 'Spindrift'), $this->line('pea', 'Hawser'), $this->line('leek', 'Long Splice')];
        $plan = $this->into(2027, array_column($lines, 0));
        $there = $this->plantings($plan);
        self::assertSame(array_column($lines, 0), array_column($there, 'variety'));
        self::assertSame(array_column($lines, 1), array_column($there, 'lot'));
        $bed = new Rectangle(0, 0, 12, 4);
        $spots = array_map(static fn (array $one): Rectangle => new Rectangle(...array_values($one['spot'])), $plan['content']['plantings']);
        foreach ($spots as $n => $spot) {
            self::assertTrue($spot->isWithin($bed), "planting $n");
            foreach (array_slice($spots, $n + 1) as $other) {
                self::assertFalse($spot->overlaps($other));
            }
        }
    }

    public function test_where_no_ground_is_left_it_is_said_and_nothing_is_planned(): void
    {
        $this->drawn(width: 1, depth: 1, ground: [2, 2]);
        $squash = $this->line('squash-pepo', 'Bell Buoy')[0];
        $answer = $this->postJson('/api/rota/plan', ['year' => 2027, 'lines' => [$squash]])->assertUnprocessable();
        self::assertStringStartsWith('There is no ground left for Bell Buoy', $answer->json('errors.line.0'));
        self::assertSame([], $this->getJson('/api/plans/2027')->json('content.plantings'));
        // Nor is a plan begun that would be empty.
        $this->postJson('/api/rota/plan', ['year' => 2028, 'lines' => [$squash]])->assertUnprocessable();
        self::assertSame([2027], $this->getJson('/api/plans')->json());
    }

    #[TestWith([true, false])]
    #[TestWith([false, true])]
    public function test_two_that_would_cross_are_kept_apart_where_that_is_wanted(bool $apart, bool $atRisk): void
    {
        $this->drawn(width: 12, depth: 6);
        $lines = [$this->line('squash-pepo', 'Bell Buoy')[0], $this->line('squash-pepo', 'Rope Walk')[0]];
        $plan = $this->into(2027, $lines, $apart);
        $acting = array_filter($plan['risks'], static fn (array $one): bool => $one['verdict'] === 'act');
        self::assertSame($atRisk, $acting !== []);
    }

    public function test_a_plan_that_is_not_there_yet_is_begun_from_the_last_one(): void
    {
        $this->drawn(width: 12, depth: 4);
        $plan = $this->into(2029, [$this->line('lettuce', 'Spindrift')[0]]);
        self::assertSame(['North'], array_column($plan['content']['beds'], 'name'));
        self::assertSame([2027, 2029], $this->getJson('/api/plans')->json());
        self::assertSame('Planned from the rota: Spindrift, lettuce', $plan['last_change']);
    }

    public function test_a_line_that_there_is_not_is_refused(): void
    {
        $this->drawn(width: 12, depth: 4);
        $this->postJson('/api/rota/plan', ['year' => 2027, 'lines' => ['nobody']])->assertUnprocessable()->assertJsonPath('errors.lines.0', 'That line has no part in the rota.');
        $this->postJson('/api/rota/plan', ['year' => 2027, 'lines' => [$this->line('tomato', 'Stanchion', 'hybrid')[0]]])->assertUnprocessable();
    }

    /** @param  array{float|int, float|int}  $ground */
    private function drawn(float $width, float $depth, array $ground = [20, 12]): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027, 'from' => null])->assertOk()->json();
        $content = $plan['content'];
        [$content['ground']['width'], $content['ground']['depth']] = $ground;
        $this->putJson('/api/plans/2027', ['version' => $plan['version'], 'said' => 'Drew it', 'content' => [...$content, 'beds' => [['id' => 'bed', 'name' => 'North', 'x' => 0, 'y' => 0, 'width' => $width, 'depth' => $depth]]]])->assertOk();
    }

    /** @return array{string, string} id of the variety, and of its lot */
    private function line(string $crop, string $name, string $type = 'open_pollinated'): array
    {
        $variety = $this->keeper->variety($crop, $name, $type);
        $lot = $this->keeper->sends([
            'about' => ['subject' => 'lot', 'id' => $id = (string) Str::uuid7()],
            'begins' => ['variety' => $variety],
            'kind' => 'received',
            'happened_at' => '2026-01-10T10:00',
            'payload' => ['how' => 'swapped', 'from' => 'Quay swap', 'year' => 2025, 'seeds' => 500],
        ])->assertOk()->json('answers.0.code');
        $this->keeper->records($lot, 'stored', '2026-01-10T11:00', ['container' => 'paper_envelope', 'place' => 'Hall cupboard', 'temperature_c' => 18, 'rh' => 50]);

        return [$variety, $id];
    }

    /**
     * @param  list<string>  $lines
     * @return array<string, mixed> the plan
     */
    private function into(int $year, array $lines, bool $apart = false): array
    {
        $this->postJson('/api/rota/plan', ['year' => $year, 'lines' => $lines, 'apart' => $apart])->assertOk();

        return $this->getJson("/api/plans/$year")->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return list<array<string, mixed>>
     */
    private function plantings(array $plan): array
    {
        self::assertSame(['seed'], array_values(array_unique(array_column($plan['content']['plantings'], 'purpose'))));

        return $plan['content']['plantings'];
    }
}
