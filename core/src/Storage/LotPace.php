<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Statistics\Normal;
use Marrow\Core\Storage\Internal\ProbitFit;

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
     * @param  array{float, float}  $cost  what is known to have harmed it since, probits: the middle, and one standard deviation
     */
    public static function untested(float $fresh, float $slower, float $spread, array $cost = [0.0, 0.0]): self
    {
        return new self(Normal::probit($fresh) - $cost[0], hypot(self::FRESH_SPREAD, $cost[1]), $slower, $spread, 0.0, 0);
    }

    /**
     * Of a share that is told and taken as it is.
     *
     * @param  float  $share  that germinates, 0.0001 … 0.9999
     * @param  float  $spread  of the pace among lots, one standard deviation
     */
    public static function known(float $share, float $spread): self
    {
        return new self(Normal::probit($share), 0.0, 0.0, $spread, 0.0, 0);
    }

    /**
     * At the last of its tests.
     *
     * @param  non-empty-list<array{float, int, int}>  $tests  probits lost by the model since the seed ripened, germinated, sown
     * @param  float  $fresh  share of sound fresh seed that germinates, 0.01 … 0.999
     * @param  float  $slower  how lots of this keeper age against the model, as a logarithm
     * @param  float  $spread  of it among lots, one standard deviation, above 0
     * @param  array{float, float}  $cost  what is known to have harmed it before, as above
     */
    public static function tested(array $tests, float $fresh, float $slower, float $spread, array $cost = [0.0, 0.0]): self
    {
        $usual = Normal::probit($fresh) - $cost[0];
        [$lost, $germinated, $sown] = [array_column($tests, 0), array_column($tests, 1), array_column($tests, 2)];
        $loose = self::FRESH_SPREAD_TESTED ** 2 + $cost[1] ** 2;
        $score = static function (float $ki, float $u) use ($usual, $slower, $spread, $loose, $lost, $germinated, $sown): array {
            // The slope is e⁻ᵘ: d(slope)/du = −e⁻ᵘ.
            [$gk, $gu, $hkk, $hku, $huu] = ProbitFit::score($ki, exp(-$u), -exp(-$u), $lost, $germinated, $sown);

            return [$gk - ($ki - $usual) / $loose, $gu - ($u - $slower) / $spread ** 2, $hkk + 1.0 / $loose, $hku, $huu + 1.0 / $spread ** 2];
        };
        [$ki, $u] = ProbitFit::climb(
            $usual,
            $slower,
            static fn (float $ki, float $u): float => ProbitFit::logLikelihood($ki, exp(-$u), $lost, $germinated, $sown) - ($ki - $usual) ** 2 / $loose / 2.0 - (($u - $slower) / $spread) ** 2 / 2.0,
            $score,
        );
        [, , $hkk, $hku, $huu] = $score($ki, $u);
        $determinant = $hkk * $huu - $hku * $hku;
        [$vkk, $vku, $vuu] = [$huu / $determinant, -$hku / $determinant, $hkk / $determinant];
        // v = Kᵢ − lost·e⁻ᵘ at the last test: dv/dKᵢ = 1, dv/du = lost·e⁻ᵘ.
        $along = max($lost) * exp(-$u);

        return new self($ki - $along, sqrt($vkk + 2.0 * $along * $vku + $along * $along * $vuu), $u, sqrt($vuu), $vku + $along * $vuu, count($tests));
    }
}
