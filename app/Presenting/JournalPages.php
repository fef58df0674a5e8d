<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\JournalDocument;
use App\Http\Documents\JournalLineDocument;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Models\Planting;
use Illuminate\Database\Eloquent\Collection;
use Marrow\Core\Journal\EntryKind;

/** The whole journal, newest first. */
final readonly class JournalPages
{
    private const PAGE = 50;

    public function __construct(private Tags $tags) {}

    public function page(int $page): JournalDocument
    {
        $query = JournalEntry::query()->where('kind', '!=', EntryKind::Struck->value);
        $total = $query->count();
        $rows = $query->orderByDesc('happened_at')->orderByDesc('seq')->forPage($page, self::PAGE)->get();
        $of = static fn (string $subject): array => $rows->where('subject', $subject)->pluck('subject_id')->unique()->all();
        $lots = Lot::query()->with(['variety', 'standing'])->findMany($of('lot'))->keyBy('id');
        $plantings = Planting::query()->with('variety')->findMany($of('planting'))->keyBy('id');
        $strikes = $this->strikes($rows);
        $lines = [];
        foreach ($rows as $row) {
            $subject = $row->subject === 'lot' ? $lots->get($row->subject_id) : $plantings->get($row->subject_id);
            if ($subject === null) {
                continue;
            }
            $lines[] = new JournalLineDocument(
                $subject instanceof Lot ? $this->tags->lot($subject) : $this->tags->planting($subject),
                Entries::document($row, $strikes[$row->id] ?? null, null),
            );
        }

        return new JournalDocument($lines, $total, $page, max(1, (int) ceil($total / self::PAGE)));
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, string> standing strike by struck entry
     */
    private function strikes(Collection $rows): array
    {
        $all = JournalEntry::query()->where('kind', EntryKind::Struck->value)
            ->whereIn('subject_id', $rows->pluck('subject_id')->unique()->all())
            ->orderByDesc('seq')->get();
        $struck = [];
        foreach ($all as $strike) {
            $payload = json_decode($strike->payload, true);
            $target = is_array($payload) && is_string($payload['entry'] ?? null) ? $payload['entry'] : '';
            if (! isset($struck[$strike->id])) {
                $struck[$target] = $strike->id;
            }
        }

        return $struck;
    }
}
