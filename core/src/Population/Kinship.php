<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

use Marrow\Core\Fields\InvalidFigure;

/**
 * How related lots are: the chance that a gene drawn from one plant and the same gene drawn from another are copies of one that
 * a forebear carried once (coancestry; Malécot 1948). A lot of N equal parents out of a lot with kinship f among its plants has
 * f′ = (1 + F)/(2N) + (1 − 1/N)f, its parents being inbred by F = (1 − t + 2tf)/(1 + t), what a share t of crossing
 * settles to where the rest is selfed. Lots from nowhere are taken to be of plants that are not related.
 */
final class Kinship
{
    private const MOST_LOTS = 1000;

    private const MOST_PARENTS = 1_000_000;

    /** By how much shares of a mixture may miss a whole. */
    private const ROUNDED = 0.001;

    /** @var array<string, array{parents: int, from: ?string}|array{parts: array<string, float>}> in the order in which they were told */
    private array $lots = [];

    /** @var array<string, int> */
    private array $order = [];

    /** @var array<string, float> */
    private array $found = [];

    /** @param  float  $outcrossing  share of seed with foreign pollen, 0 … 1 */
    private function __construct(private readonly float $outcrossing) {}

    /**
     * @param  string  $lots  as "A=:10, B=A:4, D=A*0.6+B*0.4": from nowhere by 10 equal parents, from A by 4, a mixture; each of lots that stand before it
     *
     * @throws InvalidFigure
     */
    public static function told(string $lots, float $outcrossing = 1.0): self
    {
        InvalidFigure::unlessWithin('outcrossing', $outcrossing, 0.0, 1.0);
        $kinship = new self($outcrossing);
        foreach (explode(',', $lots) as $told) {
            $kinship->add(trim($told));
        }

        return $kinship;
    }

    /**
     * Of two different plants of one lot.
     *
     * @throws InvalidFigure
     */
    public function within(string $lot): float
    {
        $this->mustBeThere($lot);

        return $this->found[$lot] ??= $this->reckon($lot);
    }

    /**
     * Of a plant of each; of one lot twice, as within it.
     *
     * @throws InvalidFigure
     */
    public function between(string $one, string $other): float
    {
        $this->mustBeThere($one);
        $this->mustBeThere($other);
        if ($one === $other) {
            return $this->within($one);
        }
        // The later one is followed back: nothing comes of what is younger than itself.
        [$later, $earlier] = $this->order[$one] > $this->order[$other] ? [$one, $other] : [$other, $one];

        return $this->found["$later $earlier"] ??= $this->toward($this->lots[$later], $earlier);
    }

    private function reckon(string $lot): float
    {
        $told = $this->lots[$lot];
        if (isset($told['parts'])) {
            $kinship = 0.0;
            foreach ($told['parts'] as $one => $share) {
                foreach ($told['parts'] as $other => $with) {
                    $kinship += $share * $with * $this->between((string) $one, (string) $other);
                }
            }

            return $kinship;
        }
        $before = $told['from'] === null ? 0.0 : $this->within($told['from']);
        $inbred = (1.0 - $this->outcrossing + 2.0 * $this->outcrossing * $before) / (1.0 + $this->outcrossing);

        return (1.0 + $inbred) / (2.0 * $told['parents']) + (1.0 - 1.0 / $told['parents']) * $before;
    }

    /** @param  array{parents: int, from: ?string}|array{parts: array<string, float>}  $later */
    private function toward(array $later, string $earlier): float
    {
        if (isset($later['parts'])) {
            $kinship = 0.0;
            foreach ($later['parts'] as $part => $share) {
                $kinship += $share * $this->between((string) $part, $earlier);
            }

            return $kinship;
        }

        return $later['from'] === null ? 0.0 : $this->between($later['from'], $earlier);
    }

    /** @throws InvalidFigure */
    private function add(string $told): void
    {
        if (preg_match('/^([\w-]{1,40})\s*=\s*(.+)$/u', $told, $named) !== 1) {
            throw InvalidFigure::because('lots', "Write each lot as A=:10 (from nowhere, by 10 parents), B=A:4 or D=A*0.6+B*0.4; “{$told}” is none of these.");
        }
        [, $lot, $source] = $named;
        if (isset($this->lots[$lot])) {
            throw InvalidFigure::because('lots', "$lot is told twice.");
        }
        InvalidFigure::unlessWithin('lots', count($this->lots) + 1, 1, self::MOST_LOTS, 'lots');
        $this->lots[$lot] = preg_match('/^([\w-]*)\s*:\s*(\d+)$/u', $source, $picked) === 1
            ? ['parents' => $this->parents((int) $picked[2]), 'from' => $picked[1] === '' ? null : $this->before($picked[1], $lot)]
            : ['parts' => $this->parts($source, $lot)];
        $this->order[$lot] = count($this->order);
    }

    /** @throws InvalidFigure */
    private function parents(int $parents): int
    {
        InvalidFigure::unlessWithin('lots', $parents, 1, self::MOST_PARENTS, 'parents');

        return $parents;
    }

    /**
     * @return array<string, float>
     *
     * @throws InvalidFigure
     */
    private function parts(string $source, string $lot): array
    {
        $parts = [];
        foreach (explode('+', $source) as $part) {
            if (preg_match('/^\s*([\w-]{1,40})\s*\*\s*(\d*\.?\d+)\s*$/u', $part, $of) !== 1) {
                throw InvalidFigure::because('lots', "Write what $lot is a mixture of as A*0.6+B*0.4.");
            }
            $parts[$this->before($of[1], $lot)] = ($parts[$of[1]] ?? 0.0) + (float) $of[2];
        }
        if (abs(array_sum($parts) - 1.0) > self::ROUNDED) {
            throw InvalidFigure::because('lots', "The shares of $lot must come to 1.");
        }

        return $parts;
    }

    /** @throws InvalidFigure */
    private function before(string $source, string $lot): string
    {
        return isset($this->lots[$source]) ? $source : throw InvalidFigure::because('lots', $source === $lot ? "$lot cannot come from itself." : "$lot is said to come from $source, which is not told before it.");
    }

    /** @throws InvalidFigure */
    private function mustBeThere(string $lot): void
    {
        isset($this->lots[$lot]) || throw InvalidFigure::because('of', "There is no lot $lot among them.");
    }
}
