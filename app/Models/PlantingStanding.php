<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Work\Place;

/**
 * @property string $planting_id
 * @property int|null $season
 * @property string|null $sown_at
 * @property int|null $plants
 * @property int $lots
 * @property string|null $sown_lot  id
 * @property string $sown_from
 * @property int $off_types
 * @property int $looked_over
 * @property int $crossing
 * @property string|null $crossing_at  when that came to light
 * @property float $taken_out
 * @property float|null $crossed
 * @property string $crossed_mothers  JSON list of marks: plants that had pollen of another variety
 * @property string $line
 * @property string $generation  of the lot that it was sown from
 * @property int $shelved  fruit on the shelf
 * @property int $walked  plants that were looked at one by one
 * @property string $planned  id in a plan
 * @property string $search
 * @property Planting $planting
 */
final class PlantingStanding extends Thing
{
    /** Which of them hold words that are looked for (?), by the index of parts of words. */
    public const WORDS = 'planting_standings.planting_id IN (SELECT id FROM plantings WHERE number IN (SELECT rowid FROM planting_words WHERE planting_words MATCH ?))';

    /** How many lots came of a planting; its id follows. */
    private const LOTS_OF = 'SELECT count(*) FROM lot_parents o JOIN lot_standings s ON s.lot_id = o.lot_id WHERE s.place != ? AND o.role != \'father\' AND o.planting_id = ';

    protected $table = 'planting_standings';

    protected $primaryKey = 'planting_id';

    public static function lotsOf(string $planting): int
    {
        return (int) DB::scalar(self::LOTS_OF.'?', [Place::Plot->value, $planting]);
    }

    /** @param  list<string>  $plantings  ids of those whose lots are counted anew */
    public static function countLots(array $plantings): void
    {
        DB::update('UPDATE planting_standings SET lots = ('.self::LOTS_OF.'planting_standings.planting_id) WHERE planting_id IN ('.Bulk::marks($plantings).')', [Place::Plot->value, ...$plantings]);
    }

    /** @return BelongsTo<Planting, $this> */
    public function planting(): BelongsTo
    {
        return $this->belongsTo(Planting::class);
    }
}
