<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Reckoning;

use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Drying\Air;
use Marrow\Core\Drying\DryingCurve;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\Germination\Comparison;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\GroupComparison;
use Marrow\Core\Germination\SmallTest;
use Marrow\Core\Harvest\CutDay;
use Marrow\Core\Pollinating\SunTimes;
use Marrow\Core\Population\Alleles;
use Marrow\Core\Population\EffectiveSize;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Selection\LineTrueness;
use Marrow\Core\Selection\Roguing;
use Marrow\Core\Selection\SelectionTradeoff;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Statistics\Beta;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Storage\Ageing;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\PacketPlan;
use Marrow\Core\Storage\SigmaPrior;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Storage\TestRefit;
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
            if (! $crop->bearsDrying()) {
                continue;
            }
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

    /** @param  list<AgeingSegment>  $segments */
    private static function foreseen(float $share, \DateTimeImmutable $start, array $segments): Forecast
    {
        return Forecast::of(Ageing::of($start, $segments), LotPace::untested($share, 0.0, ConstantsBasis::OrdinaryYears->spreadOfLog()), ConstantsBasis::OrdinaryYears);
    }

    public function test_the_moisture_of_every_crop_rises_with_the_air_and_comes_back_from_it(): void
    {
        foreach (self::crops()->all() as $crop) {
            foreach ([-18.0, 5.0, 20.0, 35.0] as $temperature) {
                $last = 0.0;
                for ($rh = 0.02; $rh < 0.97; $rh += 0.05) {
                    $moisture = $crop->balance->moisture($rh, $temperature);
                    self::assertGreaterThan($last, $moisture, "$crop->key at $rh and $temperature °C");
                    self::assertEqualsWithDelta($rh, $crop->balance->seedRh($moisture, $temperature), 1e-9, $crop->key);
                    $last = $moisture;
                }
            }
        }
    }

    public function test_ageing_over_split_segments_equals_ageing_over_the_whole(): void
    {
        $start = new \DateTimeImmutable('2024-01-01');
        $whole = self::foreseen(0.92, $start, [new AgeingSegment($start, 900.0)]);
        $split = self::foreseen(0.92, $start, [
            new AgeingSegment($start, 900.0),
            new AgeingSegment($start->modify('+200 days'), 900.0),
            new AgeingSegment($start->modify('+333 days'), 900.0),
        ]);
        foreach ([0, 100, 250, 600, 4000] as $days) {
            $at = $start->modify("+$days days");
            self::assertEqualsWithDelta($whole->shareAt($at), $split->shareAt($at), 1e-12);
        }
        self::assertSame($whole->reaches(0.7)->getTimestamp(), $split->reaches(0.7)->getTimestamp());
    }

    public function test_a_forecast_reaches_its_threshold_when_it_says_so(): void
    {
        $start = new \DateTimeImmutable('2024-01-01');
        $forecast = self::foreseen(0.95, $start, [
            new AgeingSegment($start, 400.0),
            new AgeingSegment($start->modify('+120 days'), 2500.0),
        ]);
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
        $forecast = self::foreseen(0.94, $start, [new AgeingSegment($start, $constants->sigma(9.0, 18.0))]);
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

    public function test_kept_alleles_rise_with_plants_and_parents_asked_for_keep_them(): void
    {
        foreach ([0.01, 0.05, 0.3] as $frequency) {
            $before = 0.0;
            foreach ([1, 5, 30, 200, 5000] as $plants) {
                $kept = Alleles::kept($plants, $frequency);
                self::assertGreaterThan($before, $kept === 1.0 ? 1.1 : $kept);
                $before = $kept;
            }
            $plants = Alleles::plantsToKeep($frequency, 0.95);
            self::assertGreaterThanOrEqual(0.95, Alleles::kept($plants, $frequency));
            self::assertLessThan(0.95, Alleles::kept(max(1, $plants - 1), $frequency));
        }
    }

    public function test_effective_size_is_never_more_than_the_parents(): void
    {
        foreach ([[1.0], [3.0, 3.0, 3.0], [9.0, 1.0], [0.0, 5.0, 5.0], [1e-6, 1e6]] as $contributions) {
            $size = EffectiveSize::ofContributions($contributions);
            self::assertGreaterThanOrEqual(1.0 - 1e-12, $size);
            self::assertLessThanOrEqual(count($contributions) + 1e-12, $size);
        }
    }

    public function test_a_drying_course_made_from_known_figures_gives_them_back(): void
    {
        foreach ([[50.0, 30.0, 0.002], [12.0, 9.0, 0.05], [400.0, 380.0, 0.3]] as [$start, $final, $rate]) {
            $hours = array_map(static fn (int $i): float => $i * 1.2 / $rate / 8, range(0, 8));
            $masses = array_map(static fn (float $h): float => $final + ($start - $final) * exp(-$rate * $h), $hours);
            $curve = DryingCurve::fit($hours, $masses);
            self::assertEqualsWithDelta($rate, $curve->ratePerHour, $rate * 1e-5);
            self::assertEqualsWithDelta($final, $curve->finalMass, $final * 1e-5);
            self::assertEqualsWithDelta($start, $curve->startMass, $start * 1e-6);
            $halfway = ($start + $final) / 2;
            self::assertEqualsWithDelta($halfway, $curve->massAt((float) $curve->hoursTo($halfway)), 1e-9);
        }
    }

    public function test_tests_made_from_a_known_ageing_give_it_back(): void
    {
        $days = [0.0, 300.0, 600.0, 900.0];
        $germinated = array_map(static fn (float $day): int => (int) round(1_000_000 * Normal::below(1.6 - $day / 500.0)), $days);
        $fit = TestRefit::fit($days, $germinated, array_fill(0, 4, 1_000_000));
        self::assertEqualsWithDelta(500.0, $fit->sigmaDays, 0.01);
        self::assertEqualsWithDelta(1.6, $fit->ki, 1e-4);
    }

    public function test_a_prior_gives_way_to_many_seeds_and_holds_against_few(): void
    {
        $at = static fn (int $sown): float => TestRefit::fit([0.0, 500.0], [(int) ($sown * 0.95), (int) ($sown * 0.5)], [$sown, $sown], new SigmaPrior(3000.0))->sigmaDays;
        // By the tests alone σ is 500/1.645 = 304 days.
        self::assertEqualsWithDelta(304.0, $at(100_000), 1.0);
        self::assertGreaterThan($at(1000), $at(20));
        self::assertLessThan(3000.0, $at(20));
    }

    public function test_warming_and_cooling_air_there_and_back_changes_nothing_unless_dew_fell(): void
    {
        foreach ([0.2, 0.5, 0.7] as $rh) {
            $warm = Air::at(10.0, $rh)->rhAt(25.0);
            self::assertEqualsWithDelta($rh, Air::at(25.0, $warm)->rhAt(10.0), 1e-12);
            self::assertLessThan($rh, $warm, 'warmed air is drier');
            $air = Air::at(18.0, $rh);
            self::assertEqualsWithDelta(1.0, Air::at($air->dewPoint(), 1.0)->vapourPressure() / $air->vapourPressure(), 1e-12);
        }
    }

    public function test_comparing_the_other_way_round_turns_the_signs_only(): void
    {
        $a = GerminationShare::of(17, 40);
        $b = GerminationShare::of(300, 420);
        [$there, $back] = [Comparison::of($a, $b), Comparison::of($b, $a)];
        self::assertEqualsWithDelta(-$there->difference, $back->difference, 1e-15);
        self::assertEqualsWithDelta(-$there->limits->low, $back->limits->high, 1e-15);
        self::assertEqualsWithDelta($there->p, $back->p, 1e-12);
        self::assertGreaterThan(0.0, Comparison::of(GerminationShare::of(400_000, 1_000_000), GerminationShare::of(400_900, 1_000_000))->p);
    }

    public function test_no_other_day_keeps_more_than_the_best_one(): void
    {
        foreach ([[0.0, 28.0, 5.0, 4.0], [0.0, 200.0, 0.5, 0.0], [30.0, 31.0, 300.0, 40.0], [5.0, 90.0, 12.0, 7.0]] as [$from, $to, $hold, $finish]) {
            $cut = CutDay::of($from, $to, $hold, $finish);
            $before = null;
            for ($day = $from - 60.0; $day <= $to + 60.0; $day += 0.5) {
                $kept = $cut->keptOn($day);
                self::assertTrue($kept >= 0.0 && $kept <= $cut->kept + 1e-9, "day $day");
                // It changes by little from one half day to the next, also where the sum is reckoned in another way.
                self::assertTrue($before === null || abs($kept - $before) < 0.9);
                $before = $kept;
            }
            self::assertLessThanOrEqual($cut->kept + 1e-9, CutDay::of($from, $to, $hold / 2.0, $finish)->kept);
            self::assertGreaterThanOrEqual(CutDay::keptByVisits($hold, 8.0), CutDay::keptByVisits($hold, 4.0));
        }
    }

    public function test_an_off_type_never_makes_a_line_truer_nor_a_clean_plant_less_true(): void
    {
        foreach ([[null, null], [0.0, 0.001], [0.05, 0.2], [0.0, 1.0]] as [$parents, $crossed]) {
            foreach ([1, 10, 40, 300] as $seen) {
                $high = 0.0;
                foreach (range(0, min(6, $seen)) as $off) {
                    $line = LineTrueness::of($parents, $crossed, $off, $seen);
                    self::assertGreaterThan($high, $line->band?->high);
                    self::assertTrue($line->band?->contains((float) $line->share));
                    $high = (float) $line->band?->high;
                }
                self::assertLessThan((float) LineTrueness::of($parents, $crossed, 0, $seen)->band?->high, LineTrueness::of($parents, $crossed, 0, $seen + 30)->band?->high);
            }
        }
    }

    public function test_a_quantile_of_the_beta_is_where_that_share_lies_below(): void
    {
        foreach ([[0.04, 39.96], [0.4, 39.6], [0.5, 0.5], [3.0, 2.0], [400.0, 20.0]] as [$a, $b]) {
            foreach ([0.05, 0.5, 0.95] as $p) {
                self::assertEqualsWithDelta($p, Beta::regularised(Beta::quantile($p, $a, $b), $a, $b), 1e-9);
            }
        }
    }

    public function test_keeping_more_gains_less_and_loses_less(): void
    {
        $scores = array_map(static fn (int $i): array => [10.0 * sin($i), (float) ($i * 7 % 11)], range(1, 30));
        $each = SelectionTradeoff::each([1.0, 0.5], [0.3, 0.3], $scores, range(1, 30));
        foreach (array_slice($each, 1) as $i => $one) {
            self::assertLessThanOrEqual($each[$i]->response + 1e-12, $one->response);
            self::assertGreaterThan($each[$i]->rareKept, $one->rareKept);
        }
        self::assertEqualsWithDelta(0.0, $each[29]->response, 1e-12, 'who keeps all has chosen nothing');
    }

    public function test_of_several_tests_the_order_does_not_matter_and_two_are_compared_as_two(): void
    {
        $of = static fn (int ...$up): GroupComparison => GroupComparison::of(array_values(array_map(static fn (int $n): GerminationShare => GerminationShare::of($n, 40), $up)));
        self::assertEqualsWithDelta($of(30, 12, 35)->p, $of(35, 30, 12)->p, 1e-12);
        self::assertSame(Comparison::of(GerminationShare::of(30, 40), GerminationShare::of(12, 40))->p, $of(30, 12)->pairs[0]);
        // More groups make each pair be looked at more strictly.
        self::assertGreaterThan($of(30, 12)->pairs[0], $of(30, 12, 20, 25)->pairs[0]);
    }

    public function test_the_sun_rises_and_sets_when_the_almanacs_say_to_within_five_minutes(): void
    {
        foreach ([
            [51.48, 0.0, '2026-06-21', 'UTC', '03:43', '20:21'],
            [40.71, -74.01, '2026-12-21', 'America/New_York', '07:17', '16:32'],
            [-33.87, 151.21, '2026-12-21', 'Australia/Sydney', '05:41', '20:05'],
        ] as [$latitude, $longitude, $day, $zone, $rise, $set]) {
            $sun = SunTimes::of($latitude, $longitude, new \DateTimeImmutable($day, new \DateTimeZone($zone)));
            self::assertEqualsWithDelta((new \DateTimeImmutable("$day $rise", new \DateTimeZone($zone)))->getTimestamp(), $sun->rise?->getTimestamp(), 300);
            self::assertEqualsWithDelta((new \DateTimeImmutable("$day $set", new \DateTimeZone($zone)))->getTimestamp(), $sun->set?->getTimestamp(), 300);
        }
    }

    public function test_the_sun_is_up_half_the_day_at_the_equinox_anywhere_and_its_times_lie_on_that_day(): void
    {
        foreach ([[51.5, 0.0, 'Europe/London'], [-36.8, 174.8, 'Pacific/Auckland'], [21.3, -157.8, 'Pacific/Honolulu'], [0.0, 179.9, 'Pacific/Fiji']] as [$latitude, $longitude, $zone]) {
            foreach (['2027-03-20' => 12.0, '2027-09-23' => 12.0] as $day => $hours) {
                $sun = SunTimes::of($latitude, $longitude, new \DateTimeImmutable($day, new \DateTimeZone($zone)));
                self::assertSame($day, $sun->rise?->format('Y-m-d'), "$zone");
                self::assertSame($day, $sun->set?->format('Y-m-d'), "$zone");
                self::assertTrue($sun->dawn < $sun->rise && $sun->rise < $sun->set && $sun->set < $sun->dusk);
                self::assertEqualsWithDelta($hours, ($sun->set->getTimestamp() - $sun->rise->getTimestamp()) / 3600, 0.25);
            }
        }
    }

    public function test_what_a_small_test_tells_and_eats_follows_what_is_spared(): void
    {
        $before = null;
        foreach ([10, 20, 40, 200] as $left) {
            $test = SmallTest::of($left, 8, 0.8);
            self::assertSame($left - 8, $test->seeds);
            self::assertEqualsWithDelta($test->seeds / $left, $test->eaten, 1e-12);
            self::assertTrue($before === null || $test->halfWidth < $before);
            $before = $test->halfWidth;
        }
        self::assertSame(0, SmallTest::of(5, 8)->seeds, 'nothing can be spared');
    }

    public function test_the_more_absorbent_is_at_hand_the_less_often_it_is_dried_again(): void
    {
        $changes = static fn (float $grams): int => (int) self::reckoned('desiccant.changes', ['mass' => 500, 'moisture' => 12, 'target' => 7, 'rh_end' => 0.2, 'amount' => $grams])['changes'];
        self::assertSame([1, 1], [$changes(1000.0), $changes(268.9)]);
        self::assertSame(2, $changes(268.0), 'a little too little is too little');
        self::assertGreaterThan($changes(100.0), $changes(20.0));
    }

    public function test_more_plants_are_looked_over_for_rarer_off_types_and_for_more_surety(): void
    {
        self::assertGreaterThan(Roguing::plants(0.05, 0.95), Roguing::plants(0.01, 0.95));
        self::assertGreaterThan(Roguing::plants(0.05, 0.95), Roguing::plants(0.05, 0.99));
        foreach ([0.5, 0.02, 0.0003] as $share) {
            $plants = Roguing::plants($share, 0.95);
            self::assertGreaterThanOrEqual(0.95 - 1e-9, 1.0 - (1.0 - $share) ** $plants);
            self::assertTrue($plants === 1 || 1.0 - (1.0 - $share) ** ($plants - 1) < 0.95);
        }
    }

    public function test_a_store_is_learnt_from_the_sure_more_than_from_the_unsure(): void
    {
        $factor = static fn (string $observed, string $spread): float => (float) self::reckoned('storage.learn', ['observed' => $observed, 'spread' => $spread])['factor'];
        self::assertGreaterThan($factor('2,1', '1,0.1'), $factor('2,1', '0.1,1'));
        self::assertEqualsWithDelta(1.0, $factor('2,0.5', '0.3,0.3'), 1e-9, 'twice and half as long are as far from the model');
        self::assertGreaterThan(1.0, $factor('2', '5'));
        self::assertLessThan($factor('2,2,2', '0.2,0.2,0.2'), $factor('2', '0.2'));
    }

    /**
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed>
     */
    private static function reckoned(string $name, array $inputs): array
    {
        return Registry::standard(self::crops())->named($name)->reckon($inputs);
    }

    public function test_later_packets_are_never_smaller_and_none_breaks_the_reserve(): void
    {
        $crop = self::crops()->get('radish')->viability();
        $spread = $crop->basis->spreadOfLog();
        $before = [];
        // The less is known of it, the fuller the packets.
        foreach ([LotPace::known(0.92, $spread), LotPace::tested([[0.0, 368, 400]], 0.95, 0.0, $spread), LotPace::tested([[0.0, 46, 50]], 0.95, 0.0, $spread)] as $pace) {
            $plan = PacketPlan::of(3000, 250, 20, 30, PacketPlan::ageing($crop, 6.0, 15.0, $pace));
            $sorted = $plan->perPacket;
            sort($sorted);
            self::assertSame($sorted, $plan->perPacket);
            self::assertGreaterThan(3, $plan->yearsCovered());
            self::assertGreaterThanOrEqual(250, $plan->left);
            self::assertSame(3000, array_sum($plan->perPacket) + $plan->left);
            foreach ($before as $year => $seeds) {
                self::assertGreaterThanOrEqual($seeds, $plan->perPacket[$year] ?? INF);
            }
            $before = $plan->perPacket;
        }
    }
}
