<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use DateTimeImmutable;
use Marrow\Core\Cleaning\Soak;
use Marrow\Core\Work\Later;

/** Seed that lies in water, or lay in it: since when, and how long it may. */
final readonly class InWater
{
    /**
     * @param  ?float  $limit  h at 20 °C; null where the crop's is not known
     * @param  ?DateTimeImmutable  $outAt  when it was taken out; null while it lies in it
     */
    public function __construct(public DateTimeImmutable $from, public ?float $temperature, private ?float $limit, public ?DateTimeImmutable $outAt = null) {}

    public function takenOut(DateTimeImmutable $at): self
    {
        return new self($this->from, $this->temperature, $this->limit, $at);
    }

    /** @return ?float h at the most; null where it is not known */
    public function most(): ?float
    {
        // Water that is colder or warmer than the rule goes is taken for the last it knows.
        return $this->limit === null ? null : Soak::hours($this->limit, max(Soak::MIN_TEMPERATURE, min(Soak::MAX_TEMPERATURE, $this->temperature ?? 20.0)));
    }

    public function until(): ?DateTimeImmutable
    {
        $most = $this->most();

        return $most === null ? null : Later::hours($this->from, $most);
    }

    /** @return ?float h that it lay in it; null while it still does */
    public function hours(): ?float
    {
        return $this->outAt === null ? null : ($this->outAt->getTimestamp() - $this->from->getTimestamp()) / 3600;
    }

    /** Whether it lay in it for longer than it may; false where that is not known. */
    public function wasTooLong(): bool
    {
        $most = $this->most();

        return $most !== null && ($this->hours() ?? 0.0) > $most;
    }
}
