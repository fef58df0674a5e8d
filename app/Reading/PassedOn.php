<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Bulk;
use Illuminate\Support\Facades\DB;

/** Whom seed of lots went to, as a gift or a swap, by what stands in the journal. */
final class PassedOn
{
    /**
     * @param  array<array-key, string>  $lots  ids
     * @return array<string, non-empty-list<array{name: string, year: int}>> by lot, the first first; the name is empty where nobody said it
     */
    public static function of(array $lots): array
    {
        $passed = [];
        foreach (array_chunk($lots, 500) as $some) {
            $rows = DB::select(
                "SELECT j.subject_id, trim(coalesce(json_extract(j.payload, '$.to'), '')) AS name, CAST(substr(j.happened_at, 1, 4) AS INTEGER) AS year FROM journal_entries j
                 WHERE j.subject = 'lot' AND j.kind = 'withdrawn' AND j.subject_id IN (".Bulk::marks($some).") AND json_extract(j.payload, '$.purpose') IN ('gift', 'swap') AND ".PeopleNames::STANDS.' ORDER BY j.happened_at',
                $some,
            );
            foreach ($rows as $row) {
                /** @var object{subject_id: string, name: string, year: int} $row */
                $passed[$row->subject_id][] = ['name' => $row->name, 'year' => $row->year];
            }
        }

        return $passed;
    }
}
