<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Statistics\Normal;

/**
 * What is known of a lot's seed when its forecast begins: how good it is, and how fast it ages against the model. Both are
 * normal: viability in probits, and u, the logarithm of how many times slower than the model it ages. Before any test they
 * are what seed of the crop usually is; each test moves both, by the likeliest values given them and the tests (Laplace's
 * approximation about the mode). A low test late in life may be a bad start or a fast pace: the two go together, and their
 * covariance is kept.
 */
final readonly class LotPace
{
    /** How far sound fresh seed of one lot differs from another's, probits, one standard deviation: 95 % is 85 to 99 % in 19 of 20. */
    private const FRESH_SPREAD = 0.33;

    /** Before a test it is held far more loosely: the test tells. */
    private const FRESH_SPREAD_TESTED = 1.0;

    private const MOST_STEPS = 100;

    /**
     * @param  float  $viability  probits at the beginning of the forecast
     * @param  float  $viabilitySpread  one standard deviation
     * @param  float  $slower  u: 0 ages as the model has it
     * @param  float  $slowerSpread  one standard deviation
     * @param  float  $together  covariance of the two
     * @param  int  $tests  it rests on
     */
    private function __construct(
        public float $viability,
        public float $viabilitySpread,
        public float $slower,
        public float $slowerSpread,
        public float $together,
        public int $tests,
    ) {}

    /**
     * @param  float  $fresh  share of sound fresh seed that germinates, 0.01 … 0.999
     * @param  float  $slower  how lots of this keeper age against the model, as a logarithm
     * @param  float  $spread  of it among lots, one standard deviation
     */
    public static function untested(float $fresh, float $slower, float $spread): self
    {
        return new self(Normal::probit($fresh), self::FRESH_SPREAD, $slower, $spread, 0.0, 0);
    }

    /**
     * At the last of its tests.
     *
     * @param  non-empty-list<array{float, int, int}>  $tests  probits lost by the model since the seed ripened, germinated, sown
     * @param  float  $slower  what is expected of it before them
     */
    public static function tested(array $tests, float $fresh, float $slower, float $spread): self
    {
        $ki = Normal::probit($fresh);
        $prior = [$ki, $slower];
        $u = $slower;
        $height = self::logPosterior($ki, $u, $tests, $prior, $spread);
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            [$gk, $gu, $hkk, $hku, $huu] = self::score($ki, $u, $tests, $prior, $spread);
            $determinant = $hkk * $huu - $hku * $hku;
            $dk = ($huu * $gk - $hku * $gu) / $determinant;
            $du = ($hkk * $gu - $hku * $gk) / $determinant;
            for ($halving = 0; $halving < 40; $halving++) {
                $next = self::logPosterior($ki + $dk, $u + $du, $tests, $prior, $spread);
                if ($next >= $height) {
                    break;
                }
                $dk /= 2.0;
                $du /= 2.0;
            }
            [$ki, $u, $height] = [$ki + $dk, $u + $du, self::logPosterior($ki + $dk, $u + $du, $tests, $prior, $spread)];
            if (abs($dk) + abs($du) < 1e-10) {
                break;
            }
        }
        [, , $hkk, $hku, $huu] = self::score($ki, $u, $tests, $prior, $spread);
        $determinant = $hkk * $huu - $hku * $hku;
        [$vkk, $vku, $vuu] = [$huu / $determinant, -$hku / $determinant, $hkk / $determinant];
        $lost = max(array_column($tests, 0));
        // v = Kᵢ − lost·e⁻ᵘ at the last test: dv/dKᵢ = 1, dv/du = lost·e⁻ᵘ.
        $along = $lost * exp(-$u);

        return new self($ki - $along, sqrt($vkk + 2.0 * $along * $vku + $along * $along * $vuu), $u, sqrt($vuu), $vku + $along * $vuu, count($tests));
    }

    /**
     * @param  non-empty-list<array{float, int, int}>  $tests
     * @param  array{float, float}  $prior  Kᵢ and u
     */
    private static function logPosterior(float $ki, float $u, array $tests, array $prior, float $spread): float
    {
        $sum = -(($ki - $prior[0]) / self::FRESH_SPREAD_TESTED) ** 2 / 2.0 - (($u - $prior[1]) / $spread) ** 2 / 2.0;
        foreach ($tests as [$lost, $germinated, $sown]) {
            $v = $ki - $lost * exp(-$u);
            $sum += $germinated * log(max(1e-300, Normal::below($v))) + ($sown - $germinated) * log(max(1e-300, Normal::below(-$v)));
        }

        return $sum;
    }

    /**
     * @param  non-empty-list<array{float, int, int}>  $tests
     * @param  array{float, float}  $prior
     * @return array{float, float, float, float, float} gradient and expected information in (Kᵢ, u)
     */
    private static function score(float $ki, float $u, array $tests, array $prior, float $spread): array
    {
        $loose = self::FRESH_SPREAD_TESTED ** 2;
        [$gk, $gu, $hkk, $hku, $huu] = [-($ki - $prior[0]) / $loose, -($u - $prior[1]) / $spread ** 2, 1.0 / $loose, 0.0, 1.0 / $spread ** 2];
        foreach ($tests as [$lost, $germinated, $sown]) {
            $along = $lost * exp(-$u);
            $v = max(-8.0, min(8.0, $ki - $along));
            $p = Normal::below($v);
            $q = Normal::below(-$v);
            $density = exp(-$v * $v / 2.0) / 2.5066282746310002;
            $pull = $density * ($germinated / $p - ($sown - $germinated) / $q);
            $weight = $sown * $density * $density / ($p * $q);
            $gk += $pull;
            $gu += $pull * $along;
            $hkk += $weight;
            $hku += $weight * $along;
            $huu += $weight * $along * $along;
        }

        return [$gk, $gu, $hkk, $hku, $huu];
    }
}
