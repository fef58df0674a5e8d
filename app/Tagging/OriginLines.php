<?php

declare(strict_types=1);

namespace App\Tagging;

use App\Documents\FactDocument;
use App\Models\Garden;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Reading\Facts;
use App\Reading\JournalReader;
use App\Steps\Origin\OriginDocument;
use App\Steps\Origin\OriginSection;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use App\Words\PlanWords;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Tending\Covering;
use Marrow\Core\Steps\Tending\CoverKind;
use Marrow\Core\Steps\Trueness\NeighboursSeen;

/** Where the seed on a tag comes from: grown here, by whom, from how many plants; or from elsewhere, as it was told. */
final readonly class OriginLines
{
    public function __construct(private OriginSection $section, private Facts $facts, private JournalReader $journal) {}

    /** @return list<FactDocument> */
    public function of(Lot $lot, LotCourse $course, When $when): array
    {
        $elsewhere = $this->section->of($course, $when)[0] ?? null;
        // A part of what was grown here was grown here, too.
        $part = $lot->planting === null ? null : $course->origin->apart;
        if ($elsewhere instanceof OriginDocument && $part === null) {
            // Seed that was not grown here never says that it was; how much there is stands further down.
            return array_values(array_filter($elsewhere->facts, static fn (FactDocument $fact): bool => $fact->label !== 'Holds'));
        }
        $by = $this->journal->rows(Subject::Lot, $lot->id)->first(static fn (JournalEntry $row): bool => in_array($row->kind, ['picked', 'cut_down'], true) && $row->recorded_by !== '')?->recorded_by;

        return [
            ...($part === null ? [] : [new FactDocument('Part', $part->part->label().', set apart')]),
            new FactDocument('Grown', self::grown($course).($by === null ? '' : ", by $by")),
            new FactDocument('From', $course->origin->plants() === 0 ? 'not recorded' : Quantity::number($course->origin->plants(), 'plant')),
            new FactDocument('Isolation', $this->isolation($lot, $course)),
            // Of what nobody knows nothing is printed.
            ...(in_array($lot->standing?->line, [null, LineWord::NotKnown->value], true) ? [] : [new FactDocument('Line', $lot->standing->line)]),
        ];
    }

    /** As it was, when that is known. */
    private function isolation(Lot $lot, LotCourse $course): string
    {
        return match (true) {
            $course->facts->crossed => 'failed: off-types were seen in what was grown from it',
            $course->origin->isTied() => 'pollinated by hand, only tied fruit'.($course->origin->mothers() === [] ? '' : ', mother '.implode(', ', $course->origin->mothers())),
            default => $this->covers($lot, $course),
        };
    }

    /** What covered it while it grew, and for how long, as it was recorded, and where pollen passes it; whether it was enough is not said here. */
    private function covers(Lot $lot, LotCourse $course): string
    {
        $planting = $lot->planting === null ? null : $this->facts->planting($lot->planting);
        $covers = array_filter($planting->tending->coverings ?? [], static fn (Covering $covering): bool => $covering->with !== CoverKind::Net);
        $neighbours = $planting?->trueness->neighbours;

        return $covers === [] ? ($neighbours === null ? 'not recorded' : self::beside($neighbours)) : implode('; ', array_map(static fn (Covering $covering): string => sprintf(
            '%s%s, %s to %s',
            $covering->with->label(),
            $covering->with->keepsOut($course->facts->crop) ? '' : ' (pollen on the wind gets through)',
            Speaking::forms()->day($covering->from),
            $covering->to === null ? 'the end' : Speaking::forms()->day($covering->to),
        ), $covers));
    }

    private static function beside(NeighboursSeen $seen): string
    {
        return $seen->nearestM === null
            ? sprintf('none it could cross with in bloom within %s', PlanWords::metres($seen->withinM))
            : sprintf('the nearest it could cross with at %s', PlanWords::metres($seen->nearestM));
    }

    /** @return list<FactDocument> in one line, where there is room for no more */
    public function brief(LotCourse $course): array
    {
        $received = $course->origin->received;

        return [$received === null ? new FactDocument('Grown', self::grown($course)) : new FactDocument('From', $received->from === '' ? 'nobody knows whom' : $received->from)];
    }

    private static function grown(LotCourse $course): string
    {
        return implode(', ', array_filter([once(static fn (): string => (string) Garden::query()->value('name')), (string) $course->origin->year()]));
    }
}
