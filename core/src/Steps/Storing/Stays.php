<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Steps\Treating\Bath;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ViabilityConstants;

/** Where seed has lain, one stay after another, as paces at which it aged. */
final class Stays
{
    /**
     * @param  non-empty-list<array{from: \DateTimeImmutable, moisture: float, temperature: float}>  $stays  per cent, °C; the last one without end
     * @param  list<Bath>  $baths
     * @return list<AgeingSegment>|null null when a stay lies outside what the equation is trusted for (too damp, too hot)
     */
    public static function segments(array $stays, array $baths, \DateTimeImmutable $from, ViabilityConstants $constants): ?array
    {
        $segments = [];
        foreach ($stays as $i => $stay) {
            $next = $stays[$i + 1]['from'] ?? null;
            if ($next !== null && $next <= $from) {
                continue;
            }
            if ($stay['moisture'] > ViabilityConstants::MAX_MOISTURE
                || $stay['temperature'] > ViabilityConstants::MAX_TEMPERATURE
                || $stay['temperature'] < ViabilityConstants::MIN_TEMPERATURE) {
                return null;
            }
            // Drier than the equation's floor gains nothing more (Ellis & Roberts's low-moisture limit).
            $moisture = max(ViabilityConstants::MIN_MOISTURE, $stay['moisture']);
            $start = $stay['from'] > $from ? $stay['from'] : $from;
            $segments[] = new AgeingSegment($start, $constants->sigma($moisture, $stay['temperature']), $constants->awayFromCupboard($moisture));
        }

        return self::withBaths($segments, $baths, $from);
    }

    /**
     * A bath in hot water ages seed in an hour as much as it costs.
     *
     * @param  list<AgeingSegment>  $segments
     * @param  list<Bath>  $baths
     * @return list<AgeingSegment>
     */
    private static function withBaths(array $segments, array $baths, \DateTimeImmutable $from): array
    {
        foreach ($baths as $bath) {
            if ($bath->at < $from || $bath->cost <= 0.0) {
                continue;
            }
            $over = $bath->at->modify('+1 hour');
            $before = array_values(array_filter($segments, static fn (AgeingSegment $segment): bool => $segment->from <= $bath->at));
            $after = array_values(array_filter($segments, static fn (AgeingSegment $segment): bool => $segment->from > $bath->at));
            $then = $before[count($before) - 1] ?? null;
            $segments = [
                ...$before,
                new AgeingSegment($bath->at, 1 / 24 / $bath->cost),
                ...($then === null || ($after !== [] && $after[0]->from <= $over) ? [] : [new AgeingSegment($over, $then->sigmaDays, $then->away)]),
                ...$after,
            ];
        }

        return $segments;
    }
}
