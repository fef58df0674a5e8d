<?php

declare(strict_types=1);

namespace App\Simulation;

/**
 * Seed as it really takes up and gives off water, which no keeper knows: what was measured of some vegetable, drawn as
 * straight lines between the points, and this lot a little damper or drier than that. Written apart from the core.
 */
final readonly class TrueSeed
{
    /**
     * @param  non-empty-array<int, float>  $wet  per cent of wet mass at each of the humidities
     * @param  array<int, float>  $rh  shares, rising
     * @param  float  $times  of the measured
     */
    public function __construct(private array $wet, private array $rh, private float $times) {}

    /** Per cent of wet mass in balance with air. */
    public function moistureAt(float $rh): float
    {
        $last = count($this->rh) - 1;
        for ($i = 1; $i < $last && $rh > $this->rh[$i]; $i++) {
        }
        $along = ($rh - $this->rh[$i - 1]) / ($this->rh[$i] - $this->rh[$i - 1]);

        return max(0.5, $this->times * ($this->wet[$i - 1] + $along * ($this->wet[$i] - $this->wet[$i - 1])));
    }

    /**
     * Masses hour by hour of a gram of dry matter that dries in air that is damper by night: it closes in on the balance of
     * the hour.
     *
     * @param  float  $from  per cent of wet mass
     * @param  float  $rate  share of what is to lose that goes in an hour
     * @param  float  $swing  of the humidity, either way
     * @return list<float> per gram of dry matter
     */
    public function drying(float $from, float $rh, float $swing, float $rate, int $hours): array
    {
        $mass = 100.0 / (100.0 - $from);
        $masses = [$mass];
        for ($hour = 1; $hour <= $hours; $hour++) {
            $balance = $this->moistureAt($rh + $swing * sin(2.0 * M_PI * $hour / 24.0));
            $mass += $rate * (100.0 / (100.0 - $balance) - $mass);
            $masses[] = $mass;
        }

        return $masses;
    }
}
