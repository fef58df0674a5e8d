<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Place;
use App\Models\Variety;

/** Squash from under glass, which lies until its seed is ripe: most of it sound, one cracked, one gone, one cut open and tasted. */
final class OnTheShelf
{
    /** By number: day it was picked, plant, grams. */
    private const FRUITS = [
        1 => ['2026-08-10 09:00', '1', 2150],
        2 => ['2026-08-10 09:05', '1', 1840],
        3 => ['2026-08-10 09:10', '2', 2600],
        4 => ['2026-08-14 17:00', '2', 2310],
        5 => ['2026-08-14 17:05', '3', 1420],
        6 => ['2026-08-22 10:00', '4', 2880],
        7 => ['2026-08-22 10:05', '4', 2490],
        8 => ['2026-08-22 10:10', '5', 1730],
    ];

    public function lay(DemoWriter $write, Variety $squash, Place $cupboard): void
    {
        $row = $write->sow($squash, '2026-03-18', 5, 'Glasshouse', from: 'Tove', by: 'Odile');
        $write->see($row, 'first_bloom', '2026-05-30 08:00', [], 'Odile');
        foreach (self::FRUITS as $fruit => [$at, $plant, $grams]) {
            $write->see($row, 'fruit_shelved', $at, ['fruit' => $fruit, 'plant' => $plant, 'mass_g' => $grams, 'stalk' => $fruit === 5 ? 'off' : 'on', 'place_id' => $cupboard->id], 'Odile');
        }
        $write->see($row, 'fruit_seen', '2026-08-28 19:00', ['fruits' => [1, 2, 3, 4, 5, 6, 7, 8]], 'Odile');
        $write->see($row, 'fruit_off', '2026-09-04 19:00', ['fruits' => [5], 'why' => 'rotten'], 'Odile');
        $write->see($row, 'fruit_cut', '2026-09-13 18:00', ['fruit' => 1, 'inside' => 'plump', 'colour' => 4, 'flesh' => 4, 'bitter' => 'no'], 'Ines');
        $write->see($row, 'fruit_tasted', '2026-09-13 18:30', ['fruit' => 1, 'raw' => 3, 'cooked' => 4], 'Ines');
        $write->see($row, 'fruit_seen', '2026-09-13 19:00', ['fruits' => [4], 'how' => 'cracked'], 'Odile');
    }
}
