<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Gamma;
use Marrow\Core\Statistics\Normal;

/**
 * How likely two tests side by side show a difference that is there, by Fisher's exact test, two-sided: summed exactly over all outcomes.
 * Which outcomes show one depends on how many came up in both together alone, so they are found once for each such number.
 */
final class Power
{
    /** Seeds in each group; more nobody lays at a kitchen table. */
    public const MOST = 400;

    /** Outcomes this much likelier still count as equally likely: rounding must not decide. */
    private const TIE = 1.0 + 1e-7;

    /** The exact test always wants more than this share of what the normal approximation does, where half or more is asked of it. */
    private const SURELY_FEWER = 0.85;

    /** @var list<float> ln of the factorials of 0, 1, … */
    private static array $factorials = [];

    /**
     * @param  int  $a  seeds in one group, 1 … 400
     * @param  float  $shareA  0 … 1
     * @param  float  $level  chance of showing a difference that is not there, 0.0001 … 0.5
     *
     * @throws InvalidFigure
     */
    public static function of(int $a, int $b, float $shareA, float $shareB, float $level = 0.05): float
    {
        InvalidFigure::unlessWithin('a_sown', $a, 1, self::MOST, 'seeds');
        InvalidFigure::unlessWithin('b_sown', $b, 1, self::MOST, 'seeds');
        self::check($shareA, $shareB, $level);
        [$chancesA, $chancesB] = [self::chances($a, $shareA), self::chances($b, $shareB)];
        $power = 0.0;
        for ($up = 0; $up <= $a + $b; $up++) {
            [$low, $high] = [max(0, $up - $b), min($a, $up)];
            [$until, $from] = self::shown($a, $b, $up, $low, $high, $level);
            for ($x = $low; $x <= $until; $x++) {
                $power += $chancesA[$x] * $chancesB[$up - $x];
            }
            for ($x = max($from, $until + 1); $x <= $high; $x++) {
                $power += $chancesA[$x] * $chancesB[$up - $x];
            }
        }

        return min(1.0, $power);
    }

    /**
     * The least number of seeds in each of two groups with which a difference shows as surely as asked; power rises in saws, so each number is tried.
     *
     * @param  float  $power  0.05 … 0.99
     * @return ?int null where more than 400 would be wanted
     *
     * @throws InvalidFigure
     */
    public static function seeds(float $shareA, float $shareB, float $power, float $level = 0.05): ?int
    {
        InvalidFigure::unlessWithin('power', $power, 0.05, 0.99);
        self::check($shareA, $shareB, $level);
        $rough = (Normal::probit(1.0 - $level / 2.0) + Normal::probit($power)) ** 2 * ($shareA * (1.0 - $shareA) + $shareB * (1.0 - $shareB)) / ($shareA - $shareB) ** 2;
        for ($n = $power < 0.5 ? 2 : max(2, (int) (self::SURELY_FEWER * min(1e6, $rough))); $n <= self::MOST; $n++) {
            if (self::of($n, $n, $shareA, $shareB, $level) >= $power) {
                return $n;
            }
        }

        return null;
    }

    /** @throws InvalidFigure */
    private static function check(float $shareA, float $shareB, float $level): void
    {
        InvalidFigure::unlessWithin('a_share', $shareA, 0.0, 1.0);
        InvalidFigure::unlessWithin('b_share', $shareB, 0.0, 1.0);
        InvalidFigure::unlessWithin('level', $level, 0.0001, 0.5);
        if ($shareA === $shareB) {
            throw InvalidFigure::because('b_share', 'Both are the same: there is no difference to be shown.');
        }
    }

    /**
     * Of all tables with so many up in both together, those that are as unlikely as the level asks lie at both ends.
     *
     * @return array{int, int} up in the first group: shown up to that, and from that on
     */
    private static function shown(int $a, int $b, int $up, int $low, int $high, float $level): array
    {
        $log = self::logChoose($a + $b, $up);
        $chance = static fn (int $x): float => exp(self::logChoose($a, $x) + self::logChoose($b, $up - $x) - $log);
        [$i, $j, $sum] = [$low, $high, 0.0];
        [$atI, $atJ] = [$chance($i), $chance($j)];
        while ($i <= $j) {
            // All that are as unlikely as the least likely that is left go together.
            $tie = min($atI, $atJ) * self::TIE;
            [$nextI, $nextJ, $more] = [$i, $j, 0.0];
            while ($nextI <= $nextJ && $atI <= $tie) {
                $more += $atI;
                $nextI++;
                $atI = $nextI <= $high ? $chance($nextI) : INF;
            }
            while ($nextJ >= $nextI && $atJ <= $tie) {
                $more += $atJ;
                $nextJ--;
                $atJ = $nextJ >= $low ? $chance($nextJ) : INF;
            }
            if ($sum + $more > $level) {
                break;
            }
            [$i, $j, $sum] = [$nextI, $nextJ, $sum + $more];
        }

        return [$i - 1, $j + 1];
    }

    /** @return list<float> of 0, 1, … up */
    private static function chances(int $seeds, float $share): array
    {
        if ($share <= 0.0 || $share >= 1.0) {
            $chances = array_fill(0, $seeds + 1, 0.0);
            $chances[$share <= 0.0 ? 0 : $seeds] = 1.0;

            return array_values($chances);
        }

        return array_map(static fn (int $up): float => exp(self::logChoose($seeds, $up) + $up * log($share) + ($seeds - $up) * log(1.0 - $share)), range(0, $seeds));
    }

    private static function logChoose(int $n, int $k): float
    {
        return self::logFactorial($n) - self::logFactorial($k) - self::logFactorial($n - $k);
    }

    private static function logFactorial(int $n): float
    {
        for ($i = count(self::$factorials); $i <= $n; $i++) {
            self::$factorials[] = Gamma::log($i + 1.0);
        }

        return self::$factorials[$n];
    }
}
