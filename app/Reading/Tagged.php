<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Bulk;
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
    private const LOTS = 'SELECT t.id, t.number, s.lot_id AS stands, s.year, s.line, s.generation AS filial, v.id AS variety_id, v.crop, v.name, v.type, v.generation%s
        FROM lots t JOIN varieties v ON v.id = t.variety_id LEFT JOIN lot_standings s ON s.lot_id = t.id%s WHERE ';

    private const PLANTINGS = 'SELECT t.id, t.number, t.spot, s.planting_id AS stands, s.season, s.line, s.generation AS filial, v.id AS variety_id, v.crop, v.name, v.type, v.generation
        FROM plantings t JOIN varieties v ON v.id = t.variety_id LEFT JOIN planting_standings s ON s.planting_id = t.id WHERE ';

    /**
     * @param  array<array-key, string>  $ids
     * @return array<string, Lot> by id
     */
    public static function lots(array $ids): array
    {
        return self::asLots(self::each(sprintf(self::LOTS, '', ''), $ids));
    }

    /** The lot of a number, with the planting that it was picked from. */
    public static function lot(int $number): ?Lot
    {
        $rows = DB::select(sprintf(
            self::LOTS,
            ', p.id AS planting_id, p.number AS planting_number, p.variety_id AS planting_variety, p.spot',
            ' LEFT JOIN lot_parents o ON o.lot_id = t.id AND o.role != \'father\' LEFT JOIN plantings p ON p.id = o.planting_id',
        ).'t.number = ?', [$number]);
        $lot = array_values(self::asLots($rows))[0] ?? null;
        /** @var stdClass $row */
        foreach ($lot === null ? [] : $rows as $row) {
            $lot->setRelation('planting', $row->planting_id === null ? null : (new Planting)->newFromBuilder(['id' => $row->planting_id, 'number' => $row->planting_number, 'variety_id' => $row->planting_variety, 'spot' => $row->spot]));
        }

        return $lot;
    }

    /**
     * @param  array<array-key, string>  $ids
     * @return array<string, Planting> by id
     */
    public static function plantings(array $ids): array
    {
        return self::asPlantings(self::each(self::PLANTINGS, $ids));
    }

    public static function planting(int $number): ?Planting
    {
        return array_values(self::asPlantings(DB::select(self::PLANTINGS.'t.number = ?', [$number])))[0] ?? null;
    }

    /**
     * @param  array<array-key, string>  $ids
     * @return array<stdClass>
     */
    private static function each(string $select, array $ids): array
    {
        $ids = array_values(array_unique($ids));

        return $ids === [] ? [] : DB::select($select.'t.id IN ('.Bulk::marks($ids).')', $ids);
    }

    /**
     * @param  array<stdClass>  $rows
     * @return array<string, Lot> by id
     */
    private static function asLots(array $rows): array
    {
        [$lot, $standing, $varieties] = [new Lot, new LotStanding, self::varieties($rows)];
        $lots = [];
        foreach ($rows as $row) {
            $lots[$row->id] = $lot->newFromBuilder(['id' => $row->id, 'number' => $row->number, 'variety_id' => $row->variety_id])->setRelations([
                'variety' => $varieties[$row->variety_id],
                'standing' => $row->stands === null ? null : $standing->newFromBuilder(['lot_id' => $row->id, 'year' => $row->year, 'line' => $row->line, 'generation' => $row->filial]),
            ]);
        }

        return $lots;
    }

    /**
     * @param  array<stdClass>  $rows
     * @return array<string, Planting> by id
     */
    private static function asPlantings(array $rows): array
    {
        [$planting, $standing, $varieties] = [new Planting, new PlantingStanding, self::varieties($rows)];
        $plantings = [];
        foreach ($rows as $row) {
            $plantings[$row->id] = $planting->newFromBuilder(['id' => $row->id, 'number' => $row->number, 'variety_id' => $row->variety_id, 'spot' => $row->spot])->setRelations([
                'variety' => $varieties[$row->variety_id],
                'standing' => $row->stands === null ? null : $standing->newFromBuilder(['planting_id' => $row->id, 'season' => $row->season, 'line' => $row->line, 'generation' => $row->filial]),
            ]);
        }

        return $plantings;
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
