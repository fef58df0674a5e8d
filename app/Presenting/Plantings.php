<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Models\PlantingStanding;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;

final class Plantings
{
    /** How far back an unpicked planting may still be standing: a biennial's two seasons. */
    private const YEARS = 2;

    /**
     * The plantings on the plot: this season's, and older ones that have given no seed yet.
     *
     * @return Builder<PlantingStanding>
     */
    public static function standing(DateTimeImmutable $at): Builder
    {
        $year = (int) $at->format('Y');

        return PlantingStanding::query()
            ->whereNotNull('sown_at')
            ->where(static function (Builder $standing) use ($year): void {
                $standing->where('season', '>=', $year)
                    ->orWhere(static fn (Builder $older) => $older->where('lots', 0)->where('season', '>=', $year - self::YEARS));
            });
    }
}
