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
use App\Models\Planting;
use App\Moment;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Sheet\SectionDocument;
use App\Sheet\SheetSection;
use App\Voice\When;
use App\Words\AdviceWords;
use App\Words\ColdWords;
use App\Words\CrossingWords;
use App\Words\Stages;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Work\Offer;

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
            $this->tasks->documents($due, $when, [$lot->id => $lot]),
            self::offers($course, $when),
            $this->sections($course, $when),
            $this->grown($lot),
            $this->entries->ofLot($lot->id, $course->adrift(), $course->agrees()),
        );
    }

    /** @return list<OfferDocument> */
    public static function offers(LotCourse $course, When $when): array
    {
        return array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $course->cautions(), ColdWords::at($course, $offer->kind, $when)), $course->offers($when->now));
    }

    /** @return list<TagDocument> plantings that were sown from it */
    private function grown(Lot $lot): array
    {
        $plantings = Tagged::plantings($this->lines->sownFrom([$lot->id]));
        usort($plantings, static fn (Planting $a, Planting $b): int => $a->number <=> $b->number);

        return array_map($this->tags->planting(...), $plantings);
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
