<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Cleaning\OpeningWay;
use Marrow\Core\Steps\Cleaning\ThreshingWay;
use Marrow\Core\Steps\Cleaning\WinnowingWay;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Holding\Stretch;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\MakesEntries;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;

/** Wet seed on the bench: ferments and what moves them, water, vessels, paper. */
final class WetHandsTest extends CoreTestCase
{
    use MakesEntries;

    public function test_every_hour_brings_a_ferment_on_by_its_own_temperature(): void
    {
        self::assertEquals(FermentWindow::at(21), FermentWindow::during([[0.0, 21.0]]));
        // 24 h at 21 °C are a third of it; the rest goes twice as fast at 31 °C: 24 + 24, 24 + 12, 24 + 60.
        $warmer = FermentWindow::during([[0.0, 21.0], [24.0, 31.0]]);
        self::assertEqualsWithDelta([36.0, 48.0, 84.0], [$warmer->earliestHours, $warmer->typicalHours, $warmer->latestHours], 1e-9);
        // 36 h at 31 °C have brought it home; that it is cold afterwards only moves its end: a half gone in 36, 72 h more at 21.
        $colder = FermentWindow::during([[0.0, 31.0], [36.0, 21.0]]);
        self::assertEqualsWithDelta([24.0, 36.0, 108.0], [$colder->earliestHours, $colder->typicalHours, $colder->latestHours], 1e-9);
        self::assertEqualsWithDelta(168.0, FermentWindow::during([[0.0, 4.0], [100.0, -3.0]])->latestHours, 1e-9, 'never beyond a week');
    }

    public function test_its_window_moves_with_the_air_of_its_place(): void
    {
        $air = static fn (?string $from, float $temperature): Stretch => new Stretch($from === null ? null : new \DateTimeImmutable($from), new StoredAt('Kitchen', $temperature, 50.0), false, ['Kitchen'], 'kitchen');
        $fold = static fn (array $stretches, array $payload): LotCourse => LotCourse::fold(new LotFacts('L1', self::crop('tomato'), null, holdings: new Holdings(['kitchen' => new Surroundings($stretches)])), [
            self::entry('a', 'picked', '2026-08-20 10:00', ['plants' => 6, 'fruits' => 24]),
            self::entry('b', 'ferment_started', '2026-08-24 10:00', ['cover' => 'cloth', 'place_id' => 'kitchen', ...$payload]),
        ], new Practice);
        $still = $fold([$air(null, 21.0)], []);
        self::assertSame('2026-08-27 10:00', $still->tasks()[0]->best->format('Y-m-d H:i'));
        self::assertFalse($still->cleaning->ferment?->isMovedByAir());
        $moved = $fold([$air(null, 21.0), $air('2026-08-25 10:00', 31.0)], []);
        self::assertSame('2026-08-26 10:00', $moved->tasks()[0]->best->format('Y-m-d H:i'));
        self::assertTrue($moved->cleaning->ferment?->isMovedByAir());
        // What was read off by hand holds until the air is written down anew.
        self::assertSame(31.0, $fold([$air(null, 21.0)], ['temperature_c' => 31])->cleaning->ferment?->temperature());
        self::assertSame('temperature_c', self::refused(self::picked('tomato'), 'ferment_started', ['cover' => 'cloth'])->path);
    }

