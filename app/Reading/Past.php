<?php

declare(strict_types=1);

namespace App\Reading;

use App\Handbook\OwnFigures;
use App\Lineage\Crossing;
use App\Lineage\Crossings;
use App\Models\Bulk;
use App\Models\LotParent;
use App\Moment;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Settings\Practice;

/**
 * Facts as they were on a day: from what had happened by its end, and where that is asked, from what of it had been recorded by
 * then. Settings and figures are today's; how other lots have taught the store, and how warm a year was, does not count.
 */
final readonly class Past
{
    /** Of these a crossing comes to light. */
    private const SHOWS = ['off_types_seen', 'rogued', 'off_types_judged'];

    public function __construct(private JournalReader $journal, private CropReference $crops, private OwnFigures $own, private YearsWarmth $warmth, private Practice $practice) {}

    /**
     * @param  DateTimeImmutable  $end  the first moment that is not of it any more
     * @param  bool  $asKnown  only from what was recorded by then
     * @param  list<string>  $lots  ids of those that will be asked for
     */
    public function facts(DateTimeImmutable $end, bool $asKnown, array $lots): Facts
    {
        $from = new Viewpoint(before: $end, knownAt: $asKnown ? $end->modify('-1 second') : null);
        $plain = $this->read($from, []);

        return $this->read($from, $this->crossed($plain, $end, $lots));
    }

    /** @param  array<string, Crossing>  $crossed  by id of the lot */
    private function read(Viewpoint $from, array $crossed): Facts
    {
        $journal = $this->journal->from($from);

        return new Facts($journal, $this->crops, $this->own, Crossings::known($crossed), StorePaces::untaught(), new Stores($journal, $this->practice), $this->warmth->unmeasured(), $this->practice);
    }

    /**
     * Which of these were crossed by what was known: plantings that were sown from them, or from what they came of, showed it.
     *
     * @param  list<string>  $lots  ids
     * @return array<string, Crossing> by id
     */
    private function crossed(Facts $facts, DateTimeImmutable $end, array $lots): array
    {
        $back = $this->forebears($lots);
        $plantings = [];
        foreach (array_chunk(array_keys($back), 500) as $some) {
            $rows = DB::select(
                "SELECT DISTINCT e.subject_id AS id FROM entry_refs r CROSS JOIN journal_entries e ON e.id = r.entry_id AND e.kind = 'sown'
                 WHERE r.subject = 'lot' AND r.subject_id IN (".Bulk::marks($some).") AND EXISTS (
                    SELECT 1 FROM journal_entries s WHERE s.subject = 'planting' AND s.subject_id = e.subject_id AND s.kind IN (".Bulk::marks(self::SHOWS).') AND s.happened_at < ?)',
                [...$some, ...self::SHOWS, Moment::keep($end)],
            );
            $plantings = [...$plantings, ...Bulk::ids(collect($rows)->pluck('id'))];
        }
        $crossed = [];
        foreach ($plantings === [] ? [] : $facts->plantings(collect(array_values(Tagged::plantings($plantings)))) as $id => $course) {
            $root = $course->growing->sown?->lot;
            if ($root === null || ! $course->trueness->showsCrossing()) {
                continue;
            }
            foreach ($back[$root] ?? [] as $lot) {
                $crossed[$lot] ??= new Crossing($root, (string) $id, null, null, $course->trueness->offThatCount(), $course->trueness->seen, $course->trueness->shownAt);
            }
        }

        return $crossed;
    }

    /**
     * @param  list<string>  $lots
     * @return array<string, list<string>> which of them come of each lot, they themselves among them
     */
    private function forebears(array $lots): array
    {
        $of = [];
        foreach (array_chunk($lots, 500) as $some) {
            $rows = DB::select(
                'WITH RECURSIVE back(lot, id) AS (
                    SELECT value, value FROM json_each(?)
                    UNION
                    SELECT back.lot, p.came FROM back CROSS JOIN '.(new LotParent)->getTable().' p ON p.lot_id = back.id WHERE p.came IS NOT NULL
                 ) SELECT lot, id FROM back',
                [json_encode($some, JSON_THROW_ON_ERROR)],
            );
            foreach ($rows as $row) {
                /** @var object{lot: string, id: string} $row */
                $of[$row->id][] = $row->lot;
            }
        }

        return $of;
    }
}
