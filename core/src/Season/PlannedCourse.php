<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Sowing;
use Marrow\Core\Isolation\Bloom;
use Marrow\Core\Year\LiftWindow;
use Marrow\Core\Year\SeedYear;

/**
 * What a planned planting does in time: when it blooms, when its seed is ripe, when its bed is free. What has been
 * observed moves what follows.
 */
final readonly class PlannedCourse
{
    /** A plant that bears frost goes on ripening for some weeks into it. */
    private const HARDY_DAYS = 30;

    private const CLEARING_DAYS = 7;

    /**
     * @param  Sowing  $sowing  that of its crop's which it belongs to
     * @param  bool  $followsSowing  whether sowing later means blooming later
     * @param  ?Bloom  $bloom  null when a food crop does not flower
     * @param  ?\DateTimeImmutable  $ripeFrom  first ripe seed
     * @param  ?\DateTimeImmutable  $ripeTo  last pass
     * @param  \DateTimeImmutable  $free  the bed is free again
     * @param  ?\DateTimeImmutable  $frost  set when frost comes before the seed can be ripe
     * @param  ?\DateTimeImmutable  $latestSowing  the last sowing that would ripen; null where its bloom does not follow its sowing
     * @param  ?\DateTimeImmutable  $ripensAfter  the frost after which half of its seed or more would ripen
     */
    private function __construct(
        public PlannedPlanting $planting,
        public Sowing $sowing,
        public bool $followsSowing,
        public ?Bloom $bloom,
        public ?\DateTimeImmutable $ripeFrom,
        public ?\DateTimeImmutable $ripeTo,
        public \DateTimeImmutable $free,
        public ?\DateTimeImmutable $frost,
        public ?\DateTimeImmutable $latestSowing,
        public ?\DateTimeImmutable $ripensAfter = null,
    ) {}

    public static function of(PlannedPlanting $planting, Ground $ground): self
    {
        $growing = $planting->crop->growing;
        $shift = $ground->year->shiftOf($growing);
        $year = SeedYear::of($growing, $planting->sow, $shift);
        $follows = $year->sowing->followsSowing();
        $first = $planting->firstBloom ?? $year->firstBloom;
        $last = $planting->lastBloom ?? self::later($first, $growing->bloomDays() - 1);
        $kept = $planting->crop->isKeptAlive() ? $planting->crop->vegetative : null;
        if (! $planting->flowers || ($kept === null && $planting->firstBloom === null && $ground->year->cannotBloom($planting->crop))) {
            // A food crop is gone at the latest when it would run to flower.
            return new self($planting, $year->sowing, $follows, null, null, null, $first, null, null);
        }
        $bloom = Bloom::between($first, $last);
        if (! $planting->purpose->isForSeed()) {
            return new self($planting, $year->sowing, $follows, $bloom, null, null, self::later($last, self::CLEARING_DAYS), null, null);
        }
        $lift = $kept === null ? null : LiftWindow::after($kept, $planting->sow, $shift);
        if ($lift !== null) {
            // No frost keeps it from being lifted, and nothing waits for its flowers.
            return new self($planting, $year->sowing, $follows, $bloom, $lift->from, $lift->to, self::later($lift->to, self::CLEARING_DAYS), null, null);
        }
        $ripeFrom = self::later($first, $growing->bloomToRipeMin);
        $ripeTo = self::later($last, $growing->bloomToRipeMin);
        $frost = $ground->frosts()->firstAfter($first);
        $end = $frost === null || $growing->frostTender ? $frost : self::later($frost, self::HARDY_DAYS);
        $tooLate = $end !== null && self::later($first, $growing->ripeDays()) > $end;
        // Half of it flowers later than that; what bears frost ripens on, and little, once it has come.
        $late = $frost !== null && ! $tooLate && self::later($first, intdiv($bloom->days(), 2) + $growing->bloomToRipeMin) > $frost;
        if ($end !== null && $ripeTo > $end) {
            $ripeTo = $end < $ripeFrom ? $ripeFrom : $end;
        }

        return new self(
            $planting,
            $year->sowing,
            $follows,
            $bloom,
            $ripeFrom,
            $ripeTo,
            self::later($ripeTo, self::CLEARING_DAYS),
            $tooLate ? $frost : null,
            $end !== null && $tooLate && $follows ? SeedYear::lastSowing($growing, $year->sowing, $end, $shift) : null,
            $late ? $frost : null,
        );
    }

    private static function later(\DateTimeImmutable $day, int $days): \DateTimeImmutable
    {
        return $day->modify(sprintf('%+d days', $days));
    }
}
