<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

/** How good a forecast has been here: what it said the day before, and what came. */
final readonly class ForecastRecord
{
    /**
     * @param  int  $foretold  days of which it said the day before that rain was likely
     * @param  int  $fell  of them, rain fell
     * @param  int  $unforeseen  days on which rain fell and was not foretold
     * @param  int  $days  that were held against it
     * @param  ?float  $lowError  °C, by how much its nights were off, in the mean, whichever way
     * @param  ?float  $lowBias  °C, by how much its nights were warmer than they came, in the mean
     */
    private function __construct(public int $foretold, public int $fell, public int $unforeseen, public int $days, public ?float $lowError, public ?float $lowBias) {}

    /** @param  list<array{ForecastDay, ?float, ?float}>  $days  what was said the day before, the rain that came (mm) and the night's low (°C); null where nothing was measured */
    public static function of(array $days): self
    {
        $foretold = $fell = $unforeseen = $rainDays = 0;
        $off = [];
        foreach ($days as [$said, $rain, $low]) {
            if ($rain !== null && ($said->rainChance !== null || $said->rainMm !== null)) {
                $rainDays++;
                $came = $rain >= ForecastDay::RAIN;
                $foretold += (int) $said->isRainLikely();
                $fell += (int) ($said->isRainLikely() && $came);
                $unforeseen += (int) (! $said->isRainLikely() && $came);
            }
            if ($low !== null && $said->low !== null) {
                $off[] = $said->low - $low;
            }
        }

        return new self($foretold, $fell, $unforeseen, $rainDays, $off === [] ? null : array_sum(array_map(abs(...), $off)) / count($off), $off === [] ? null : array_sum($off) / count($off));
    }
}
