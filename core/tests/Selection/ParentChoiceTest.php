<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Selection;

use Marrow\Core\Selection\ChosenTrait;
use Marrow\Core\Selection\ParentChoice;
use Marrow\Core\Selection\TraitList;
use Marrow\Core\Selection\TraitScale;
use Marrow\Core\Tests\Support\CoreTestCase;

/** What plants are chosen by, and which of them are kept. */
final class ParentChoiceTest extends CoreTestCase
{
    public function test_traits_are_read_as_they_are_written(): void
    {
        $list = TraitList::read('vigour; stem height (cm); colour: green, Red ,  deep red');
        self::assertSame(['health', 'vigour', 'stem height', 'colour'], $list->names());
        self::assertSame([TraitScale::Marks, TraitScale::Marks, TraitScale::Measure, TraitScale::Words], array_map(static fn (ChosenTrait $one): TraitScale => $one->scale, $list->traits));
        self::assertSame('cm', $list->named('Stem Height')?->unit);
        self::assertSame(['green', 'Red', 'deep red'], $list->named('colour')?->words);
        self::assertSame(['health', 'a'], TraitList::read('a; health')->names(), 'health goes before all');
        self::assertSame(['health'], TraitList::usual()->names());
        self::assertNull(ChosenTrait::read('colour: green'), 'one word is nothing to choose among');
        self::assertSame('colour: green, Red, deep red', $list->named('colour')->typed());
    }

    public function test_what_a_plant_was_given_is_read_by_the_names(): void
    {
        $list = TraitList::read('stem; stem height (cm); colour: green, red');
        self::assertSame([['health' => 4.0, 'stem height' => 42.5, 'stem' => 3.0, 'colour' => 2.0], null], $list->scores('health 4; Stem height 42,5; stem 3; colour RED'));
        self::assertSame([[], null], $list->scores(' ; '));
        self::assertSame('“vigour 3”: it is chosen by health, stem, stem height, colour.', $list->scores('vigour 3')[1]);
        self::assertSame('“health 6”: health is told 1 to 5.', $list->scores('health 6')[1]);
        self::assertSame('“colour blue”: colour is told green, red.', $list->scores('colour blue')[1]);
        self::assertNotNull($list->scores('health 3.5')[1]);
    }

    public function test_plants_stand_in_the_order_of_an_index_with_health_twice(): void
    {
        // By R: scale(cbind(c(5, 3, 4, 2), c(1, 5, 4, 3))) %*% c(2, 1) is 1.006, 0.250, 1.214, -2.470.
        $choice = ParentChoice::of(TraitList::read('vigour'), self::plants([1 => [5, 1], 4 => [3, 5], 6 => [4, 4], 9 => [2, 3], 11 => [1, 1, 'out'], 12 => [5]]));
        self::assertSame([6, 1, 4, 9], $choice->order);
        self::assertSame([[11], [12]], [$choice->out, $choice->unscored]);
        self::assertSame([3, 4], array_map(static fn ($one): int => $one->keep, $choice->tradeoffs));
        self::assertEqualsWithDelta(0.0, $choice->tradeoffs[1]->response, 1e-12, 'who keeps all gains nothing');
        // By hand: 0.3 · (2 · 0.5/1.290994 + 0.083333/1.707825).
        self::assertEqualsWithDelta(0.2470175, $choice->tradeoffs[0]->response, 1e-6);
        self::assertEqualsWithDelta(1 - 0.95 ** 6, $choice->tradeoffs[0]->rareKept, 1e-12);
    }

    public function test_what_counts_more_or_is_better_low_is_told_with_its_name(): void
    {
        $list = TraitList::read('vigour ×3; days (days) *-1,5; leaf: flat, curled × 2');
        self::assertSame([null, 3.0, -1.5, 2.0], array_map(static fn (ChosenTrait $one): ?float => $one->weight, $list->traits));
        self::assertSame(['health', 'vigour ×3', 'days (days) ×-1.5', 'leaf: flat, curled ×2'], array_map(static fn (ChosenTrait $one): string => $one->typed(), $list->traits));
        self::assertNull(ChosenTrait::read('vigour ×0'), 'it counts for nothing');
        // By R: scale(cbind(c(5, 3, 4, 2), c(1, 5, 4, 3))) %*% c(2, 3) is -1.629, 2.299, 2.092, -2.763; with -3 for 3 it is 6.276, -3.849, -0.543, -1.885.
        self::assertSame([4, 6, 1, 9], ParentChoice::of(TraitList::read('vigour ×3'), self::plants([1 => [5, 1], 4 => [3, 5], 6 => [4, 4], 9 => [2, 3]]))->order);
        self::assertSame([1, 6, 9, 4], ParentChoice::of(TraitList::read('vigour ×-3'), self::plants([1 => [5, 1], 4 => [3, 5], 6 => [4, 4], 9 => [2, 3]]))->order);
    }

    public function test_of_one_plant_there_is_no_order_to_speak_of(): void
    {
        $choice = ParentChoice::of(TraitList::usual(), self::plants([3 => [4]]));
        self::assertSame([[3], []], [$choice->order, $choice->tradeoffs]);
        self::assertSame([], ParentChoice::of(TraitList::usual(), [])->order);
    }

    /**
     * @param  array<int, array<int|string>>  $plants  health, then vigour, then "out"
     * @return array<int, array{scores: array<string, float>, out: bool}>
     */
    private static function plants(array $plants): array
    {
        return array_map(static fn (array $told): array => [
            'scores' => array_filter(['health' => isset($told[0]) ? (float) $told[0] : null, 'vigour' => isset($told[1]) ? (float) $told[1] : null], static fn (?float $one): bool => $one !== null),
            'out' => isset($told[2]),
        ], $plants);
    }
}
