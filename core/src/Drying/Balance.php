<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/**
 * What moisture the seed of a crop settles to in air, and back: the equation by its oil (Equilibrium) times the ratio of
 * what was measured to it. The equation alone comes out up to four points too wet for most vegetable seed.
 */
final readonly class Balance
{
    /** Ratios beyond these look like faults of measuring. */
    private const LEAST = 0.6;

    private const MOST = 1.15;

    /** @param  list<float>  $ratios  of measured to reckoned moisture, dry basis, at each of MeasuredBalances::RH */
    private function __construct(public float $oil, private array $ratios, public BalanceGround $ground) {}

    /**
     * @param  string  $species  genus and epithet
     * @param  float  $oil  share of dry mass, 0 … 0.7
     */
    public static function ofSpecies(string $species, float $oil): self
    {
        if (isset(MeasuredBalances::WET[$species])) {
            return new self($oil, self::ratios($species), BalanceGround::Measured);
        }
        $genus = strtok($species, ' ').' ';
        $kin = array_values(array_filter(array_keys(MeasuredBalances::WET), static fn (string $other): bool => str_starts_with($other, $genus)));
        if ($kin === []) {
            return new self($oil, MeasuredBalances::USUAL, BalanceGround::Usual);
        }
        $each = array_map(self::ratios(...), $kin);
        $mean = array_map(static fn (int $i): float => array_sum(array_column($each, $i)) / count($each), array_keys(MeasuredBalances::RH));

        return new self($oil, $mean, BalanceGround::Genus);
    }

    /** The plain equation, for seed of which nothing but the oil is known. */
    public static function ofOil(float $oil): self
    {
        return new self($oil, array_fill(0, count(MeasuredBalances::RH), 1.0), BalanceGround::Equation);
    }

    /**
     * @param  float  $rh  0.01 … 0.98
     * @param  float  $temperature  °C, −20 … 60
     * @return float per cent of wet mass
     *
     * @throws InvalidFigure
     */
    public function moisture(float $rh, float $temperature): float
    {
        $dry = $this->dryBasis($rh, $temperature);

        return 100.0 * $dry / (100.0 + $dry);
    }

    /**
     * @return float per cent of dry mass
     *
     * @throws InvalidFigure
     */
    public function dryBasis(float $rh, float $temperature): float
    {
        return Equilibrium::dryBasis($rh, $temperature, $this->oil) * $this->ratioAt($rh);
    }

    /**
     * The RH (share) at which seed of this moisture neither gives nor takes water; the nearest end of 0.01 … 0.98 for seed
     * that is drier or damper than any air makes it.
     *
     * @param  float  $moisture  per cent of wet mass, 0.1 … 40
     *
     * @throws InvalidFigure
     */
    public function seedRh(float $moisture, float $temperature): float
    {
        InvalidFigure::unlessWithin('moisture', $moisture, 0.1, 40.0, '%');
        if ($this->ground === BalanceGround::Equation) {
            return Equilibrium::seedRh($moisture, $temperature, $this->oil);
        }
        [$low, $high] = [Equilibrium::MIN_RH, Equilibrium::MAX_RH];
        for ($halving = 0; $halving < 60; $halving++) {
            $middle = ($low + $high) / 2.0;
            $this->moisture($middle, $temperature) < $moisture ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2.0;
    }

    private function ratioAt(float $rh): float
    {
        $below = null;
        foreach ($this->ratios as $i => $ratio) {
            $at = MeasuredBalances::RH[$i] ?? 1.0;
            if ($rh <= $at) {
                return $below === null ? $ratio : self::between($rh, $below, [$at, $ratio]);
            }
            $below = [$at, $ratio];
        }

        return $below[1] ?? 1.0;
    }

    /**
     * On the line between two points.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function between(float $x, array $from, array $to): float
    {
        return $from[1] + ($x - $from[0]) / max(1e-9, $to[0] - $from[0]) * ($to[1] - $from[1]);
    }

    /** @return list<float> */
    private static function ratios(string $species): array
    {
        [$oil, $wet] = MeasuredBalances::WET[$species];

        return array_map(
            static fn (float $moisture, float $rh): float => max(self::LEAST, min(self::MOST, 100.0 * $moisture / (100.0 - $moisture) / Equilibrium::dryBasis($rh, MeasuredBalances::TEMPERATURE, $oil))),
            $wet,
            MeasuredBalances::RH,
        );
    }
}
