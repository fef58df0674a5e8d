<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $test_id
 * @property string $lot_id
 * @property int $number  of the lot: what lists are ordered by
 * @property string $started_at
 * @property string|null $began_at  when its days begin, where that is not as it was laid
 * @property string|null $ended_at
 * @property string $part  of the lot that it is of, where that is not all of it
 * @property int $sown
 * @property int $germinated
 * @property int $undecided
 * @property int|null $last_day
 * @property string|null $verdict
 * @property Lot $lot
 */
final class TestStanding extends Record
{
    protected $table = 'test_standings';

    protected $primaryKey = 'test_id';

    public $incrementing = false;

    protected $keyType = 'string';

    public function began(): string
    {
        return $this->began_at ?? $this->started_at;
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }
}
