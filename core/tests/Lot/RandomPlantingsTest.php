<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Planting\PlantingFacts;
use Marrow\Core\Steps\Growing\SeedLot;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\MakesEntries;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Plantings that many keepers might have recorded, in any order, with slips among them. */
final class RandomPlantingsTest extends CoreTestCase
{
    use MakesEntries;

    private const KEEPERS = 80;

    private const KINDS = ['sown', 'first_bloom', 'first_bloom', 'last_bloom', 'off_types_seen', 'noted', 'planted_out', 'thinned', 'covered', 'covered', 'uncovered', 'rogued', 'sick_seen', 'lifted', 'winter_lost', 'replanted', 'bolted', 'watered', 'shaken', 'cut_to_ripen', 'neighbours_seen', 'off_types_judged', 'hand_wanted', 'flowers_shut', 'hand_pollinated', 'hand_pollinated', 'set_seen', 'marked', 'mark_seen', 'put_off', 'traits_chosen', 'plant_looked_at', 'plant_looked_at', 'plants_kept', 'fruit_shelved', 'fruit_shelved', 'fruit_seen', 'fruit_moved', 'fruit_cut', 'fruit_tasted', 'fruit_off', 'fruit_seed', 'plant_photographed', 'ripeness_seen', 'ripeness_seen', 'tasting_set', 'tasting_scored', 'tasting_scored', 'tasting_unblinded'];

    /** @var array<string, int> how often each kind was tried */
    private static array $tried = [];

    #[DataProvider('keepers')]
    public function test_the_order_of_arrival_does_not_matter_and_nothing_that_happened_is_lost(int $seed): void
    {
        $chance = new Randomizer(new Mt19937(5000 + $seed));
        [$facts, $entries] = self::history($chance, $seed);
        $whole = PlantingCourse::fold($facts, $entries);
        for ($n = 0; $n < 5; $n++) {
            $kept = [];
            foreach ($chance->shuffleArray($entries) as $entry) {
                $admission = PlantingCourse::admit($facts, $kept, $entry);
                $left = $admission->with->adrift[$entry->id] ?? null;
                self::assertTrue($left === null || $left instanceof Misfit);
                $kept[] = $entry;
            }
            self::assertAsGood($whole, PlantingCourse::fold($facts, $kept));
        }
    }

    #[DataProvider('keepers')]
    public function test_bloom_comes_after_sowing_and_ends_after_it_began_whatever_was_recorded(int $seed): void
    {
        [$facts, $entries] = self::history(new Randomizer(new Mt19937(6000 + $seed)), $seed);
        $course = PlantingCourse::fold($facts, $entries);
        $growing = $course->growing;
        self::assertSame([], array_diff(array_keys($course->adrift()), array_column($entries, 'id')), 'what is adrift was recorded');
        if ($growing->firstBloomAt !== null && $growing->sownAt !== null) {
            self::assertGreaterThanOrEqual($growing->sownAt, $growing->firstBloomAt);
        }
        if ($growing->lastBloomAt !== null) {
            self::assertNotNull($growing->firstBloomAt);
            self::assertGreaterThanOrEqual($growing->firstBloomAt, $growing->lastBloomAt);
        }
        if ($growing->offTypes !== null) {
            self::assertLessThanOrEqual($growing->offTypes->seen, $growing->offTypes->off);
        }
        $tending = $course->tending;
        self::assertGreaterThanOrEqual(0, $tending->standing ?? 0);
        self::assertGreaterThanOrEqual(0, $tending->inStore);
        self::assertGreaterThanOrEqual(0, $tending->sickStanding);
        $hand = $course->pollinating;
        self::assertSame($hand->flowers(), array_sum($hand->mothers()));
        self::assertTrue($hand->take() > 0.0 && $hand->take() <= 1.0);
        self::assertTrue($hand->effectiveParents() === null || $hand->effectiveParents() >= 1.0 - 1e-9 && $hand->effectiveParents() <= count($hand->mothers() + $hand->fathers()) + 1e-9);
        $true = $course->trueness;
        self::assertLessThanOrEqual($true->seen, $true->off);
        self::assertTrue($true->takenOut >= 0.0 && $true->takenOut <= 1.0);
        self::assertTrue($true->crossed() === null || $true->crossed() >= 0.0 && $true->crossed() <= $course->facts->crop->adjacentShare + 1e-12);
        foreach ($tending->coverings as $covering) {
            self::assertTrue($covering->to === null || $covering->from <= $covering->to);
        }
        foreach ($course->tasks() as $task) {
            self::assertLessThanOrEqual($task->best, $task->opens);
            self::assertTrue($task->latest === null || $task->best <= $task->latest);
        }
    }

