<?php

declare(strict_types=1);

namespace App\Reading;

use Illuminate\Support\Facades\DB;
use Marrow\Core\Things\Registered;

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

    /**
     * Whoever is named where somebody is asked for, struck or not, keeps the journal, or has the garden over the fence in a plan.
     *
     * @param  ?string  $connection  to another garden than this
     * @return array<string, string> as first written, by the name in small letters
     */
    public static function everybody(?string $connection = null): array
    {
        $garden = DB::connection($connection);
        $written = $garden->table('keepers')->pluck('name')->all();
        foreach (Registered::kinds()->all() as $kind) {
            foreach ($kind->fields->fields as $field) {
                if ($field->isPerson) {
                    array_push($written, ...$garden->table('journal_entries')->where('kind', $kind->name)->selectRaw('DISTINCT json_extract(payload, ?) AS name', ['$.'.$field->key])->pluck('name')->all());
                }
            }
        }
        foreach ($garden->table('plan_versions')->pluck('document') as $document) {
            $plan = is_string($document) ? json_decode($document, true) : [];
            $neighbours = is_array($plan) && is_array($plan['ground'] ?? null) ? $plan['ground']['neighbours'] ?? [] : [];
            array_push($written, ...array_column(is_array($neighbours) ? array_filter($neighbours, is_array(...)) : [], 'name'));
        }
        // To whom seed is promised, and who else grows a line.
        foreach ($garden->table('rota_versions')->pluck('document') as $document) {
            $wish = is_string($document) ? json_decode($document, true) : [];
            $lines = is_array($wish) && is_array($wish['lines'] ?? null) ? array_filter($wish['lines'], is_array(...)) : [];
            array_push($written, ...array_column($lines, 'promised'), ...array_column($lines, 'sent'));
        }
        $names = [];
        foreach ($written as $text) {
            foreach (is_string($text) ? [$text, ...(preg_split('/[,;&+\/]|\s(?:and|und|et|y|en)\s/u', $text) ?: [])] : [] as $name) {
                if (trim($name) !== '') {
                    $names[mb_strtolower(trim($name))] ??= trim($name);
                }
            }
        }

        return $names;
    }
}
