<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;

/**
 * Whether a running test need run on: how likely its verdict at the last count is another than it looks like now. What share comes up and how
 * slowly is not known, so both are taken over a grid and weighed by what is up by that day (Bayes, every share as likely before); each seed
 * that is not up comes up by the end with the chance that leaves.
 */
final readonly class EarlyStop
{
    /** Chance of another verdict at the end below which nobody need wait. */
    private const SETTLED = 0.03;

    private const SHARES = 40;

    /** Weight against the greatest below which nothing is changed. */
    private const NEXT_TO_NOTHING = 1e-5;

    /**
     * @param  Verdict  $verdictNow  as it will be; open while it may turn
     * @param  float  $chanceTurns  that the likeliest verdict is not the one at the end
     * @param  ?int  $lookOn  day of the next look; null where none is wanted
     */
    private function __construct(public Verdict $verdictNow, public float $chanceTurns, public ?int $lookOn) {}

    /**
     * @param  int  $undecided  seeds neither up nor known to be dead
     * @param  non-empty-array<int, int>  $new  that were new at each count, by the day since it was laid, in order; a count of none says something, too
     * @param  int  $firstCount  day of the crop's first count
     * @param  int  $lastCount  day of its last
     * @param  float  $good  share from which seed is sown as usual
     * @param  float  $poor  share below which it is not to be relied on
     * @param  bool  $looksAhead  whether the day of the next look is wanted, which takes longer
     *
     * @throws InvalidFigure
     */
    public static function of(array $new, int $sown, int $undecided, int $firstCount, int $lastCount, float $good, float $poor, bool $looksAhead = true): self
    {
        $day = array_key_last($new);
        $outlook = Outlook::of(GerminationShare::of(array_sum($new), $sown), $undecided, $good, $poor);
        InvalidFigure::unlessWithin('day', $day, 0, 400, 'days');
        if ($outlook->verdictNow !== Verdict::Open || $day >= $lastCount) {
            return new self($outlook->verdictNow === Verdict::Open ? Verdict::of($outlook->lowest, $good, $poor) : $outlook->verdictNow, 0.0, null);
        }
        $pace = UsualPace::ofCounts($firstCount, $lastCount);
        [$verdict, $turns] = self::end($pace, $new, $sown, $undecided, $lastCount, $good, $poor);

        return $turns <= self::SETTLED
            ? new self($verdict, $turns, null)
            : new self(Verdict::Open, $turns, ! $looksAhead ? null : self::nextLook($pace, $new, $sown, $undecided, $firstCount, $lastCount, $good, $poor));
    }

    /**
     * @param  non-empty-array<int, int>  $new
     * @return array{Verdict, float} the likeliest verdict at the last count, and the chance that it is another
     */
    private static function end(UsualPace $pace, array $new, int $sown, int $undecided, int $lastCount, float $good, float $poor): array
    {
        $up = array_sum($new);
        $of = [];
        foreach (self::coming($pace, $new, $undecided, $lastCount) as $more => $chance) {
            $verdict = Verdict::of(($up + $more) / $sown, $good, $poor)->value;
            $of[$verdict] = ($of[$verdict] ?? 0.0) + $chance;
        }
        arsort($of);
        $likeliest = array_key_first($of) ?? Verdict::Open->value;

        return [Verdict::from($likeliest), 1.0 - ($of[$likeliest] ?? 0.0)];
    }

    /**
     * @param  non-empty-array<int, int>  $new
     * @return list<float> how likely 0, 1, … more come up until a day
     */
    private static function coming(UsualPace $pace, array $new, int $undecided, int $until): array
    {
        $day = array_key_last($new);
        $weighed = [];
        foreach (UsualPace::PACES as [$slow, $chanceOfPace]) {
            foreach (UsualPace::STEEPS as $steeper) {
                array_push($weighed, ...self::weighed($pace, $slow, $steeper, log($chanceOfPace), $new, $undecided, $until));
            }
        }
        $most = max([-INF, ...array_column($weighed, 0)]);
        $sum = array_fill(0, $undecided + 1, 0.0);
        $whole = 0.0;
        foreach ($weighed as [$log, $late]) {
            $weight = exp($log - $most);
            if ($weight < self::NEXT_TO_NOTHING) {
                continue;
            }
            $whole += $weight;
            foreach (self::binomial($undecided, $late) as $more => $chance) {
                $sum[$more] += $weight * $chance;
            }
        }

        return array_values(array_map(static fn (float $one): float => $one / $whole, $sum));
    }

    /**
     * @param  non-empty-array<int, int>  $new
     * @return list<array{float, float}> for each share that may come up: the logarithm of its weight, and the chance that a seed not up comes up until a day
     */
    private static function weighed(UsualPace $pace, float $slow, float $steeper, float $log, array $new, int $undecided, int $until): array
    {
        [$by, $end] = [$pace->upBy(array_key_last($new), $slow, $steeper), $pace->upBy($until, $slow, $steeper)];
        $before = 0.0;
        foreach ($new as $on => $many) {
            $then = $pace->upBy($on, $slow, $steeper);
            $log += $many * log(max(1e-12, $then - $before));
            $before = $then;
        }
        $weighed = [];
        for ($i = 0; $i < self::SHARES; $i++) {
            $share = ($i + 0.5) / self::SHARES;
            $weighed[] = [$log + array_sum($new) * log($share) + $undecided * log(max(1e-12, 1.0 - $share * $by)), min(1.0, max(0.0, $share * ($end - $by) / max(1e-12, 1.0 - $share * $by)))];
        }

        return $weighed;
    }

    /** @return list<float> */
    private static function binomial(int $n, float $p): array
    {
        if ($p <= 0.0 || $p >= 1.0) {
            $chances = array_fill(0, $n + 1, 0.0);
            $chances[$p <= 0.0 ? 0 : $n] = 1.0;

            return array_values($chances);
        }
        $chances = [];
        $log = $n * log(1.0 - $p);
        for ($k = 0; $k <= $n; $k++) {
            $chances[] = exp($log);
            $log += log(max(1, $n - $k) / ($k + 1)) + log($p / (1.0 - $p));
        }

        return $chances;
    }

    /**
     * The first day on which, if all comes as is likeliest, the verdict would be settled; else the last count.
     *
     * @param  non-empty-array<int, int>  $new
     */
    private static function nextLook(UsualPace $pace, array $new, int $sown, int $undecided, int $firstCount, int $lastCount, float $good, float $poor): int
    {
        for ($then = max(array_key_last($new) + 1, $firstCount); $then < $lastCount; $then++) {
            $chances = self::coming($pace, $new, $undecided, $then);
            $mean = (int) round(array_sum(array_map(static fn (int $more, float $chance): float => $more * $chance, array_keys($chances), $chances)));
            if (self::end($pace, $new + [$then => $mean], $sown, $undecided - $mean, $lastCount, $good, $poor)[1] <= self::SETTLED) {
                return $then;
            }
        }

        return $lastCount;
    }
}
