<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Folding\Asked;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Planting\PlantingFacts;
use Marrow\Core\Steps\Pollinating\PollenPlanting;
use Marrow\Core\Steps\Pollinating\PollinatingStrand;
use Marrow\Core\Steps\Pollinating\PollinatingTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\MakesEntries;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Task;
use Marrow\Core\Year\Frosts;
use PHPUnit\Framework\Attributes\DataProvider;

/** Flowers shut in the evening, pollinated in the morning, and what came of it. */
final class PollinatingTest extends CoreTestCase
{
    use MakesEntries;

    public function test_evening_morning_and_some_days_after_follow_each_other(): void
    {
        $diary = self::inBloom();
        self::assertSame([], self::due($diary), 'nobody said that it is to be pollinated by hand');
        $diary->record('hand_wanted', '2026-07-09', ['fruits' => 3]);
        // The crop's take is 0.5 to 0.8 … its middle, until something was seen here.
        $take = array_sum(self::crop('squash-pepo')->byHand->take ?? [0, 0]) / 2;
        self::assertSame((int) ceil(3 / $take), $diary->course()->pollinating->toDo());
        self::assertSame(['shut_flowers 2026-07-10 18:00'], self::due($diary), 'from its first flower on');
        $diary->record('flowers_shut', '2026-07-14 20:00', ['females' => 2, 'males' => 4, 'where' => 'plant 2']);
        self::assertContains('pollinate 2026-07-15 06:00', self::due($diary));
        self::assertContains('shut_flowers 2026-07-15 18:00', self::due($diary), 'more are to do than are shut');
        $diary->record('hand_pollinated', '2026-07-15 06:30', ['flowers' => 2, 'mother' => '2', 'fathers' => '1, 4', 'tie' => 'red wool']);
        self::assertSame([0, 2, 2], [$diary->course()->pollinating->shut, $diary->course()->pollinating->flowers(), $diary->course()->pollinating->undecided()]);
        self::assertContains('look_at_set 2026-07-20 06:30', self::due($diary));
        $diary->record('set_seen', '2026-07-19', ['took' => 1, 'dropped' => 1]);
        $hand = $diary->course()->pollinating;
        self::assertEqualsWithDelta((10 * $take + 1) / 12, $hand->take(), 1e-12, 'the usual weighs as ten');
        self::assertSame((int) ceil(2 / $hand->take()), $hand->toDo());
        self::assertSame(['shut_flowers 2026-07-15 18:00'], self::due($diary), 'others can be shut on the same evening');
    }

    public function test_seeds_to_be_had_are_those_of_what_took_where_the_keeper_knows_how_many_are_in_one(): void
    {
        $diary = self::inBloom();
        $diary->record('hand_wanted', '2026-07-10', ['fruits' => 3]);
        $diary->record('hand_pollinated', '2026-07-12', ['flowers' => 3]);
        $diary->record('set_seen', '2026-07-18', ['took' => 2, 'dropped' => 1]);
        self::assertNull($diary->course()->pollinating->seedsToBeHad());
        $diary->record('hand_wanted', '2026-07-19', ['fruits' => 3, 'seeds_in_one' => 140]);
        self::assertSame(280, $diary->course()->pollinating->seedsToBeHad());
    }

    public function test_as_long_as_nobody_saw_the_last_flower_there_may_be_more(): void
    {
        $diary = self::inBloom();
        $diary->record('hand_wanted', '2026-07-11', ['fruits' => 9]);
        $diary->record('flowers_shut', '2026-09-10 19:00', ['females' => 1]);
        self::assertContains('shut_flowers 2026-09-11 18:00', self::due($diary), 'past its usual bloom');
        $diary->record('last_bloom', '2026-09-10 20:00');
        self::assertSame(['pollinate 2026-09-11 06:00'], self::due($diary), 'what is shut is still to be pollinated');
    }

    public function test_what_was_shut_on_another_evening_has_opened_since(): void
    {
        $diary = self::inBloom();
        $diary->record('flowers_shut', '2026-07-14 20:00', ['females' => 3]);
        $diary->record('flowers_shut', '2026-07-14 21:00', ['females' => 1, 'males' => 2]);
        self::assertSame([4, 2], [$diary->course()->pollinating->shut, $diary->course()->pollinating->malesShut]);
        $diary->record('flowers_shut', '2026-07-16 20:00', ['females' => 2]);
        self::assertSame([2, 0], [$diary->course()->pollinating->shut, $diary->course()->pollinating->malesShut]);
    }

