<?php

declare(strict_types=1);

namespace App\Reading;

use Illuminate\Support\Facades\DB;

/** The names that stand where seed came from and went to, whatever their capitals. */
final class PeopleNames
{
    /** Of an entry j that is not struck, or whose strike was struck itself. */
    public const STANDS = "NOT EXISTS (SELECT 1 FROM journal_entries s WHERE s.subject_id = j.subject_id AND s.kind = 'struck' AND json_extract(s.payload, '$.entry') = j.id
        AND NOT EXISTS (SELECT 1 FROM journal_entries t WHERE t.subject_id = j.subject_id AND t.kind = 'struck' AND json_extract(t.payload, '$.entry') = s.id))";

    /** @return list<string> by name; as each was first written */
    public static function all(): array
    {
        $rows = DB::select("SELECT min(seq), trim(name) AS name FROM (
                SELECT seq, json_extract(payload, '$.from') AS name FROM journal_entries j WHERE kind = 'received' AND ".self::STANDS."
                UNION ALL
                SELECT seq, json_extract(payload, '$.to') FROM journal_entries j WHERE kind = 'withdrawn' AND json_extract(payload, '$.purpose') IN ('gift', 'swap') AND ".self::STANDS.'
            ) WHERE trim(coalesce(name, \'\')) <> \'\' GROUP BY lower(trim(name)) ORDER BY lower(trim(name))');

        return array_values(array_map(static function (mixed $row): string {
            /** @var object{name: string} $row */
            return $row->name;
        }, $rows));
    }
}
