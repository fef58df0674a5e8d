<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;

/**
 * How the seed of one keeper ages against the model, over all lots that have tests of their own: the mean of the logarithms
 * of how many times slower each ages, lots of one store differing by ln 1.5, and stores by ln 2 about 1 (one standard
 * deviation each; stated assumptions).
 */
final readonly class KeeperPace
{
    public const MOST_LOTS = 10_000;

    private const BAND = 1.6448536269514722;

    private function __construct(private float $mean, private float $variance) {}

    /**
     * @param  list<float>  $observed  how many times slower than the model each lot ages, 0.01 … 100
     * @param  list<float>  $spread  standard error of its logarithm, 0.01 … 5
     *
     * @throws InvalidFigure
     */
    public static function learn(array $observed, array $spread): self
    {
        if (count($observed) !== count($spread)) {
            throw InvalidFigure::because('spread', 'Each lot needs how much slower it ages and how sure that is: the two lists must be of one length.');
        }
        InvalidFigure::unlessWithin('observed', count($observed), 0, self::MOST_LOTS, 'lots');
        $precision = 1.0 / log(2.0) ** 2;
        $sum = 0.0;
        foreach ($observed as $i => $times) {
            InvalidFigure::unlessWithin('observed', $times, 0.01, 100.0);
            InvalidFigure::unlessWithin('spread', $spread[$i], 0.01, 5.0);
            $weight = 1.0 / ($spread[$i] ** 2 + log(1.5) ** 2);
            $precision += $weight;
            $sum += $weight * log($times);
        }

        return new self($sum / $precision, 1.0 / $precision);
    }

    /** How many times slower than the model seed ages here, the likeliest. */
    public function factor(): float
    {
        return exp($this->mean);
    }

    /** @return array{float, float} the 90 % band of it */
    public function band(): array
    {
        return $this->within(sqrt($this->variance));
    }

    /** @return array{float, float} the same for a lot that has no test of its own */
    public function bandOfUntested(): array
    {
        return $this->within(sqrt($this->variance + log(1.5) ** 2));
    }

    /** @return array{float, float} */
    private function within(float $spread): array
    {
        return [exp($this->mean - self::BAND * $spread), exp($this->mean + self::BAND * $spread)];
    }
}
