<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Statistics\Normal;

/**
 * How the share alive falls over the calendar, through one store after another: ageing adds up over the segments,
 * v(t) = Kᵢ − Σ days/σ. With it go a slow and a fast course, between which the real one is expected: the limits of
 * what is known of the start, and $spread times slower or faster ageing.
 */
final readonly class Forecast
{
    /** No forecast looks further ahead than this. */
    public const MOST_DAYS = 73_050;

    /**
     * @param  list<AgeingSegment>  $segments  at least one, in order of time, the first from the start
     */
    private function __construct(
        public float $startShare,
        public Interval $startLimits,
        public \DateTimeImmutable $startAt,
        public array $segments,
        public ConstantsBasis $basis,
    ) {}

    /**
     * @param  float  $share  alive at the start, strictly between 0 and 1
     * @param  Interval  $limits  what the share may be; drawn in to 0.001 … 0.999 so that probits exist
     * @param  list<AgeingSegment>  $segments
     *
     * @throws InvalidFigure
     */
    public static function of(float $share, Interval $limits, \DateTimeImmutable $startAt, array $segments, ConstantsBasis $basis): self
    {
        if ($segments === []) {
            throw InvalidFigure::because('segments', 'A forecast needs at least one store.');
        }
        if (! ($share > 0.0 && $share < 1.0)) {
            throw InvalidFigure::because('germination', 'germination must lie above 0 and below 1.');
        }
        $drawnIn = new Interval(max(0.001, $limits->low), min(0.999, $limits->high));

        return new self($share, $drawnIn, $startAt, $segments, $basis);
    }

    /** Share alive at a moment; the start share before it. */
    public function shareAt(\DateTimeImmutable $at): float
    {
        return Normal::below(Normal::probit($this->startShare) - $this->aged($at, 1.0));
    }

    public function limitsAt(\DateTimeImmutable $at): Interval
    {
        $spread = $this->basis->spread();

        return new Interval(
            Normal::below(Normal::probit($this->startLimits->low) - $this->aged($at, 1.0 / $spread)),
            Normal::below(Normal::probit($this->startLimits->high) - $this->aged($at, $spread)),
        );
    }

    /** When the share falls to $threshold (0.01 … 0.99); the start itself when it is below already. */
    public function reaches(float $threshold): \DateTimeImmutable
    {
        return $this->crossing($this->startShare, $threshold, 1.0);
    }

    /** When at the earliest. */
    public function reachesEarliest(float $threshold): \DateTimeImmutable
    {
        return $this->crossing($this->startLimits->low, $threshold, 1.0 / $this->basis->spread());
    }

    /** When at the latest. */
    public function reachesLatest(float $threshold): \DateTimeImmutable
    {
        return $this->crossing($this->startLimits->high, $threshold, $this->basis->spread());
    }

    /** Probits lost by $at, every segment's σ stretched $stretch times. */
    private function aged(\DateTimeImmutable $at, float $stretch): float
    {
        $lost = 0.0;
        foreach ($this->segments as $i => $segment) {
            $from = $i === 0 ? $this->startAt : $segment->from;
            $to = $this->segments[$i + 1]->from ?? $at;
            $lost += max(0.0, self::days($from, $to < $at ? $to : $at)) / ($segment->sigmaDays * $stretch);
        }

        return $lost;
    }

    private function crossing(float $share, float $threshold, float $stretch): \DateTimeImmutable
    {
        InvalidFigure::unlessWithin('threshold', $threshold, 0.01, 0.99);
        $left = Normal::probit($share) - Normal::probit($threshold);
        if ($left <= 0.0) {
            return $this->startAt;
        }
        $days = 0.0;
        foreach ($this->segments as $i => $segment) {
            $from = $i === 0 ? $this->startAt : $segment->from;
            $sigma = $segment->sigmaDays * $stretch;
            $next = $this->segments[$i + 1]->from ?? null;
            $lasts = $next === null ? INF : self::days($from, $next);
            if ($left <= $lasts / $sigma) {
                $days += $left * $sigma;
                break;
            }
            $left -= $lasts / $sigma;
            $days += $lasts;
        }

        return $this->startAt->modify(sprintf('+%d seconds', (int) round(min(self::MOST_DAYS, $days) * 86400)));
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 86400;
    }
}
