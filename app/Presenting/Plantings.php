<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Models\PlantingStanding;
use App\Voice\Speaking;
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
        $year = Speaking::forms()->turn->season($at);

        return PlantingStanding::query()
            ->whereNotNull('sown_at')
            // Said by itself too, so that the index of the seasons bounds what is looked at.
            ->where('season', '>=', $year - self::YEARS)
            ->where(static function (Builder $standing) use ($year): void {
                $standing->where('season', '>=', $year)
                    ->orWhere('lots', 0);
            });
    }
}
