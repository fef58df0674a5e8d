<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Fields\InvalidFigure;

/**
 * The plants of a walk in the order of an index, and what keeping few or many of them gains and costs. Only what was scored in every trait
 * stands in the order; what is struck out is out before all.
 */
final readonly class ParentChoice
{
    /** Numbers of parents that are set side by side. */
    public const KEEPS = [3, 5, 10, 20];

    /**
     * Usual heritabilities by how a trait is taken down: of marks by eye 0.3, of what is measured or named 0.5. Assumptions, from the middle of what
     * is published for single plants of vegetables (0.1 to 0.7).
     */
    private const HERITABILITY = ['marks' => 0.3, 'words' => 0.5, 'measure' => 0.5];

    /** Health counts twice as much as any other, where the keeper did not say how much. */
    private const HEALTH_WEIGHS = 2.0;

    /**
     * @param  list<int>  $order  numbers of the plants, best first
     * @param  list<int>  $unscored  that lack a score, and stand in no order
     * @param  list<int>  $out  that are struck out
     * @param  list<SelectionTradeoff>  $tradeoffs  of as many as there are of KEEPS, and of all
     */
    private function __construct(public array $order, public array $unscored, public array $out, public array $tradeoffs) {}

    /**
     * @param  array<int, array{scores: array<string, float>, out: bool}>  $plants  by number
     *
     * @throws InvalidFigure
     */
    public static function of(TraitList $traits, array $plants): self
    {
        $names = $traits->names();
        $out = array_keys(array_filter($plants, static fn (array $plant): bool => $plant['out']));
        $standing = array_filter($plants, static fn (array $plant): bool => ! $plant['out']);
        $scored = array_filter($standing, static fn (array $plant): bool => array_diff($names, array_keys($plant['scores'])) === []);
        $unscored = array_values(array_diff(array_keys($standing), array_keys($scored)));
        if (count($scored) < 2) {
            return new self(array_keys($scored), $unscored, $out, []);
        }
        $numbers = array_keys($scored);
        $rows = array_map(static fn (array $plant): array => array_map(static fn (string $name): float => $plant['scores'][$name], $names), array_values($scored));
        $weights = array_map(static fn (ChosenTrait $trait): float => $trait->weight ?? (mb_strtolower($trait->name) === TraitList::HEALTH ? self::HEALTH_WEIGHS : 1.0), $traits->traits);
        $heritabilities = array_map(static fn (ChosenTrait $trait): float => self::HERITABILITY[$trait->scale->value], $traits->traits);
        $keeps = array_values(array_unique([...array_filter(self::KEEPS, static fn (int $keep): bool => $keep < count($rows)), count($rows)]));
        $index = SelectionIndex::of($weights, $heritabilities, $rows, 1);

        return new self(array_map(static fn (int $place): int => $numbers[$place - 1], $index->ranking), $unscored, $out, SelectionTradeoff::each($weights, $heritabilities, $rows, $keeps));
    }
}
