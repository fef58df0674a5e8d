<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** What is said of seed that was bathed, that sleeps, or that is no seed at all. */
final class TreatedSeedTest extends TestCase
{
    public function test_a_bath_is_offered_with_its_usual_figures_and_counts_in_what_the_forecast_rests_on(): void
    {
        $keeper = new Keeper($this);
        $code = $this->stored($keeper, 'cabbage');
        $offer = collect($this->getJson("/api/lots/$code")->json('offers'))->firstWhere('kind', 'bathed');
        self::assertSame(['50', '25'], array_map(strval(...), array_column($offer['fields'], 'usual')));
        $keeper->records($code, 'bathed', '2026-09-12T10:00', ['temperature_c' => 50, 'minutes' => 25]);
        $store = collect($this->getJson("/api/lots/$code")->json('sections'))->firstWhere('section', 'store');
        self::assertStringContainsString('Bathed at 50 °C for 25 minutes, 12 September 2026: counted as if sound seed of 95 % had fallen to 92 % by it.', self::plain(json_encode($store, JSON_UNESCAPED_UNICODE)));
        self::assertStringStartsWith('Once it is dry again, count on it until', self::plain($store['forecast']['sentence']));
        self::assertContains('Moisture: wet from its bath; the forecast takes it as dried again at once.', $store['forecast']['ground']);
        self::assertStringStartsWith('Dry it before anything else', (string) $this->getJson("/api/lots/$code")->json('advice'));
        self::assertContains('Spread it to dry at once, one layer thick', array_column($this->getJson("/api/lots/$code")->json('tasks'), 'do'));
    }

    public function test_a_lot_whose_fresh_seed_slept_is_not_told_that_it_is_dead(): void
    {
        $keeper = new Keeper($this);
        $code = $this->stored($keeper, 'lettuce', '2026-08-20');
        $keeper->records($code, 'test_started', '2026-09-02T09:00', ['test' => 'a', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        $keeper->records($code, 'test_counted', '2026-09-09T09:00', ['test' => 'a', 'normal' => [12], 'abnormal' => [0]]);
        $keeper->records($code, 'test_ended', '2026-09-10T09:00', ['test' => 'a']);
        $lot = $this->getJson("/api/lots/$code")->json();
        self::assertStringStartsWith('It may be asleep, not dead: 24 %, likely', self::plain($lot['advice']));
        self::assertStringContainsString('It is woken by: Three days damp at 5 °C', self::plain($lot['advice']));
        self::assertStringContainsString('it is not counted against the lot', self::plain(json_encode($lot['sections'], JSON_UNESCAPED_UNICODE)));
        self::assertNotContains('Grow it out now, sowing thickly', array_column($lot['tasks'], 'do'));
    }

    public function test_garlic_is_kept_alive(): void
    {
        $keeper = new Keeper($this);
        $code = $keeper->pick($keeper->sow($keeper->variety('garlic', 'Marlinspike'), '2025-10-20T10:00'), '2026-07-05T10:00', ['plants' => 40, 'mass_g' => 2000]);
        self::assertSame(['Put it in store'], array_column($this->getJson("/api/lots/$code")->json('tasks'), 'do'));
        $keeper->records($code, 'stored', '2026-08-01T10:00', ['container' => 'tin', 'place' => 'Loft', 'temperature_c' => 15, 'rh' => 60, 'mass_g' => 1800]);
        $lot = $this->getJson("/api/lots/$code")->json();
        self::assertStringStartsWith('It is kept alive until it is planted, from October to November; it keeps 6 to 9 months at 10 °C to 18 °C.', self::plain($lot['advice']));
        self::assertSame(['Look over what is kept, and throw out what rots', 'Plant it'], array_column($lot['tasks'], 'do'));
        $offers = array_column($lot['offers'], 'kind');
        self::assertSame([], array_intersect(['spread', 'weighed', 'jar_read', 'test_started', 'threshed'], $offers));
        $store = collect($lot['sections'])->firstWhere('section', 'store');
        self::assertStringContainsString('No forecast. It is kept alive', self::plain(json_encode($store, JSON_UNESCAPED_UNICODE)));
        self::assertStringNotContainsString('seeds', self::plain((string) $store['stock']));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }

    private function stored(Keeper $keeper, string $crop, string $picked = '2026-08-01'): string
    {
        $code = $keeper->pick($keeper->sow($keeper->variety($crop, 'Fathom'), '2025-06-01T10:00'), "{$picked}T10:00", ['plants' => 10, 'mass_g' => 900]);
        $day = new \DateTimeImmutable($picked);
        $keeper->records($code, 'threshed', $day->modify('+4 days')->format('Y-m-d').'T10:00', ['mass_g' => 60]);
        $keeper->records($code, 'winnowed', $day->modify('+5 days')->format('Y-m-d').'T10:00', ['mass_g' => 40]);
        $keeper->records($code, 'stored', $day->modify('+7 days')->format('Y-m-d').'T10:00', ['container' => 'paper_envelope', 'place' => 'Shelf', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 40]);

        return $code;
    }
}
