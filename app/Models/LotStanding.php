<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $lot_id
 * @property int $number  of the lot, and the name of its variety: what lists are ordered by
 * @property string $variety
 * @property string $place
 * @property string $stage
 * @property string $stands  what it stands in on the bench (VesselShape); empty elsewhere
 * @property int $used_up
 * @property int|null $year
 * @property float|null $seeds
 * @property float|null $grams
 * @property float|null $moisture
 * @property float|null $rate
 * @property float|null $rate_low
 * @property float|null $rate_high
 * @property string|null $tested_on
 * @property string|null $good_until
 * @property string|null $likely_until  the middle of the forecast, as good_until is its near edge
 * @property string|null $ends_at  the near edge, or where there is no forecast the end of its crop's ordinary years
 * @property int $counted  1 where its number of seeds was counted, or told as if it had been
 * @property float|null $spare  seeds beyond its packets and its reserve
 * @property int $reserve  seeds
 * @property string|null $container
 * @property string|null $place_id
 * @property string|null $store_place
 * @property string|null $last_at
 * @property string $pace  what was expected of its store when its forecast was reckoned (StorePace::key)
 * @property string $search
 * @property int $tied
 * @property string $mothers  JSON list of marks of the mother plants that it was kept by
 * @property string $line
 * @property string $generation  F2, F3 … of a cross, or as it was written; empty of what is of none
 * @property int $own_generation  how often it was grown out here
 * @property Lot $lot
 */
final class LotStanding extends Thing
{
    /** Which of them hold words that are looked for (?), by the index of parts of words. */
    public const WORDS = 'lot_standings.number IN (SELECT rowid FROM lot_words WHERE lot_words MATCH ?)';

    /** One lot of seed that is there; as it stands in the index, or it would not be taken. */
    private const THERE = "used_up = 0 AND place != 'plot'";

    protected $table = 'lot_standings';

    protected $primaryKey = 'lot_id';

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /**
     * The one lot of each variety that has but one.
     *
     * @param  Builder<self>  $query
     */
    public static function onlyLast(Builder $query): void
    {
        $query->whereRaw('lot_id IN (SELECT min(lot_id) FROM lot_standings WHERE '.self::THERE.' GROUP BY variety_id HAVING count(*) = 1)');
    }

    /**
     * @param  array<array-key, string>  $varieties  ids
     * @return array<string, true> those of them of which there is one lot, and no more
     */
    public static function alone(array $varieties): array
    {
        $alone = [];
        foreach (array_chunk($varieties, 500) as $some) {
            $rows = self::query()->toBase()->whereIn('variety_id', $some)->whereRaw(self::THERE)->groupBy('variety_id')->havingRaw('count(*) = 1')->pluck('variety_id');
            $alone += array_fill_keys(Bulk::ids($rows), true);
        }

        return $alone;
    }
}
