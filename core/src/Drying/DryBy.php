<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * When seed that lies open will be dry enough, by its last two weighings and the air it lies in: what it has above its balance
 * with that air goes by the same share in the same time. How dry the air is decides most of it, so it is taken damper and drier.
 */
final readonly class DryBy
{
    /** RH of the air, either way. */
    private const SURE = 0.10;

    /** Hours; weighings closer than this tell no pace. */
    private const APART = 5.0;

    /** Days; what takes longer is not said. */
    private const MOST_DAYS = 60;

    /**
     * @param  \DateTimeImmutable  $early  in drier air
     * @param  ?\DateTimeImmutable  $late  in damper air; null where that would never make it so dry
     */
    private function __construct(public \DateTimeImmutable $early, public \DateTimeImmutable $middle, public ?\DateTimeImmutable $late) {}

    /**
     * @param  array{at: \DateTimeImmutable, mass: float}  $before
     * @param  array{at: \DateTimeImmutable, mass: float}  $last
     * @param  float  $dryMatter  g
     * @param  float  $target  g at which it is dry enough
     * @param  float  $rh  of the air, 0 … 1
     * @param  float  $temperature  °C
     * @return ?self null where the two tell no pace, or the air would never make it so dry
     */
    public static function of(array $before, array $last, float $dryMatter, float $target, Balance $balance, float $rh, float $temperature): ?self
    {
        $hours = ($last['at']->getTimestamp() - $before['at']->getTimestamp()) / 3600;
        if ($hours < self::APART || $last['mass'] >= $before['mass'] || $target >= $last['mass']) {
            return null;
        }
        $left = static function (float $in) use ($before, $last, $dryMatter, $target, $balance, $temperature, $hours): ?float {
            $ends = $dryMatter * 100.0 / (100.0 - $balance->moisture(max(0.05, min(0.90, $in)), $temperature));
            if ($ends >= $target) {
                return null;
            }
            $pace = log(($before['mass'] - $ends) / ($last['mass'] - $ends)) / $hours;
            $to = log(($last['mass'] - $ends) / ($target - $ends)) / $pace;

            return $to > 24 * self::MOST_DAYS ? null : $to;
        };
        [$early, $middle, $late] = [$left($rh - self::SURE), $left($rh), $left($rh + self::SURE)];
        $then = static fn (float $in): \DateTimeImmutable => $last['at']->modify(sprintf('+%d minutes', (int) round(60 * $in)));

        return $early === null || $middle === null ? null : new self($then(min($early, $middle)), $then($middle), $late === null ? null : $then(max($late, $middle)));
    }
}