    public function test_once_water_is_on_it_it_is_poured_off_within_minutes_and_in_rounds(): void
    {
        $diary = self::picked('tomato');
        $diary->record('ferment_started', '2026-08-24 10:00', ['temperature_c' => 21, 'cover' => 'cloth']);
        self::assertSame('kind', self::refused(self::picked('tomato'), 'filled')->path);
        $diary->record('filled', '2026-08-27 10:00');
        [$task] = $diary->course()->tasks();
        self::assertSame([CleaningTask::PourOff, Loss::Seed, '10:10', '12:00'], [$task->kind, $task->loss, $task->best->format('H:i'), $task->latest?->format('H:i')]);
        $diary->record('poured_off', '2026-08-27 10:12', ['passes' => 1, 'floated' => 'apart']);
        $diary->record('filled', '2026-08-27 10:14');
        $diary->record('poured_off', '2026-08-27 10:25', ['passes' => 2, 'floated' => 'none']);
        $cleaning = $diary->course()->cleaning;
        self::assertSame([3, 'apart', 72.0], [$cleaning->rounds, $cleaning->floated?->value, $cleaning->ferment?->hours()]);
        self::assertSame(CleaningStage::PouredOff, $cleaning->stage);
        self::assertSame('kind', self::refused($diary, 'poured_off', ['passes' => 1], '2026-08-27 10:30')->path, 'it is filled first');
    }

    public function test_a_lid_is_let_off_daily_and_others_stir_where_that_is_their_school(): void
    {
        $wants = static function (string $cover, Practice $practice, array ...$more): array {
            $course = LotCourse::fold(new LotFacts('L1', self::crop('tomato'), null), [
                self::entry('a', 'picked', '2026-08-20 10:00', ['plants' => 6, 'fruits' => 24]),
                self::entry('b', 'ferment_started', '2026-08-24 10:00', ['temperature_c' => 21, 'cover' => $cover]),
                ...array_map(static fn (array $one): object => self::entry(...$one), $more),
            ], $practice);

            return array_values(array_map(static fn ($task): string => $task->best->format('d H:i'), array_filter($course->tasks(), static fn ($task): bool => $task->kind === CleaningTask::Stir)));
        };
        self::assertSame(['25 10:00'], $wants('loose_lid', new Practice));
        self::assertSame([], $wants('cloth', new Practice));
        self::assertSame(['25 10:00'], $wants('cloth', new Practice(['ferment_stir' => 'daily'])));
        self::assertSame([], $wants('cloth', new Practice(['ferment_stir' => 'daily', 'ferment_stir:tomato' => 'left'])), 'of one crop it is done otherwise');
        self::assertSame(['26 08:00'], $wants('loose_lid', new Practice, ['c', 'stirred', '2026-08-25 08:00', ['water' => true]]));
        self::assertSame([], $wants('loose_lid', new Practice, ['c', 'stirred', '2026-08-25 14:00', []]), 'from the 26th, 10:00 it may be poured off');
    }

    public function test_laid_on_paper_with_its_gel_it_dries_where_it_lies(): void
    {
        $diary = self::picked('tomato');
        $diary->record('laid_with_gel', '2026-08-24 10:00', ['seeds' => 80]);
        $course = $diary->course();
        self::assertTrue($course->cleaning->hasGel);
        self::assertSame(Place::Racks, $course->place());
        self::assertSame(80.0, $course->stock->stock->seeds());
        self::assertTrue($course->stock->stock->isRough());
        self::assertSame('kind', self::refused(self::picked('squash-pepo'), 'laid_with_gel')->path);
        $first = static fn (Practice $practice): string => LotCourse::fold(new LotFacts('L1', self::crop('tomato'), null), [self::entry('a', 'picked', '2026-08-20 10:00', ['plants' => 6, 'fruits' => 24])], $practice)->offers()[0]->kind->name;
        self::assertSame(['ferment_started', 'laid_with_gel', 'rinsed'], [$first(new Practice), $first(new Practice(['gel_school' => 'paper'])), $first(new Practice(['gel_school' => 'paper', 'gel_school:tomato' => 'rinse']))]);
    }

