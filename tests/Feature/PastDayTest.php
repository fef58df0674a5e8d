<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clock;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\Support\RandomEntries;
use Tests\TestCase;

/** A day that was: what was believed then is what a garden shows that stopped there, whatever was recorded since. */
final class PastDayTest extends TestCase
{
    private const STEPS = 46;

    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "keeper $seed" => [$seed];
        }
    }

    #[DataProvider('keepers')]
    public function test_what_was_believed_then_is_what_a_garden_shows_that_stopped_there(int $seed): void
    {
        $random = new RandomEntries(new Randomizer(new Mt19937(5000 + $seed)));
        $chance = new Randomizer(new Mt19937(8000 + $seed));
        $keeper = new Keeper($this);
        $this->itIs('2025-03-20T20:00');
        $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Attic', 'temperature' => 14, 'rh' => 55])->assertOk();
        $this->postJson('/api/containers', ['id' => (string) Str::uuid7(), 'name' => 'Tin', 'kind' => 'tin'])->assertOk();
        $crops = ['tomato', 'pea', 'squash-pepo', 'onion', 'carrot', 'maize'];
        $variety = $keeper->variety($crops[$seed % count($crops)], 'Hawser');
        $sown = $keeper->sow($variety, '2025-03-20T10:00', 60);
        $this->itIs('2025-09-03T20:00');
        $first = $keeper->pick($sown, '2025-09-01T10:00', ['plants' => 4, 'fruits' => 3]);
        $keeper->pick($sown, '2025-09-03T10:00', ['plants' => 2, 'fruits' => 1, 'mass_g' => 90]);
        $this->itIs('2026-03-20T20:00');
        $second = $keeper->sow($variety, '2026-03-19T10:00', 40, $keeper->idOf($first));
        $kinds = array_values(array_filter(Registered::kinds()->all(), static fn ($kind): bool => ! $kind->starts && $kind->name !== 'noted'));
        $stopped = [];
        $at = new DateTimeImmutable('2026-03-21');
        for ($step = 0; $step < self::STEPS; $step++) {
            $at = $at->modify(sprintf('+%d hours', $chance->getInt(10, 160)));
            $this->itIs($at->format('Y-m-d\TH:i'));
            $kind = $chance->getInt(0, 5) === 0 ? Registered::kinds()->named('off_types_seen') ?? $kinds[0] : $kinds[$chance->getInt(0, count($kinds) - 1)];
            $subject = $random->one($kind->of);
            $ids = $random->ids(['lot' => 'lots', 'planting' => 'plantings', 'place' => 'places', 'container' => 'containers'][$subject->value], $subject === Subject::Container ? "name != ''" : '1');
            // Some of it is only told weeks after it happened.
            $happened = $at->modify(sprintf('-%d hours', $chance->getInt(0, 2) === 0 ? $chance->getInt(24, 900) : $chance->getInt(0, 3)));
            $payload = $kind->name === 'off_types_seen' ? ['seen' => 40, 'off' => [0, 9, 20][$chance->getInt(0, 2)]] : $random->payload($kind);
            $answer = $keeper->sends(['id' => (string) Str::uuid7(), 'about' => ['subject' => $subject->value, 'id' => $kind->name === 'off_types_seen' ? $keeper->idOf($second) : $random->one($ids)], 'kind' => $kind->name, 'happened_at' => $happened->format('Y-m-d\TH:i'), 'payload' => $payload, 'even_so' => true, 'late' => true]);
            self::assertContains($answer->status(), [200, 422]);
            if ($step % 9 === 4) {
                $at = $at->setTime(23, 59);
                $this->itIs($at->format('Y-m-d\TH:i'));
                $stopped[$at->format('Y-m-d')] = $this->believed($at->format('Y-m-d'));
            }
        }
        self::assertNotSame([], array_filter($stopped));
        foreach ($stopped as $day => $believed) {
            self::assertSame($believed, $this->believed($day), "$day, seen from {$at->format('Y-m-d')}");
        }
    }

    public function test_what_is_known_now_stands_beside_what_was_known_then(): void
    {
        $keeper = new Keeper($this);
        $this->itIs('2025-08-30T20:00');
        $sown = $keeper->sow($keeper->variety('pea', 'Coxswain'), '2025-03-20T10:00', 30);
        $lot = $keeper->pick($sown, '2025-08-20T10:00', ['plants' => 20, 'fruits' => 200, 'mass_g' => 400]);
        $this->itIs('2026-09-14T10:00');
        // Told a year after it happened.
        $keeper->tries($lot, 'threshed', '2025-08-28T10:00', ['mass_g' => 300], evenSo: true)->assertOk();
        $thing = $this->thing('2025-08-30', $lot);
        self::assertStringStartsWith('picked', $thing['then']);
        self::assertStringStartsWith('Threshed', $thing['now']);
        self::assertNull($this->thing('2025-08-19', $lot), 'before it was picked there was none of it');
        self::assertStringStartsWith('Growing, 30', $this->thing('2025-08-19', $sown)['now']);
        self::assertNull($this->thing('2025-08-19', $sown)['then'], 'on that day nobody had written it down yet');
    }

    public function test_a_day_that_is_none_or_is_to_come_is_refused(): void
    {
        foreach (['2026-02-30', 'someday', '', '2027-01-01', '1800-01-01'] as $day) {
            $this->getJson("/api/then?day=$day")->assertStatus(422)->assertJsonStructure(['errors' => ['day']]);
        }
        $this->getJson('/api/then?day=2020-01-01')->assertOk()->assertJsonPath('first', null)->assertJsonPath('things', 0);
    }

    private function itIs(string $now): void
    {
        config(['marrow.now' => $now]);
        $this->app->forgetScopedInstances();
        self::assertSame($now, $this->app->make(Clock::class)->now()->format('Y-m-d\TH:i'));
    }

    /** @return array<string, list<mixed>> by code */
    private function believed(string $day): array
    {
        $believed = [];
        foreach ($this->getJson("/api/then?day=$day")->assertOk()->json('places') as $place) {
            foreach ($place['things'] as $thing) {
                if ($thing['then'] !== null) {
                    $believed[$thing['tag']['code']] = [$place['place'], $thing['then'], $thing['believed'], $thing['due'], $thing['tag']['year']];
                }
            }
        }
        ksort($believed);

        return $believed;
    }

    /** @return ?array<string, mixed> */
    private function thing(string $day, string $code): ?array
    {
        return collect($this->getJson("/api/then?day=$day")->assertOk()->json('places'))->flatMap(static fn (array $place): array => $place['things'])->firstWhere('tag.code', $code);
    }
}
