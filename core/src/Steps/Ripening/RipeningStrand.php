<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Ripening;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\Shattering;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Marks\MarkStrand;
use Marrow\Core\Steps\Tending\Covering;
use Marrow\Core\Steps\Tending\CoverKind;
use Marrow\Core\Steps\Tending\TendingStrand;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Whether the seed of a planting is ripe, as it was looked at: all of it, and each that has a mark. */
final class RipeningStrand extends Strand
{
    /** @var array<string, Look> the last look, by the mark in small letters; '' of all of it */
    public array $looks = [];

    public function __construct(private readonly Crop $crop, private readonly GrowingStrand $growing, private readonly TendingStrand $tending, private readonly MarkStrand $marks, private readonly Practice $practice) {}

    #[Takes]
    public function seen(RipenessSeen $seen, Entry $entry): void
    {
        $key = mb_strtolower($seen->mark);
        if ($this->growing->sownAt === null) {
            throw Misfit::at('happened_at', 'By what is recorded it had not been sown yet.');
        }
        if ($key !== '' && ! isset($this->marks->marks[$key])) {
            throw Misfit::at('mark', sprintf('No “%s” was marked by then, by what is recorded.', $seen->mark));
        }
        $this->looks[$key] = new Look($seen, $entry->happenedAt);
        $this->growing->lookedAt = $entry->happenedAt;
    }

    public static function taskKinds(): string
    {
        return RipeningTask::class;
    }

    public function wants(): array
    {
        return array_values(array_filter([$this->guard(), $this->pickReady(), $this->lookAgain()]));
    }

    public function offers(): array
    {
        $marks = array_values($this->marks->marks);

        return $this->growing->sownAt === null ? [] : [
            Offer::of(RipenessSeen::class, $this->growing->firstBloomAt === null ? 72 : 27)->usually('mark', count($marks) === 1 ? $marks[0]['marked']->mark : null),
        ];
    }

    /** @return list<Look> those whose seed is ready and has not been picked since */
    public function ready(): array
    {
        return array_values(array_filter($this->looks, fn (Look $look): bool => $look->seen->ready === Readiness::Ready && ($this->growing->pickedAt === null || $look->at > $this->growing->pickedAt)));
    }

    /** What sheds by itself is shut in, or netted, before it is ripe. */
    private function guard(): ?Task
    {
        $season = $this->growing->season();
        $how = $this->crop->ripening->shatters;
        if ($season === null || ! $season->isFirstSeen || $this->growing->pickedAt !== null || ! in_array($how, [Shattering::ClothBag, Shattering::Net], true)) {
            return null;
        }
        $wanted = $how === Shattering::Net ? [CoverKind::Net, CoverKind::Cage, CoverKind::Fleece, CoverKind::Bags, CoverKind::TightBags, CoverKind::Cloth, CoverKind::Glass] : [CoverKind::Bags, CoverKind::TightBags];
        if (array_any($this->tending->on(), static fn (Covering $covering): bool => in_array($covering->with, $wanted, true))) {
            return null;
        }
        $opens = min($season->lastBloom, $season->ripeFrom);

        return new Task(RipeningTask::Guard, Place::Plot, $opens, max($opens, $season->ripeFrom->modify('-7 days')), $season->ripeFrom, Loss::Season, ['how' => $how->value], null, $season->ripeTo);
    }

    private function pickReady(): ?Task
    {
        $ready = $this->ready();
        if ($ready === []) {
            return null;
        }
        $since = array_reduce($ready, static fn (?\DateTimeImmutable $first, Look $look): \DateTimeImmutable => $first === null ? $look->at : min($first, $look->at));
        $marks = array_values(array_filter(array_map(static fn (Look $look): string => $look->seen->mark, $ready), static fn (string $mark): bool => $mark !== ''));

        return new Task(RipeningTask::PickReady, Place::Plot, $since ?? $ready[0]->at, $since ?? $ready[0]->at, ($since ?? $ready[0]->at)->modify(sprintf('+%d days', (int) ceil($this->crop->ripening->holdsDays()))), Loss::Season, [
            'which' => count($marks) < count($ready) ? '' : implode(', ', $marks),
            'sheds' => (int) ($this->crop->ripening->shatters !== null),
            'wet' => (int) $this->crop->isWetCleaned(),
        ]);
    }

    /** The one that was looked at longest ago, of those that are not ready; and what sheds and is gathered in passes, after each of them. */
    private function lookAgain(): ?Task
    {
        $season = $this->growing->season();
        $last = $this->growing->ripe();
        if ($season === null || $last === null || $last->latest === null) {
            return null;
        }
        $picked = $this->growing->pickedAt;
        $waiting = array_filter($this->looks, static fn (Look $look): bool => $look->seen->ready !== Readiness::Ready && ($picked === null || $look->at > $picked));
        $inPasses = $picked !== null && $this->crop->ripening->shatters !== null && $this->practice->word('pick_by') === 'passes';
        if ($waiting === [] && ! $inPasses) {
            return null;
        }
        $every = $this->crop->ripening->lookDays();
        $next = array_map(static fn (Look $look): \DateTimeImmutable => $look->at->setTime(9, 0)->modify(sprintf('+%d days', $look->seen->ready === Readiness::Nearly ? (int) ceil($every / 2) : $every)), $waiting);
        if ($inPasses && $waiting === []) {
            $next = [$picked->setTime(9, 0)->modify("+$every days")];
        }
        $best = array_reduce($next, static fn (?\DateTimeImmutable $first, \DateTimeImmutable $day): \DateTimeImmutable => $first === null ? $day : min($first, $day));
        if ($best === null || ($waiting === [] && $best > $last->latest)) {
            return null;
        }
        $nearly = array_any($waiting, static fn (Look $look): bool => $look->seen->ready === Readiness::Nearly);

        return new Task(RipeningTask::LookAgain, Place::Plot, $best, $best, max($best, $last->latest), Loss::Season, [
            'cue' => $this->crop->ripening->cue,
            'nearly' => (int) $nearly,
            'passes' => (int) ($waiting === []),
            'which' => implode(', ', array_filter(array_map(static fn (Look $look): string => $look->seen->mark, array_values($waiting)), static fn (string $mark): bool => $mark !== '')),
        ], null, $last->lapses === null ? null : max($best, $last->lapses));
    }
}
