<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Drying\Balance;
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

    /** C_W of seed not yet measured lies between 3.5 and 6 in nine of ten: the spread of it, one standard deviation. */
    public const CW_SPREAD = 0.76;

    /** Where ordinary years were come by. */
    public const CUPBOARD_RH = 0.50;

    public const CUPBOARD_TEMPERATURE = 20.0;

    /** Share of sound fresh seed that germinates. */
    public const FRESH = 0.95;

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
        private ?float $solvedAt = null,
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
     * K_E solved so that in paper in a house cupboard (20 °C, 50 % RH) seed that starts at 0.95 is still above the crop's
     * usual minimum after its ordinary years in nine lots of ten: tables of ordinary years are given so that the grower who
     * believes them is not let down. The pace of lots is log-normal with the spread of this basis; the middle lasts 1.7161
     * times as long as the near edge.
     *
     * @param  float  $years  0.1 … 100
     * @param  float  $minimum  share that should germinate, below 0.95
     *
     * @throws InvalidFigure
     */
    public static function fromOrdinaryYears(float $years, float $minimum, Balance $balance): self
    {
        InvalidFigure::unlessWithin('ordinary_years', $years, 0.1, 100.0, 'years');
        InvalidFigure::unlessWithin('minimum', $minimum, 0.05, 0.94);
        $middle = $years * 365.25 * exp(-Normal::probit(0.10) * ConstantsBasis::OrdinaryYears->spreadOfLog());
        $sigma = $middle / (Normal::probit(self::FRESH) - Normal::probit($minimum));
        $moisture = $balance->moisture(self::CUPBOARD_RH, self::CUPBOARD_TEMPERATURE);
        $ke = log10($sigma) + self::COMMON_CW * log10($moisture) + self::COMMON_CH * self::CUPBOARD_TEMPERATURE + self::COMMON_CQ * self::CUPBOARD_TEMPERATURE ** 2;

        return new self($ke, self::COMMON_CW, self::COMMON_CH, self::COMMON_CQ, ConstantsBasis::OrdinaryYears, $moisture);
    }

    /**
     * How far the moisture of a store lies from the one the constants were solved at, as the logarithm of their ratio: what
     * is not known of C_W widens a forecast by it. 0 where they were measured or given.
     */
    public function awayFromCupboard(float $moisture): float
    {
        return $this->solvedAt === null ? 0.0 : log($moisture / $this->solvedAt);
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
