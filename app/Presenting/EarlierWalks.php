<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Models\Planting;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Reading\YearsWeather;
use App\Voice\Months;
use App\Voice\Quantity;
use App\Words\WalkedYear;
use Illuminate\Support\Facades\DB;

/** Plantings of the same variety in years before that were walked plant by plant. */
final readonly class EarlierWalks
{
    private const MOST = 12;

    public function __construct(private Facts $facts, private YearsWeather $weather) {}

    /** @return list<WalkedYear> the oldest first */
    public function of(Planting $planting): array
    {
        $season = $planting->standing?->season;
        if ($season === null) {
            return [];
        }
        $ids = DB::table('plantings')->join('planting_standings', 'planting_standings.planting_id', '=', 'plantings.id')
            ->where('plantings.variety_id', $planting->variety_id)->where('planting_standings.walked', '>', 0)->where('planting_standings.season', '<', $season)
            ->orderByDesc('planting_standings.season')->limit(self::MOST)->pluck('plantings.id')->all();
        $ids = array_values(array_filter($ids, is_string(...)));
        $plantings = $ids === [] ? [] : Tagged::plantings($ids);
        $courses = $plantings === [] ? [] : $this->facts->plantings(collect(array_values($plantings)));
        $years = [];
        foreach ($plantings as $id => $one) {
            $years[] = new WalkedYear((int) $one->standing?->season, $courses[$id]->choosing, $this->said((int) $one->standing?->season));
        }
        usort($years, static fn (WalkedYear $a, WalkedYear $b): int => $a->season <=> $b->season);

        return $years;
    }

    /** A year's difference is not yet a gain: it may have been the weather. */
    private function said(int $year): string
    {
        $of = $this->weather->of($year);

        return $of === null ? '' : sprintf('%s %s in the mean%s', ucfirst(Months::ofYear(5, 9)), Quantity::temperature($of['mean']), $of['rain'] === null ? '' : sprintf(', %s of rain', Quantity::decimal(round($of['rain']))."\u{00A0}mm"));
    }
}
