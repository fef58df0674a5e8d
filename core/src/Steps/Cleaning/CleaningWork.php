<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use DateTimeImmutable;
use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Origin\Finishing;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** What cleaning wants done next, by how far it has come: when it may, when it is best, by when it must. */
final readonly class CleaningWork
{
    /** h after which seed of unknown limit is taken out of the water: the next morning. */
    private const NIGHT = 12.0;

    public function __construct(private Crop $crop, private Practice $practice) {}

    /** Whether seed in its gel is fermented here, as most do; rubbed and rinsed at once is the other school. */
    public function ferments(): bool
    {
        return $this->practice->word('gel_school') === 'ferment';
    }

    public function start(DateTimeImmutable $picked): Task
    {
        [$least, $best, $most] = $this->rest();
        $kind = match ($this->crop->cleaning->way) {
            CleaningWay::Ferment => $this->ferments() ? CleaningTask::StartFerment : CleaningTask::Wash,
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
            ['rest_min' => $least, 'rest_max' => $most],
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

    public function pourOff(?FermentStarted $ferment, DateTimeImmutable $since): Task
    {
        $window = $ferment?->window();

        return $window === null ? new Task(CleaningTask::PourOff, Place::Bench, $since, $since, null, Loss::Seed) : new Task(
            CleaningTask::PourOff,
            Place::Bench,
            Later::hours($since, $window->earliestHours),
            Later::hours($since, $window->typicalHours),
            Later::hours($since, $window->latestHours),
            Loss::Seed,
            [
                'temperature' => $ferment->temperatureC,
                'earliest_hours' => $window->earliestHours,
                'typical_hours' => $window->typicalHours,
                'latest_hours' => $window->latestHours,
            ],
        );
    }

    /**
     * Days that what was picked lies before its seed is taken out: fruit to ripen it on, where that is known to gain, pods
     * and heads to dry.
     *
     * @return array{int, int, int} least, best, most
     */
    private function rest(): array
    {
        $ripening = $this->crop->ripening;
        if ($ripening->afterRipening !== null) {
            return array_map(static fn (float $weeks): int => (int) round(7 * $weeks), $ripening->afterRipening);
        }

        return [$ripening->restDaysMin, $ripening->restDaysMin + min(7, intdiv($ripening->restDaysMax - $ripening->restDaysMin, 2)), $ripening->restDaysMax];
    }
}
