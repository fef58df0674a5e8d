<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

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
 * @property string $planned  id in a plan
 * @property string $search
 * @property Planting $planting
 */
final class PlantingStanding extends Thing
{
    protected $table = 'planting_standings';

    protected $primaryKey = 'planting_id';

    /** @return BelongsTo<Planting, $this> */
    public function planting(): BelongsTo
    {
        return $this->belongsTo(Planting::class);
    }
}
