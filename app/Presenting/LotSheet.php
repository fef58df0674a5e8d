<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\LineDocument;
use App\Documents\LotDocument;
use App\Documents\OfferDocument;
use App\Documents\TagDocument;
use App\Lineage\Crossings;
use App\Lineage\Lines;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\LotParent;
use App\Models\Planting;
use App\Moment;
use App\Reading\Alike;
use App\Reading\Facts;
use App\Reading\OnTheBench;
use App\Reading\Tagged;
use App\Sheet\SectionDocument;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\AdviceWords;
use App\Words\ColdWords;
use App\Words\CrossingWords;
use App\Words\Stages;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Origin\SetApart;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;

/** The worksheet of a lot: its course, folded, in figures and words as seen from a day. */
final readonly class LotSheet
{
    /** What lies within the next two months is worth a line on the worksheet; the rest stands in the forecast. */
    private const DAYS_AHEAD = 60;

    /** @param  iterable<SheetSection>  $sections */
    public function __construct(
        private Facts $facts,
        private Tags $tags,
        private Tasks $tasks,
        private Entries $entries,
        private Crossings $crossings,
        private Lines $lines,
        private OnTheBench $bench,
        private iterable $sections,
    ) {}

    /** @param  Lot  $lot  with its variety, planting and standing */
    public function of(Lot $lot, When $when): LotDocument
    {
        return $this->facts->around($lot, fn (): LotDocument => $this->sheet($lot, $when));
    }

    private function sheet(Lot $lot, When $when): LotDocument
    {
        $course = $this->facts->lot($lot);
        $crop = $course->facts->crop;
        $due = DueTask::standing($when->now)->where('subject', Subject::Lot->value)->where('subject_id', $lot->id)
            ->where(static fn ($query) => $query->where('opens_at', '<=', Moment::keep($when->now))->orWhere('best_at', '<', Moment::keep($when->now->modify(sprintf('+%d days', self::DAYS_AHEAD)))))
            ->orderBy('best_at')->get();
        $crossing = $this->crossings->of($lot->id);
        $sister = $this->crossings->sisterOf($lot->id);
        $advice = $course->advice($when->now);

        return new LotDocument(
            $lot->id,
            $lot->variety_id,
            $this->tags->lot($lot),
            $lot->planting?->code(),
            $crossing === null ? null : CrossingWords::sentence($crossing, $lot->code()),
            $sister === null ? null : CrossingWords::sister($sister),
            LineDocument::of($this->lines->of($lot->id)),
            $advice === null ? null : (new AdviceWords($course))->sentence($advice),
            $course->place()->value,
            $course->isUsedUp(),
            Stages::ofCourse($course),
            CropSheet::of($crop),
            self::generation($lot),
            $this->tasks->documents($due, $when, [$lot->id => $lot]),
            self::offers($course, $when, $this->bench->alike($crop, $lot->code())),
            $this->sections($course, $when),
            $this->grown($lot),
            $this->tagged($this->origins()->where('from_lot_id', $lot->id)->pluck('lot_id')->all()),
            $this->tagged($this->origins()->where('lot_id', $lot->id)->pluck('from_lot_id')->all())[0] ?? null,
            $this->entries->ofLot($lot->id, $course->adrift(), $course->agrees()),
        );
    }

    /**
     * @param  list<Alike>  $alike  what else on the bench it could be taken for
     * @return list<OfferDocument>
     */
    public static function offers(LotCourse $course, When $when, array $alike = []): array
    {
        $alike = $course->place() === Place::Bench ? $alike : [];

        return array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $course->cautions(), [...MixUpWords::at($alike, $offer->kind->name), ...ColdWords::at($course, $offer->kind, $when)]), $course->offers($when->now));
    }

    /** Of a line how often it was grown out here; what is counted from a cross has that on its tag. */
    private static function generation(Lot $lot): string
    {
        $own = (int) DB::table('lot_standings')->where('lot_id', $lot->id)->value('own_generation');

        return $own === 0 || str_starts_with($lot->standing->generation ?? '', 'F') ? '' : Quantity::ordinal($own).' own generation';
    }

    /** @return list<TagDocument> plantings that were sown from it */
    private function grown(Lot $lot): array
    {
        $plantings = Tagged::plantings($this->lines->sownFrom([$lot->id]));
        usort($plantings, static fn (Planting $a, Planting $b): int => $a->number <=> $b->number);

        return array_map($this->tags->planting(...), $plantings);
    }

    /** @return Builder<LotParent> how parts of lots became lots of their own */
    private function origins(): Builder
    {
        return LotParent::query()->where('kind', Kind::declared(SetApart::class)->name);
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return list<TagDocument>
     */
    private function tagged(array $ids): array
    {
        $lots = Tagged::lots(array_values(array_filter($ids, is_string(...))));
        usort($lots, static fn (Lot $a, Lot $b): int => $a->number <=> $b->number);

        return array_map($this->tags->lot(...), $lots);
    }

    /** @return list<SectionDocument> */
    private function sections(LotCourse $course, When $when): array
    {
        $documents = [];
        foreach ($this->sections as $section) {
            array_push($documents, ...$section->of($course, $when));
        }

        return $documents;
    }
}
