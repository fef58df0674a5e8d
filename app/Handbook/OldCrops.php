<?php

declare(strict_types=1);

namespace App\Handbook;

use Marrow\Core\Botany\CropFigureList;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\Sureness;
use Marrow\Core\Botany\UnsoundCrop;
use Marrow\Core\Work\Later;

/**
 * Crops and figures that a keeper gave when a crop had one season of sowing, brought up to the present form: the days from
 * sowing to bloom where there is no winter between, and else the weeks of the calendar that they came to.
 */
final class OldCrops
{
    /** From so many days on there was a winter in them. */
    private const WINTER = 200;

    /** Of old figures: the path they stood at => which end of the range. */
    private const ENDS = ['growing.sowing_to_bloom.0' => 0, 'growing.sowing_to_bloom.1' => 1];

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function upTo(array $document): array
    {
        $growing = $document['growing'] ?? null;
        if (! is_array($growing) || ! is_array($growing['sow_months'] ?? null) || ! is_array($growing['sowing_to_bloom'] ?? null)) {
            return $document;
        }
        [$from, $to] = array_map(intval(...), [$growing['sow_months'][0] ?? 3, $growing['sow_months'][1] ?? 4]);
        [$least, $most] = array_map(intval(...), [$growing['sowing_to_bloom'][0] ?? 60, $growing['sowing_to_bloom'][1] ?? 80]);
        $bloomDays = is_array($growing['bloom_days'] ?? null) && is_numeric($growing['bloom_days'][1] ?? null) ? (int) $growing['bloom_days'][1] : 30;
        $to = $to < $from ? 12 : $to;
        $sowing = ['months' => [$from, $to], 'place' => 'either'];
        $middle = ($from + $to + 1) / 2;
        if ($most <= self::WINTER && ($document['life_cycle'] ?? '') !== 'biennial') {
            $least = max($least, $most - ($to - $from + 1) * 28);
            $sowing += ['years' => 0, 'days' => [$least, $most], 'bloom' => self::window($from + $least / Later::DAYS_A_MONTH, $to + 1 + ($most + $bloomDays) / Later::DAYS_A_MONTH)[1]];
        } else {
            [$years, $bloom] = self::window($middle + $least / Later::DAYS_A_MONTH, $middle + ($most + $bloomDays) / Later::DAYS_A_MONTH);
            $sowing += ['years' => $years, 'bloom' => $bloom];
        }
        unset($growing['sow_months'], $growing['sowing_to_bloom'], $document['seasons_to_seed']);
        $ripening = is_array($document['ripening'] ?? null) ? $document['ripening'] : [];
        if (($ripening['shatters'] ?? false) === true) {
            $ripening['shatters'] = 'pick_often';
        } else {
            unset($ripening['shatters']);
        }

        $sources = is_array($document['sources'] ?? null) ? $document['sources'] : [];

        return [...$document, 'sources' => array_map(static fn (mixed $source): mixed => is_string($source) ? ['from' => $source, 'sure' => Sureness::Rough->value] : $source, $sources), 'growing' => [...$growing, 'sowings' => [$sowing]], 'ripening' => $ripening];
    }

    /**
     * The keeper's figures of one crop, or of a variety of it, at the paths where they belong now. What no longer goes with
     * the crop is left out: the handbook's own figure stands then.
     *
     * @param  array<string, float>  $figures  by path
     * @param  array<array-key, mixed>  $document  the crop as it is now
     * @return array<string, float>
     */
    public static function figures(array $figures, array $document): array
    {
        $old = array_intersect_key($figures, self::ENDS);
        $rest = array_diff_key($figures, self::ENDS);
        if ($old === []) {
            return $figures;
        }
        $moved = [];
        foreach ($old as $path => $days) {
            $end = self::ENDS[$path];
            if (CropFigureList::take($document, 'growing.sowings.0.days.0') !== null) {
                $moved["growing.sowings.0.days.$end"] = $days;

                continue;
            }
            $middle = ((float) CropFigureList::take($document, 'growing.sowings.0.months.0') + (float) CropFigureList::take($document, 'growing.sowings.0.months.1') + 1) / 2;
            $bloom = $end === 0 ? 0.0 : (float) CropFigureList::take($document, 'growing.bloom_days.1');
            $moved["growing.sowings.0.bloom.$end"] = round(fmod($middle - 1 + ($days + $bloom) / Later::DAYS_A_MONTH, 12) + 1, 1);
        }
        $with = $document;
        foreach ([...$rest, ...$moved] as $path => $value) {
            $with = CropFigureList::put($with, $path, floor($value) === $value ? (int) $value : $value);
        }
        try {
            CropFile::read('a-crop', $with);
        } catch (UnsoundCrop) {
            return $rest;
        }

        return [...$rest, ...$moved];
    }

    /** @return array{int, array{float, float}} calendar years on, and months of that year */
    private static function window(float $from, float $to): array
    {
        $years = (int) floor(($from - 1) / 12);
        $first = round($from - 12 * $years, 1);

        return [$years, [$first, min(13.0, max($first + 0.2, round($to - 12 * $years, 1)))]];
    }
}
