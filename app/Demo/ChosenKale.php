<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Planting;

/** A short row of kale, looked at plant by plant before winter: its parents are chosen in spring, from what comes through. */
final class ChosenKale
{
    private const PLANTS = [
        1 => ['health 5; vigour 5; stem height 62', ['at_edge' => true]],
        2 => ['health 4; vigour 3; stem height 48', []],
        3 => ['health 5; vigour 4; stem height 55', []],
        4 => ['', ['out' => 'pulled']],
        5 => ['health 3; vigour 2; stem height 39', ['rare' => 'white stem']],
        6 => ['health 4; vigour 5; stem height 57', []],
        7 => ['health 5; vigour 3; stem height 51', []],
    ];

    public function walk(DemoWriter $write, Planting $row): void
    {
        $write->see($row, 'traits_chosen', '2026-09-05 09:00', ['traits' => 'vigour; stem height (cm)'], 'Marek');
        foreach (self::PLANTS as $plant => [$scores, $more]) {
            $write->see($row, 'plant_looked_at', sprintf('2026-09-05 09:%02d', 5 + $plant), ['plant' => $plant, 'scores' => $scores, ...$more], 'Marek');
        }
        $this->tasting($write, $row);
    }

    /** A leaf of each of four, raw, and who of them is liked best. */
    private function tasting(DemoWriter $write, Planting $row): void
    {
        $write->see($row, 'tasting_set', '2026-09-06 18:00', ['tasting' => 'kale-raw', 'of' => 'plant', 'samples' => [1, 3, 6, 7], 'how' => 'raw'], 'Ines');
        foreach (['Ines' => [4, 2, 5, 3], 'Odile' => [4, 1, 5, 2], 'Marek' => [5, 2, 4, 3], 'Yusra' => [3, 2, 5, 4]] as $taster => $marks) {
            $write->see($row, 'tasting_scored', '2026-09-06 18:30', ['tasting' => 'kale-raw', 'taster' => $taster, 'scores' => $marks], $taster);
        }
        $write->see($row, 'tasting_unblinded', '2026-09-06 19:00', ['tasting' => 'kale-raw'], 'Ines');
    }
}
