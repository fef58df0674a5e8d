<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Storage\Internal\ProbitFit;

/**
 * How a lot really ages, from its own tests: probit regression of the share germinated on the days, by maximum
 * likelihood; with a prior, the likeliest values given both (log-normal on σ, normal on Kᵢ). Fisher scoring on (Kᵢ, ln σ)
 * or (Kᵢ, 1/σ), each step halved until it improves: it converges from anywhere, or says why it cannot.
 */
final readonly class TestRefit
{
    public const MOST_TESTS = 1000;

    private function __construct(public float $ki, public float $sigmaDays) {}

    /**
     * @param  list<float>  $days  of each test since the first day of storage, 0 … 100,000
     * @param  list<int>  $germinated
     * @param  list<int>  $sown  each 1 … 1,000,000
     *
     * @throws InvalidFigure with the reason when the tests do not tell
     */
    public static function fit(array $days, array $germinated, array $sown, ?SigmaPrior $prior = null): self
    {
        self::check($days, $germinated, $sown, $prior !== null);
        [$ki, $slope] = $prior === null
            ? self::likeliest($days, $germinated, $sown)
            : self::likeliestGiven($prior, $days, $germinated, $sown);

        return new self($ki, 1.0 / $slope);
    }

    /** Days from the first day of storage until the share falls to $threshold; 0 when it is below already. */
    public function daysTo(float $threshold): float
    {
        InvalidFigure::unlessWithin('threshold', $threshold, 0.01, 0.99);

        return max(0.0, $this->sigmaDays * ($this->ki - Normal::probit($threshold)));
    }

    /**
     * @param  list<float>  $days
     * @param  list<int>  $germinated
     * @param  list<int>  $sown
     *
     * @throws InvalidFigure
     */
    private static function check(array $days, array $germinated, array $sown, bool $withPrior): void
    {
        $n = count($days);
        if ($n !== count($germinated) || $n !== count($sown)) {
            throw InvalidFigure::because('days', 'Each test needs its day, its seedlings and its seeds: the three lists must be of one length.');
        }
        $fewest = $withPrior ? 1 : 2;
        if ($n < $fewest) {
            throw InvalidFigure::because('days', sprintf('At least %d tests are needed; there %s %d.', $fewest, $n === 1 ? 'is' : 'are', $n));
        }
        InvalidFigure::unlessWithin('days', $n, $fewest, self::MOST_TESTS, 'tests');
        foreach ($days as $i => $day) {
            InvalidFigure::unlessWithin('days', $day, 0.0, 100_000.0, 'days');
            InvalidFigure::unlessWithin('sown', $sown[$i], 1, 1_000_000, 'seeds');
            InvalidFigure::unlessWithin('germinated', $germinated[$i], 0, $sown[$i], 'seeds');
        }
        if ($withPrior) {
            return;
        }
        if (max($days) - min($days) <= 0.0) {
            throw InvalidFigure::because('days', 'All tests are of one day, so nothing shows how fast the seed ages.');
        }
        if (array_sum($germinated) === array_sum($sown) || array_sum($germinated) === 0) {
            throw InvalidFigure::because('germinated', 'All came up in every test, or none did: no fall can be read from that.');
        }
    }

    /**
     * @param  list<float>  $days
     * @param  list<int>  $germinated
     * @param  list<int>  $sown
     * @return array{float, float} Kᵢ and 1/σ
     *
     * @throws InvalidFigure
     */
    private static function likeliest(array $days, array $germinated, array $sown): array
    {
        // Days are scaled so that both unknowns are of one size.
        $scale = max([1.0, ...$days]);
        $t = array_map(static fn (float $day): float => $day / $scale, $days);
        $objective = static fn (float $a, float $b): float => ProbitFit::logLikelihood($a, $b, $t, $germinated, $sown);
        [$ki, $slope, $settled] = ProbitFit::climb(
            Normal::probit((array_sum($germinated) + 0.5) / (array_sum($sown) + 1.0)),
            0.0,
            $objective,
            static fn (float $a, float $b): array => ProbitFit::score($a, $b, 1.0, $t, $germinated, $sown),
        );
        if (! $settled || abs($slope) > 50.0 || abs($ki) > 50.0) {
            throw InvalidFigure::because('germinated', 'The fall between two tests is so sharp that its pace cannot be told: a test in between is needed.');
        }
        if ($slope <= 1e-9) {
            throw InvalidFigure::because('germinated', 'The later tests are no lower than the earlier ones, so no fall can be read from them yet.');
        }

        return [$ki, $slope / $scale];
    }

    /**
     * @param  list<float>  $days
     * @param  list<int>  $germinated
     * @param  list<int>  $sown
     * @return array{float, float} Kᵢ and 1/σ
     *
     * @throws InvalidFigure
     */
    private static function likeliestGiven(SigmaPrior $prior, array $days, array $germinated, array $sown): array
    {
        $spread = log(SigmaPrior::FACTOR);
        // u = ln(σ/σ₀): the prior expects 0.
        $slope = static fn (float $u): float => exp(-$u) / $prior->sigmaDays;
        [$ki, $u, $settled] = ProbitFit::climb(
            SigmaPrior::KI,
            0.0,
            static fn (float $a, float $u): float => ProbitFit::logLikelihood($a, $slope($u), $days, $germinated, $sown)
                - ($u / $spread) ** 2 / 2.0 - (($a - SigmaPrior::KI) / SigmaPrior::KI_SPREAD) ** 2 / 2.0,
            static function (float $a, float $u) use ($slope, $spread, $days, $germinated, $sown): array {
                // d(slope)/du = −slope
                [$ga, $gu, $haa, $hau, $huu] = ProbitFit::score($a, $slope($u), -$slope($u), $days, $germinated, $sown);

                return [
                    $ga - ($a - SigmaPrior::KI) / SigmaPrior::KI_SPREAD ** 2,
                    $gu - $u / $spread ** 2,
                    $haa + 1.0 / SigmaPrior::KI_SPREAD ** 2,
                    $hau,
                    $huu + 1.0 / $spread ** 2,
                ];
            },
        );
        if (! $settled) {
            throw InvalidFigure::because('germinated', 'No pace of ageing fits these tests.');
        }

        return [$ki, $slope($u)];
    }
}
