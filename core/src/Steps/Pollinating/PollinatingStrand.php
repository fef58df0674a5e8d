<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Population\EffectiveSize;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Tending\TendingStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Pollinating by hand: flowers shut in the evening, pollinated in the morning, and what came of it. */
final class PollinatingStrand extends Strand
{
    /** The usual take weighs as much as so many flowers that were looked at: a stated assumption. */
    private const WEIGHT = 10.0;

    /** Days until one sees whether it took. */
    private const SEEN_AFTER = 5;

    public ?HandWanted $wanted = null;

    /** Flowers that are shut and not yet pollinated. */
    public int $shut = 0;

    public int $malesShut = 0;

    public string $shutWhere = '';

    public ?\DateTimeImmutable $shutAt = null;

    /** @var list<Pollination> in their order */
    public array $done = [];

    public int $took = 0;

    public int $dropped = 0;

    /** @var list<string> mother plants that pollen of another variety was carried to; "" where nobody said which */
    public array $crossedMothers = [];

    /** @var array<string, list<string>> ids of the plantings of other varieties whose pollen each mother had; "" where nobody said which mother */
    public array $crossedBy = [];

    /** @var array<string, true> numbered ties that were given */
    private array $ties = [];

    /**
     * @param  string  $variety  id
     * @param  array<string, PollenPlanting>  $others  plantings whose pollen may have been taken, by id
     */
    public function __construct(private readonly Crop $crop, private readonly string $variety, private readonly GrowingStrand $growing, private readonly TendingStrand $tending, private readonly array $others) {}

    #[Takes]
    public function wanted(HandWanted $wanted): void
    {
        $this->mustBeSown();
        $this->wanted = $wanted;
    }

    #[Takes]
    public function flowersShut(FlowersShut $shut, Entry $entry): void
    {
        $this->mustBeSown();
        // What was shut on another evening and not pollinated since has opened or withered.
        $old = $this->shutAt !== null && $this->shutAt->format('Y-m-d') !== $entry->happenedAt->format('Y-m-d');
        $this->shut = ($old ? 0 : $this->shut) + $shut->females;
        $this->malesShut = ($old ? 0 : $this->malesShut) + $shut->males;
        $this->shutWhere = $old || $this->shutWhere === '' ? $shut->where : trim("$this->shutWhere; $shut->where", '; ');
        $this->shutAt = $entry->happenedAt;
    }

    #[Takes]
    public function pollinated(HandPollinated $done, Entry $entry): void
    {
        $this->mustBeSown();
        if ($done->pollen !== null) {
            $of = $this->others[$done->pollen] ?? throw Refused::at('pollen', 'There is no such planting.');
            if ($of->species !== $this->crop->species()) {
                $this->doubt('pollen', sprintf('%s is %s, another species: it hardly ever takes.', $of->code, $of->name));
            } elseif ($of->variety !== $this->variety) {
                $this->doubt('pollen', sprintf('%s is %s, another variety: what comes of it is a cross on purpose.', $of->code, $of->name));
            }
            if ($of->variety !== $this->variety) {
                $mother = mb_strtolower($done->mother);
                $this->crossedMothers = array_values(array_unique([...$this->crossedMothers, $mother]));
                $this->crossedBy[$mother] = array_values(array_unique([...$this->crossedBy[$mother] ?? [], $done->pollen]));
            }
        }
        if ($done->mother !== '' && $done->pollen === null && $done->fatherPlants() === [mb_strtolower(trim($done->mother))]) {
            $this->doubt('fathers', sprintf('“%s” is the mother itself: pollinated with its own pollen it counts for no more than one plant. Is that so?', $done->mother));
        }
        if ($this->tending->sickStanding > 0 && $done->mother === '' && $done->fathers === '') {
            $this->doubt('mother', 'Sick plants stand among them: were these all of sound ones?');
        }
        $tie = mb_strtolower($done->tie);
        if (preg_match('/\d/', $tie) === 1) {
            if (isset($this->ties[$tie])) {
                $this->doubt('tie', sprintf('“%s” was tied to another already: two of one number cannot be told apart.', $done->tie));
            }
            $this->ties[$tie] = true;
        }
        $this->shut = max(0, $this->shut - $done->flowers);
        $this->done[] = new Pollination($done, $entry->happenedAt);
    }

