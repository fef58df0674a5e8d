<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Lot;
use App\Models\LotStanding;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Models\Variety;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Lots and plantings with what their tags show of their variety and of how they stand, and nothing else of either. One
 * question for each: as relations they are three, and those took the most of Today and of the journal.
 */
final class Tagged
{
    private const OF_VARIETY = 'v.id AS variety_id, v.crop, v.name, v.type, v.generation';

    /**
     * @param  array<array-key, string>  $ids
     * @return array<string, Lot> by id
     */
    public static function lots(array $ids): array
    {
        $rows = self::rows('SELECT t.id, t.number, s.lot_id AS stands, s.year, s.line, '.self::OF_VARIETY.' FROM lots t JOIN varieties v ON v.id = t.variety_id LEFT JOIN lot_standings s ON s.lot_id = t.id', $ids);
        [$lot, $standing, $varieties] = [new Lot, new LotStanding, self::varieties($rows)];
        $lots = [];
        foreach ($rows as $row) {
            $lots[$row->id] = $lot->newFromBuilder(['id' => $row->id, 'number' => $row->number, 'variety_id' => $row->variety_id])->setRelations([
                'variety' => $varieties[$row->variety_id],
                'standing' => $row->stands === null ? null : $standing->newFromBuilder(['lot_id' => $row->id, 'year' => $row->year, 'line' => $row->line]),
            ]);
        }

        return $lots;
    }

    /**
     * @param  array<array-key, string>  $ids
     * @return array<string, Planting> by id
     */
    public static function plantings(array $ids): array
    {
        $rows = self::rows('SELECT t.id, t.number, t.spot, s.planting_id AS stands, s.season, s.line, '.self::OF_VARIETY.' FROM plantings t JOIN varieties v ON v.id = t.variety_id LEFT JOIN planting_standings s ON s.planting_id = t.id', $ids);
        [$planting, $standing, $varieties] = [new Planting, new PlantingStanding, self::varieties($rows)];
        $plantings = [];
        foreach ($rows as $row) {
            $plantings[$row->id] = $planting->newFromBuilder(['id' => $row->id, 'number' => $row->number, 'variety_id' => $row->variety_id, 'spot' => $row->spot])->setRelations([
                'variety' => $varieties[$row->variety_id],
                'standing' => $row->stands === null ? null : $standing->newFromBuilder(['planting_id' => $row->id, 'season' => $row->season, 'line' => $row->line]),
            ]);
        }

        return $plantings;
    }

    /**
     * @param  array<array-key, string>  $ids
     * @return array<stdClass>
     */
    private static function rows(string $select, array $ids): array
    {
        $ids = array_values(array_unique($ids));

        return $ids === [] ? [] : DB::select("$select WHERE t.id IN (".implode(',', array_fill(0, count($ids), '?')).')', $ids);
    }

    /**
     * @param  array<stdClass>  $rows
     * @return array<string, Variety> by id, one for all that are of it
     */
    private static function varieties(array $rows): array
    {
        $variety = new Variety;
        $varieties = [];
        foreach ($rows as $row) {
            $varieties[$row->variety_id] ??= $variety->newFromBuilder(['id' => $row->variety_id, 'crop' => $row->crop, 'name' => $row->name, 'type' => $row->type, 'generation' => $row->generation]);
        }

        return $varieties;
    }
}
