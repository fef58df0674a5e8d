<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $planting_id
 * @property string|null $sown_at
 * @property int|null $plants
 * @property int $lots
 * @property string $search
 * @property Planting $planting
 */
final class PlantingStanding extends Model
{
    protected $table = 'planting_standings';

    public $timestamps = false;

    protected $primaryKey = 'planting_id';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<Planting, $this> */
    public function planting(): BelongsTo
    {
        return $this->belongsTo(Planting::class);
    }
}
