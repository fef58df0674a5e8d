<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\AlongDocument;
use App\Models\Code;
use App\Models\DueTask;
use App\Models\PlantingStanding;
use App\Moment;
use App\Voice\Speaking;
use DateInterval;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/** What somebody will look at in the garden before there is network again. */
final class Along
{
    private const AHEAD = 'P21D';

    /** Sheets of each sort: some 20 kB each, so that all of it stays within some megabytes. */
    private const MOST = 150;

    public static function on(DateTimeImmutable $now): AlongDocument
    {
        $until = Moment::keep($now->add(new DateInterval(self::AHEAD)));
        $due = DueTask::query()->where('subject', Subject::Lot->value)->where('opens_at', '<=', $until)->orderBy('opens_at')->limit(5 * self::MOST)->pluck('subject_id')->unique()->take(self::MOST)->all();
        $lots = DB::table('lot_standings')->where('used_up', 0)->where(static fn ($query) => $query->whereIn('lot_id', $due)->orWhereIn('place', ['bench', 'racks', 'trays']))->limit(2 * self::MOST)->get(['number', 'variety_id']);
        $plantings = Plantings::standing($now)->limit(self::MOST)->with('planting')->get()->map(static fn (PlantingStanding $row) => $row->planting);
        $varieties = [...$lots->pluck('variety_id'), ...$plantings->pluck('variety_id')];

        return new AlongDocument(
            array_values($lots->map(static fn (object $row): string => Code::of(Subject::Lot, $row->number ?? 0))->all()),
            array_values($plantings->map(static fn ($planting): string => $planting->code())->all()),
            array_values(array_filter(DB::table('varieties')->whereIn('id', array_unique($varieties))->distinct()->pluck('crop')->all(), is_string(...))),
            array_values(array_filter(DB::table('plans')->whereIn('year', [$season = Speaking::forms()->turn->season($now), $season + 1])->orderBy('year')->pluck('year')->all(), is_int(...))),
        );
    }
}
