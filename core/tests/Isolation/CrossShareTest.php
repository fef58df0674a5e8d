<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Isolation;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\IsolationStandard;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\Bloom;
use Marrow\Core\Isolation\Compatibility;
use Marrow\Core\Isolation\Crosses;
use Marrow\Core\Isolation\CrossShare;
use Marrow\Core\Isolation\IsolationPair;
use Marrow\Core\Isolation\IsolationSetting;
use Marrow\Core\Isolation\PollenPath;
use Marrow\Core\Isolation\RiskVerdict;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

final class CrossShareTest extends CoreTestCase
{
    /** @param  list<float>  $shares */
    #[DataProvider('sources')]
    public function test_sources_together_are_never_below_the_largest_nor_above_their_sum(array $shares, float $together): void
    {
        $combined = CrossShare::together($shares);
        self::assertEqualsWithDelta($together, $combined, max(1e-15, $together * 1e-9));
        self::assertGreaterThanOrEqual(max([0.0, ...$shares]), $combined);
        self::assertLessThanOrEqual(min(1.0, array_sum($shares)) + 1e-12, $combined);
    }

    /** @return iterable<string, array{list<float>, float}> */
    public static function sources(): iterable
    {
        yield 'none' => [[], 0.0];
        yield 'one' => [[0.3], 0.3];
        yield 'three, by hand' => [[0.2, 0.05, 0.001], 0.24076];
        yield 'one that is certain' => [[0.2, 1.0], 1.0];
        // n·x − n(n−1)/2·x² for n = 1000, x = 1e-9
        yield 'a thousand very small ones' => [array_fill(0, 1000, 1e-9), 9.999995005e-7];
    }

    public function test_it_falls_with_distance_to_half_a_per_cent_at_the_careful_one(): void
    {
        foreach (self::crops()->all() as $crop) {
            if ($crop->adjacentShare === 0.0) {
                continue;
            }
            $before = INF;
            foreach ([0.0, 1.0, 10.0, 100.0, 1000.0] as $distance) {
                $share = CrossShare::atDistance($crop->adjacentShare, $crop->distances->careful, $distance);
                self::assertLessThan($before, $share, $crop->key);
                $before = $share;
            }
            self::assertSame($crop->adjacentShare, CrossShare::atDistance($crop->adjacentShare, $crop->distances->careful, 0.0));
            self::assertLessThanOrEqual(0.005 + 1e-12, CrossShare::atDistance($crop->adjacentShare, $crop->distances->careful, $crop->distances->careful));
        }
    }

    public function test_a_few_foreign_plants_count_less_and_many_never_more_than_the_whole(): void
    {
        self::assertEqualsWithDelta(2 / 11, CrossShare::byNumbers(10, 1), 1e-12);
        self::assertSame(1.0, CrossShare::byNumbers(10, 10));
        self::assertSame(1.0, CrossShare::byNumbers(10, 1_000_000));
        self::assertSame(0.0, CrossShare::byNumbers(10, 0));
    }

    public function test_a_stricter_standard_never_asks_for_less(): void
    {
        foreach (self::crops()->all() as $crop) {
            $needed = array_map(
                static fn (IsolationStandard $standard): float => IsolationPair::of($crop, $crop, new PollenPath(0, 1, 1), new IsolationSetting($standard))->neededDistance,
                IsolationStandard::cases(),
            );
            self::assertSame($needed, [min($needed), $needed[1], max($needed)], $crop->key);
        }
    }

    public function test_the_species_decides_and_known_exceptions_cross_now_and_then(): void
    {
        $crosses = static fn (string $kept, string $source): Crosses => IsolationPair::of(
            self::crop($kept),
            self::crop($source),
            new PollenPath(0, 1, 1),
            new IsolationSetting,
        )->crosses;
        self::assertSame(Crosses::Freely, $crosses('squash-pepo', 'squash-pepo'));
        self::assertSame(Crosses::Never, $crosses('squash-pepo', 'cucumber'));
        self::assertSame(Crosses::Rarely, $crosses('pea', 'pea'), 'a selfer');
        // Bunching onion is only known to the onion's own file, and holds in both directions.
        self::assertSame(0.05, Compatibility::between(self::crop('onion'), self::bunchingOnion()));
        self::assertSame(0.05, Compatibility::between(self::bunchingOnion(), self::crop('onion')));
    }

    private static function bunchingOnion(): Crop
    {
        $data = json_decode((string) file_get_contents(__DIR__.'/../../data/crops/onion.json'), true);
        self::assertIsArray($data);

        return CropFile::read('bunching', [...$data, 'latin' => 'Allium fistulosum', 'crossing' => ['partners' => []]]);
    }

    public function test_a_hedge_lets_three_tenths_past_and_halves_the_distance(): void
    {
        $crop = self::crop('carrot');
        $open = IsolationPair::of($crop, $crop, new PollenPath(50, 20, 20), new IsolationSetting);
        $hedge = IsolationPair::of($crop, $crop, new PollenPath(50, 20, 20, barrier: Barrier::Hedge), new IsolationSetting);
        self::assertEqualsWithDelta(0.3 * $open->share, $hedge->share, 1e-12);
        self::assertSame($open->neededDistance / 2, $hedge->neededDistance);
    }

    public function test_a_verdict_follows_what_is_allowed(): void
    {
        $crop = self::crop('carrot');
        $verdict = static fn (float $distance, float $allowed): RiskVerdict => IsolationPair::of(
            $crop,
            $crop,
            new PollenPath($distance, 20, 20),
            new IsolationSetting(allowed: $allowed),
        )->verdict;
        self::assertSame(RiskVerdict::Act, $verdict(100, 0.01));
        self::assertSame(RiskVerdict::Watch, $verdict(700, 0.01));
        self::assertSame(RiskVerdict::Clear, $verdict(1200, 0.01));
        self::assertSame(RiskVerdict::Clear, $verdict(800, 0.02));
    }

    public function test_bloom_is_counted_with_both_ends(): void
    {
        $day = static fn (string $day): \DateTimeImmutable => new \DateTimeImmutable($day);
        $july = Bloom::between($day('2026-07-01'), $day('2026-07-31'));
        self::assertSame(31, $july->days());
        self::assertSame(31, $july->overlapDays($july));
        self::assertSame(1, $july->overlapDays(Bloom::between($day('2026-07-31'), $day('2026-08-09'))));
        self::assertSame(0, $july->overlapDays(Bloom::between($day('2026-08-01'), $day('2026-08-09'))));
        self::assertSame(0, $july->gapTo(Bloom::between($day('2026-08-01'), $day('2026-08-09'))));
        self::assertSame(4, $july->gapTo(Bloom::between($day('2026-08-05'), $day('2026-08-09'))));
        self::assertSame(4, Bloom::between($day('2026-08-05'), $day('2026-08-09'))->gapTo($july));
        self::assertSame(26, $july->overlapDays($july->shifted(5)));
        // Over the change to winter time a day is still a day.
        $zone = new \DateTimeZone('Europe/London');
        self::assertSame(3, Bloom::between(new \DateTimeImmutable('2026-10-24', $zone), new \DateTimeImmutable('2026-10-26', $zone))->days());
    }
}
