<?php

declare(strict_types=1);

namespace App\Simulation;

/**
 * A lot as it really is, which no keeper knows: how good it began, how fast it ages, and how it takes to dryness. It is
 * written apart from the core, so that a fault there shows: σ falls by the power of moisture and by the temperature terms,
 * from a life in the cupboard that is handed in.
 */
final readonly class TrueLot
{
    /**
     * @param  float  $start  probits
     * @param  float  $cupboardSigma  days to lose one probit at 20 °C and the moisture of the cupboard, by the handbook
     * @param  float  $cupboardMoisture  per cent of wet mass
     * @param  float  $times  how many times slower than that this lot ages
     * @param  float  $power  C_W
     * @param  array{float, float}  $warmth  C_H and C_Q
     */
    public function __construct(
        private float $start,
        private float $cupboardSigma,
        private float $cupboardMoisture,
        private float $times,
        private float $power,
        private array $warmth,
    ) {}

    /** Share alive after so many days at a true moisture and temperature. */
    public function after(float $days, float $moisture, float $temperature): float
    {
        $perDay = ($moisture / $this->cupboardMoisture) ** $this->power
            * 10.0 ** ($this->warmth[0] * ($temperature - 20.0) + $this->warmth[1] * ($temperature ** 2 - 400.0))
            / $this->cupboardSigma / $this->times;

        return self::below($this->start - $days * $perDay);
    }

    /** The normal distribution by its error function (Abramowitz & Stegun 7.1.26, good to seven digits). */
    private static function below(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1.0 / (1.0 + 0.3275911 * $x);
        $tail = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429)))) * exp(-$x * $x) / 2.0;

        return $z > 0.0 ? 1.0 - $tail : $tail;
    }
}
