<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * How seed that lies open dries on, by its last two weighings and the air it lies in: what it has above its balance with that air goes by
 * the same share in the same time. How dry the air is decides most of it, so it is taken damper and drier.
 */
final readonly class WeighedCourse implements DryingCourse
{
    /** Hours; weighings closer than this tell no pace. */
    private const APART = 5.0;

    /** Days; what takes longer is not said. */
    private const MOST_DAYS = 60;

    /**
     * @param  float  $dryMatter  g
     * @param  float  $last  g it weighed last
     * @param  list<array{float, float}>  $ways  g it ends at and share an hour of what is left, in drier air, in that air, in damper
     */
    private function __construct(private float $dryMatter, private float $last, private array $ways) {}

    /**
     * @param  array{at: \DateTimeImmutable, mass: float}  $before
     * @param  array{at: \DateTimeImmutable, mass: float}  $last
     * @param  float  $dryMatter  g
     * @param  OpenCourse  $air  it lies in, and how sure that is
     * @return ?self null where the two tell no pace
     */
    public static function of(array $before, array $last, float $dryMatter, Balance $balance, OpenCourse $air): ?self
    {
        $hours = ($last['at']->getTimestamp() - $before['at']->getTimestamp()) / 3600;
        if ($hours < self::APART || $last['mass'] >= $before['mass']) {
            return null;
        }
        $ways = [];
        foreach ([-1.0, 0.0, 1.0] as $away) {
            $ends = $dryMatter * 100.0 / (100.0 - $balance->moisture(max(0.05, min(0.90, $air->rh + $away * $air->sure())), $air->temperature));
            // Lighter than that air would leave it, it stays as it is.
            $ways[] = $ends >= $last['mass'] ? [$last['mass'], 0.0] : [$ends, log(($before['mass'] - $ends) / ($last['mass'] - $ends)) / $hours];
        }

        return new self($dryMatter, $last['mass'], $ways);
    }

    public function after(float $hours): array
    {
        $at = array_map(fn (array $way): float => 100.0 * (1.0 - $this->dryMatter / ($way[0] + ($this->last - $way[0]) * exp(-$way[1] * $hours))), $this->ways);

        return [$at[0], $at[1], $at[2]];
    }

    public function until(float $target): array
    {
        $mass = $this->dryMatter * 100.0 / (100.0 - $target);
        $hours = array_map(fn (array $way): ?float => match (true) {
            $this->last <= $mass => 0.0,
            $way[0] >= $mass => null,
            default => self::unlessTooLong(log(($this->last - $way[0]) / ($mass - $way[0])) / $way[1]),
        }, $this->ways);

        return [$hours[0], $hours[1], $hours[2]];
    }

    private static function unlessTooLong(float $hours): ?float
    {
        return $hours > 24 * self::MOST_DAYS ? null : $hours;
    }
}
