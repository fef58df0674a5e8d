<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\LifeCycle;
use Marrow\Core\Isolation\Bloom;

/**
 * What a planned planting does in time: when it blooms, when its seed is ripe, when its bed is free. What has been
 * observed moves what follows.
 */
final readonly class PlannedCourse
{
    /** Longer than this from sowing to bloom and it has a winter in it: then the season calls the time, not the sowing. */
    private const WINTER = 200;

    /** A plant that bears frost goes on ripening for some weeks into it. */
    private const HARDY_DAYS = 30;

    private const CLEARING_DAYS = 7;

    /**
     * @param  bool  $followsSowing  whether sowing later means blooming later
     * @param  ?Bloom  $bloom  null when a food crop does not flower
     * @param  ?\DateTimeImmutable  $ripeFrom  first ripe seed
     * @param  ?\DateTimeImmutable  $ripeTo  last pass
     * @param  \DateTimeImmutable  $free  the bed is free again
     * @param  ?\DateTimeImmutable  $frost  set when frost comes before the seed can be ripe
     * @param  ?\DateTimeImmutable  $latestSowing  the last sowing that would ripen
     */
    private function __construct(
        public PlannedPlanting $planting,
        public bool $followsSowing,
        public ?Bloom $bloom,
        public ?\DateTimeImmutable $ripeFrom,
        public ?\DateTimeImmutable $ripeTo,
        public \DateTimeImmutable $free,
        public ?\DateTimeImmutable $frost,
        public ?\DateTimeImmutable $latestSowing,
    ) {}

    public static function of(PlannedPlanting $planting, Ground $ground): self
    {
        $growing = $planting->crop->growing;
        $follows = $growing->sowingToBloomMax <= self::WINTER && $planting->crop->lifeCycle !== LifeCycle::Biennial;
        $first = $planting->firstBloom ?? self::firstBloom($planting, $follows);
        $days = intdiv($growing->bloomMin + $growing->bloomMax, 2);
        $last = $planting->lastBloom ?? $first->modify(sprintf('+%d days', $days - 1));
        if (! $planting->flowers) {
            // A food crop is gone at the latest when it would run to flower.
            return new self($planting, $follows, null, null, null, $first, null, null);
        }
        $bloom = Bloom::between($first, $last);
        if (! $planting->purpose->isForSeed()) {
            return new self($planting, $follows, $bloom, null, null, self::later($last, self::CLEARING_DAYS), null, null);
        }
        $middle = intdiv($growing->bloomToRipeMin + $growing->bloomToRipeMax, 2);
        $ripeFrom = self::later($first, $growing->bloomToRipeMin);
        $ripeTo = self::later($last, $growing->bloomToRipeMin);
        $frost = $ground->firstFrostAfter($first);
        $end = $growing->frostTender ? $frost : self::later($frost, self::HARDY_DAYS);
        $tooLate = $follows && self::later($first, $middle) > $end;
        if ($ripeTo > $end) {
            $ripeTo = $end < $ripeFrom ? $ripeFrom : $end;
        }

        return new self(
            $planting,
            $follows,
            $bloom,
            $ripeFrom,
            $ripeTo,
            self::later($ripeTo, self::CLEARING_DAYS),
            $tooLate ? $frost : null,
            $tooLate ? self::later($end, -$middle - self::toBloom($planting)) : null,
        );
    }

    private static function firstBloom(PlannedPlanting $planting, bool $follows): \DateTimeImmutable
    {
        if ($follows) {
            return self::later($planting->sow, self::toBloom($planting));
        }
        // Over the winter an early sowing and a late one come level: reckoned from the middle of the usual months.
        $growing = $planting->crop->growing;
        $to = $growing->sowTo < $growing->sowFrom ? $growing->sowTo + 12 : $growing->sowTo;
        $usual = $planting->sow->setDate((int) $planting->sow->format('Y'), $growing->sowFrom, 1)
            ->modify(sprintf('+%d days', (int) round(($to - $growing->sowFrom + 1) * 30.44 / 2)));

        return self::later($usual, self::toBloom($planting));
    }

    private static function toBloom(PlannedPlanting $planting): int
    {
        return intdiv($planting->crop->growing->sowingToBloomMin + $planting->crop->growing->sowingToBloomMax, 2);
    }

    private static function later(\DateTimeImmutable $day, int $days): \DateTimeImmutable
    {
        return $day->modify(sprintf('%+d days', $days));
    }
}