    #[Takes]
    public function setSeen(SetSeen $seen): void
    {
        if ($this->done === []) {
            throw Misfit::outOfPlace('By what is recorded nothing of it had been pollinated by hand yet.');
        }
        if ($seen->took + $seen->dropped > $this->undecided()) {
            $this->doubt('took', sprintf('Of %s nobody knows yet whether they took; that is fewer.', Show::count($this->undecided())));
        }
        if ($seen->tie !== '' && array_all($this->done, static fn (Pollination $one): bool => mb_strtolower($one->of->tie) !== mb_strtolower($seen->tie))) {
            $this->doubt('tie', sprintf('Nothing was tied with “%s”, by what is recorded.', $seen->tie));
        }
        $tied = $seen->tie === '' ? null : array_sum(array_map(static fn (Pollination $one): int => mb_strtolower($one->of->tie) === mb_strtolower($seen->tie) ? $one->of->flowers : 0, $this->done));
        if ($tied !== null && $tied > 0 && $seen->took + $seen->dropped > $tied) {
            $this->doubt('took', sprintf('Only %s were tied with “%s”, by what is recorded.', Show::count($tied), $seen->tie));
        }
        $this->took += $seen->took;
        $this->dropped += $seen->dropped;
    }

    public function flowers(): int
    {
        return array_reduce($this->done, static fn (int $sum, Pollination $one): int => $sum + $one->of->flowers, 0);
    }

    /** Of which nobody knows yet whether they took. */
    public function undecided(): int
    {
        return max(0, $this->flowers() - $this->took - $this->dropped);
    }

    /** Seeds in what took, by what the keeper knows of one; null where nobody does. */
    public function seedsToBeHad(): ?int
    {
        return $this->wanted?->seedsInOne === null ? null : $this->took * $this->wanted->seedsInOne;
    }

    /** Share of pollinations that takes here: the crop's usual, moved by what was seen. */
    public function take(): float
    {
        [$low, $high] = $this->crop->byHand->take ?? [0.5, 0.5];

        return (($low + $high) / 2.0 * self::WEIGHT + $this->took) / (self::WEIGHT + $this->took + $this->dropped);
    }

    /** Flowers still to be pollinated for as many fruits as are wanted, at that take; 0 where nobody said how many. */
    public function toDo(): int
    {
        return $this->wanted === null ? 0 : max(0, (int) ceil(($this->wanted->fruits - $this->took) / $this->take() - $this->undecided() - 1e-9));
    }

    /**
     * Whether seed of these mothers can be of a cross on purpose: of one that was crossed, or of nobody knows which.
     *
     * @param  list<string>  $of  marks of mother plants; none where nobody said which
     * @param  list<string>  $crossed  those that had the strange pollen
     */
    public static function isCross(array $of, array $crossed): bool
    {
        return $crossed !== [] && ($of === [] || in_array('', $crossed, true) || array_intersect(array_map(mb_strtolower(...), $of), $crossed) !== []);
    }

    /** @return array<string, int> flowers pollinated, by mother plant; "" for those of which nobody said it */
    public function mothers(): array
    {
        $mothers = [];
        foreach ($this->done as $one) {
            $mother = mb_strtolower($one->of->mother);
            $mothers[$mother] = ($mothers[$mother] ?? 0) + $one->of->flowers;
        }

        return $mothers;
    }

    /** @return array<string, float> flowers that its pollen went to, by father plant */
    public function fathers(): array
    {
        $fathers = [];
        foreach ($this->done as $one) {
            $plants = $one->of->fatherPlants();
            foreach ($plants as $plant) {
                $fathers[$plant] = ($fathers[$plant] ?? 0.0) + $one->of->flowers / count($plants);
            }
        }

        return $fathers;
    }

    /** Equal parents that they are worth, each plant counted by all that it gave, as mother and as father; null unless all are named. */
    public function effectiveParents(): ?float
    {
        $mothers = $this->mothers();
        $fathers = $this->fathers();
        if ($this->done === [] || isset($mothers['']) || array_any($this->done, static fn (Pollination $one): bool => $one->of->fatherPlants() === [])) {
            return null;
        }
        $gave = $fathers;
        foreach ($mothers as $plant => $flowers) {
            $gave[$plant] = ($gave[$plant] ?? 0.0) + $flowers;
        }

        return EffectiveSize::ofContributions(array_values($gave));
    }

