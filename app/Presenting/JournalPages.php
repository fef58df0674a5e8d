<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\JournalDocument;
use App\Documents\JournalLineDocument;
use App\Documents\KeyedDocument;
use App\Models\JournalEntry;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Things\Registered;

/** The whole journal, newest first. */
final readonly class JournalPages
{
    private const PAGE = 30;

    public function __construct(private LinesOfAll $all, private AtOnce $atOnce, private DeedLines $deeds) {}

    /** @param  string  $before  the mark at which the page before ended; empty for the newest entries */
    public function page(JournalWish $wish, string $before = ''): JournalDocument
    {
        // What came in together, or was done to many at once, is one line.
        $query = JournalEntry::query()->where('kind', '!=', 'struck')
            ->whereRaw('(act IS NULL OR seq = (SELECT max(seq) FROM journal_entries AS last WHERE last.act = journal_entries.act))')
            ->whereRaw('NOT EXISTS (SELECT 1 FROM journal_entries AS later WHERE later.replaces = journal_entries.id)');
        $mark = preg_match('/^(\d{4}-\d{2}-\d{2} \d{2}:\d{2}:\d{2}) (\S{1,40})$/', $before, $found) === 1 ? [$found[1], $found[2]] : null;
        $wish->narrow($query);
        if ($mark !== null) {
            $query->whereRaw('(happened_at, ord) < (?, ?)', $mark);
        }
        // One more than is shown tells whether there is more.
        $rows = $query->orderByDesc('happened_at')->orderByDesc('ord')->limit(self::PAGE + 1)->get();
        $lines = $wish->holdsDeeds() ? $this->deeds->before($mark, self::PAGE + 1, $wish) : [];
        $marks = [...$rows->map(static fn (JournalEntry $row): string => "$row->happened_at $row->ord")->all(), ...array_keys($lines)];
        rsort($marks, SORT_STRING);
        $more = count($marks) > self::PAGE;
        $marks = array_slice($marks, 0, self::PAGE);
        $shown = $rows->filter(static fn (JournalEntry $row): bool => in_array("$row->happened_at $row->ord", $marks, true))->values();
        $lines += $this->atOnce->asOne($shown, $this->all->of($shown));

        return new JournalDocument(array_values(array_filter(array_map(static fn (string $mark): ?JournalLineDocument => $lines[$mark] ?? null, $marks))), $more ? $marks[self::PAGE - 1] : null, $this->keepers(), self::kinds());
    }

    /** @return list<string> who has recorded anything, by name */
    private function keepers(): array
    {
        return array_values(array_filter(DB::table('keepers')->orderBy('name')->pluck('name')->all(), is_string(...)));
    }

    /** @return list<KeyedDocument> what can have been recorded */
    private static function kinds(): array
    {
        $kinds = array_values(array_map(static fn (Kind $kind): KeyedDocument => new KeyedDocument($kind->name, $kind->title), array_filter(Registered::kinds()->all(), static fn (Kind $kind): bool => $kind->name !== 'struck')));
        usort($kinds, static fn (KeyedDocument $a, KeyedDocument $b): int => $a->label <=> $b->label);

        return $kinds;
    }
}
