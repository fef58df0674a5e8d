<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use DateTimeImmutable;
use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Work\Later;

/** Seed in its ferment: since when, in what air, and when it ended. */
final readonly class Ferment
{
    /** °C of a room of which nobody knows. */
    private const ROOM = 20.0;

    /**
     * @param  non-empty-list<array{float, float}>  $air  hours after its start, and °C from then on
     * @param  ?DateTimeImmutable  $endedAt  when water came on it; null while it works
     */
    private function __construct(public FermentCover $cover, public DateTimeImmutable $from, private array $air, public ?DateTimeImmutable $endedAt = null) {}

    /** @param  ?Surroundings  $around  of the place where it stands; null where nobody said in which */
    public static function begun(FermentStarted $started, DateTimeImmutable $from, ?Surroundings $around): self
    {
        $air = [[0.0, $started->temperatureC ?? $around?->at($from)->air->temperatureC ?? self::ROOM]];
        foreach ($around?->changes($from, Later::hours($from, FermentWindow::LONGEST_HOURS)) ?? [] as $stretch) {
            $air[] = [((int) $stretch->from?->getTimestamp() - $from->getTimestamp()) / 3600, $stretch->air->temperatureC];
        }

        return new self($started->cover, $from, $air);
    }

    /** Once only: what is filled and poured again ferments no more. */
    public function ended(DateTimeImmutable $at): self
    {
        return $this->endedAt === null ? new self($this->cover, $this->from, $this->air, $at) : $this;
    }

    public function window(): FermentWindow
    {
        return FermentWindow::during($this->air);
    }

    /** @return float °C around it at its start, as typed or as its place had it */
    public function temperature(): float
    {
        return $this->air[0][1];
    }

    /** Whether the air of its place was written down anew while it worked. */
    public function isMovedByAir(): bool
    {
        return count($this->air) > 1;
    }

    /** Hours it worked; null while it still does. */
    public function hours(): ?float
    {
        return $this->endedAt === null ? null : ($this->endedAt->getTimestamp() - $this->from->getTimestamp()) / 3600;
    }

    public function wasTooLong(): bool
    {
        return ($this->hours() ?? 0.0) > $this->window()->latestHours;
    }
}
