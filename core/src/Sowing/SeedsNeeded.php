<?php

declare(strict_types=1);

namespace Marrow\Core\Sowing;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Statistics\Beta;
use Marrow\Core\Statistics\Normal;

/** How many seeds to sow so that enough plants come up, as surely as asked. */
final class SeedsNeeded
{
    /** Past this the answer is not a number of seeds but "do not rely on this lot". */
    public const MOST = 10_000_000;

    /**
     * From a known share: the smallest number whose binomial chance of giving the plants is at least $confidence.
     *
     * @param  int  $plants  wanted, 1 … 1,000,000
     * @param  float  $rate  share of seeds that germinate, above 0, at most 1
     * @param  float  $confidence  0.5 … 0.9999
     * @param  float  $fieldFactor  share of germinating seeds that make a plant outdoors, above 0, at most 1
     *
     * @throws InvalidFigure
     */
    public static function fromRate(int $plants, float $rate, float $confidence = 0.95, float $fieldFactor = 1.0): int
    {
        self::check($plants, $confidence);
        InvalidFigure::unlessWithin('rate', $rate, 0.000_01, 1.0);
        InvalidFigure::unlessWithin('field_factor', $fieldFactor, 0.01, 1.0);
        $each = $rate * $fieldFactor;

        return self::smallest($plants, $each, 0.0, $confidence, static fn (int $seeds): float => self::chanceFromRate($plants, $seeds, $each));
    }

    /**
     * From a test's counts: the share is not known but only tested, so fewer seeds tested means more seeds to sow.
     * Beta-binomial of the Jeffreys posterior Beta(g + ½, n − g + ½).
     *
     * @throws InvalidFigure
     */
    public static function fromTest(int $plants, GerminationShare $test, float $confidence = 0.95): int
    {
        self::check($plants, $confidence);
        $a = $test->germinated + 0.5;
        $b = $test->sown - $test->germinated + 0.5;

        return self::smallest($plants, $a / ($a + $b), $a * $b / (($a + $b) ** 2 * ($a + $b + 1.0)), $confidence, static fn (int $seeds): float => self::chanceFromTest($plants, $seeds, $test));
    }

    /**
     * From a share that is not known but may be any of several, each as likely as the next: the smallest number that gives
     * the plants at least as surely as asked, over all of them.
     *
     * @param  non-empty-list<float>  $rates  shares of seeds that germinate, 0 … 1
     *
     * @throws InvalidFigure
     */
    public static function fromShares(int $plants, array $rates, float $confidence = 0.95, float $fieldFactor = 1.0): int
    {
        self::check($plants, $confidence);
        InvalidFigure::unlessWithin('field_factor', $fieldFactor, 0.01, 1.0);
        $mean = array_sum($rates) / count($rates) * $fieldFactor;
        InvalidFigure::unlessWithin('rate', $mean, 0.000_01, 1.0);
        $variance = array_sum(array_map(static fn (float $rate): float => ($rate * $fieldFactor - $mean) ** 2, $rates)) / count($rates);

        return self::smallest($plants, $mean, $variance, $confidence, static fn (int $seeds): float => self::chanceFromShares($plants, $seeds, $rates, $fieldFactor));
    }

    /**
     * Chance that $seeds give at least $plants, for a share that may be any of several.
     *
     * @param  non-empty-list<float>  $rates  as fromShares()
     */
    public static function chanceFromShares(int $plants, int $seeds, array $rates, float $fieldFactor = 1.0): float
    {
        $sum = 0.0;
        foreach ($rates as $rate) {
            $sum += self::chanceFromRate($plants, $seeds, $rate * $fieldFactor);
        }

        return $sum / count($rates);
    }

    /**
     * Chance that $seeds give at least $plants, for a known share.
     *
     * @param  float  $each  share of seeds that make a plant, above 0, at most 1
     */
    public static function chanceFromRate(int $plants, int $seeds, float $each): float
    {
        return $seeds < $plants ? 0.0 : Beta::binomialAtLeast($plants, $seeds, $each);
    }

    /** Chance that $seeds give at least $plants, for a share that is only tested. */
    public static function chanceFromTest(int $plants, int $seeds, GerminationShare $test): float
    {
        return 1.0 - self::betaBinomialBelow($plants, $seeds, $test->germinated + 0.5, $test->sown - $test->germinated + 0.5);
    }

