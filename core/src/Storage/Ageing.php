<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;

/** How much a lot ages by the model over the calendar, through one store after another: it adds up, Σ days/σ. */
final readonly class Ageing
{
    /** @param  list<AgeingSegment>  $segments  at least one, in order of time, the first from $startAt or before */
    private function __construct(public \DateTimeImmutable $startAt, private array $segments) {}

    /**
     * @param  list<AgeingSegment>  $segments
     *
     * @throws InvalidFigure
     */
    public static function of(\DateTimeImmutable $startAt, array $segments): self
    {
        return $segments === [] ? throw InvalidFigure::because('segments', 'A forecast needs at least one store.') : new self($startAt, $segments);
    }

    /**
     * @return array{float, float} probits lost from the start to $at, and how far from the cupboard the seed lay on the
     *                             average of them
     */
    public function until(\DateTimeImmutable $at): array
    {
        $lost = 0.0;
        $away = 0.0;
        foreach ($this->segments as $i => $segment) {
            $from = $i === 0 ? $this->startAt : $segment->from;
            $to = $this->segments[$i + 1]->from ?? $at;
            $here = max(0.0, ($to < $at ? $to : $at)->getTimestamp() - $from->getTimestamp()) / 86_400 / $segment->sigmaDays;
            $lost += $here;
            $away += $here * $segment->away;
        }

        return [$lost, $lost > 0.0 ? $away / $lost : $this->segments[0]->away];
    }

    /** Days from the start until so many probits are lost, at most $most. */
    public function days(float $probits, float $most): float
    {
        $days = 0.0;
        foreach ($this->segments as $i => $segment) {
            $from = $i === 0 ? $this->startAt : $segment->from;
            $next = $this->segments[$i + 1]->from ?? null;
            $lasts = $next === null ? INF : ($next->getTimestamp() - $from->getTimestamp()) / 86_400;
            if ($probits <= $lasts / $segment->sigmaDays) {
                return min($most, $days + $probits * $segment->sigmaDays);
            }
            $probits -= $lasts / $segment->sigmaDays;
            $days += $lasts;
        }

        return min($most, $days);
    }
}
