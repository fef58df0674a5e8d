<?php

declare(strict_types=1);

namespace App\Console\Commands;

use DateTimeImmutable;
use Illuminate\Console\Command;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Season\GardenIsolation;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;

final class BenchReckonings extends Command
{
    protected $signature = 'marrow:bench-reckonings {--rounds=20}';

    protected $description = 'Print how long the heavier reckonings take';

    public function handle(Registry $registry, CropReference $crops): int
    {
        $rounds = max(5, min(1000, (int) $this->option('rounds')));
        $this->line(sprintf('%-44s %10s %10s   (reckonings, %d times each)', 'milliseconds', 'median', '95th', $rounds));
        foreach (self::questions() as $label => [$name, $inputs]) {
            $reckoning = $registry->named($name);
            $times = [];
            for ($round = -1; $round < $rounds; $round++) {
                $start = hrtime(true);
                $reckoning->reckon($inputs);
                if ($round >= 0) {
                    $times[] = (hrtime(true) - $start) / 1e6;
                }
            }
            sort($times);
            $this->line(sprintf('%-44s %10.2f %10.2f', $label, $times[intdiv($rounds, 2)], $times[(int) floor(0.95 * ($rounds - 1))]));
        }

        $this->isolation($crops, min(10, $rounds));

        return self::SUCCESS;
    }

    private function isolation(CropReference $crops, int $rounds): void
    {
        $gardens = [
            'isolation of 300 plantings of 113 crops' => [300, $crops->keys(), false],
            'isolation of 300 plantings of 5 crops' => [300, ['squash-pepo', 'kale', 'carrot', 'leek', 'tomato'], false],
            'remedies, 25 plantings of 6 crops in conflict' => [25, ['squash-pepo', 'kale', 'carrot', 'leek', 'spinach', 'radish'], true],
            'remedies, 25 squashes all in conflict' => [25, ['squash-pepo'], true],
            'remedies, 25 lettuces in one heap' => [25, ['lettuce'], true],
        ];
        foreach ($gardens as $label => [$plantings, $of, $remedies]) {
            $plan = SeasonPlan::read(self::garden($plantings, $of), $crops);
            $exact = '';
            $times = [];
            for ($round = -1; $round < $rounds; $round++) {
                $start = hrtime(true);
                if ($remedies) {
                    $exact = Remedies::find($plan, new RemedyPreferences(new DateTimeImmutable('2027-01-01')))->plan?->isExact === true ? '  cheapest' : '  best found';
                } else {
                    GardenIsolation::of($plan);
                }
                if ($round >= 0) {
                    $times[] = (hrtime(true) - $start) / 1e6;
                }
            }
            sort($times);
            $this->line(sprintf('%-46s %8.1f %10.1f%s', $label, $times[intdiv($rounds, 2)], $times[$rounds - 1], $exact));
        }
    }

    /**
     * @param  list<string>  $crops
     * @return array<string, mixed>
     */
    private static function garden(int $plantings, array $crops): array
    {
        $planted = [];
        for ($n = 0; $n < $plantings; $n++) {
            $planted[] = [
                'id' => "p$n", 'crop' => $crops[$n % count($crops)], 'variety' => "v$n", 'plants' => 6, 'purpose' => 'seed',
                'sow' => sprintf('2027-04-%02d', 1 + $n % 20), 'spot' => ['x' => $n % 20 * 3, 'y' => intdiv($n, 20) * 3, 'width' => 1, 'depth' => 1],
            ];
        }

        return [
            'year' => 2027,
            'ground' => ['width' => 70, 'depth' => 60, 'north' => 0, 'wind' => 225, 'last_frost' => '04-20', 'first_frost' => '10-28'],
            'isolation' => [], 'beds' => [], 'barriers' => [], 'sources' => [], 'plantings' => $planted,
        ];
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    private static function questions(): array
    {
        $hours = range(0, 998, 2);
        $days = range(0, 1950, 50);

        return [
            'sowing.seeds, 100,000 plants from a share' => ['sowing.seeds', ['plants' => 100_000, 'rate' => 0.82]],
            'sowing.seeds, 100,000 plants from a test' => ['sowing.seeds', ['plants' => 100_000, 'germinated' => 41, 'sown' => 50]],
            'drying.curve, 500 weighings' => ['drying.curve', [
                'hours' => $hours,
                // A little unevenness, the same every time, so that there is something to fit.
                'masses' => array_map(static fn (int $hour): float => 130 + 50 * exp(-0.01 * $hour) + 0.2 * sin(7.0 * $hour), $hours),
            ]],
            'storage.refit, 40 tests' => ['storage.refit', [
                'days' => $days,
                'germinated' => array_map(static fn (int $day): int => (int) round(96 - 0.02 * $day), $days),
                'sown' => array_fill(0, count($days), 100),
            ]],
            'germination.compare, a million seeds a side' => ['germination.compare', ['a_germinated' => 800_000, 'a_sown' => 1_000_000, 'b_germinated' => 800_900, 'b_sown' => 1_000_000]],
            'packets.plan, 50 years' => ['packets.plan', ['seeds' => 100_000_000, 'plants' => 1000, 'crop' => 'tomato', 'moisture' => 6, 'temperature' => -18, 'germination' => 0.95, 'years' => 50]],
        ];
    }
}
