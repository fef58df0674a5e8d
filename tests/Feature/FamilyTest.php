<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Where a lot came from, back to the first, and what came of it, in the demo garden. */
final class FamilyTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->lay('marrow:demo');
    }

    public function test_forebears_are_followed_to_the_first_and_offspring_to_the_last(): void
    {
        foreach (self::numbers() as $n) {
            $family = $this->getJson("/api/lots/L$n/family")->assertOk()->json();
            $lot = $this->getJson("/api/lots/L$n")->json();
            self::assertSame("L$n", $family['self']['tag']['code']);
            self::assertNotContains("L$n", array_map(static fn (array $step): string => $step['tag']['code'], [...$family['forebears'], ...$family['offspring']]), 'nobody is their own forebear');
            // What was picked here was grown out here once at the least.
            $lot['planting'] === null || self::assertGreaterThan(0, $family['self']['generation'], "L$n");
            foreach ($family['forebears'] as $step) {
                self::assertLessThanOrEqual($family['self']['generation'], $step['generation']);
                self::assertContains("L$n", array_map(static fn (array $one): string => $one['tag']['code'], $this->getJson("/api/lots/{$step['tag']['code']}/family")->json('offspring')), 'who is a forebear of it has it among what came of it');
            }
        }
    }

    public function test_it_says_how_each_came_to_be(): void
    {
        $parted = collect(self::numbers())->map(fn (int $n): array => $this->getJson("/api/lots/L$n/family")->json())->first(static fn (array $family): bool => str_starts_with($family['self']['said'], 'set apart from'));
        self::assertNotNull($parted, 'the demo has a part of a lot');
        self::assertSame('set apart from '.$parted['forebears'][0]['tag']['code'], $parted['self']['said']);
        $said = collect(self::numbers())->map(fn (int $n): string => $this->getJson("/api/lots/L$n/family")->json('said'));
        self::assertTrue($said->contains('As it came, not grown out here yet; no lot has come of it yet.'));
        self::assertTrue($said->contains(static fn (string $one): bool => str_contains($one, 'first own generation, for nobody said what the first was sown from')));
        $this->getJson('/api/lots/L999/family')->assertNotFound();
    }

    /** @return list<int> of all lots of the demo */
    private static function numbers(): array
    {
        return array_map(intval(...), DB::table('lots')->orderBy('number')->pluck('number')->all());
    }
}
