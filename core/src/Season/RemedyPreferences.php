<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What the keeper is ready to do about crossing. */
final readonly class RemedyPreferences
{
    public const MOST_SHIFT = 90;

    /**
     * @param  int  $shiftDays  sowing may move by so many days either way, 0 … 90
     * @param  \DateTimeImmutable  $notBefore  nothing can be sown before this day
     * @param  array<string, float>  $losses  id => what a year without it costs, in mornings of work
     */
    public function __construct(
        public \DateTimeImmutable $notBefore,
        public int $shiftDays = 28,
        public bool $move = true,
        public bool $cage = true,
        public bool $alternate = true,
        public bool $bag = true,
        public bool $leaveOut = true,
        public array $losses = [],
    ) {}

    public function without(bool $covers = false, bool $leavingOut = false): self
    {
        return new self(
            $this->notBefore,
            $this->shiftDays,
            $this->move,
            $this->cage && ! $covers,
            $this->alternate && ! $covers,
            $this->bag && ! $covers,
            $this->leaveOut && ! $leavingOut,
            $this->losses,
        );
    }
}
