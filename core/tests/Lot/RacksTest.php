<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Drying\HandSign;
use Marrow\Core\Drying\SignResult;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Drying\DesiccantTask;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\RackTask;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Holding\Stretch;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\MakesEntries;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Task;

/** Seed on the racks: by hand, card, jar and gel, in the air of its place. */
final class RacksTest extends CoreTestCase
{
    use MakesEntries;

    public function test_hand_signs_alone_end_in_probably_and_never_in_a_jar(): void
    {
        $diary = self::onRacks('french-bean');
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
        $diary->record('hand_tried', '2026-09-20 09:00', ['hammer' => 'shatters', 'thumbnail' => 'no_mark', 'rattles' => 'rattles', 'sun_jar' => 'no_mist']);
        $drying = $diary->course()->drying;
        self::assertSame([DryingVerdict::ByHand, Witness::Signs, null, null], [$drying->verdict(), $drying->evidence()?->decidedBy, $drying->moisture(), $drying->basis()]);
        self::assertGreaterThan(7.8, $drying->evidence()?->high);
        self::assertSame([DryingTask::DryByHand], self::kinds($diary->course()));
        // Put into a jar all the same: it is asked, and what it holds is an assumption, not what the hand said.
        $asked = self::asked(static fn () => $diary->record('stored', '2026-09-21', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50]));
        self::assertStringStartsWith('By hand it is dry, which tells', $asked);
        $diary->insist('stored', '2026-09-21', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50]);
        self::assertSame(MoistureGround::Assumed, $diary->course()->storing->ground);
    }

    public function test_damp_signs_and_later_ones(): void
    {
        $diary = self::onRacks('french-bean');
        $diary->record('hand_tried', '2026-09-14 09:00', ['hammer' => 'squashes']);
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
        $diary->record('hand_tried', '2026-09-20 09:00', ['hammer' => 'shatters']);
        self::assertSame([SignResult::Shatters], $diary->course()->drying->dampness->signs());
        self::assertSame(DryingVerdict::ByHand, $diary->course()->drying->verdict());
    }

    public function test_a_sign_that_its_kind_does_not_answer_to_is_not_asked_and_not_gone_by(): void
    {
        $diary = self::onRacks('french-bean');
        self::assertSame([HandSign::Hammer, HandSign::SunJar, HandSign::Thumbnail, HandSign::Rattles], self::crop('french-bean')->handSigns());
        $offer = array_values(array_filter($diary->course()->offers(), static fn (Offer $offer): bool => $offer->kind->name === 'hand_tried'))[0];
        $shown = array_values(array_map(static fn ($field): string => $field->key, array_filter($offer->fields, static fn ($field): bool => ! $field->hidden)));
        self::assertSame(['hammer', 'sun_jar', 'thumbnail', 'rattles'], $shown);
        $asked = self::asked(static fn () => $diary->record('hand_tried', '2026-09-20 09:00', ['snap' => 'snaps']));
        self::assertStringStartsWith('That sign tells nothing of French bean', $asked);
        $diary->insist('hand_tried', '2026-09-20 09:00', ['snap' => 'snaps']);
        self::assertNull($diary->course()->drying->evidence());
        self::assertSame([], self::crop('chayote')->handSigns());
    }

    public function test_dry_outside_so_soon_after_it_was_wet_it_is_not_called_dry(): void
    {
        $diary = new Diary(self::crop('pepper'));
        $diary->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 8]);
        $diary->record('rinsed', '2026-08-02 08:00');
        $diary->record('spread', '2026-08-02 09:00', ['surface' => 'plate']);
        $diary->record('hand_tried', '2026-08-04 09:00', ['snap' => 'snaps', 'runs' => 'runs_freely']);
        self::assertTrue($diary->course()->drying->isDampInside());
        self::assertSame(DryingVerdict::Drying, $diary->course()->drying->verdict());
        $diary->record('hand_tried', '2026-08-12 09:00', ['snap' => 'snaps', 'runs' => 'runs_freely']);
        self::assertFalse($diary->course()->drying->isDampInside());
    }

    public function test_a_card_is_dry_by_its_damp_end_only(): void
    {
        $of = static function (?int $dampTo, ?int $dryFrom): Diary {
            $diary = self::onRacks('french-bean');
            $diary->record('card_read', '2026-09-20 09:00', ['card' => '10-20-30-40-50-60', 'damp_to' => $dampTo, 'dry_from' => $dryFrom, 'temperature_c' => 20]);

            return $diary;
        };
        $balance = self::crop('french-bean')->balance;
        $dry = $of(20, 40)->course()->drying;
        self::assertSame([DryingVerdict::DryEnough, Witness::Card], [$dry->verdict(), $dry->basis()]);
        self::assertEqualsWithDelta($balance->moisture(0.35, 20.0), (float) $dry->moisture(), 1e-9);
        // 30 % damp and 40 % dry: 35 in the middle, and it may be 40.
        $perhaps = $of(30, 40)->course()->drying;
        self::assertNotSame(DryingVerdict::DryEnough, $perhaps->verdict());
        self::assertEqualsWithDelta([$balance->moisture(0.30, 20.0), $balance->moisture(0.40, 20.0)], [$perhaps->evidence()?->low, $perhaps->evidence()?->high], 1e-9);
        $damp = $of(60, null)->course()->drying;
        self::assertTrue($damp->evidence()?->isOpen());
        self::assertEqualsWithDelta($balance->moisture(0.60, 20.0), (float) $damp->moisture(), 1e-9);
        // Into the tight jar goes what the damp end says.
        $stored = $of(20, 40);
        $stored->record('stored', '2026-09-21', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 400]);
        self::assertSame(MoistureGround::Measured, $stored->course()->storing->ground);
        self::assertEqualsWithDelta($balance->moisture(0.35, 20.0), (float) $stored->course()->storing->moisture, 1e-9);
    }

    public function test_a_jar_not_half_full_says_less_and_takes_no_better_readings_place(): void
    {
        $diary = self::onRacks('french-bean');
        $diary->record('jar_read', '2026-09-20 09:00', ['rh' => 32, 'temperature_c' => 20, 'little_seed' => true]);
        self::assertSame([Witness::RoughJar, false], [$diary->course()->drying->basis(), $diary->course()->drying->verdict() === DryingVerdict::DryEnough]);
        $diary->record('jar_read', '2026-09-21 09:00', ['rh' => 32, 'temperature_c' => 20]);
        self::assertSame([Witness::Jar, DryingVerdict::DryEnough], [$diary->course()->drying->basis(), $diary->course()->drying->verdict()]);
        $diary->record('jar_read', '2026-09-22 09:00', ['rh' => 70, 'temperature_c' => 20, 'short' => true]);
        self::assertSame(Witness::Jar, $diary->course()->drying->basis());
        self::assertSame([Witness::RoughJar], $diary->course()->drying->evidence()?->against, 'and what it says is named');
    }

    public function test_the_air_of_its_place_says_at_once_that_it_never_can(): void
    {
        $damp = self::inPlace(62.0, true);
        $drying = $damp->drying;
        self::assertTrue($drying->isTooDampHere());
        self::assertSame([DryingTask::TooDampHere, DryingTask::Weigh], self::kinds($damp));
        $task = $damp->tasks()[0];
        self::assertSame(['Kitchen', 0.62], [$task->figures['place'], $task->figures['rh']]);
        self::assertNull($drying->dryBy());
        // Of an ordinary room nobody measured nothing is asserted.
        self::assertSame([DryingTask::Weigh], self::kinds(self::inPlace(62.0, false)));
        $dry = self::inPlace(25.0, true);
        self::assertFalse($dry->drying->isTooDampHere());
        self::assertNotNull($dry->drying->dryBy());
        self::assertSame([DryingTask::Weigh], self::kinds(self::inPlace(62.0, true, new Practice(['dry_to' => 'paper']))), 'for paper it need not');
    }

    public function test_moved_somewhere_drier_its_weighings_go_on(): void
    {
        $course = self::inPlace(62.0, true, new Practice, ['c', 'weighed', '2026-09-12 09:00', ['mass_g' => 380]], ['d', 'dries_elsewhere', '2026-09-12 10:00', ['place_id' => 'attic']]);
        self::assertSame(['Attic', 2], [$course->rack->placeName(), count($course->drying->weighings())]);
        self::assertFalse($course->drying->isTooDampHere());
    }

    public function test_wet_seed_is_turned_by_the_hour_and_by_day(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 8]);
        $diary->record('rinsed', '2026-08-02 08:00');
        $diary->record('spread', '2026-08-02 09:00', ['surface' => 'plate']);
        $turn = static fn (): ?string => (array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === RackTask::Turn))[0] ?? null)?->best->format('d H:i');
        self::assertSame('02 13:00', $turn());
        $diary->record('raked', '2026-08-02 19:00');
        self::assertSame('03 07:00', $turn(), 'nobody gets up at night');
        $diary->record('raked', '2026-08-03 10:00');
        self::assertSame('04 07:00', $turn(), 'on the second day now and then');
        $diary->record('raked', '2026-08-04 08:00', ['dry_outside' => true]);
        self::assertNull($turn());
    }

    public function test_what_lies_out_is_taken_in_before_the_dew(): void
    {
        $diary = self::onRacks('lettuce', ['where' => 'sun']);
        $dew = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === RackTask::TakeIn));
        self::assertSame(['10 18:00'], array_map(static fn (Task $task): string => $task->best->format('d H:i'), $dew));
        $first = array_values(array_filter($diary->course()->offers(), static fn (Offer $offer): bool => $offer->kind->name === 'dries_elsewhere'))[0];
        self::assertSame('Take it in', $first->act);
        $diary->record('dries_elsewhere', '2026-09-10 17:00', ['where' => 'indoors']);
        self::assertNotContains(RackTask::TakeIn, array_map(static fn (Task $task): object => $task->kind, $diary->course()->tasks()));
    }

    public function test_too_warm_and_too_fast_is_asked_about(): void
    {
        self::assertStringContainsString('splits its skin', self::asked(static fn () => self::onRacks('french-bean', ['where' => 'sun'])));
        self::assertStringContainsString('Above 35 °C seed of French bean is harmed', self::asked(static fn () => self::onRacks('french-bean', ['temperature_c' => 41])));
        self::assertStringContainsString('Hold a thermometer', self::asked(static fn () => self::onRacks('lettuce', ['aid' => 'oven'])));
        $wet = new Diary(self::crop('tomato'));
        $wet->record('picked', '2026-08-01', ['plants' => 4, 'fruits' => 8]);
        $wet->record('rinsed', '2026-08-02 08:00');
        self::assertStringContainsString('Wet seed bears no more than 30 °C', self::asked(static fn () => $wet->record('spread', '2026-08-02 09:00', ['surface' => 'plate', 'temperature_c' => 33])));
        self::assertStringContainsString('sticks to kitchen paper', self::asked(static fn () => $wet->record('spread', '2026-08-02 09:00', ['surface' => 'kitchen_paper'])));
    }

    public function test_gel_in_a_jar_takes_it_on_and_what_it_took_is_what_the_seed_lost(): void
    {
        $diary = self::onRacks('french-bean', ['mass_g' => 500, 'moisture' => 12]);
        $diary->record('desiccant_in', '2026-09-11 09:00', ['desiccant' => 'gel', 'desiccant_g' => 150]);
        $jar = $diary->course()->desiccant->jar;
        self::assertNotNull($jar);
        // Whatever comes out of the seed is in the gel: 440 g of dry matter.
        self::assertEqualsWithDelta(500.0 - 44000.0 / (100.0 - $jar->endsAt), $jar->takes, 1e-6);
        self::assertEqualsWithDelta(150.0 * 0.5 * $jar->endsRh, $jar->takes, 1e-6);
        self::assertEqualsWithDelta(self::crop('french-bean')->balance->moisture($jar->endsRh, 20.0), $jar->endsAt, 1e-9);
        [$task] = $diary->course()->tasks();
        self::assertSame(DesiccantTask::LookIn, $task->kind);
        self::assertNull($diary->course()->drying->course(), 'the air of the room says nothing of it');
        // With gel in it the jar reads the gel.
        self::assertStringContainsString('says nothing of the seed', self::asked(static fn () => $diary->record('jar_read', '2026-09-15', ['rh' => 20, 'temperature_c' => 20])));
        $diary->record('desiccant_out', '2026-09-25 09:00', ['desiccant_g' => 172]);
        $drying = $diary->course()->drying;
        self::assertEqualsWithDelta([478.0, 100.0 * (1.0 - 440.0 / 478.0), 22.0], [$drying->lastMass(), $drying->moisture(), $diary->course()->desiccant->taken], 1e-9);
    }

    public function test_how_wet_the_desiccant_is_goes_by_its_weight_its_jar_or_its_colour(): void
    {
        $takes = static function (array $how): float {
            $diary = self::onRacks('french-bean', ['mass_g' => 500, 'moisture' => 12]);
            $diary->insist('desiccant_in', '2026-09-11 09:00', ['desiccant' => 'gel', 'desiccant_g' => 150, ...$how]);

            return (float) $diary->course()->desiccant->jar?->takes;
        };
        // Gel in air of 20 % holds 0.10 g/g, and so it weighs 165 g.
        self::assertEqualsWithDelta($takes(['as_put_in_g' => 165]), $takes(['rh' => 20]), 1e-9);
        self::assertEqualsWithDelta($takes(['as_put_in_g' => 157.5]), $takes(['colour' => 'dry']), 1e-9, 'all in its dry colour: about 10 %');
        self::assertLessThan($takes([]), $takes(['rh' => 20]));
    }

    public function test_out_of_gel_and_never_weighed_nobody_knows_how_dry_it_is(): void
    {
        $diary = self::onRacks('french-bean', ['mass_g' => 500, 'moisture' => 12]);
        $diary->record('desiccant_in', '2026-09-11 09:00', ['desiccant' => 'gel', 'desiccant_g' => 150]);
        self::assertStringContainsString('was some of it left in there', self::asked(static fn () => $diary->record('desiccant_out', '2026-09-25 09:00', ['desiccant_g' => 120])));
        $diary->record('desiccant_out', '2026-09-25 09:00');
        $drying = $diary->course()->drying;
        self::assertSame([null, null, null], [$drying->moisture(), $drying->evidence(), $drying->dryBy()], 'what it held before is no longer so');
        self::assertSame([DryingTask::ReadJar], self::kinds($diary->course()));
        self::assertSame('2026-09-26', $diary->course()->tasks()[0]->best->format('Y-m-d'));
        $diary->record('jar_read', '2026-09-26 09:00', ['rh' => 30, 'temperature_c' => 20]);
        self::assertSame(DryingVerdict::DryEnough, $diary->course()->drying->verdict());
    }

    public function test_what_helps_stands_first_where_it_is_wanted(): void
    {
        $first = static fn (LotCourse $course): string => $course->offers()[0]->kind->name;
        self::assertSame('dries_elsewhere', $first(self::inPlace(62.0, true)));
        self::assertSame('weighed', $first(self::inPlace(25.0, true)));
        self::assertSame('dries_elsewhere', $first(self::onRacks('lettuce', ['where' => 'sun'])->course()));
    }

    public function test_where_gel_and_scale_disagree_that_is_kept(): void
    {
        $diary = self::onRacks('french-bean', ['mass_g' => 500, 'moisture' => 12]);
        $diary->record('desiccant_in', '2026-09-11 09:00', ['desiccant' => 'gel', 'desiccant_g' => 150]);
        $diary->record('weighed', '2026-09-20 09:00', ['mass_g' => 490]);
        $agreeing = clone $diary;
        $diary->record('desiccant_out', '2026-09-20 10:00', ['desiccant_g' => 172]);
        self::assertEqualsWithDelta([22.0, 10.0], $diary->course()->desiccant->disagree, 1e-9);
        self::assertSame(490.0, $diary->course()->drying->lastMass(), 'the scale is gone by');
        $agreeing->record('desiccant_out', '2026-09-20 10:00', ['desiccant_g' => 161]);
        self::assertNull($agreeing->course()->desiccant->disagree);
    }

    public function test_too_little_is_changed_and_what_dries_nothing_is_asked_about(): void
    {
        $diary = self::onRacks('french-bean', ['mass_g' => 500, 'moisture' => 12]);
        $diary->record('desiccant_in', '2026-09-11 09:00', ['desiccant' => 'gel', 'desiccant_g' => 40]);
        [$task] = $diary->course()->tasks();
        self::assertSame(DesiccantTask::Change, $task->kind);
        // Four fifths at 0.008 an hour: 201 hours.
        self::assertSame('2026-09-19 18:00', $task->best->setTime((int) $task->best->format('H'), 0)->format('Y-m-d H:i'));
        self::assertStringContainsString('dries nothing', self::asked(static fn () => self::onRacks('french-bean')->record('desiccant_in', '2026-09-11', ['desiccant' => 'salt'])));
        self::assertStringContainsString('it would give water off', self::asked(static fn () => self::onRacks('french-bean', ['mass_g' => 500, 'moisture' => 8])->record('desiccant_in', '2026-09-11', ['desiccant' => 'gel', 'desiccant_g' => 200, 'as_put_in_g' => 260])));
        self::assertStringContainsString('below 6 % seed of French bean is harmed', self::asked(static fn () => self::onRacks('french-bean', ['mass_g' => 100, 'moisture' => 9])->record('desiccant_in', '2026-09-11', ['desiccant' => 'gel', 'desiccant_g' => 300])));
    }

    public function test_beans_drier_than_they_bear_are_let_take_up_water_before_they_are_sown(): void
    {
        $diary = self::onRacks('french-bean', ['mass_g' => 500, 'moisture' => 5]);
        $diary->record('stored', '2026-09-21', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50]);
        self::assertStringContainsString('takes up water so fast that it cracks', self::asked(static fn () => $diary->record('sown', '2027-05-10', ['plants' => 20, 'seeds' => 20], 'lot')));
    }

    public function test_each_keeper_is_asked_for_what_this_keeper_knows_by(): void
    {
        $wants = static fn (string $way): array => self::kinds(self::inPlace(50.0, false, new Practice(['dry_known_by' => $way])));
        self::assertSame([DryingTask::Weigh], $wants('weight'));
        self::assertSame([DryingTask::ReadJar], $wants('jar'));
        self::assertSame([DryingTask::ReadCard], $wants('card'));
        self::assertSame([DryingTask::TryByHand], $wants('hand'));
    }

    /** @param  array<string, mixed>  $spread */
    private static function onRacks(string $crop, array $spread = []): Diary
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('picked', '2026-09-01', ['plants' => 10, 'fruits' => 50]);
        $diary->record('threshed', '2026-09-09');
        $diary->record('winnowed', '2026-09-09 12:00');
        $diary->record('spread', '2026-09-10 09:00', ['surface' => 'tray', ...$spread]);

        return $diary;
    }

    /** @param  array{string, string, string, array<string, mixed>}  ...$more */
    private static function inPlace(float $rh, bool $isKnown, Practice $practice = new Practice, array ...$more): LotCourse
    {
        $place = static fn (string $name, float $rh): Surroundings => new Surroundings([new Stretch(null, new StoredAt($name, 20.0, $rh, $isKnown, $isKnown), false, [$name], strtolower($name))]);

        return LotCourse::fold(new LotFacts('L1', self::crop('pea'), null, holdings: new Holdings(['kitchen' => $place('Kitchen', $rh), 'attic' => $place('Attic', 30.0)])), [
            self::entry('a', 'picked', '2026-09-01', ['plants' => 10, 'fruits' => 50]),
            self::entry('a2', 'threshed', '2026-09-09', []),
            self::entry('a3', 'winnowed', '2026-09-09 12:00', []),
            self::entry('b', 'spread', '2026-09-10 09:00', ['surface' => 'tray', 'mass_g' => 400, 'place_id' => 'kitchen']),
            ...array_map(static fn (array $one): object => self::entry(...$one), $more),
        ], $practice);
    }

    /** @return list<object> */
    private static function kinds(LotCourse $course): array
    {
        return array_map(static fn (Task $task): object => $task->kind, $course->tasks());
    }

    /** @param  callable(): mixed  $records */
    private static function asked(callable $records): string
    {
        try {
            $records();
        } catch (Asked $asked) {
            return $asked->questions[0]->message;
        }
        self::fail('Nothing was asked.');
    }
}
