<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property string $id
 * @property int $number
 * @property string $planting_id
 * @property string $variety_id
 * @property Variety $variety
 * @property Planting $planting
 * @property LotStanding|null $standing
 */
final class Lot extends Model
{
    protected $table = 'lots';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    public function code(): string
    {
        return 'L'.$this->number;
    }

    /** @return BelongsTo<Variety, $this> */
    public function variety(): BelongsTo
    {
        return $this->belongsTo(Variety::class);
    }

    /** @return BelongsTo<Planting, $this> */
    public function planting(): BelongsTo
    {
        return $this->belongsTo(Planting::class);
    }

    /** @return HasOne<LotStanding, $this> */
    public function standing(): HasOne
    {
        return $this->hasOne(LotStanding::class);
    }
}
