<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** One measure for one planting, with what it asks of the keeper. */
final readonly class Remedy
{
    /**
     * @param  int  $days  sown so many days later; earlier where negative; 0 where it is not shifted
     * @param  ?Rectangle  $spot  where it is moved to
     * @param  int  $mornings  of hand pollination, or evenings of changing cages over
     * @param  int  $cages  to be put up
     * @param  float  $cost  in mornings of work, everything told
     */
    private function __construct(
        public string $planting,
        public RemedyKind $kind,
        public int $days,
        public ?Rectangle $spot,
        public int $mornings,
        public int $cages,
        public float $cost,
    ) {}

    public static function shift(string $planting, int $days): self
    {
        // A reminder and a fuller bench for some days; a little more the longer it waits.
        return new self($planting, RemedyKind::Shift, $days, null, 0, 0, 0.4 + 0.03 * abs($days));
    }

    public static function move(string $planting, Rectangle $spot): self
    {
        return new self($planting, RemedyKind::Move, 0, $spot, 0, 0, 1.0);
    }

    public static function cutFlowers(string $planting, int $mornings): self
    {
        return new self($planting, RemedyKind::CutFlowers, 0, null, $mornings, 0, 0.3 + 0.2 * $mornings);
    }

    public static function bag(string $planting, int $mornings): self
    {
        return new self($planting, RemedyKind::Bag, 0, null, $mornings, 0, 0.5 + $mornings);
    }

    public static function alternate(string $planting, int $evenings): self
    {
        // One person changes both over, so each of the two bears half of the evenings.
        return new self($planting, RemedyKind::Alternate, 0, null, $evenings, 1, 2.0 + 0.1 * $evenings);
    }

    public static function cage(string $planting, int $mornings): self
    {
        return new self($planting, RemedyKind::Cage, 0, null, $mornings, 1, 3.0 + $mornings);
    }

    /** Pollen-tight cloth lets no wind in either: somebody shakes the stems. */
    public static function cloth(string $planting, int $mornings): self
    {
        return new self($planting, RemedyKind::Cloth, 0, null, $mornings, 1, 4.0 + $mornings);
    }

    /** @param  float  $loss  what a year without it costs, in mornings of work: little where its seed can wait */
    public static function leaveOut(string $planting, float $loss): self
    {
        return new self($planting, RemedyKind::LeaveOut, 0, null, 0, 0, $loss);
    }

    public function applyTo(PlannedPlanting $planting): PlannedPlanting
    {
        return match ($this->kind) {
            RemedyKind::Shift => $planting->with(sowLater: $this->days),
            RemedyKind::Move => $planting->with(spot: $this->spot),
            RemedyKind::CutFlowers => $planting->with(flowers: false),
            RemedyKind::Bag => $planting->with(cover: Cover::Bagged),
            RemedyKind::Alternate => $planting->with(cover: Cover::Alternate),
            RemedyKind::Cage => $planting->with(cover: Cover::Caged),
            RemedyKind::Cloth => $planting->with(cover: Cover::Cloth),
            RemedyKind::LeaveOut => $planting->with(out: true),
        };
    }
}
