<?php

declare(strict_types=1);

namespace App\Projection;

use App\Models\Bulk;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/** From when to when there is anything to show of a lot or a planting, so that a day in the past is read from what was there then. */
final class Spans
{
    /** @param  list<string>  $ids  whose standings are written */
    public static function keep(Subject $subject, array $ids): void
    {
        $isLot = $subject === Subject::Lot;
        [$table, $key] = $isLot ? ['lot_standings', 'lot_id'] : ['planting_standings', 'planting_id'];
        foreach (array_chunk($ids, 500) as $some) {
            $marks = Bulk::marks($some);
            $rows = DB::select(
                "SELECT id, min(happened_at) AS first, max(max(happened_at, recorded_at)) AS last FROM (
                    SELECT subject_id AS id, happened_at, recorded_at FROM journal_entries WHERE subject = ? AND subject_id IN ($marks) AND kind != 'struck'
                    UNION ALL
                    SELECT r.subject_id, e.happened_at, e.recorded_at FROM entry_refs r CROSS JOIN journal_entries e ON e.id = r.entry_id WHERE r.subject = ? AND r.subject_id IN ($marks)
                    UNION ALL
                    SELECT subject_id, recorded_at, recorded_at FROM journal_entries WHERE subject = ? AND subject_id IN ($marks) AND kind = 'struck'
                 ) GROUP BY id",
                [$subject->value, ...$some, $subject->value, ...$some, $subject->value, ...$some],
            );
            foreach ($rows as $row) {
                /** @var object{id: string, first: string, last: string} $row */
                DB::update("UPDATE $table SET first_at = ?".($isLot ? ', quiet_since = ?' : '')." WHERE $key = ?", $isLot ? [$row->first, $row->last, $row->id] : [$row->first, $row->id]);
            }
        }
    }
}
