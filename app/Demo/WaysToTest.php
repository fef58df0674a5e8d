<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Lot;
use App\Models\Place;

/** Tests of every sort: in five kinds, of ten, side by side, in the cold, an old one, and sprouts that were potted on. */
final class WaysToTest
{
    public function lay(DemoWriter $write, Place $cupboard): void
    {
        // Hard seed: what took no water may be alive.
        $okra = $this->had($write, $cupboard, 'okra', 'Windlass', 2024, 900);
        $write->happen($okra, 'test_started', '2026-08-24 09:00', ['test' => 'windlass', 'replicates' => 4, 'seeds' => 100, 'temperature_c' => 26, 'method' => 'rolled_cloth', 'soaked_hours' => 12, 'up' => 'root'], 'Odile');
        foreach ([
            '2026-08-29' => [[38, 41, 35, 40], [0, 1, 0, 0], [0, 0, 2, 0], [0, 0, 0, 0]],
            '2026-08-31' => [[29, 24, 30, 27], [1, 0, 1, 2], [1, 2, 2, 1], [0, 0, 4, 0]],
            '2026-09-02' => [[9, 11, 7, 8], [1, 1, 0, 1], [2, 1, 3, 2], [0, 0, 0, 0]],
            '2026-09-07' => [[4, 3, 2, 5], [0, 0, 1, 0], [1, 2, 2, 1], [0, 0, 0, 0]],
        ] as $on => [$normal, $abnormal, $mouldy, $eaten]) {
            $write->happen($okra, 'test_counted', "$on 08:30", ['test' => 'windlass', 'normal' => $normal, 'abnormal' => $abnormal, 'mouldy' => $mouldy, 'eaten' => $eaten], 'Odile');
        }
        $write->happen($okra, 'test_ended', '2026-09-07 09:00', ['test' => 'windlass', 'hard' => [7, 6, 5, 8], 'fresh' => [1, 0, 0, 1], 'empty' => [2, 3, 1, 2]], 'Odile');

        // Ten in folded paper are what can be spared of few.
        $tomato = $this->had($write, $cupboard, 'tomato', 'Bowsprit', 2021, 64);
        $write->happen($tomato, 'test_started', '2026-09-06 19:00', ['test' => 'bowsprit', 'replicates' => 1, 'seeds' => 10, 'temperature_c' => 23, 'method' => 'folded_paper'], 'Ines');
        $write->happen($tomato, 'test_counted', '2026-09-12 08:00', ['test' => 'bowsprit', 'normal' => [5], 'abnormal' => [0]], 'Ines');

        $marrow = $this->had($write, $cupboard, 'squash-pepo', 'Rope Walk', 2025, 240);
        foreach (['floaters' => [18, 9, 4], 'sinkers' => [21, 10, 2]] as $group => $counts) {
            $write->happen($marrow, 'test_started', '2026-08-26 18:00', ['test' => $group, 'replicates' => 1, 'seeds' => 36, 'temperature_c' => 25, 'method' => 'sand', 'group' => $group], 'Yusra');
            foreach (['2026-08-31', '2026-09-02', '2026-09-04'] as $i => $on) {
                $write->happen($marrow, 'test_counted', "$on 08:00", ['test' => $group, 'normal' => [$counts[$i]], 'abnormal' => [0]], 'Yusra');
            }
            $write->happen($marrow, 'test_ended', '2026-09-04 08:30', ['test' => $group], 'Yusra');
        }

        $cowslip = $this->had($write, $cupboard, 'cowslip', 'Cliff Path', 2025, 400);
        $write->happen($cowslip, 'test_started', '2026-08-17 18:00', ['test' => 'cliff-path', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 16, 'method' => 'dish', 'chilled_days' => 42, 'laid_in' => 'light'], 'Yusra');

        // Done before anybody wrote tests down here.
        $turnip = $this->had($write, $cupboard, 'turnip', 'Slipway', 2022, 700);
        $write->happen($turnip, 'test_result', '2026-03-02 12:00', ['test' => 'slipway', 'seeds' => 40, 'up' => 34, 'method' => 'damp_towel'], 'Marek');

        $lettuce = $this->had($write, $cupboard, 'lettuce', 'Halyard', 2025, 500);
        $write->test($lettuce, '2026-08-29', 1, 20, 18, [4 => [11], 6 => [5], 8 => [1]], true, 'modules');
        $write->sow($lettuce->variety, '2026-09-07', 12, 'Frame 3', by: 'Ines', lot: $lettuce, sprouts: true);
    }

    private function had(DemoWriter $write, Place $cupboard, string $crop, string $name, int $year, int $seeds): Lot
    {
        $lot = $write->receive($write->variety($crop, $name), '2026-02-07 14:00', ['how' => 'given', 'from' => 'Tove', 'year' => $write->harvest($year), 'seeds' => $seeds]);
        $write->store($lot, '2026-02-07 15:00', $cupboard, 'paper_envelope', null);

        return $lot;
    }
}
