<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Reckoning;

use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Tests\Support\CoreTestCase;

/** What must hold whatever the figures are. */
final class PropertiesTest extends CoreTestCase
{
    public function test_an_interval_holds_the_share_and_shrinks_with_more_seeds(): void
    {
        foreach ([0, 1, 3, 5, 9, 10] as $tenths) {
            $width = INF;
            foreach ([10, 20, 100, 1000, 100_000] as $sown) {
                $share = GerminationShare::of(intdiv($sown * $tenths, 10), $sown);
                $interval = $share->interval();
                self::assertTrue($interval->contains($share->rate()));
                self::assertLessThan($width, $interval->halfWidth());
                $width = $interval->halfWidth();
            }
        }
    }

    public function test_more_confidence_never_means_fewer_seeds_and_better_seed_never_more(): void
    {
        foreach ([0.2, 0.55, 0.9] as $rate) {
            $before = 0;
            foreach ([0.5, 0.8, 0.95, 0.999] as $confidence) {
                $seeds = SeedsNeeded::fromRate(30, $rate, $confidence);
                self::assertGreaterThanOrEqual($before, $seeds);
                self::assertLessThanOrEqual($seeds, SeedsNeeded::fromRate(30, $rate + 0.05, $confidence));
                $before = $seeds;
            }
        }
    }

    public function test_a_small_test_asks_for_more_seeds_than_a_large_one_of_the_same_share(): void
    {
        self::assertGreaterThan(
            SeedsNeeded::fromTest(24, GerminationShare::of(80, 100)),
            SeedsNeeded::fromTest(24, GerminationShare::of(8, 10)),
        );
    }

    public function test_equilibrium_and_seed_rh_are_inverses(): void
    {
        foreach ([0.0, 0.02, 0.24, 0.5] as $oil) {
            foreach ([-18.0, 5.0, 20.0, 40.0] as $temperature) {
                foreach ([0.02, 0.15, 0.45, 0.8, 0.95] as $rh) {
                    $moisture = Equilibrium::moisture($rh, $temperature, $oil);
                    self::assertEqualsWithDelta($rh, Equilibrium::seedRh($moisture, $temperature, $oil), 1e-12);
                }
            }
        }
    }

    public function test_target_mass_and_moisture_now_agree(): void
    {
        foreach ([5.0, 9.5, 14.0] as $target) {
            $mass = Moisture::targetMass(37.4, 41.0, $target);
            self::assertEqualsWithDelta($target, Moisture::now(37.4, 41.0, $mass), 1e-9);
        }
    }

    public function test_warmth_never_lengthens_a_ferment_and_the_window_is_in_order(): void
    {
        $last = INF;
        for ($temperature = 10.0; $temperature <= 40.0; $temperature += 0.5) {
            $window = FermentWindow::at($temperature);
            self::assertLessThanOrEqual($last, $window->latestHours);
            self::assertLessThanOrEqual($window->typicalHours, $window->earliestHours);
            self::assertLessThanOrEqual($window->latestHours, $window->typicalHours);
            self::assertGreaterThanOrEqual(24.0, $window->earliestHours);
            self::assertLessThanOrEqual(168.0, $window->latestHours);
            $last = $window->latestHours;
        }
    }

    public function test_drier_and_cooler_never_means_a_shorter_life(): void
    {
        foreach (self::crops()->all() as $crop) {
            $last = INF;
            foreach ([3.0, 5.0, 8.0, 12.0, 15.0] as $moisture) {
                $sigma = $crop->viability()->sigma($moisture, 18.0);
                self::assertLessThan($last, $sigma, $crop->key);
                $last = $sigma;
            }
            $last = 0.0;
            foreach ([35.0, 20.0, 5.0, -5.0] as $temperature) {
                $sigma = $crop->viability()->sigma(7.0, $temperature);
                self::assertGreaterThan($last, $sigma, $crop->key);
                $last = $sigma;
            }
        }
    }

    public function test_ageing_over_split_segments_equals_ageing_over_the_whole(): void
    {
        $start = new \DateTimeImmutable('2024-01-01');
        $limits = new Interval(0.8, 0.97);
        $whole = Forecast::of(0.92, $limits, $start, [new AgeingSegment($start, 900.0)], ConstantsBasis::Published);
        $split = Forecast::of(0.92, $limits, $start, [
            new AgeingSegment($start, 900.0),
            new AgeingSegment($start->modify('+200 days'), 900.0),
            new AgeingSegment($start->modify('+333 days'), 900.0),
        ], ConstantsBasis::Published);
        foreach ([0, 100, 250, 600, 4000] as $days) {
            $at = $start->modify("+$days days");
            self::assertEqualsWithDelta($whole->shareAt($at), $split->shareAt($at), 1e-12);
        }
        self::assertSame($whole->reaches(0.7)->getTimestamp(), $split->reaches(0.7)->getTimestamp());
    }

    public function test_a_forecast_reaches_its_threshold_when_it_says_so(): void
    {
        $start = new \DateTimeImmutable('2024-01-01');
        $forecast = Forecast::of(0.95, new Interval(0.88, 0.98), $start, [
            new AgeingSegment($start, 400.0),
            new AgeingSegment($start->modify('+120 days'), 2500.0),
        ], ConstantsBasis::OrdinaryYears);
        $at = $forecast->reaches(0.7);
        self::assertEqualsWithDelta(0.7, $forecast->shareAt($at), 1e-6);
        self::assertLessThan($at, $forecast->reachesEarliest(0.7));
        self::assertGreaterThan($at, $forecast->reachesLatest(0.7));
        self::assertTrue($forecast->limitsAt($at)->contains(0.7));
    }

    public function test_one_segment_is_the_published_equation(): void
    {
        $start = new \DateTimeImmutable('2025-03-01');
        $constants = self::crop('onion')->viability();
        $life = StorageLife::of($constants, 9.0, 18.0, 0.94);
        $forecast = Forecast::of(0.94, new Interval(0.9, 0.97), $start, [new AgeingSegment($start, $constants->sigma(9.0, 18.0))], $constants->basis);
        self::assertEqualsWithDelta($life->daysTo(0.7), ($forecast->reaches(0.7)->getTimestamp() - $start->getTimestamp()) / 86400, 1e-4);
        self::assertEqualsWithDelta($life->rateAfter(300), $forecast->shareAt($start->modify('+300 days')), 1e-12);
    }

    public function test_very_large_figures_neither_overflow_nor_hang(): void
    {
        self::assertSame(1_000_000, SeedsNeeded::fromRate(1_000_000, 1.0));
        self::assertGreaterThan(100_000, SeedsNeeded::fromTest(100_000, GerminationShare::of(999_999, 1_000_000)));
        $interval = GerminationShare::of(1, 1_000_000)->interval(0.9999);
        self::assertGreaterThan(0.0, $interval->low);
        self::assertLessThan(1e-4, $interval->high);
    }
}
