<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Drying;

use Marrow\Core\Drying\Air;
use Marrow\Core\Drying\Balance;
use Marrow\Core\Drying\Desiccant;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Water in seed, in air and between the two: what is gone there and back comes out where it began. */
final class WaterPropertiesTest extends CoreTestCase
{
    /** @return iterable<string, array{float, float}> RH and °C */
    public static function airs(): iterable
    {
        foreach ([0.05, 0.3, 0.5, 0.75, 0.95] as $rh) {
            foreach ([-15.0, 0.0, 18.0, 35.0] as $temperature) {
                yield sprintf('%d %% at %d °C', $rh * 100, $temperature) => [$rh, $temperature];
            }
        }
    }

    #[DataProvider('airs')]
    public function test_air_is_as_damp_as_it_was_when_it_comes_back_to_its_temperature(float $rh, float $temperature): void
    {
        $air = Air::at($temperature, $rh);
        $warmer = Air::at($temperature + 10, $air->rhAt($temperature + 10));
        self::assertEqualsWithDelta($rh, $warmer->rhAt($temperature), 1e-9);
        self::assertLessThan($rh, $warmer->rh, 'the same water in warmer air');
        self::assertLessThanOrEqual($temperature, $air->dewPoint());
        if ($air->dewPoint() < Air::MIN_TEMPERATURE) {
            return;
        }
        // At its dew point it is full: what pressure it has there is all that it can hold.
        self::assertEqualsWithDelta($air->vapourPressure(), Air::at($air->dewPoint(), 1.0)->vapourPressure(), 1e-9);
    }

    public function test_saturation_pressure_by_the_formula(): void
    {
        // By R: 6.112 * exp(17.62 * t / (243.12 + t)).
        self::assertSixDigits(23.32596, Air::at(20.0, 1.0)->vapourPressure());
        self::assertSixDigits(4.221846, Air::at(-5.0, 1.0)->vapourPressure());
    }

    #[DataProvider('airs')]
    public function test_seed_in_balance_with_air_makes_that_air_in_a_closed_jar(float $rh, float $temperature): void
    {
        foreach ([0.0, 0.02, 0.2, 0.45] as $oil) {
            $moisture = Equilibrium::moisture($rh, $temperature, $oil);
            if ($moisture >= 0.5) {
                self::assertEqualsWithDelta($rh, Equilibrium::seedRh($moisture, $temperature, $oil), 1e-6, "oil $oil");
            }
            self::assertGreaterThanOrEqual(Equilibrium::moisture($rh, $temperature, min(Equilibrium::MAX_OIL, $oil + 0.1)), $moisture, 'oil takes up no water');
        }
    }

    #[DataProvider('airs')]
    public function test_damper_air_makes_damper_seed_and_warmer_air_of_the_same_dampness_drier_seed(float $rh, float $temperature): void
    {
        foreach (['leek', 'tomato', 'pea', 'sunflower', 'lettuce'] as $crop) {
            $balance = self::crop($crop)->balance;
            self::assertGreaterThan($balance->moisture($rh, $temperature), $balance->moisture(min(0.98, $rh + 0.02), $temperature), $crop);
            self::assertLessThanOrEqual($balance->moisture($rh, $temperature) + 1e-9, $balance->moisture($rh, $temperature + 5), $crop);
            $moisture = $balance->moisture($rh, $temperature);
            if ($moisture >= 2.0) {
                self::assertEqualsWithDelta($rh, $balance->seedRh($moisture, $temperature), 1e-4, "$crop: there and back");
            }
        }
    }

    public function test_what_was_measured_of_a_species_stands_in_for_what_its_oil_tells(): void
    {
        $onion = Balance::ofSpecies('Allium cepa', 0.2);
        self::assertNotEqualsWithDelta(Balance::ofOil(0.2)->moisture(0.3, 25.0), $onion->moisture(0.3, 25.0), 0.05);
        self::assertSame(Balance::ofOil(0.2)->ground, Balance::ofOil(0.4)->ground);
    }

    public function test_dry_matter_stays_the_same_whichever_way_it_is_reckoned(): void
    {
        foreach ([[100.0, 20.0], [12.5, 45.0], [3.2, 9.0]] as [$mass, $moisture]) {
            foreach ([8.0, 5.5, 3.0] as $target) {
                $then = Moisture::targetMass($mass, $moisture, $target);
                self::assertEqualsWithDelta($mass * (1 - $moisture / 100), $then * (1 - $target / 100), 1e-9);
                self::assertEqualsWithDelta($target, Moisture::now($mass, $moisture, $then), 1e-9, 'weighed again it is what was wanted');
            }
        }
        // Of 5 g dish and 10 g wet seed 9.2 g of seed are left: 8 % was water.
        self::assertEqualsWithDelta(8.0, Moisture::oven(5.0, 15.0, 14.2), 1e-9);
    }

    public function test_absorbent_takes_all_the_water_that_has_to_go_and_more_at_hand_is_changed_less_often(): void
    {
        $last = INF;
        foreach ([0.2, 0.3, 0.5, 0.6, 0.8] as $rh) {
            $needed = Desiccant::of(100.0, 12.0, 6.0, $rh);
            self::assertEqualsWithDelta(100.0 - Moisture::targetMass(100.0, 12.0, 6.0), $needed->water, 1e-9);
            self::assertLessThanOrEqual($last, $needed->desiccant, 'in damper air it holds more');
            $last = $needed->desiccant;
            foreach ([1.0, 10.0, 1000.0] as $amount) {
                self::assertGreaterThanOrEqual($needed->desiccant - 1e-6, $needed->changes($amount) * $amount);
                self::assertLessThan($needed->desiccant + 1e-6, ($needed->changes($amount) - 1) * $amount);
            }
        }
        self::assertSame(0, Desiccant::of(100.0, 6.0, 6.0, 0.3)->changes(10.0), 'what is dry enough wants none');
        $this->expectException(InvalidFigure::class);
        Desiccant::of(100.0, 6.0, 8.0, 0.3);
    }
}