    #[DataProvider('keepers')]
    public function test_struck_one_after_another_nothing_is_left(int $seed): void
    {
        $chance = new Randomizer(new Mt19937(7000 + $seed));
        [$facts, $entries] = self::history($chance, $seed);
        $all = $entries;
        foreach ($chance->shuffleArray($entries) as $i => $entry) {
            $all[] = self::entry(sprintf('strike-%04d', $i), 'struck', '2027-01-01 10:00', ['entry' => $entry->id]);
            PlantingCourse::fold($facts, $all);
        }
        $bare = PlantingCourse::fold($facts, $all);
        self::assertNull($bare->growing->sown);
        self::assertSame([], $bare->tasks());
        self::assertSame([], $bare->adrift());
        self::assertAsGood(PlantingCourse::fold($facts, []), $bare);
    }

    public function test_every_kind_that_can_happen_to_a_planting_was_tried(): void
    {
        foreach (Registered::kinds()->all() as $kind) {
            if ($kind->name !== 'struck' && in_array('planting', array_map(static fn ($subject): string => $subject->value, $kind->of), true)) {
                self::assertGreaterThan(20, self::$tried[$kind->name] ?? 0, $kind->name);
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        for ($seed = 1; $seed <= self::KEEPERS; $seed++) {
            yield "keeper $seed" => [$seed];
        }
    }

    /** @return array{PlantingFacts, list<Entry>} */
    private static function history(Randomizer $chance, int $seed): array
    {
        $crop = self::crop(['pea', 'leek', 'squash-pepo', 'tomato'][$seed % 4]);
        $facts = new PlantingFacts($crop, 'variety', $seed % 3 === 0 ? new \DateTimeImmutable('2026-09-01') : null, 'L9', [
            'same' => new SeedLot('L1', $crop->key, 'variety', 'Coxswain'),
            'near' => new SeedLot('L2', $crop->key, 'other', 'Ballast'),
        ]);
        $entries = [];
        for ($n = 1; $n <= 18; $n++) {
            $kind = $n === 1 ? 'sown' : self::KINDS[$chance->getInt(0, count(self::KINDS) - 1)];
            $at = (new \DateTimeImmutable('2026-03-01 08:00'))->modify(sprintf('+%d hours', $chance->getInt(0, 24 * 200)))->format('Y-m-d H:i');
            try {
                $entries[] = self::entry(sprintf('entry-%04d', $n), $kind, $at, match ($kind) {
                    'sown' => ['plants' => $chance->getInt(1, 60), 'lot' => [null, 'same', 'near'][$chance->getInt(0, 2)]],
                    'planted_out', 'replanted' => ['plants' => $chance->getInt(1, 40)],
                    'thinned' => ['left' => $chance->getInt(0, 30)],
                    'covered' => ['with' => ['cage', 'net'][$chance->getInt(0, 1)]],
                    'rogued' => ['looked_over' => 20, 'pulled' => $chance->getInt(0, 5), 'why' => ['off_type', 'sick', null][$chance->getInt(0, 2)]],
                    'sick_seen' => ['plants' => $chance->getInt(1, 5), 'pulled' => $chance->getInt(0, 1) === 1],
                    'lifted' => ['plants' => 10, 'kept' => $chance->getInt(0, 10)],
                    'winter_lost' => ['lost' => $chance->getInt(0, 5)],
                    'off_types_seen' => ['seen' => $chance->getInt(1, 40), 'off' => $chance->getInt(0, 10), 'how' => 'warted'],
                    'noted' => ['text' => 'Slugs'],
                    'bolted', 'cut_to_ripen' => ['plants' => $chance->getInt(1, 9)],
                    'neighbours_seen' => ['within_m' => 200, 'nearest_m' => [null, $chance->getInt(0, 200)][$chance->getInt(0, 1)]],
                    'off_types_judged' => ['judged' => ['crossed', 'stray'][$chance->getInt(0, 1)]],
                    'hand_wanted' => ['fruits' => $chance->getInt(1, 20)],
                    'flowers_shut' => ['females' => $chance->getInt(1, 4), 'males' => $chance->getInt(0, 4)],
                    'hand_pollinated' => ['flowers' => $chance->getInt(1, 4), 'mother' => (string) $chance->getInt(1, 3), 'fathers' => ['', '1, 2', '3'][$chance->getInt(0, 2)]],
                    'set_seen' => ['took' => $chance->getInt(1, 2), 'dropped' => $chance->getInt(0, 2)],
                    'marked' => ['mark' => (string) $chance->getInt(1, 3), 'what' => 'plant'],
                    'mark_seen' => ['mark' => (string) $chance->getInt(1, 3), 'seen' => 'mildew'],
                    'traits_chosen' => ['traits' => ['vigour', 'vigour; stem (cm)'][$chance->getInt(0, 1)]],
                    'plant_looked_at' => ['plant' => $chance->getInt(1, 14), 'scores' => ['health 4', 'health 3; vigour 2', ''][$chance->getInt(0, 2)], 'out' => ['sick', 'pulled', null, null][$chance->getInt(0, 3)]],
                    'plants_kept' => ['plants' => [$chance->getInt(1, 6), $chance->getInt(7, 14)]],
                    'fruit_shelved' => ['fruit' => $chance->getInt(1, 4), 'plant' => (string) $chance->getInt(1, 3)],
                    'fruit_seen' => ['fruits' => [$chance->getInt(1, 4)], 'how' => ['sound', 'cracked', 'leaking'][$chance->getInt(0, 2)]],
                    'fruit_moved' => ['fruits' => [$chance->getInt(1, 4)], 'place_id' => 'loft'],
                    'fruit_cut' => ['fruit' => $chance->getInt(1, 4), 'inside' => ['plump', 'flat', null][$chance->getInt(0, 2)], 'bitter' => ['yes', 'no', null][$chance->getInt(0, 2)]],
                    'fruit_tasted' => ['fruit' => $chance->getInt(1, 4), 'raw' => $chance->getInt(1, 5)],
                    'fruit_off' => ['fruits' => [$chance->getInt(1, 4)], 'why' => ['rotten', 'eaten'][$chance->getInt(0, 1)]],
                    'fruit_seed' => ['fruits' => [$chance->getInt(1, 4)], 'lot' => 'same'],
                    'tasting_set' => ['tasting' => (string) $chance->getInt(1, 2), 'of' => ['plant', 'fruit'][$chance->getInt(0, 1)], 'samples' => [1, 2, 3], 'how' => 'raw'],
                    'tasting_scored' => ['tasting' => (string) $chance->getInt(1, 2), 'taster' => ['Ann', 'Ben', 'Eve'][$chance->getInt(0, 2)], 'scores' => array_slice([3, 1, 5], 0, $chance->getInt(2, 3))],
                    'tasting_unblinded' => ['tasting' => (string) $chance->getInt(1, 2)],
                    'ripeness_seen' => ['ready' => ['not_yet', 'nearly', 'ready'][$chance->getInt(0, 2)], 'mark' => ['', '1', '2'][$chance->getInt(0, 2)]],
                    'plant_photographed' => ['plant' => $chance->getInt(1, 14), 'photograph' => 'picture'],
                    'put_off' => ['task' => ['pick', 'shut_flowers'][$chance->getInt(0, 1)], ...[['how' => 'done'], ['how' => 'next_year'], ['how' => 'later', 'until' => '2026-12-24']][$chance->getInt(0, 2)]],
                    default => [],
                });
                self::$tried[$kind] = (self::$tried[$kind] ?? 0) + 1;
            } catch (Refused $refused) {
                // More off-types than plants: no figure that can be.
                self::assertSame('off', $refused->path);
            }
        }

        return [$facts, $entries];
    }

    private static function assertAsGood(PlantingCourse $a, PlantingCourse $b): void
    {
        self::assertEquals($a->tasks(), $b->tasks());
        self::assertSame(array_keys($a->adrift()), array_keys($b->adrift()));
        self::assertEquals([$a->shelf->fruits, $a->tasting->tastings, $a->ripening->ready()], [$b->shelf->fruits, $b->tasting->tastings, $b->ripening->ready()]);
        self::assertEquals($a->growing->sownAt, $b->growing->sownAt);
        self::assertEquals($a->growing->firstBloomAt, $b->growing->firstBloomAt);
        self::assertEquals($a->growing->lastBloomAt, $b->growing->lastBloomAt);
        self::assertEquals($a->growing->offTypes, $b->growing->offTypes);
        self::assertEquals([$a->tending->standing, $a->tending->inStore, $a->tending->pulled, $a->tending->sickStanding, $a->tending->coverings], [$b->tending->standing, $b->tending->inStore, $b->tending->pulled, $b->tending->sickStanding, $b->tending->coverings]);
    }
}
