<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Handbook\CropFiles;
use App\Simulation\CountSimulation;
use App\Simulation\CrossingSimulation;
use App\Simulation\DampnessSimulation;
use App\Simulation\Dice;
use App\Simulation\DryingSimulation;
use App\Simulation\PacketSimulation;
use App\Simulation\RotaSimulation;
use App\Simulation\StopSimulation;
use App\Simulation\StorageSimulation;
use App\Simulation\TrueLot;
use App\Simulation\TrueSeed;
use Illuminate\Support\Facades\Artisan;
use Marrow\Core\Botany\CropReference;
use Tests\TestCase;

/** Whether what is said of seed is as sure as it says, on made-up keepers whose seed is known. */
final class SimulateTest extends TestCase
{
    /** R: qbeta(0.5, 0.4, 39.6) */
    private const MEDIAN = 0.00368466;

    public function test_bands_hold_nine_in_ten_when_the_model_is_right_and_fewer_when_it_is_not(): void
    {
        $rows = (new StorageSimulation(CropFiles::load(base_path('core/data/crops'))))->run(new Dice(7), 25);
        $held = static fn (string $scenario): float => array_sum(array_column($some = array_filter($rows, static fn (array $row): bool => $row[0] === $scenario), 3)) / count($some);
        // 900 lots: a band that holds 90 % comes out within three points of it, by far the most often.
        self::assertEqualsWithDelta(0.90, $held('the model is right'), 0.03);
        self::assertLessThan($held('the model is right'), $held('the hygrometer reads 5 % too low'));
        foreach ($rows as [, , , $in, $above, $below]) {
            self::assertEqualsWithDelta(1.0, $in + $above + $below, 1e-9);
        }
    }

    public function test_bands_of_lines_hold_nine_in_ten_and_fewer_when_a_look_misses_more(): void
    {
        $rows = CrossingSimulation::run(new Dice(7), 300);
        $held = static fn (string $scenario): float => array_sum(array_column($some = array_filter($rows, static fn (array $row): bool => $row[0] === $scenario), 2)) / count($some);
        // 900 lines: within three points, by far the most often.
        self::assertEqualsWithDelta(0.90, $held('the model is right'), 0.03);
        self::assertLessThan($held('the model is right'), $held('pollen is five times more or less'));
        self::assertLessThan($held('the model is right'), $held('a look meets half of what differs'));
    }

    public function test_dice_of_a_beta_fall_as_it_does(): void
    {
        $dice = new Dice(5);
        $drawn = array_map(static fn (): float => $dice->beta(0.4, 39.6), range(1, 20_000));
        self::assertEqualsWithDelta(0.01, array_sum($drawn) / count($drawn), 0.0005);
        self::assertEqualsWithDelta(0.5, count(array_filter($drawn, static fn (float $one): bool => $one < self::MEDIAN)) / count($drawn), 0.015);
    }

    public function test_the_truth_is_the_equation_written_apart_from_the_core(): void
    {
        // σ 700 days at 20 °C and 8 %; in R: pnorm(1.5 - 350/700) and, at 4 % with C_W 4.5, pnorm(1.5 - 350/(700*2^4.5)).
        $lot = new TrueLot(1.5, 700.0, 8.0, 1.0, 4.5, [0.0329, 0.000478]);
        self::assertEqualsWithDelta(0.8413447, $lot->after(350.0, 8.0, 20.0), 1e-6);
        self::assertEqualsWithDelta(0.9302831, $lot->after(350.0, 4.0, 20.0), 1e-6);
        self::assertGreaterThan($lot->after(350.0, 8.0, 20.0), $lot->after(350.0, 8.0, 5.0));
    }

    public function test_moisture_lies_within_what_is_stated_and_what_is_called_dry_is_dry(): void
    {
        $rows = (new DryingSimulation(CropFiles::load(base_path('core/data/crops'))))->run(new Dice(7), 30);
        $of = static fn (string $scenario, string $known): array => array_values(array_filter($rows, static fn (array $row): bool => $row[0] === $scenario && $row[1] === $known))[0];
        $right = $of('the model is right', 'measured for the species');
        // Stated to lie within one point 19 times in 20, and dry seed is neither refused nor damp seed taken.
        self::assertGreaterThan(0.95, $right[2]);
        self::assertGreaterThan(0.97, $right[3]);
        self::assertGreaterThan(0.97, $right[4]);
        self::assertLessThan($right[2], $of('the model is right', 'the usual of vegetables')[2]);
        // A hygrometer that reads too low lets damp seed into the jar; a coarse scale blurs the time that is left.
        self::assertLessThan($right[3], $of('the hygrometer reads 5 % too low', 'measured for the species')[3]);
        self::assertLessThan($right[6], $of('the scale weighs whole grams', 'measured for the species')[6]);
    }

