<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\Relations\HasOneThrough;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Population\Role;

/**
 * @property string $id
 * @property int $number
 * @property string $variety_id
 * @property Variety $variety
 * @property Planting|null $planting
 * @property LotStanding|null $standing
 */
final class Lot extends Thing implements Recorded
{
    protected $table = 'lots';

    public function code(): string
    {
        return Code::of(Subject::Lot, $this->number);
    }

    /** @return BelongsTo<Variety, $this> */
    public function variety(): BelongsTo
    {
        return $this->belongsTo(Variety::class);
    }

    /** @return HasOneThrough<Planting, LotParent, $this> what it was picked from; none where it came from elsewhere */
    public function planting(): HasOneThrough
    {
        $planting = $this->hasOneThrough(Planting::class, LotParent::class, 'lot_id', 'id', 'id', 'planting_id');
        $planting->where('lot_parents.role', '!=', Role::Father->value);

        return $planting;
    }

    /** @return HasOne<LotStanding, $this> */
    public function standing(): HasOne
    {
        return $this->hasOne(LotStanding::class);
    }
}
