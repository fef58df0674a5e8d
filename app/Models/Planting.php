<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Population\Role;

/**
 * @property string $id
 * @property int $number
 * @property string $variety_id
 * @property string $spot
 * @property Variety $variety
 * @property PlantingStanding|null $standing
 * @property \Illuminate\Database\Eloquent\Collection<int, Lot> $lots
 */
final class Planting extends Thing implements Recorded
{
    protected $table = 'plantings';

    public function code(): string
    {
        return Code::of(Subject::Planting, $this->number);
    }

    /** @return BelongsTo<Variety, $this> */
    public function variety(): BelongsTo
    {
        return $this->belongsTo(Variety::class);
    }

    /** @return HasManyThrough<Lot, LotParent, $this> */
    public function lots(): HasManyThrough
    {
        $lots = $this->hasManyThrough(Lot::class, LotParent::class, 'planting_id', 'id', 'id', 'lot_id');
        $lots->where('lot_parents.role', '!=', Role::Father->value);

        return $lots;
    }

    /** @return HasOne<PlantingStanding, $this> */
    public function standing(): HasOne
    {
        return $this->hasOne(PlantingStanding::class);
    }
}
