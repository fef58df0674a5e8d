<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Population\Alleles;

/** What is gained by choosing hard, beside what is lost by keeping few: the two go against one another. */
final readonly class SelectionTradeoff
{
    /** A form of a gene that one in twenty carries: the rare things that a variety would miss. */
    public const RARE = 0.05;

    /**
     * @param  int  $keep  plants kept
     * @param  float  $response  gain of the weighted sum expected next generation, each trait in its standard deviations
     * @param  float  $ne  effective number of parents, when all give alike
     * @param  float  $rareKept  chance that a form of one gene in twenty is among them
     */
    private function __construct(public int $keep, public float $response, public float $ne, public float $rareKept) {}

    /** The gain where only mothers were chosen: half of it, as the pollen is of all. In the same standard deviations. */
    public function ofMothers(): float
    {
        return $this->response / 2.0;
    }

    /**
     * @param  list<float>  $weights  as SelectionIndex
     * @param  list<float>  $heritabilities  as SelectionIndex
     * @param  list<list<float>>  $scores  as SelectionIndex
     * @param  list<int>  $keeps  numbers of plants that might be kept, each at least 1
     * @return list<self> in their order
     *
     * @throws InvalidFigure
     */
    public static function each(array $weights, array $heritabilities, array $scores, array $keeps): array
    {
        InvalidFigure::unlessWithin('keep', count($keeps), 1, 50, 'numbers');
        // What cannot be chosen by is refused here, before anything is reckoned from it.
        $chosen = array_map(static fn (int $keep): SelectionIndex => SelectionIndex::of($weights, $heritabilities, $scores, $keep), $keeps);
        $deviations = [];
        foreach (array_keys($weights) as $trait) {
            $deviations[] = SelectionIndex::spread(array_column($scores, $trait))[1];
        }

        return array_map(static function (int $keep, SelectionIndex $index) use ($weights, $deviations): self {
            $gain = 0.0;
            foreach ($index->response as $trait => $response) {
                $gain += $deviations[$trait] > 0.0 ? $weights[$trait] * $response / $deviations[$trait] : 0.0;
            }

            return new self($keep, $gain, (float) $keep, Alleles::kept($keep, self::RARE));
        }, $keeps, $chosen);
    }
}