    public function test_a_vessel_is_left_with_the_next_move_and_its_tag_is_asked_for_at_each(): void
    {
        $diary = self::picked('tomato');
        self::assertNull($diary->course()->vessel->isTagged(), 'it was never moved');
        $diary->record('fruit_opened', '2026-08-24 09:00', ['how' => 'squeezed', 'vessel' => 'bowl', 'tag' => true]);
        self::assertSame(['bowl', true], [$diary->course()->vessel->stands(), $diary->course()->vessel->isTagged()]);
        $diary->record('ferment_started', '2026-08-24 10:00', ['temperature_c' => 21, 'cover' => 'cloth']);
        self::assertSame([null, false], [$diary->course()->vessel->stands(), $diary->course()->vessel->isTagged()]);
        $diary->record('in_vessel', '2026-08-24 11:00', ['vessel' => 'jar', 'tag' => true]);
        self::assertSame(['jar', true], [$diary->course()->vessel->stands(), $diary->course()->vessel->isTagged()]);
        $diary->record('poured_off', '2026-08-27 10:00', ['passes' => 3]);
        $diary->record('rinsed', '2026-08-27 10:10');
        $diary->record('spread', '2026-08-27 10:20', ['surface' => 'plate']);
        self::assertNull($diary->course()->vessel->stands(), 'on the racks it stands in none');
        self::assertSame('kind', self::refused($diary, 'in_vessel', ['vessel' => 'jar'], '2026-08-28 10:00')->path);
    }

    public function test_a_sample_sorted_out_tells_how_pure_it_is(): void
    {
        $diary = self::picked('squash-pepo');
        $diary->record('rinsed', '2026-08-24 10:00');
        $diary->record('sample_sorted', '2026-08-25 10:00', ['pure_g' => 18.5, 'inert_g' => 1, 'other_g' => 0.5]);
        self::assertEqualsWithDelta(0.925, $diary->course()->sorting->purity()?->share ?? 0.0, 1e-12);
        $diary->insist('stored', '2026-09-20 10:00', ['container' => 'jar', 'mass_g' => 15, 'place_id' => 'shelf']);
        self::assertSame('pure_g', self::refused($diary, 'sample_sorted', ['pure_g' => 18.5], '2026-09-21 10:00')->path, 'of 15 g');
    }

    public function test_the_ways_of_every_crop_are_ways_that_can_be_told(): void
    {
        $known = 0;
        foreach (self::crops()->all() as $crop) {
            $cleaning = $crop->cleaning;
            foreach ([OpeningWay::class => $cleaning->opening, ThreshingWay::class => $cleaning->threshing, WinnowingWay::class => $cleaning->winnowing] as $ways => $told) {
                foreach ($told as $way) {
                    self::assertNotNull($ways::tryFrom($way), "$crop->key: $way");
                    $known++;
                }
            }
            self::assertTrue($crop->isWetCleaned() || $cleaning->opening === [], $crop->key);
            self::assertTrue(! $crop->isWetCleaned() || [...$cleaning->threshing, ...$cleaning->winnowing] === [], $crop->key);
        }
        self::assertGreaterThan(300, $known);
        $usual = static fn (Crop $crop): mixed => array_values(array_filter(array_values(array_filter(LotCourse::fold(new LotFacts('L1', $crop, null), [self::entry('a', 'picked', '2026-08-20 10:00', ['plants' => 6, 'fruits' => 24])], new Practice)->offers(), static fn (Offer $offer): bool => in_array($offer->kind->name, ['threshed', 'fruit_opened'], true)))[0]->fields, static fn ($field): bool => $field->key === 'how'))[0]->usual;
        self::assertSame(['feet', 'squeezed'], [$usual(self::crop('kale')), $usual(self::crop('tomato'))]);
    }

    private static function picked(string $crop): Diary
    {
        $diary = new Diary(self::crop($crop), '2026-03-10', ['shelf' => new StoredAt('Shelf', 18.0, 40.0)]);
        $diary->record('picked', '2026-08-20 10:00', ['plants' => 6, 'fruits' => 24]);

        return $diary;
    }

    /** @param  array<string, mixed>  $payload */
    private static function refused(Diary $diary, string $kind, array $payload = [], string $at = '2026-08-24 10:00'): Refused
    {
        try {
            $diary->record($kind, $at, $payload);
        } catch (Refused $refused) {
            return $refused;
        }
        self::fail("$kind was taken");
    }
}
