<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Trueness;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Isolation\CrossShare;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Selection\LineStanding;
use Marrow\Core\Selection\LineTrueness;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Growing\OffTypesSeen;
use Marrow\Core\Steps\Tending\Covering;
use Marrow\Core\Steps\Tending\Rogued;
use Marrow\Core\Steps\Tending\RogueReason;
use Marrow\Core\Steps\Tending\TendingStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/**
 * What a planting tells of how true its line is: of the seed that it was sown from, by the plants looked over, and of the
 * seed that it gives, by what was kept from its flowers and what was pulled before them.
 */
final class TruenessStrand extends Strand
{
    /** More than strays make, 95 % surely, and of two plants at the least: then they tell of a crossing by themselves. */
    private const MORE_THAN_STRAYS = 0.05;

    /** The most plants that one look went over, and off-types met, whether left or pulled. Rounds go over the same plants. */
    public int $seen = 0;

    public int $off = 0;

    public ?OffTypesJudged $judged = null;

    /** Share of the off-types that were taken out before anything bloomed, 0 … 1. */
    public float $takenOut = 0.0;

    public ?NeighboursSeen $neighbours = null;

    /** When it came to light that what it was sown from had crossed; null while nothing shows it. */
    public ?\DateTimeImmutable $shownAt = null;

    private int $pulled = 0;

    private ?\DateTimeImmutable $lookedAt = null;

    private int $lastLook = 0;

    /** @param  ?LineWord  $made  what its variety was made to be, where plants that differ are to be expected of it */
    public function __construct(private readonly Crop $crop, private readonly GrowingStrand $growing, private readonly TendingStrand $tending, private readonly ?LineWord $made = null) {}

    #[Takes]
    public function offTypes(OffTypesSeen $seen, Entry $entry): void
    {
        $this->lookedOver($seen->seen, $seen->off, $entry);
    }

    #[Takes]
    public function rogued(Rogued $rogued, Entry $entry): void
    {
        $off = $rogued->why === RogueReason::OffType ? $rogued->pulled : 0;
        // One who pulls what is sick or late has looked for that.
        if ($rogued->why !== RogueReason::OffType && $rogued->pulled > 0) {
            return;
        }
        $this->pulled += $off;
        $this->lookedOver($rogued->lookedOver, $this->pulled, $entry);
        if ($this->growing->firstBloomAt === null || $entry->happenedAt < $this->growing->firstBloomAt) {
            $stood = max($rogued->lookedOver, (int) $this->tending->standing + $off);
            $this->takenOut = 1.0 - (1.0 - $this->takenOut) * (1.0 - LineTrueness::MEETS * $rogued->lookedOver / $stood);
        }
    }

    #[Takes]
    public function judged(OffTypesJudged $judged, Entry $entry): void
    {
        if ($this->off === 0) {
            throw Misfit::outOfPlace('No off-types of it stand in the journal: say first how many there were.');
        }
        $this->judged = $judged;
        $this->lookBack($entry);
    }

    #[Takes]
    public function neighbours(NeighboursSeen $seen, Entry $entry): void
    {
        if ($this->growing->sownAt === null) {
            throw Misfit::at('happened_at', 'By what is recorded it had not been sown yet.');
        }
        // The nearest of any look counts.
        $nearer = $this->neighbours === null || $seen->nearestM !== null && $seen->nearestM <= ($this->neighbours->nearestM ?? INF);
        $this->neighbours = $nearer || $seen->nearestM === null && $this->neighbours->nearestM === null && $seen->withinM > $this->neighbours->withinM ? $seen : $this->neighbours;
    }

    /** Whether what was seen tells that what it was sown from had crossed: as the keeper said, else by the number. */
    public function showsCrossing(): bool
    {
        return match ($this->judged?->judged) {
            Judgement::Crossed => true,
            Judgement::Stray => false,
            // Of what still splits, or was mixed, plants that differ are expected: only the keeper can take them for a crossing.
            null => $this->made === null && $this->off >= 2 && (LineTrueness::of(null, null, $this->off, $this->seen)->band->low ?? 0.0) > self::MORE_THAN_STRAYS,
        };
    }

