<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property string $id
 * @property int $number
 * @property string $variety_id
 * @property int $season
 * @property string $spot
 * @property Variety $variety
 * @property PlantingStanding|null $standing
 * @property \Illuminate\Database\Eloquent\Collection<int, Lot> $lots
 */
final class Planting extends Model
{
    protected $table = 'plantings';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    public function code(): string
    {
        return 'P'.$this->number;
    }

    /** @return BelongsTo<Variety, $this> */
    public function variety(): BelongsTo
    {
        return $this->belongsTo(Variety::class);
    }

    /** @return HasMany<Lot, $this> */
    public function lots(): HasMany
    {
        return $this->hasMany(Lot::class);
    }

    /** @return HasOne<PlantingStanding, $this> */
    public function standing(): HasOne
    {
        return $this->hasOne(PlantingStanding::class);
    }
}
