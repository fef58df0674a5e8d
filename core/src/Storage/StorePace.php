<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

/**
 * How seed ages in one keeper's store against the model, as the tests of its lots tell, for the forecast of another lot of
 * it. Half of the variance by which the pace of lots is stated to differ is taken to be the store's (how dry and cool it
 * really is, how seed is cleaned and picked there), the other half the lot's own: a stated assumption. With no test the two
 * together are the spread that the model states; with many only the lot's own is left.
 *
 * What is learnt is taken in steps of a tenth, so that a forecast moves when there is something to say and not with each test.
 */
final readonly class StorePace
{
    /** Of the logarithm of the pace. */
    private const STEP = 0.1;

    /** Of the variance, that is the store's. */
    private const STORES = 0.5;

    /** One lot, or two, may be odd, or their crop be otherwise than its figures. */
    private const FEWEST = 3;

    /**
     * @param  float  $mean  logarithm of how many times slower than the model seed ages here
     * @param  float  $weight  precision that the tests add
     * @param  int  $lots  it was learnt from
     */
    private function __construct(private float $mean, private float $weight, public int $lots) {}

    public static function unknown(): self
    {
        return new self(0.0, 0.0, 0);
    }

    /** @param  list<LotTelling>  $lots  what the tests of each lot tell, the lot that is to be forecast not among them */
    public static function learnt(array $lots): self
    {
        return self::summed(
            array_sum(array_map(static fn (LotTelling $lot): float => $lot->weight, $lots)),
            array_sum(array_map(static fn (LotTelling $lot): float => $lot->pull, $lots)),
            count($lots),
        );
    }

    /**
     * @param  float  $weight  of all lots, summed
     * @param  float  $pull  the same
     */
    public static function summed(float $weight, float $pull, int $lots): self
    {
        if ($lots < self::FEWEST || $weight <= 0.0) {
            return self::unknown();
        }
        $own = self::variance(ConstantsBasis::OrdinaryYears, self::STORES);
        // In halves of a doubling of what is known, so that a lot more or less does not move every forecast.
        $known = 2.0 ** (round(2.0 * log(1.0 + $weight * $own, 2.0)) / 2.0) - 1.0;

        return new self(self::STEP * round($pull / (1.0 / $own + $weight) / self::STEP), $known / $own, $lots);
    }

    /** The same for two of which the same is to be expected. */
    public function key(): string
    {
        return sprintf('%.1f/%.4f', $this->mean, $this->weight);
    }

    /** How many times slower than the model, the likeliest; 1 as long as nothing is known. */
    public function factor(): float
    {
        return exp($this->mean);
    }

    /** @return array{float, float} of the logarithm of a lot's pace: what is to be expected, and one standard deviation */
    public function expected(ConstantsBasis $basis): array
    {
        $store = 1.0 / (1.0 / self::variance($basis, self::STORES) + $this->weight);

        return [$this->mean, sqrt($store + self::variance($basis, 1.0 - self::STORES))];
    }

    /** By which lots of one store differ. */
    public static function betweenLots(ConstantsBasis $basis): float
    {
        return self::variance($basis, 1.0 - self::STORES);
    }

    private static function variance(ConstantsBasis $basis, float $share): float
    {
        return $share * $basis->spreadOfLog() ** 2;
    }
}
