<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Plans\PlansAfresh;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\TestCase;

/** A plan and the garden that is grown by it, or not: what Today has of the plan is what would be reckoned afresh. */
final class RandomPlansTest extends TestCase
{
    private const CROPS = ['leek', 'pea', 'squash-pepo', 'carrot'];

    private Keeper $keeper;

    private Randomizer $chance;

    /** @var list<string> ids of the varieties that are planned */
    private array $varieties = [];

    /** @var list<string> codes */
    private array $plantings = [];

    /** @var list<string> ids */
    private array $entries = [];

    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        foreach (range(1, 6) as $seed) {
            yield "keeper $seed" => [$seed];
        }
    }

    #[DataProvider('keepers')]
    public function test_the_work_of_a_plan_never_drifts_from_the_plan_and_the_journal(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937(700 + $seed));
        $this->keeper = new Keeper($this);
        $this->draw();
        self::assertNotSame([], $this->work());
        for ($step = 0; $step < 18; $step++) {
            $what = $this->doSomething();
            $kept = $this->work();
            $this->app->make(PlansAfresh::class)->all();
            self::assertSame($this->work(), $kept, "after step $step: $what");
            $this->sayNothingTwice($kept);
        }
    }

    public function test_a_picking_ends_what_the_plan_asks_of_its_planting_and_a_strike_brings_it_back(): void
    {
        $this->chance = new Randomizer(new Mt19937(1));
        $this->keeper = new Keeper($this);
        $this->draw();
        $pea = $this->keeper->sow($this->varieties[1], '2026-03-20T10:00', 40);
        $asked = fn (): array => array_column(array_filter($this->work(), fn (array $task): bool => $task['variety_id'] === $this->varieties[1]), 'kind');
        self::assertContains('watch_bloom', $asked());
        $lot = $this->keeper->pick($pea, '2026-07-20T10:00');
        self::assertNotContains('watch_bloom', $asked(), 'what was picked has bloomed');
        $entry = $this->getJson("/api/lots/$lot")->json('entries.0.id');
        $this->keeper->strikes($entry);
        self::assertContains('watch_bloom', $asked());
    }

    /** Four plantings for this season, in rows apart. */
    private function draw(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2026])->assertOk();
        $plantings = [];
        foreach (self::CROPS as $n => $crop) {
            $this->varieties[] = $variety = $this->keeper->variety($crop, "Row $n");
            $plantings[] = ['id' => "p$n", 'crop' => $crop, 'variety' => $variety, 'plants' => 20, 'purpose' => 'seed', 'sow' => ['2026-03-15', '2026-03-20', '2026-05-10', '2026-04-01'][$n], 'spot' => ['x' => 0, 'y' => 3 * $n, 'width' => 3, 'depth' => 1]];
        }
        $this->putJson('/api/plans/2026', ['version' => $plan->json('version'), 'content' => [...$plan->json('content'), 'plantings' => $plantings], 'said' => 'Drew it'])->assertOk();
    }

    private function doSomething(): string
    {
        $n = $this->chance->getInt(0, 3);
        switch ($this->chance->getInt(0, 9)) {
            case 0:
            case 1:
                $this->plantings[] = $this->keeper->sow($this->varieties[$n], sprintf('2026-%02d-%02dT10:00', $this->chance->getInt(2, 6), $this->chance->getInt(1, 28)), 20);

                return 'sown as it came';
            case 2:
                $answer = $this->keeper->sends([
                    'about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $this->varieties[$n], 'spot' => 'Row'], 'kind' => 'sown',
                    'happened_at' => '2026-04-0'.$this->chance->getInt(1, 9).'T10:00', 'payload' => ['plants' => 20, 'planned' => "p$n"],
                ])->assertOk();
                $this->plantings[] = $answer->json('answers.0.code');
                $this->entries[] = $answer->json('answers.0.entry');

                return 'sown from the plan';
            case 3:
                return $this->says('first_bloom', sprintf('2026-07-%02dT10:00', $this->chance->getInt(1, 28)));
            case 4:
                return $this->says('planted_out', '2026-05-20T10:00', ['plants' => 18]);
            case 5:
                return $this->says('rogued', '2026-06-10T10:00', ['looked_over' => 18, 'pulled' => 0]);
            case 6:
                return $this->says('put_off', '2026-09-01T10:00', ['task' => 'plan.'.['lift', 'look_for_ripe', 'look_over', 'plant_out'][$n], ...[['how' => 'later', 'until' => '2026-10-02'], ['how' => 'done'], ['how' => 'next_year']][$this->chance->getInt(0, 2)]]);
            case 7:
                if ($this->plantings !== []) {
                    $this->keeper->sends([
                        'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => $this->keeper->idOf($this->plantings[array_key_last($this->plantings)])],
                        'kind' => 'picked', 'happened_at' => '2026-09-10T10:00', 'payload' => ['plants' => 4, 'fruits' => 12, 'mass_g' => 900], 'even_so' => true,
                    ]);
                }

                return 'picked';
            case 8:
                $entry = $this->entries === [] ? null : array_splice($this->entries, $this->chance->getInt(0, count($this->entries) - 1), 1)[0];
                $entry === null || $this->postJson("/api/entries/$entry/strike", ['id' => (string) Str::uuid7()]);

                return 'struck';
            default:
                $plan = $this->getJson('/api/plans/2026')->json();
                $plan['content']['plantings'][$n]['sow'] = sprintf('2026-%02d-%02d', $this->chance->getInt(3, 5), $this->chance->getInt(1, 28));
                $this->putJson('/api/plans/2026', ['version' => $plan['version'], 'content' => $plan['content'], 'said' => 'Moved a sowing']);

                return 'moved in the plan';
        }
    }

    /** @param  array<string, mixed>  $payload */
    private function says(string $kind, string $at, array $payload = []): string
    {
        if ($this->plantings !== []) {
            $answer = $this->keeper->tries($this->plantings[$this->chance->getInt(0, count($this->plantings) - 1)], $kind, $at, $payload, evenSo: true);
            if ($answer->status() === 200) {
                $this->entries[] = $answer->json('answers.0.entry');
            }
        }

        return $kind;
    }

    /** @param  list<array<string, mixed>>  $work */
    private function sayNothingTwice(array $work): void
    {
        $asked = array_map(static fn (array $task): string => "{$task['planting']} {$task['kind']} {$task['on_day']}", $work);
        self::assertSame(array_values(array_unique($asked)), $asked, 'nothing is asked twice');
        $grown = array_filter(array_column($work, 'grown', 'planting'));
        self::assertSame(array_values(array_unique($grown)), array_values($grown), 'one planting is not two of the plan');
    }

    /** @return list<array<string, mixed>> */
    private function work(): array
    {
        return DB::table('plan_tasks')->orderBy('year')->orderBy('planting')->orderBy('kind')->orderBy('on_day')->get()->map(static fn (object $row): array => (array) $row)->all();
    }
}