    /** @throws InvalidFigure */
    private static function check(int $plants, float $confidence): void
    {
        InvalidFigure::unlessWithin('plants', $plants, 1, 1_000_000);
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.9999);
    }

    /**
     * @param  float  $expected  share expected to come up, above 0
     * @param  float  $variance  of that share
     * @param  \Closure(int): float  $chance  of enough plants from so many seeds; never falls as seeds rise
     *
     * @throws InvalidFigure when even the most seeds are too few
     */
    private static function smallest(int $plants, float $expected, float $variance, float $confidence, \Closure $chance): int
    {
        $chances = [$plants - 1 => 0.0];
        $isEnough = static function (int $seeds) use (&$chances, $chance, $confidence): bool {
            $chances[$seeds] ??= $chance($seeds);

            return $chances[$seeds] >= $confidence;
        };
        // From near the answer in steps that double, upwards until it is enough, and back until it is not.
        [$tooFew, $enough] = [$plants - 1, self::guess($plants, $expected, $variance, $confidence)];
        $stride = max(1, intdiv($enough, 50));
        for ($step = $stride; ! $isEnough($enough); $step *= 2) {
            if ($enough >= self::MOST) {
                throw InvalidFigure::because('rate', sprintf(
                    'So little of this seed comes up that not even %s seeds would surely give %d plants.',
                    number_format(self::MOST),
                    $plants,
                ));
            }
            $tooFew = $enough;
            $enough = min(self::MOST, $enough + $step);
        }
        for ($step = $stride; $enough - $step > $tooFew && $isEnough($enough - $step); $step *= 2) {
            $enough -= $step;
        }
        $tooFew = max($tooFew, $enough - $step);
        // Halving always ends; in between, a straight line between the two chances jumps most of the way, which matters
        // when each chance is a sum over many thousands of terms.
        for ($turn = 0; $enough - $tooFew > 1; $turn++) {
            $middle = intdiv($enough + $tooFew, 2);
            if ($turn % 2 === 1) {
                $share = ($confidence - $chances[$tooFew]) / max(1e-12, $chances[$enough] - $chances[$tooFew]);
                $middle = max($tooFew + 1, min($enough - 1, $tooFew + (int) ceil($share * ($enough - $tooFew))));
            }
            $isEnough($middle) ? $enough = $middle : $tooFew = $middle;
        }

        return $enough;
    }

    /**
     * Near the answer, by a normal in place of the sum of both lucks: that of the share, and that of each seed.
     *
     * @return int seeds, $plants … MOST
     */
    private static function guess(int $plants, float $expected, float $variance, float $confidence): int
    {
        $square = Normal::probit($confidence) ** 2;
        // n·m − z·√(n·m·(1 − m) + n²·s²) = plants, squared.
        $a = $expected ** 2 - $square * $variance;
        $b = 2.0 * $plants * $expected + $square * $expected * (1.0 - $expected);
        $seeds = $a <= 0.0 ? 2.0 * $plants / $expected : ($b + sqrt(max(0.0, $b ** 2 - 4.0 * $a * $plants ** 2))) / (2.0 * $a);

        return (int) max($plants, min(self::MOST, ceil($seeds)));
    }

    /** P(fewer than $plants of $seeds): summed downwards from the largest count, where the terms soon stop to matter. */
    private static function betaBinomialBelow(int $plants, int $seeds, float $a, float $b): float
    {
        $k = $plants - 1;
        if ($k >= $seeds) {
            return 1.0;
        }
        $term = exp(
            -log($seeds + 1.0) - Beta::log($seeds - $k + 1.0, $k + 1.0)
            + Beta::log($k + $a, $seeds - $k + $b) - Beta::log($a, $b)
        );
        $sum = 0.0;
        for (; $k >= 0; $k--) {
            $sum += $term;
            // pmf(k−1)/pmf(k)
            $ratio = $k * ($seeds - $k + $b) / (($seeds - $k + 1.0) * ($k - 1 + $a));
            $term *= $ratio;
            if ($ratio < 1.0 && $term < $sum * 1e-15) {
                break;
            }
        }

        return min(1.0, $sum);
    }
}
