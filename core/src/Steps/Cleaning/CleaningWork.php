<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use DateTimeImmutable;
use Marrow\Core\Botany\Caution;
use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Origin\Finishing;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** What cleaning wants done next, by how far it has come: when it may, when it is best, by when it must. */
final readonly class CleaningWork
{
    /** h after which seed of unknown limit is taken out of the water: the next morning. */
    private const NIGHT = 12.0;

    /** h in which what is good sinks. */
    private const SETTLES = 1 / 6;

    public function __construct(private Crop $crop, private Practice $practice) {}

    /** @return non-empty-list<Offer> what is done with seed in its gel, the keeper's own school first */
    public function gelOffers(): array
    {
        $school = $this->practice->wordFor('gel_school', $this->crop->key);
        $rank = static fn (string $of, int $else): int => $school === $of ? 10 : $else;

        return [
            Offer::of(FermentStarted::class, $rank('ferment', 20))->usually('cover', $this->practice->wordFor('ferment_cover', $this->crop->key)),
            Offer::of(Rinsed::class, $rank('rinse', 21)),
            Offer::of(LaidWithGel::class, $rank('paper', 22)),
        ];
    }

    public function opening(): Offer
    {
        $opening = self::by(Offer::of(FruitOpened::class, 25), $this->crop->cleaning->opening);

        return in_array(Caution::BitterCucurbit, $this->crop->cautions, true) ? $opening : $opening->unasked('bitter');
    }

    public function threshing(int $rank): Offer
    {
        return self::by(Offer::of(Threshed::class, $rank), $this->crop->cleaning->threshing);
    }

    public function winnowing(): Offer
    {
        return self::by(Offer::of(Winnowed::class, 10), $this->crop->cleaning->winnowing);
    }

    /** @param  list<string>  $ways  of the crop, the first the usual one */
    private static function by(Offer $offer, array $ways): Offer
    {
        return $ways === [] ? $offer : $offer->usually('how', $ways[0]);
    }

    public function pouring(int $rank): Offer
    {
        return Offer::of(PouredOff::class, $rank)->usually('floated', $this->practice->wordFor('floaters', $this->crop->key));
    }

    /** What is good has sunk within minutes; once water is on it, it is not left. */
    public function settled(DateTimeImmutable $since): Task
    {
        return new Task(CleaningTask::PourOff, Place::Bench, $since, Later::hours($since, self::SETTLES), Later::hours($since, 2), Loss::Seed, ['minutes' => (int) round(self::SETTLES * 60)]);
    }

    /** @return list<Task> once a day, where the keeper stirs, or a lid has to be let off; not any more once it may be poured off */
    public function stir(?Ferment $ferment, ?DateTimeImmutable $last): array
    {
        $isLid = $ferment?->cover === FermentCover::LooseLid;
        if ($ferment === null || (! $isLid && $this->practice->wordFor('ferment_stir', $this->crop->key) !== 'daily')) {
            return [];
        }
        $next = Later::hours($last ?? $ferment->from, 24);

        return $next > Later::hours($ferment->from, $ferment->window()->earliestHours) ? [] : [new Task(CleaningTask::Stir, Place::Bench, Later::hours($next, -6), $next, null, Loss::Nothing, ['lid' => (int) $isLid])];
    }

    public function start(DateTimeImmutable $picked): Task
    {
        [$least, $best, $most] = $this->crop->ripening->lies();
        $kind = match ($this->crop->cleaning->way) {
            CleaningWay::Ferment => $this->practice->wordFor('gel_school', $this->crop->key) === 'ferment' ? CleaningTask::StartFerment : CleaningTask::Wash,
            CleaningWay::Rinse => CleaningTask::Wash,
            CleaningWay::Thresh => CleaningTask::Thresh,
        };

        return new Task(
            $kind,
            Place::Bench,
            Later::days($picked, $least),
            Later::days($picked, $best),
            Later::days($picked, $most),
            $this->crop->isWetCleaned() ? Loss::Seed : Loss::Nothing,
            ['rest_min' => $least, 'rest_max' => $most, ...($kind === CleaningTask::Wash && $this->practice->wordFor('gel_school', $this->crop->key) === 'paper' && $this->crop->cleaning->way === CleaningWay::Ferment ? ['paper' => 1] : [])],
        );
    }

    /** @return list<Task> what lies thick heats where nobody turns it */
    public function turn(?Finishing $kept, ?DateTimeImmutable $last): array
    {
        $every = $kept?->turnEvery();

        return $every === null || $last === null ? [] : [new Task(
            CleaningTask::Turn,
            Place::Bench,
            Later::days($last, $every),
            Later::days($last, $every),
            null,
            Loss::Nothing,
            ['kept' => $kept->value],
        )];
    }

    /** Out of the water before it has drunk itself full; where nobody knows how long it may, on the next morning. */
    public function liftOut(?InWater $soak, DateTimeImmutable $since): Task
    {
        $most = $soak?->most();

        return new Task(
            CleaningTask::LiftOut,
            Place::Bench,
            $since,
            Later::hours($since, $most === null ? self::NIGHT : $most / 2),
            $most === null ? null : Later::hours($since, $most),
            Loss::Seed,
            ['temperature' => $soak?->temperature, 'most_hours' => $most],
        );
    }

    public function pourOff(?Ferment $ferment, DateTimeImmutable $since): Task
    {
        $window = $ferment?->window();

        return $ferment === null || $window === null ? new Task(CleaningTask::PourOff, Place::Bench, $since, $since, null, Loss::Seed) : new Task(
            CleaningTask::PourOff,
            Place::Bench,
            Later::hours($ferment->from, $window->earliestHours),
            Later::hours($ferment->from, $window->typicalHours),
            Later::hours($ferment->from, $window->latestHours),
            Loss::Seed,
            [
                'temperature' => $ferment->temperature(),
                'earliest_hours' => $window->earliestHours,
                'typical_hours' => $window->typicalHours,
                'latest_hours' => $window->latestHours,
            ],
        );
    }
}
