<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/** What seed wants before it lies on the racks, and what is never put there. */
final readonly class BeforeDrying
{
    public function __construct(private Crop $crop, private Whereabouts $where, private OriginStrand $origin, private CleaningStrand $cleaning) {}

    /** @return list<Task> */
    public function spreadIt(): array
    {
        $since = $this->cleaning->since;
        if ($since === null) {
            return [];
        }

        return [$this->crop->isWetCleaned()
            ? new Task(DryingTask::SpreadWet, Place::Bench, $since, $since, Later::hours($since, 12), Loss::Seed)
            : new Task(DryingTask::SpreadDry, Place::Bench, $since, Later::days($since, 2), null, Loss::Nothing)];
    }

    /**
     * A kind that does not bear drying is sown, or kept damp as long as it bears that; where nobody knows how long, half its
     * ordinary life is the most that is safe.
     *
     * @return list<Task>
     */
    public function sowFresh(): array
    {
        $picked = $this->origin->lastAt();
        if ($picked === null) {
            return [];
        }
        $damp = $this->crop->damp;
        $days = $damp === null ? (int) ceil($this->crop->ordinaryYears * 365.25 / 2) : (int) round($damp->months * Later::DAYS_A_MONTH);

        return [new Task(DryingTask::SowFresh, $this->where->place, $picked, $picked, Later::days($picked, $days), Loss::Seed, ['days' => $days])];
    }

    /**
     * What is kept alive cures before it goes into store.
     *
     * @return list<Task>
     */
    public function cure(): array
    {
        $lifted = $this->origin->lastAt() ?? $this->origin->receivedAt;
        if ($lifted === null) {
            return [];
        }
        $ripening = $this->crop->ripening;

        return [new Task(DryingTask::Cure, $this->where->place, $lifted, Later::days($lifted, $ripening->restDaysMin), Later::days($lifted, $ripening->restDaysMax + 14), Loss::Seed)];
    }
}
