<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;

/** The mass of a thousand seeds, from counted samples that were weighed. */
final readonly class SeedMass
{
    /** Above these the samples differ too much to be trusted (ISTA's 8 × 100 method). */
    public const MOST_CV = 4.0;

    public const MOST_CV_CHAFFY = 6.0;

    /**
     * @param  float  $tsm  thousand-seed mass, g
     * @param  float|null  $cv  coefficient of variation between the samples, per cent; null for a single sample
     */
    private function __construct(public float $tsm, public ?float $cv) {}

    /**
     * @param  int  $counted  seeds in each sample, 1 … 100,000
     * @param  list<float>  $masses  of the samples, g, each 0.0001 … 100,000; 1 … 100 samples
     *
     * @throws InvalidFigure
     */
    public static function of(int $counted, array $masses): self
    {
        InvalidFigure::unlessWithin('counted', $counted, 1, 100_000, 'seeds');
        InvalidFigure::unlessWithin('masses', count($masses), 1, 100, 'samples');
        foreach ($masses as $mass) {
            InvalidFigure::unlessWithin('masses', $mass, 0.0001, 100_000.0, 'g');
        }
        $n = count($masses);
        $mean = array_sum($masses) / $n;
        if ($n === 1) {
            return new self($mean * 1000 / $counted, null);
        }
        $squares = array_sum(array_map(static fn (float $mass): float => ($mass - $mean) ** 2, $masses));

        return new self($mean * 1000 / $counted, 100.0 * sqrt($squares / ($n - 1)) / $mean);
    }

    /** How many seeds weigh $mass grams (not rounded). */
    public function seedsIn(float $mass): float
    {
        return $mass * 1000.0 / $this->tsm;
    }
}