    /** Whether plants that differ are to be expected of it: it still splits, or was mixed. */
    public function expectsOffTypes(): bool
    {
        return $this->made !== null && $this->judged === null;
    }

    /** Plants that differed and that the keeper judged strays. */
    public function strays(): int
    {
        return $this->judged?->judged === Judgement::Stray ? $this->off : 0;
    }

    /** Off-types that count: strays tell nothing of the seed. */
    public function offThatCount(): int
    {
        return $this->judged?->judged === Judgement::Stray ? 0 : $this->off;
    }

    /** Share of its bloom during which what carries its pollen was kept out, 0 … 1, by the bloom that was seen, else the usual. */
    public function covered(): float
    {
        $season = $this->growing->season();
        if ($season === null) {
            return 0.0;
        }
        [$days, $shut] = [0, 0];
        for ($day = $season->firstBloom->setTime(12, 0); $day <= $season->lastBloom->setTime(12, 0); $day = Later::days($day, 1)) {
            $days++;
            $on = array_filter($this->tending->coverings, fn (Covering $covering): bool => $covering->with->keepsOut($this->crop) && $covering->from <= $day && ($covering->to === null || $covering->to >= $day));
            $shut += $on === [] ? 0 : 1;
        }

        return $days === 0 ? 0.0 : $shut / $days;
    }

    /**
     * Share of its seed that strange pollen can have fathered, by what is recorded: what stood round it while it bloomed, and
     * how long covers were on. Without a look round, what was open is taken to have stood side by side; with neither, null.
     */
    public function crossed(): ?float
    {
        $covered = $this->covered();
        if ($this->neighbours === null && $covered === 0.0) {
            return null;
        }
        $open = $this->neighbours === null ? $this->crop->adjacentShare : self::beside($this->crop, $this->neighbours, max(1, $this->tending->standing ?? 1));

        return $open * (1.0 - $covered) + min($open, LineStanding::LEAKS) * $covered;
    }

    public static function taskKinds(): string
    {
        return TruenessTask::class;
    }

    public function wants(): array
    {
        if ($this->lookedAt === null || $this->off === 0 || $this->made !== null || $this->judged !== null || $this->showsCrossing()) {
            return [];
        }

        return [new Task(TruenessTask::JudgeOffTypes, Place::Plot, $this->lookedAt, Later::days($this->lookedAt, 1), null, Loss::Nothing, ['off' => $this->off, 'seen' => $this->seen])];
    }

    public function offers(): array
    {
        if ($this->growing->sownAt === null) {
            return [];
        }

        return [
            ...($this->off > 0 && $this->judged === null ? [Offer::of(OffTypesJudged::class, $this->made === null ? 12 : 60)] : []),
            Offer::of(NeighboursSeen::class, $this->growing->firstBloomAt !== null && $this->neighbours === null ? 22 : 58),
        ];
    }

    /** Where none was found, the nearest there can be stands just beyond what was looked at. */
    private static function beside(Crop $crop, NeighboursSeen $seen, int $plants): float
    {
        return CrossShare::atDistance($crop->adjacentShare, $crop->distances->careful, $seen->nearestM ?? $seen->withinM)
            * ($seen->plants === null ? 1.0 : CrossShare::byNumbers($plants, $seen->plants));
    }

    private function lookBack(Entry $entry): void
    {
        $this->shownAt = $this->showsCrossing() ? $this->shownAt ?? $entry->happenedAt : null;
    }

    private function lookedOver(int $seen, int $off, Entry $entry): void
    {
        [$this->seen, $this->off] = [max($this->seen, $seen), max($this->off, $off)];
        if ($off > $this->lastLook) {
            // Something new was met: what was said of the others says nothing of it.
            [$this->judged, $this->lookedAt, $this->lastLook] = [null, $entry->happenedAt, $off];
        }
        $this->lookBack($entry);
    }
}