    public function test_true_seed_follows_what_was_measured_of_it(): void
    {
        // Cucumber: 4.3 % at 20 % RH, 5.6 at 30; half-way between, and a tenth damper.
        $seed = new TrueSeed([2.6, 4.3, 5.6, 7.1, 8.4, 10.1], [0.10, 0.20, 0.30, 0.45, 0.60, 0.75], 1.1);
        self::assertEqualsWithDelta(1.1 * 4.95, $seed->moistureAt(0.25), 1e-9);
        $masses = $seed->drying(40.0, 0.30, 0.0, 0.05, 400);
        self::assertEqualsWithDelta(100 / 60, $masses[0], 1e-12);
        self::assertEqualsWithDelta(100 / (100 - 1.1 * 5.6), $masses[400], 1e-6);
    }

    public function test_damp_seed_is_hardly_ever_called_dry_and_dry_seed_mostly_is(): void
    {
        foreach ((new DampnessSimulation(app(CropReference::class)))->run(new Dice(5), 160) as [$read, $hands, $damp, $dry, $mouldy]) {
            self::assertLessThanOrEqual(0.02, $damp, "$read, $hands");
            if ($read === 'hand signs alone') {
                self::assertEqualsWithDelta(0.0, $dry, 1e-12, 'no hand calls it dry enough for a jar');
                self::assertLessThan($hands === 'as taken' ? 0.04 : 0.15, $mouldy);
            } else {
                self::assertGreaterThan(0.70, $dry, "$read, $hands");
            }
        }
    }

    public function test_what_is_settled_early_is_what_it_ends_as_and_clear_tests_are_settled_soon(): void
    {
        $by = [];
        foreach (StopSimulation::run(new Dice(3), 60) as [$how, , $right, $soon]) {
            $by[$how][] = [$right, $soon];
        }
        foreach ($by as $how => $of) {
            self::assertGreaterThanOrEqual(0.97, array_sum(array_column($of, 0)) / count($of), "$how, of so few");
            self::assertGreaterThan(0.5, array_sum(array_column($of, 1)) / count($of), $how);
        }
        self::assertSame(['as usual', 'half as fast'], array_keys($by));
    }

    public function test_intervals_of_counts_and_sowings_hold_what_they_state(): void
    {
        foreach (CountSimulation::germination(new Dice(3), 3000) as [$seeds, $held]) {
            self::assertGreaterThan(0.94, $held, $seeds);
        }
        foreach (CountSimulation::sowing(new Dice(3), 1500) as [$known, $enough]) {
            self::assertGreaterThan(0.94, $enough, $known);
        }
    }

    public function test_packets_for_later_years_hold_enough_as_surely_as_asked(): void
    {
        foreach ((new PacketSimulation(CropFiles::load(base_path('core/data/crops'))))->run(new Dice(3), 200) as [$which, $enough]) {
            // 95 of 100 are meant; of two hundred drawn, 91 % would be a rare run of luck.
            self::assertGreaterThan(0.91, $enough, $which);
        }
    }

    public function test_by_the_rota_more_lines_are_there_after_twenty_years_than_by_eye_or_by_the_years(): void
    {
        $kept = array_column(RotaSimulation::run(new Dice(1), 2), 1, 0);
        self::assertGreaterThan($kept['when its ordinary years are over'], $kept['by the rota']);
        self::assertGreaterThan($kept['by eye, the lowest first'], $kept['by the rota']);
        self::assertGreaterThan($kept['nothing is grown'], $kept['by eye, the lowest first']);
        self::assertLessThan(0.2, $kept['nothing is grown']);
    }

    public function test_the_same_seed_gives_the_same_keepers(): void
    {
        $print = static function (string $what, int $seed): string {
            self::assertSame(0, Artisan::call('marrow:simulate', ['what' => $what, '--seed' => $seed, '--size' => 1]));

            return Artisan::output();
        };
        self::assertSame($print('germination', 5), $print('germination', 5));
        self::assertNotSame($print('germination', 5), $print('germination', 6));
        self::assertStringContainsString('a test of 25', $print('sowing', 1));
        self::assertStringContainsString('measured for the species', $print('drying', 1));
        self::assertSame(0, Artisan::call('marrow:simulate', ['what' => 'storage', '--by-crop' => true, '--size' => 2]));
        self::assertStringContainsString('| parsnip  | solved from ordinary years | tested twice', Artisan::output());
        self::assertSame(1, Artisan::call('marrow:simulate', ['what' => 'weather']));
    }
}
