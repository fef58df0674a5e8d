<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\PlantingDocument;
use App\Journal\EntryStore;
use App\Journal\Subject;
use App\Models\DueTask;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Models\Planting;
use App\Moment;
use App\Projection\Projector;
use App\Words\When;
use Illuminate\Support\Collection;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\Sequence;

final readonly class PlantingSheet
{
    public function __construct(private Projector $projector, private Tags $tags, private Tasks $tasks) {}

    public function of(Planting $planting, When $when): PlantingDocument
    {
        $rows = JournalEntry::query()->where('subject', Subject::Planting->value)->where('subject_id', $planting->id)->orderBy('seq')->get();
        $due = DueTask::query()->where('subject', Subject::Planting->value)->where('subject_id', $planting->id)->orderBy('best_at')->get();
        $lots = $planting->lots()->with(['variety', 'standing'])->orderBy('number')->get();
        $crop = $this->projector->crop($planting->variety);
        $sown = $planting->standing?->sown_at;

        return new PlantingDocument(
            $planting->id,
            $this->tags->planting($planting),
            CropSheet::of($crop),
            $planting->spot,
            $planting->season,
            $sown === null ? null : Moment::say(Moment::read($sown)),
            $planting->standing?->plants,
            $this->tasks->documents($due, $when),
            LotSheet::offers($sown === null ? [EntryKind::Sown, EntryKind::Noted] : [EntryKind::Picked, ...self::bloom($rows), EntryKind::OffTypesSeen, EntryKind::Noted], $crop),
            array_values($lots->map(fn (Lot $lot) => $this->tags->lot($lot))->all()),
            Entries::documents($rows, []),
        );
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return list<EntryKind> what of its bloom is still to be seen
     */
    private static function bloom(Collection $rows): array
    {
        $seen = array_map(static fn (Entry $entry): EntryKind => $entry->kind, Sequence::of(EntryStore::entries($rows))->standing);

        return match (true) {
            ! in_array(EntryKind::FirstBloom, $seen, true) => [EntryKind::FirstBloom],
            ! in_array(EntryKind::LastBloom, $seen, true) => [EntryKind::LastBloom],
            default => [],
        };
    }
}
