<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Planting;

/** Parsnips that were lifted, lay in damp sand, were looked at in the cellar in autumn and in spring, and stand again: chosen by how they kept. */
final class RootsInSand
{
    /** By number: length in cm, as it lay in autumn and in spring; null of what was rotten by then. */
    private const ROOTS = [
        1 => [24, 'sound', 'sound'], 2 => [31, 'sound', 'shrunken'], 3 => [28, 'sound', 'sound'], 4 => [19, 'sound', null],
        5 => [33, 'sound', 'sound'], 6 => [27, 'shrunken', 'shrunken'], 7 => [30, 'sound', 'sound'], 8 => [22, 'sound', 'sprouted'],
        9 => [26, 'sound', 'sound'], 10 => [29, 'sound', null],
    ];

    public function lay(DemoWriter $write, Planting $row): void
    {
        $write->see($row, 'traits_chosen', '2025-11-08 10:00', ['traits' => 'root length (cm)', 'aim' => 'improve'], 'Yusra');
        $write->see($row, 'lifted', '2025-11-08 11:00', ['plants' => 24, 'kept' => 10, 'how' => 'in damp sand, boat loft'], 'Yusra');
        foreach (self::ROOTS as $root => [$length, $autumn]) {
            $write->see($row, 'plant_looked_at', sprintf('2025-11-08 11:%02d', 10 + $root), ['plant' => $root, 'scores' => "health 4; root length $length; keeping $autumn"], 'Yusra');
        }
        foreach (self::ROOTS as $root => [, , $spring]) {
            $write->see($row, 'plant_looked_at', sprintf('2026-03-14 15:%02d', $root), ['plant' => $root, ...($spring === null ? ['out' => 'rotten'] : ['scores' => "keeping $spring"])], 'Yusra');
        }
        $write->see($row, 'winter_lost', '2026-03-14 15:30', ['lost' => 2, 'how' => 'rot'], 'Yusra');
        $write->see($row, 'plants_kept', '2026-03-14 15:40', ['plants' => [1, 3, 5, 7, 9, 2, 6]], 'Yusra');
        $write->see($row, 'replanted', '2026-03-16 10:00', ['plants' => 7, 'where' => 'Long bed'], 'Yusra');
    }
}