    public function test_parents_are_counted_by_what_each_gave_as_mother_and_as_father(): void
    {
        $diary = self::inBloom();
        $diary->record('hand_pollinated', '2026-07-15', ['flowers' => 2, 'mother' => 'A', 'fathers' => 'B and C']);
        $diary->record('hand_pollinated', '2026-07-16', ['flowers' => 1, 'mother' => 'b', 'fathers' => 'C; A']);
        $hand = $diary->course()->pollinating;
        self::assertSame(['a' => 2, 'b' => 1], $hand->mothers());
        self::assertEquals(['b' => 1.0, 'c' => 1.5, 'a' => 0.5], $hand->fathers());
        // A gave 2 + 0.5, B 1 + 1, C 1.5: 6² / (6.25 + 4 + 2.25) = 2.88.
        self::assertEqualsWithDelta(2.88, $hand->effectiveParents(), 1e-12);
        $diary->record('hand_pollinated', '2026-07-17', ['flowers' => 1, 'fathers' => 'A']);
        self::assertNull($diary->course()->pollinating->effectiveParents(), 'one mother is not named');
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function doubtful(): iterable
    {
        yield 'more than can have taken' => ['set_seen', ['took' => 9, 'dropped' => 0], 'Of 2 nobody knows yet whether they took; that is fewer.'];
        yield 'a tie that was not tied' => ['set_seen', ['took' => 1, 'tie' => 'blue 7'], 'Nothing was tied with “blue 7”, by what is recorded.'];
        yield 'one number twice' => ['hand_pollinated', ['flowers' => 1, 'tie' => 'Tag 3'], '“Tag 3” was tied to another already: two of one number cannot be told apart.'];
    }

    /** @param  array<string, mixed>  $payload */
    #[DataProvider('doubtful')]
    public function test_what_hardly_fits_is_asked_about(string $kind, array $payload, string $asked): void
    {
        $diary = self::inBloom();
        $diary->record('hand_pollinated', '2026-07-15', ['flowers' => 2, 'tie' => 'tag 3']);
        try {
            $diary->record($kind, '2026-07-20', $payload);
            self::fail('It was not asked.');
        } catch (Asked $question) {
            self::assertStringContainsString($asked, $question->getMessage());
        }
        $diary->insist($kind, '2026-07-20', $payload);
        self::assertSame([], $diary->course()->adrift(), 'it is kept when it was so');
    }

    public function test_hand_pollination_ends_with_the_frost_and_with_the_picking(): void
    {
        $entries = [
            self::entry('e1', 'sown', '2026-05-10', ['plants' => 5]),
            self::entry('e2', 'first_bloom', '2026-07-05', []),
            self::entry('e3', 'hand_wanted', '2026-07-05', ['fruits' => 7]),
        ];
        $tasks = static fn (?string $picked, ?string $frost): array => array_values(array_filter(
            PlantingCourse::fold(new PlantingFacts(self::crop('squash-pepo'), 'bell', $picked === null ? null : new \DateTimeImmutable($picked), frosts: $frost === null ? null : new Frosts('04-30', $frost)), $entries)->tasks(),
            static fn (Task $task): bool => $task->kind === PollinatingTask::Shut,
        ));
        self::assertSame('2026-10-20', $tasks(null, '10-20')[0]->latest?->format('Y-m-d'));
        self::assertGreaterThan('2026-10-20', $tasks(null, null)[0]->latest?->format('Y-m-d'), 'nobody knows when frost comes');
        self::assertSame([], $tasks('2026-09-20', '10-20'));
    }

    public function test_nothing_took_that_was_not_pollinated(): void
    {
        $this->expectException(Asked::class);
        $this->expectExceptionMessage('nothing of it had been pollinated by hand yet');
        self::inBloom()->record('set_seen', '2026-07-12', ['took' => 1]);
    }

    public function test_pollen_of_another_variety_is_a_cross_on_purpose_and_of_another_species_hardly_takes(): void
    {
        $facts = new PlantingFacts(self::crop('squash-pepo'), 'bell', pollen: [
            'own' => new PollenPlanting('P2', 'Cucurbita pepo', 'bell', 'Bell Buoy'),
            'other' => new PollenPlanting('P3', 'Cucurbita pepo', 'lead', 'Sounding Lead'),
            'far' => new PollenPlanting('P4', 'Cucurbita moschata', 'ballast', 'Ballast'),
        ]);
        $sown = self::entry('e1', 'sown', '2026-05-10', ['plants' => 5]);
        $try = static fn (string $of): array => array_column(PlantingCourse::admit($facts, [$sown], self::pollinated($of))->questions, 'message');
        self::assertSame([], $try('own'));
        self::assertSame(['P3 is Sounding Lead, another variety: what comes of it is a cross on purpose.'], $try('other'));
        self::assertSame(['P4 is Ballast, another species: it hardly ever takes.'], $try('far'));
        self::assertSame([''], PlantingCourse::fold($facts, [$sown, self::pollinated('other')])->pollinating->crossedMothers);
        self::assertSame([], PlantingCourse::fold($facts, [$sown, self::pollinated('own')])->pollinating->crossedMothers);
    }

    public function test_a_cross_is_of_the_mothers_that_had_the_strange_pollen(): void
    {
        self::assertFalse(PollinatingStrand::isCross([], []));
        self::assertTrue(PollinatingStrand::isCross(['2'], ['2']));
        self::assertTrue(PollinatingStrand::isCross(['Red'], ['red']));
        self::assertFalse(PollinatingStrand::isCross(['5'], ['2']));
        self::assertTrue(PollinatingStrand::isCross(['5'], ['2', '']), 'nobody said which was crossed');
        self::assertTrue(PollinatingStrand::isCross([], ['2']), 'nobody said whose seed it is');
    }

    private static function pollinated(string $of): Entry
    {
        return self::entry('e2', 'hand_pollinated', '2026-07-15', ['flowers' => 1, 'pollen' => $of]);
    }

    private static function inBloom(): PlotDiary
    {
        $diary = new PlotDiary(self::crop('squash-pepo'));
        $diary->record('sown', '2026-05-10', ['plants' => 5]);
        $diary->record('first_bloom', '2026-07-10');

        return $diary;
    }

    /** @return list<string> */
    private static function due(PlotDiary $diary): array
    {
        $tasks = array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind instanceof PollinatingTask);
        $said = array_map(static fn (Task $task): string => $task->kind->value.' '.$task->best->format('Y-m-d H:i'), $tasks);
        sort($said);

        return $said;
    }
}
