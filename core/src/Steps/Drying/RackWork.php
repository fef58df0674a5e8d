<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\HandSign;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** What seed on the racks wants done next, by how dry it is and by the way in which this keeper knows. */
final readonly class RackWork
{
    /** It is looked at once a week at the least. */
    private const WEIGHED_DAYS = 7;

    public function __construct(private DryingStrand $drying, private Crop $crop, private RackStrand $rack, private Weighings $weighed, private Practice $practice) {}

    /** @return list<Task> */
    public function wants(): array
    {
        $last = $this->drying->lastWeighedAt() ?? $this->drying->spreadAt;
        if ($last === null || $this->drying->spreadAt === null) {
            return [];
        }
        $figures = [
            'moisture' => $this->drying->moisture(),
            'jar_moisture' => $this->crop->jarMoisture,
            'target_mass' => $this->drying->targetMass(),
            'mass' => $this->drying->lastMass(),
        ];
        if ($this->drying->verdict() === DryingVerdict::DryEnough) {
            $known = $this->drying->dampness->readAt > $last ? $this->drying->dampness->readAt : $last;

            return [new Task(DryingTask::PutAway, Place::Racks, $known, Later::days($known, 1), Later::days($known, 14), Loss::Nothing, $figures)];
        }
        if ($this->rack->isShutIn) {
            // What is in with it has its own days.
            return [];
        }
        if ($this->drying->verdict() === DryingVerdict::Stopped) {
            // In balance with the room: weighing it again shows nothing, until it lies somewhere drier.
            return [new Task(DryingTask::Stopped, Place::Racks, $last, Later::days($last, 1), null, Loss::Nothing, $figures + $this->desiccantAtHand(), $last->format('Y-m-d'))];
        }
        if ($this->drying->verdict() === DryingVerdict::Steady) {
            return [new Task(DryingTask::ReadJar, Place::Racks, $last, Later::days($last, 1), null, Loss::Nothing, $figures)];
        }
        if ($this->drying->verdict() === DryingVerdict::ByHand) {
            $tried = $this->drying->dampness->triedAt() ?? $last;

            return [new Task(DryingTask::DryByHand, Place::Racks, $tried, Later::days($tried, 1), Later::days($tried, 21), Loss::Nothing, $figures)];
        }

        return [...$this->tooDamp($figures), ...$this->look($last, $figures)];
    }

    /**
     * Said at once, and once for each place that it lies in.
     *
     * @param  array<string, float|int|string|null>  $figures
     * @return list<Task>
     */
    private function tooDamp(array $figures): array
    {
        $course = $this->rack->course();
        $since = $this->rack->movedAt();
        if ($course === null || $since === null || ! $this->drying->isTooDampHere() || $this->practice->wordFor('dry_to', $this->crop->key) === 'paper') {
            return [];
        }

        return [new Task(DryingTask::TooDampHere, Place::Racks, $since, Later::days($since, 2), null, Loss::Nothing, $figures + [
            'stops_at' => $course->stopsAt(),
            'rh' => $course->rh,
            'temperature' => $course->temperature,
            'place' => $this->rack->placeName(),
        ] + $this->desiccantAtHand(), $since->format('Y-m-d H:i'))];
    }

    /** @return array<string, float|int|string|null> what the keeper has to dry it on with */
    private function desiccantAtHand(): array
    {
        $has = $this->practice->desiccant();

        return $has === null ? [] : ['has' => $has->kind->value, 'has_g' => $has->grams, 'has_blue' => (int) $has->isBlue, 'has_sachet' => $has->sachet];
    }

    /**
     * How dry it is by now, by the way in which this keeper knows: whoever weighed a lot goes on with that.
     *
     * @param  array<string, float|int|string|null>  $figures
     * @return list<Task>
     */
    private function look(\DateTimeImmutable $last, array $figures): array
    {
        if ($this->rack->wasShutIn && $this->drying->basis() === null) {
            // Out of its jar with a desiccant, only a jar by itself says how far that took it.
            $out = $this->rack->cameOutAt ?? $last;

            return [new Task(DryingTask::ReadJar, Place::Racks, $out, Later::days($out, 1), null, Loss::Nothing, $figures + ['by_way' => 'jar'])];
        }
        $way = $this->way();
        $dryBy = $this->drying->dryBy();
        $figures += ['dry_from' => $dryBy?->early->format('Y-m-d'), 'dry_by' => $dryBy?->middle->format('Y-m-d'), 'dry_to' => $dryBy?->late?->format('Y-m-d'), 'place' => $this->rack->course()?->isAirKnown === true ? $this->rack->placeName() : null];
        if ($way === 'weight') {
            // Wet seed changes by the hour at first; later a weighing every second day shows as much, or one when it should be dry.
            $early = $last < Later::days($this->drying->spreadAt ?? $last, 3) && $this->crop->isWetCleaned();
            $best = match (true) {
                $early => Later::days($last, 1),
                $dryBy !== null => max(Later::days($last, 1), min($dryBy->middle, Later::days($last, self::WEIGHED_DAYS))),
                default => Later::days($last, 2),
            };

            return [new Task(DryingTask::Weigh, Place::Racks, Later::hours($best, -6), $best, null, Loss::Nothing, $figures)];
        }
        $looked = max(array_filter([$last, $this->drying->dampness->readAt, $this->drying->dampness->triedAt()]));
        if ($way === 'hand') {
            $isFirst = $this->drying->dampness->triedAt() === null;
            $best = Later::days($looked, $isFirst && $this->crop->isWetCleaned() ? 4 : ($isFirst ? 6 : 2));

            return [new Task(DryingTask::TryByHand, Place::Racks, Later::days($best, -1), $best, null, Loss::Nothing, $figures)];
        }
        $best = Later::days($looked, $this->drying->dampness->readAt === null ? 7 : 4);

        return [new Task($way === 'card' ? DryingTask::ReadCard : DryingTask::ReadJar, Place::Racks, Later::days($best, -1), $best, null, Loss::Nothing, $figures + ['by_way' => $way])];
    }

    /** @return list<Offer> what is asked for first, then the other ways */
    public function offers(): array
    {
        [$jar, $card, $weigh, $hand] = match (true) {
            $this->drying->verdict() === DryingVerdict::DryEnough => [20, 21, 25, 28],
            $this->drying->verdict() === DryingVerdict::ByHand => [6, 7, 15, 16],
            default => match ($this->way()) {
                'jar' => [10, 16, 15, 20],
                'card' => [16, 10, 15, 20],
                'hand' => [16, 20, 15, 10],
                default => [20, 21, 10, 15],
            },
        };

        // Where the room is too damp, what helps stands first.
        $helps = $this->drying->isTooDampHere() || $this->drying->verdict() === DryingVerdict::Stopped ? [Offer::of(DriesElsewhere::class, 8), Offer::of(DesiccantIn::class, 9)] : [];

        return [...$helps, Offer::of(JarRead::class, $jar), Offer::of(CardRead::class, $card), Offer::of(Weighed::class, $weigh), $this->byHand($hand)];
    }

    /** How it is told: whoever weighed a lot goes on with that, else the way of this keeper. */
    private function way(): string
    {
        return $this->weighed->all() !== [] && ($this->drying->dampness->by() === Witness::Weight || count($this->weighed->all()) > 1) ? 'weight' : $this->practice->wordFor('dry_known_by', $this->crop->key);
    }

    /** Only the signs that its kind answers to are asked. */
    private function byHand(int $rank): Offer
    {
        $offer = Offer::of(HandTried::class, $rank);
        foreach (array_udiff(HandSign::cases(), $this->crop->handSigns(), static fn (HandSign $a, HandSign $b): int => $a->value <=> $b->value) as $sign) {
            $offer = $offer->unasked($sign->value);
        }

        return $offer;
    }
}
