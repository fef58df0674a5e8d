<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;

/**
 * The four constants of the seed viability equation (Ellis & Roberts 1980):
 * log₁₀ σ = K_E − C_W log₁₀ m − C_H t − C_Q t², σ in days, m in per cent of wet mass, t in °C.
 */
final readonly class ViabilityConstants
{
    /** Temperature terms found common to seed of many species (Dickie et al. 1990). */
    public const COMMON_CH = 0.0329;

    public const COMMON_CQ = 0.000478;

    /** A stated assumption: about the middle of the published values. */
    public const COMMON_CW = 4.5;

    public const MIN_MOISTURE = 3.0;

    public const MAX_MOISTURE = 15.0;

    public const MIN_TEMPERATURE = -20.0;

    public const MAX_TEMPERATURE = 40.0;

    private function __construct(
        public float $ke,
        public float $cw,
        public float $ch,
        public float $cq,
        public ConstantsBasis $basis,
    ) {}

    public static function published(float $ke, float $cw, float $ch, float $cq): self
    {
        return new self($ke, $cw, $ch, $cq, ConstantsBasis::Published);
    }

    /**
     * @param  float  $ke  0 … 20
     * @param  float  $cw  0 … 10
     * @param  float  $ch  0 … 0.2
     * @param  float  $cq  0 … 0.01
     *
     * @throws InvalidFigure
     */
    public static function given(float $ke, float $cw, float $ch, float $cq): self
    {
        InvalidFigure::unlessWithin('ke', $ke, 0.0, 20.0);
        InvalidFigure::unlessWithin('cw', $cw, 0.0, 10.0);
        InvalidFigure::unlessWithin('ch', $ch, 0.0, 0.2);
        InvalidFigure::unlessWithin('cq', $cq, 0.0, 0.01);

        return new self($ke, $cw, $ch, $cq, ConstantsBasis::Given);
    }

    /**
     * K_E solved so that seed starting at 0.95 falls to 0.70 in the crop's ordinary years in a house cupboard
     * (18 °C, seed in balance with air of RH 0.45).
     *
     * @param  float  $years  0.1 … 100
     * @param  float  $oil  share of dry mass
     *
     * @throws InvalidFigure
     */
    public static function fromOrdinaryYears(float $years, float $oil): self
    {
        InvalidFigure::unlessWithin('ordinary_years', $years, 0.1, 100.0, 'years');
        $sigma = $years * 365.25 / (Normal::probit(0.95) - Normal::probit(0.70));
        $moisture = Equilibrium::moisture(0.45, 18.0, $oil);
        $ke = log10($sigma) + self::COMMON_CW * log10($moisture) + self::COMMON_CH * 18.0 + self::COMMON_CQ * 18.0 ** 2;

        return new self($ke, self::COMMON_CW, self::COMMON_CH, self::COMMON_CQ, ConstantsBasis::OrdinaryYears);
    }

    /**
     * Days in which viability falls by one probit.
     *
     * @param  float  $moisture  per cent of wet mass, 3 … 15: outside it the equation is not trusted
     * @param  float  $temperature  °C, −20 … 40, likewise
     *
     * @throws InvalidFigure
     */
    public function sigma(float $moisture, float $temperature): float
    {
        InvalidFigure::unlessWithin('moisture', $moisture, self::MIN_MOISTURE, self::MAX_MOISTURE, '%');
        InvalidFigure::unlessWithin('temperature', $temperature, self::MIN_TEMPERATURE, self::MAX_TEMPERATURE, '°C');

        return 10.0 ** ($this->ke - $this->cw * log10($moisture) - $this->ch * $temperature - $this->cq * $temperature ** 2);
    }
}
