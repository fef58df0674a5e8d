<?php

declare(strict_types=1);

namespace App\Rota;

/** A planting for seed that stands, of which none was picked yet. */
final readonly class StandingNow
{
    /** @param  int  $ripe  season in which it gives seed */
    public function __construct(public string $code, public int $ripe) {}

    /**
     * What the line can count on with it: the seed that is held, or what this gives. Until it has given, nothing else of the line is sown.
     *
     * @param  list<float>  $alive
     * @param  list<float>  $renewed
     * @return array{list<float>, list<int>} by year; and years in which it is not sown again
     */
    public function onto(array $alive, array $renewed, float $fails, int $first): array
    {
        $busy = [];
        $with = [];
        foreach ($alive as $year => $chance) {
            $age = $first + $year - $this->ripe;
            if ($age <= 0) {
                $busy[] = $year;
            }
            $new = (1.0 - $fails) * ($renewed[max(1, $age)] ?? 0.0);
            $with[] = 1.0 - (1.0 - $chance) * (1.0 - $new);
        }
        // Before it has given it is counted with nowhere: that it is above then only keeps the chances falling.
        $last = 0.0;
        for ($year = count($with) - 1; $year >= 0; $year--) {
            $with[$year] = $last = max($last, $with[$year]);
        }

        return [array_values($with), array_values(array_filter($busy, static fn (int $year): bool => $year < count($alive) - 1))];
    }
}