    public static function taskKinds(): string
    {
        return PollinatingTask::class;
    }

    public function wants(): array
    {
        return [...$this->evening(), ...$this->morning(), ...$this->after()];
    }

    public function offers(): array
    {
        if ($this->growing->sownAt === null || $this->crop->byHand === null && $this->wanted === null && $this->done === []) {
            return [];
        }

        return [
            Offer::of(HandWanted::class, $this->wanted === null ? 38 : 68)->usually('fruits', $this->wanted?->fruits)->usually('seeds_in_one', $this->wanted?->seedsInOne),
            ...($this->undecided() > 0 ? [Offer::of(SetSeen::class, 13)] : []),
            ...($this->crop->byHand?->eveningBefore === true ? [Offer::of(FlowersShut::class, $this->toDo() === 0 ? 56 : 15)] : []),
            Offer::of(HandPollinated::class, $this->shut > 0 ? 11 : ($this->toDo() === 0 ? 57 : 16))->usually('flowers', max(1, $this->shut)),
        ];
    }

    /** @return list<Task> */
    private function evening(): array
    {
        $season = $this->growing->season();
        $toDo = $this->toDo() - $this->shut;
        // Once seed is picked no flower is worth shutting.
        if ($this->crop->byHand === null || $season === null || $toDo <= 0 || $this->growing->pickedAt !== null) {
            return [];
        }
        $evening = $this->crop->byHand->eveningBefore;
        // Where the flower opens before anybody could shut it, all is done in the morning.
        $hour = $evening ? 18 : 6;
        $first = $season->firstBloom->setTime($hour, 0);
        $last = $this->shutAt ?? ($this->done === [] ? null : $this->done[count($this->done) - 1]->at);
        $next = $last === null ? $first : max($first, Later::days($last, 1)->setTime($hour, 0));
        // Whose last flower nobody has seen may go on for longer than is usual; until its seed is past somebody looks.
        $end = $season->isLastSeen ? $season->lastBloom : $season->ripeTo;
        $frost = $this->growing->frostAfter($season->firstBloom);
        $end = min($end, $frost ?? $end);
        if ($next > $end->setTime(23, 59)) {
            return [];
        }

        return [new Task($evening ? PollinatingTask::Shut : PollinatingTask::Pollinate, Place::Plot, $next, $next, $end->setTime(23, 0), Loss::Season, ['to_do' => $toDo, 'wanted' => $this->wanted->fruits ?? 0, 'took' => $this->took, 'frost' => $frost?->format('Y-m-d'), 'ripens' => $this->crop->growing->bloomToRipeMin], lapses: Later::days($end, 1))];
    }

    /** @return list<Task> */
    private function morning(): array
    {
        if ($this->shut === 0 || $this->shutAt === null) {
            return [];
        }
        // Shut after midnight is shut for the day that has begun.
        $morning = ((int) $this->shutAt->format('G') < 10 ? $this->shutAt : Later::days($this->shutAt, 1))->setTime(6, 0);

        return [new Task(PollinatingTask::Pollinate, Place::Plot, $morning->setTime(4, 0), $morning, $morning->setTime(11, 0), Loss::Season, ['shut' => $this->shut, 'males' => $this->malesShut, 'where' => $this->shutWhere], lapses: $morning->setTime(21, 0))];
    }

    /** @return list<Task> */
    private function after(): array
    {
        if ($this->undecided() === 0) {
            return [];
        }
        $last = $this->done[count($this->done) - 1]->at;

        return [new Task(PollinatingTask::LookAtSet, Place::Plot, Later::days($last, 3), Later::days($last, self::SEEN_AFTER), null, Loss::Nothing, ['undecided' => $this->undecided()], lapses: Later::days($last, 60))];
    }

    /** @throws Misfit */
    private function mustBeSown(): void
    {
        if ($this->growing->sownAt === null) {
            throw Misfit::at('happened_at', 'By what is recorded it had not been sown yet.');
        }
    }
}
