<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use App\Voice\Quantity;
use App\Words\EvidenceWords;
use DateTimeImmutable;
use Marrow\Core\Drying\DryingCourse;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\Weighing;
use Marrow\Core\Work\Place;

/** A lot's way to dry, to be drawn: by weight where it was weighed, else by what it holds of water. */
final readonly class DryingOutlook
{
    private const POINTS = 24;

    /** Hours that are drawn ahead. */
    private const SHORTEST = 120.0;

    private const LONGEST = 1440.0;

    /** Damper than this nothing is told apart, per cent of wet mass. */
    private const WETTEST = 45.0;

    private int $from;

    /** g without water; null where it is drawn by its water */
    private ?float $dryMatter;

    /**
     * @param  ?DateTimeImmutable  $from  what hours are counted from; null for when it was spread
     * @param  bool  $byWater  whether it is drawn by its water however it was weighed, to be set beside others
     */
    public function __construct(private LotCourse $lot, ?DateTimeImmutable $from = null, private bool $byWater = false)
    {
        $drying = $lot->drying;
        $this->from = ($from ?? $drying->spreadAt ?? $drying->moistureKnownAt())?->getTimestamp() ?? 0;
        $this->dryMatter = $byWater || $drying->weighings() === [] ? null : $drying->dampness->dryMatter();
    }

    /** @return ?DryingChartDocument null where there is nothing to draw */
    public function chart(): ?DryingChartDocument
    {
        $isWeight = ! $this->byWater && ($this->dryMatter !== null || count($this->lot->drying->weighings()) > 1);
        $measured = $isWeight ? $this->weighed() : $this->read();
        $course = $isWeight && $this->dryMatter === null ? [] : $this->course();
        $enough = $this->lot->facts->crop->jarMoisture;
        $target = $isWeight ? $this->lot->drying->targetMass() : $enough;
        if (count($measured) + count($course) < 2) {
            return null;
        }
        $said = static fn (float $figure): string => $isWeight ? Quantity::grams($figure) : Quantity::moisture($figure);

        return new DryingChartDocument($isWeight ? 'g' : '%', implode(' ', array_filter([
            count($measured) < 2 ? ($measured === [] ? '' : ucfirst($measured[0]->says).'.') : sprintf('%s at first, %s last.', $said((float) $measured[0]->value), $said((float) $measured[count($measured) - 1]->value)),
            $course === [] ? '' : sprintf('By the air there %s to %s after %s.', $said($course[count($course) - 1]->low), $said($course[count($course) - 1]->high), Quantity::days(($course[count($course) - 1]->hours - $course[0]->hours) / 24)),
            $target === null ? '' : sprintf('Dry enough for a jar at %s.', $said($target)),
        ])), $target, $measured, $course);
    }

    public function hours(DateTimeImmutable $at): float
    {
        return ($at->getTimestamp() - $this->from) / 3600;
    }

    /** @return list<ChartPointDocument> */
    private function weighed(): array
    {
        return array_map(fn (Weighing $weighing): ChartPointDocument => new ChartPointDocument(
            $this->hours($weighing->at),
            $weighing->mass,
            $weighing->mass,
            $weighing->mass,
            Quantity::grams($weighing->mass).($weighing->moisture === null ? '' : ', '.Quantity::moisture($weighing->moisture)),
        ), $this->lot->drying->weighings());
    }

    /** @return list<ChartPointDocument> */
    private function read(): array
    {
        $drying = $this->lot->drying;
        $evidence = $drying->evidence();
        $at = $drying->moistureKnownAt() ?? $drying->dampness->triedAt();

        $weighed = array_values(array_filter($drying->weighings(), static fn (Weighing $weighing): bool => $weighing->moisture !== null && $weighing->moisture <= self::WETTEST));
        if ($weighed !== []) {
            return array_map(fn (Weighing $weighing): ChartPointDocument => new ChartPointDocument($this->hours($weighing->at), $weighing->moisture, (float) $weighing->moisture, (float) $weighing->moisture, Quantity::moisture((float) $weighing->moisture)), $weighed);
        }

        return $evidence === null || $at === null ? [] : [new ChartPointDocument($this->hours($at), $evidence->moisture, $evidence->low, min(self::WETTEST, $evidence->high), EvidenceWords::range($evidence))];
    }

    /** @return list<ChartPointDocument> */
    private function course(): array
    {
        [$since, $course] = $this->way() ?? [null, null];
        if ($since === null || $course === null) {
            return [];
        }
        $enough = $this->lot->facts->crop->jarMoisture;
        $until = $enough === null ? null : $course->until($enough)[2] ?? $course->until($enough)[1];
        $long = max(self::SHORTEST, min(self::LONGEST, 1.3 * ($until ?? 2.0 * self::SHORTEST)));

        return array_map(function (int $i) use ($course, $long, $since): ChartPointDocument {
            $at = array_map($this->inUnit(...), $course->after($long * $i / self::POINTS));

            return new ChartPointDocument($this->hours($since) + $long * $i / self::POINTS, $at[1], min($at), max($at));
        }, range(0, self::POINTS));
    }

    /** As it is drawn. */
    private function inUnit(float $moisture): float
    {
        return $this->dryMatter === null ? min(self::WETTEST, $moisture) : $this->dryMatter * 100.0 / (100.0 - $moisture);
    }

    /** @return ?array{DateTimeImmutable, DryingCourse} */
    private function way(): ?array
    {
        if ($this->lot->place() !== Place::Racks || in_array($this->lot->drying->verdict(), [DryingVerdict::DryEnough, DryingVerdict::Stopped], true)) {
            return null;
        }
        $jar = $this->lot->desiccant->jar;

        return $jar !== null && $this->lot->desiccant->since !== null ? [$this->lot->desiccant->since, $jar] : $this->lot->drying->course();
    }
}
