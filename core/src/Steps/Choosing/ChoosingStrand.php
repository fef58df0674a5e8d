<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Selection\LineTrueness;
use Marrow\Core\Selection\TraitList;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Tending\TendingStrand;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Which plants of a row become parents, and by what they are chosen. */
final class ChoosingStrand extends Strand
{
    /** By what the plants are chosen. */
    private TraitList $named;

    /** Whether anybody said so. */
    public bool $isNamed = false;

    public Aim $aim;

    /** @var array<int, WalkedPlant> by their numbers along the row */
    public array $plants = [];

    /** @var array<int, list<string>> ids of photographs, by the number of the plant */
    public array $photographs = [];

    /** @var list<int> numbers of those that are to be parents */
    public array $kept = [];

    public function __construct(private readonly Crop $crop, private readonly GrowingStrand $growing, private readonly TendingStrand $tending, private readonly Practice $practice)
    {
        $this->named = TraitList::usual();
        $this->aim = $this->usualAim();
    }

    /** By what they are chosen; of what was lifted and lies in store, how it keeps is one of these. */
    public function traits(): TraitList
    {
        return $this->tending->isLifted ? $this->named->withKeeping() : $this->named;
    }

    private function usualAim(): Aim
    {
        return Aim::from($this->practice->word('aim'));
    }

    #[Takes]
    public function chosenBy(TraitsChosen $chosen): void
    {
        $this->named = TraitList::read($chosen->traits);
        $this->aim = $chosen->aim ?? $this->usualAim();
        $this->isNamed = true;
    }

    #[Takes]
    public function lookedAt(PlantLookedAt $look, Entry $entry): void
    {
        [$scores, $unread] = $this->traits()->scores($look->scores);
        if ($unread !== null) {
            throw Misfit::at('scores', $unread);
        }
        $there = $this->growing->sown?->plants;
        if ($there !== null && $look->plant > $there) {
            $this->doubt('plant', sprintf('By what is recorded %d plants were sown or set out.', $there));
        }
        $before = $this->plants[$look->plant] ?? null;
        $this->plants[$look->plant] = $before === null
            ? new WalkedPlant($look->plant, $scores, $look->out, $look->atEdge, $look->rare, $entry->happenedAt)
            : $before->again($scores, $look, $entry->happenedAt);
        ksort($this->plants);
        if ($look->out !== null) {
            $this->kept = array_values(array_diff($this->kept, [$look->plant]));
        }
    }

    #[Takes]
    public function photographed(PlantPhotographed $of): void
    {
        $this->photographs[$of->plant][] = $of->photograph;
    }

    #[Takes]
    public function kept(PlantsKept $kept): void
    {
        $plants = array_values(array_unique($kept->plants));
        sort($plants);
        $out = array_values(array_filter($plants, fn (int $plant): bool => ($this->plants[$plant] ?? null)?->out !== null));
        if ($out !== []) {
            $this->doubt('plants', sprintf('Struck out: %s. A parent that is sick or off-type passes that on.', implode(', ', $out)));
        }
        $this->kept = $plants;
    }

    /** Whether next to none of its seed is by the pollen of others, so that what stands beside it matters to itself alone. */
    public function setsItsOwnSeed(): bool
    {
        return $this->crop->outcrossingHigh <= LineTrueness::SELFS_BELOW;
    }

    public static function taskKinds(): string
    {
        return ChoosingTask::class;
    }

    public function wants(): array
    {
        $out = array_filter($this->plants, static fn (WalkedPlant $plant): bool => $plant->out !== null && ! $plant->out->isGone());
        if ($out === [] || $this->setsItsOwnSeed() || $this->growing->firstBloomAt !== null || $this->growing->pickedAt !== null) {
            return [];
        }
        $since = max(array_map(static fn (WalkedPlant $plant): \DateTimeImmutable => $plant->seenAt, array_values($out)));

        return [new Task(ChoosingTask::PullStruckOut, Place::Plot, $since, $since->modify('+1 day'), null, Loss::Season, [
            'plants' => count($out),
            'which' => implode(', ', array_keys($out)),
        ])];
    }

    public function offers(): array
    {
        if ($this->growing->sownAt === null || ($this->tending->standing === 0 && $this->tending->inStore === 0)) {
            return [];
        }
        $next = $this->plants === [] ? 1 : max(array_keys($this->plants)) + 1;

        return [
            Offer::of(TraitsChosen::class, 75)->usually('traits', count($this->named->traits) === 1 ? null : $this->named->typed()),
            Offer::of(PlantLookedAt::class, 76)->usually('plant', $next),
            ...($this->plants === [] ? [] : [Offer::of(PlantsKept::class, 77)]),
        ];
    }
}
