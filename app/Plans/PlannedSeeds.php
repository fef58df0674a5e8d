<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Support\Facades\DB;

/** Which packets wait for the sowings of a year: of the plan's variety, made for that year. */
final readonly class PlannedSeeds
{
    /**
     * @param  list<array{int, string}>  $wanted  year and variety's id
     * @return array<string, PlannedSeed> by year and variety's id, with a space between them; the oldest lot's packet goes first
     */
    public static function of(array $wanted): array
    {
        if ($wanted === []) {
            return [];
        }
        $rows = DB::table('lot_containers as c')->join('lots as l', 'l.id', '=', 'c.lot_id')
            ->whereIn('c.year', array_values(array_unique(array_column($wanted, 0))))
            ->whereIn('l.variety_id', array_values(array_unique(array_column($wanted, 1))))
            ->orderByDesc('l.number')->orderByDesc('c.packet')
            ->get(['c.lot_id', 'c.container_id', 'c.packet', 'c.seeds', 'c.plants', 'c.path', 'c.year', 'l.variety_id']);
        $seeds = [];
        foreach ($rows as $row) {
            /** @var object{lot_id: string, container_id: string, packet: string, seeds: ?float, plants: ?int, path: string, year: int, variety_id: string} $row */
            $seeds["$row->year $row->variety_id"] = new PlannedSeed($row->lot_id, $row->container_id, $row->packet, $row->seeds === null ? null : (int) round($row->seeds), $row->plants, $row->path);
        }

        return $seeds;
    }
}
