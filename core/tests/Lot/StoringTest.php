<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Drying\Damp;
use Marrow\Core\Drying\ShutIn;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\Sharing;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Steps\Storing\StoringTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Seed in store: how moist it is there, by what that is known, and how it aged from place to place. Moistures and shares
 * are worked out in R from the published equations times the measured ratio of onion (oil 0.23; Kᴇ 6.975, Cw 3.470, Ch 0.0400, Cq 0.000428).
 */
final class StoringTest extends CoreTestCase
{
    private const SHED = ['place' => 'Shed', 'temperature_c' => 10, 'rh' => 55];

    private const FRIDGE = ['place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60];

    /** Onion in balance with 10 °C and 55 % RH. */
    private const IN_SHED = 11.257277995;

    /** Onion in balance with an ordinary room, 18 °C and 50 % RH. */
    private const IN_ROOM = 10.331545191;

    /** @param  array<string, mixed>  $place */
    #[DataProvider('containers')]
    public function test_what_breathes_follows_its_place_and_what_is_tight_does_not(string $container, array $place, float $moisture, MoistureGround $ground): void
    {
        $diary = self::clean();
        // Into a freezer unmeasured is asked about; what was done was done.
        $diary->insist('stored', '2025-10-01', ['container' => $container, 'mass_g' => 20, ...$place]);
        $storing = $diary->course()->storing;
        self::assertSixDigits($moisture, $storing->moisture);
        self::assertSame($ground, $storing->ground);
        self::assertSame(Place::Store, $diary->course()->place());
    }

    /** @return iterable<string, array{string, array<string, mixed>, float, MoistureGround}> */
    public static function containers(): iterable
    {
        yield 'an envelope in the shed' => ['paper_envelope', self::SHED, self::IN_SHED, MoistureGround::PlaceAir];
        yield 'a bag in the fridge' => ['cloth_bag', self::FRIDGE, 12.104965861, MoistureGround::PlaceAir];
        yield 'a tin breathes through its lid' => ['tin', self::SHED, self::IN_SHED, MoistureGround::PlaceAir];
        yield 'paper in a freezer' => ['paper_envelope', ['place' => 'Freezer', 'temperature_c' => -18, 'rh' => 70], 15.151533318, MoistureGround::PlaceAir];
        yield 'a jar of seed nobody measured' => ['jar', self::FRIDGE, self::IN_ROOM, MoistureGround::Assumed];
        yield 'a pouch of seed nobody measured' => ['foil_pouch', self::SHED, self::IN_ROOM, MoistureGround::Assumed];
    }

    public function test_a_jar_filled_from_paper_holds_what_the_paper_let_in(): void
    {
        $diary = self::clean();
        // Dry when it was put into the envelope: that says nothing of what it is half a year later.
        $diary->record('jar_read', '2025-09-29', ['rh' => 20, 'temperature_c' => 20]);
        $diary->record('stored', '2025-10-01', ['container' => 'paper_envelope', 'mass_g' => 20, ...self::SHED]);
        $diary->insist('stored', '2026-06-10', ['container' => 'jar', ...self::FRIDGE]);
        $course = $diary->course();
        self::assertSixDigits(self::IN_SHED, $course->storing->moisture);
        self::assertSame(MoistureGround::Carried, $course->storing->ground);
        self::assertSame(Damp::Ages, $course->storing->inside()?->damp, 'more than the 8.7 % that onion is jarred at, and it keeps');
        self::assertNotNull($course->forecast());
        self::assertSame([StoringTask::ReadStoredJar], self::tasks($diary, StoringTask::class));
    }

    public function test_a_reading_taken_just_before_it_is_closed_in_settles_the_matter(): void
    {
        $diary = self::clean();
        $diary->record('stored', '2025-10-01', ['container' => 'paper_envelope', 'mass_g' => 20, ...self::SHED]);
        $diary->record('jar_read', '2026-06-09', ['rh' => 33, 'temperature_c' => 20]);
        self::assertSame(MoistureGround::PlaceAir, $diary->course()->storing->ground, 'it still lies in paper');
        $diary->insist('stored', '2026-06-10', ['container' => 'jar', ...self::FRIDGE]);
        self::assertSixDigits(8.490794293, $diary->course()->storing->moisture);
        self::assertSame(MoistureGround::Measured, $diary->course()->storing->ground);
    }

    public function test_from_one_tight_container_into_another_it_stays_as_it_was(): void
    {
        $diary = self::clean();
        $diary->record('jar_read', '2025-09-29', ['rh' => 20, 'temperature_c' => 20]);
        $diary->insist('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 20, ...self::SHED]);
        $diary->record('stored', '2026-06-10', ['container' => 'foil_pouch', ...self::FRIDGE]);
        $storing = $diary->course()->storing;
        self::assertSixDigits(6.931586883, $storing->moisture);
        self::assertSame(MoistureGround::Measured, $storing->ground);
        self::assertSame('Fridge', $storing->now?->at->name);
    }

    public function test_a_reading_in_store_replaces_what_was_taken_for_granted(): void
    {
        $diary = self::clean();
        $diary->insist('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 20, ...self::FRIDGE]);
        self::assertSame([StoringTask::ReadStoredJar], self::tasks($diary, StoringTask::class));
        $diary->record('jar_read', '2025-10-03', ['rh' => 33, 'temperature_c' => 20]);
        self::assertSixDigits(8.490794293, $diary->course()->storing->moisture);
        self::assertSame([], self::tasks($diary, StoringTask::class));
    }

    /** @param  list<StoringTask>  $tasks */
    #[DataProvider('ladder')]
    public function test_what_comes_of_seed_shut_in_goes_by_the_air_in_there(float $rh, float $celsius, Damp $damp, bool $isForecast, array $tasks, ?string $latest): void
    {
        $diary = self::clean();
        $diary->record('jar_read', '2025-09-29', ['rh' => $rh, 'temperature_c' => max(1, $celsius)]);
        $diary->insist('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 20, 'place' => 'Somewhere', 'temperature_c' => $celsius, 'rh' => 55]);
        $course = $diary->course();
        self::assertSame($damp, $course->storing->inside()?->damp);
        self::assertSame($isForecast, $course->forecast() !== null);
        self::assertSame($tasks, self::tasks($diary, StoringTask::class));
        self::assertSame($isForecast, $course->advice(new \DateTimeImmutable('2025-10-02'))?->counsel !== Counsel::DryFirst, 'one lot is never told two opposite things');
        self::assertSame($isForecast, Sharing::of($course, false, new \DateTimeImmutable('2025-10-02')) !== Sharing::Damp);
        foreach ($course->tasks() as $task) {
            if ($task->kind === StoringTask::OpenDampJar) {
                self::assertSame($latest, $task->latest?->format('Y-m-d'));
            }
        }
    }

    /** @return iterable<string, array{float, float, Damp, bool, list<StoringTask>, ?string}> */
    public static function ladder(): iterable
    {
        $open = [StoringTask::OpenDampJar];
        yield '44 % in a room' => [44, 20, Damp::Dry, true, [], null];
        yield '55 % in a room' => [55, 20, Damp::Ages, true, [], null];
        yield '70 % in a room' => [70, 20, Damp::Moulds, false, $open, '2025-10-15'];
        yield '80 % in a room' => [80, 20, Damp::Rots, false, $open, '2025-10-02'];
        yield '44 % in a refrigerator' => [44, 5, Damp::Dry, true, [], null];
        yield '70 % in a refrigerator' => [70, 5, Damp::Moulds, false, $open, '2025-11-30'];
        yield '80 % in a refrigerator' => [80, 5, Damp::Rots, false, $open, '2025-10-08'];
    }

    public function test_a_freezer_has_a_limit_of_its_own_by_the_water_that_would_freeze(): void
    {
        $onion = self::crop('onion')->balance;
        foreach ([[40, Damp::Dry], [60, Damp::Ages], [74, Damp::Ages], [76, Damp::Freezes]] as [$rh, $damp]) {
            self::assertSame($damp, ShutIn::of($onion, $onion->moisture($rh / 100, 20.0), -18.0)->damp, "$rh % at 20 °C");
        }
        self::assertFalse(Damp::Freezes->keeps());
    }

    public function test_what_stands_damp_is_spread_before_anything_else(): void
    {
        $diary = self::clean();
        $diary->record('jar_read', '2025-09-29', ['rh' => 85, 'temperature_c' => 20]);
        $diary->insist('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 20, ...self::FRIDGE]);
        self::assertSame('spread', self::offered($diary)[0]);
        $diary->record('spread', '2025-10-02', ['surface' => 'tray', 'mass_g' => 20]);
        $course = $diary->course();
        self::assertSame(Place::Racks, $course->place());
        self::assertNull($course->storing->now);
        self::assertNull($course->storing->moisture);
        self::assertSame([], $course->storing->containers());
    }

    public function test_moved_it_is_offered_what_it_lies_in_already(): void
    {
        $places = ['cellar' => new StoredAt('Cellar', 12, 65), 'fridge' => new StoredAt('Fridge', 5, 60)];
        $diary = self::clean($places);
        $diary->insist('stored', '2025-10-01', ['container' => 'foil_pouch', 'place_id' => 'cellar', 'mass_g' => 20]);
        $move = array_values(array_filter($diary->course()->offers(), static fn (Offer $offer): bool => $offer->kind->name === 'stored'))[0];
        self::assertSame('Move it', $move->act);
        $usual = [];
        foreach ($move->fields as $field) {
            $usual[$field->key] = $field->usual;
        }
        self::assertSame(['foil_pouch', 'cellar'], [$usual['container'], $usual['place_id']]);
    }

    public function test_a_place_known_by_its_id_says_its_own_air(): void
    {
        $diary = self::clean(['shed' => new StoredAt('Potting shed', 10, 55)]);
        $diary->record('stored', '2025-10-01', ['container' => 'paper_envelope', 'place_id' => 'shed', 'mass_g' => 20]);
        $kept = $diary->course()->storing->now;
        self::assertSame(['Potting shed', 'shed'], [$kept?->at->name, $kept?->placeId]);
        self::assertSixDigits(self::IN_SHED, $diary->course()->storing->moisture);
    }

    public function test_somewhere_is_not_a_place(): void
    {
        $diary = self::clean();
        foreach ([[], ['place' => 'Fridge'], ['place_id' => 'gone']] as $where) {
            $questions = $diary->asks('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 20, ...$where])->questions;
            self::assertSame('place_id', $questions[0]->field);
            self::assertStringContainsString('where it was put', $questions[0]->message);
        }
    }

    public function test_more_than_there_was_is_asked_about_but_another_scale_is_not(): void
    {
        $diary = self::clean();
        $diary->record('spread', '2025-09-22', ['surface' => 'mesh', 'mass_g' => 20]);
        self::assertSame([], $diary->asks('stored', '2025-10-01', ['container' => 'paper_envelope', 'mass_g' => 20.9, ...self::FRIDGE])->questions);
        $heavier = $diary->asks('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 21.5, ...self::FRIDGE])->questions;
        self::assertSame('mass_g', $heavier[0]->field);
        self::assertStringContainsString('last weighed 20 g; 21.5 g cannot', $heavier[0]->message);
        $picked = self::clean()->asks('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 250, ...self::FRIDGE])->questions;
        self::assertStringContainsString('only 200 g were picked', $picked[0]->message);
    }

    public function test_how_much_there_is_may_stay_unknown_but_is_asked_for(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('picked', '2025-08-20', ['plants' => 4, 'fruits' => 12]);
        $diary->record('rinsed', '2025-08-21');
        $asked = $diary->asks('stored', '2025-10-01', ['container' => 'paper_envelope', ...self::FRIDGE])->questions;
        self::assertCount(1, $asked);
        self::assertStringContainsString('How much there is is not known', $asked[0]->message);
        $diary->insist('stored', '2025-10-01', ['container' => 'jar', ...self::FRIDGE]);
        self::assertSame(Place::Store, $diary->course()->place());
        self::assertNull($diary->course()->stock->stock->seeds());
        self::assertFalse($diary->course()->isUsedUp());
    }

    public function test_it_cannot_be_put_away_before_it_is_out_of_its_fruit(): void
    {
        $diary = new Diary(self::crop('onion'));
        $diary->record('picked', '2025-08-20', ['plants' => 20, 'fruits' => 20]);
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('Seed is stored after it has been cleaned: record the threshing first.');
        $diary->record('stored', '2025-10-01', ['container' => 'jar', ...self::FRIDGE, 'mass_g' => 20]);
    }

    public function test_damp_seed_is_never_shut_into_anything_tight_unasked(): void
    {
        $asks = static fn (Diary $diary, string $at, string $in): array => array_column(array_filter($diary->asks('stored', $at, ['container' => $in, 'mass_g' => 20, ...self::FRIDGE])->questions, static fn ($question): bool => $question->field === 'container'), 'message');
        $tomato = new Diary(self::crop('tomato'));
        $tomato->record('picked', '2025-08-20 10:00', ['plants' => 4, 'fruits' => 12]);
        $tomato->record('rinsed', '2025-08-21 10:00');
        foreach (['jar', 'foil_pouch'] as $tight) {
            self::assertStringStartsWith('It was wet 2 days ago.', $asks($tomato, '2025-08-23 10:00', $tight)[0]);
            self::assertStringStartsWith('Nothing says how dry it is.', $asks($tomato, '2025-09-23 10:00', $tight)[0]);
        }
        foreach (['paper_envelope', 'cloth_bag', 'tin', 'plastic_bag'] as $breathes) {
            self::assertSame([], $asks($tomato, '2025-08-23 10:00', $breathes), 'paper and cloth are the remedy');
        }
        $bean = new Diary(self::crop('french-bean'));
        $bean->record('picked', '2025-09-01 09:00', ['plants' => 20, 'fruits' => 100]);
        $bean->record('threshed', '2025-09-01 10:00', ['mass_g' => 500]);
        self::assertStringStartsWith('It was threshed an hour ago, and seed straight from the plant is damp.', $asks($bean, '2025-09-01 10:40', 'foil_pouch')[0]);
        // Steady in a room says no more than that it is in balance with it.
        $bean->record('spread', '2025-09-02', ['surface' => 'mesh', 'mass_g' => 500]);
        foreach (['2025-09-20', '2025-09-22', '2025-09-24'] as $day) {
            $bean->record('weighed', $day, ['mass_g' => 430]);
        }
        self::assertStringStartsWith('Its weight is steady', $asks($bean, '2025-09-25', 'jar')[0]);
        $bean->record('jar_read', '2025-09-26', ['rh' => 65, 'temperature_c' => 20]);
        self::assertStringContainsString('By what is known it holds', $asks($bean, '2025-09-27', 'jar')[0]);
        $bean->record('jar_read', '2025-10-26', ['rh' => 30, 'temperature_c' => 20]);
        self::assertSame([], $asks($bean, '2025-10-27', 'jar'), 'read and dry');
        // What came in a jar came in it; shut into one later, it is asked.
        $came = new Diary(self::crop('onion'));
        $came->record('received', '2025-09-01 10:00', ['how' => 'given', 'year' => 2025]);
        self::assertSame([], $asks($came, '2025-09-01 10:00', 'jar'));
        self::assertStringStartsWith('Nothing says how dry it is.', $asks($came, '2025-09-05 10:00', 'jar')[0]);
    }

    public function test_what_was_weighed_is_not_asked_for_again(): void
    {
        $bean = new Diary(self::crop('french-bean'));
        $bean->record('picked', '2025-09-01', ['plants' => 20, 'fruits' => 100]);
        $bean->record('threshed', '2025-09-20', ['mass_g' => 500]);
        $bean->record('winnowed', '2025-09-21', ['mass_g' => 310]);
        $bean->record('stored', '2025-10-20', ['container' => 'paper_envelope', ...self::FRIDGE]);
        $stock = $bean->course()->stock->stock;
        self::assertSame([310.0, true], [$stock->grams(), $stock->isRough()], 'it will have lost a little water since');
        $racks = new Diary(self::crop('french-bean'));
        $racks->record('picked', '2025-09-01', ['plants' => 20, 'fruits' => 100]);
        $racks->record('threshed', '2025-09-20', ['mass_g' => 500]);
        $racks->record('spread', '2025-09-21', ['surface' => 'mesh', 'mass_g' => 310]);
        $racks->record('weighed', '2025-10-10', ['mass_g' => 290]);
        $racks->record('stored', '2025-10-20', ['container' => 'paper_envelope', ...self::FRIDGE]);
        self::assertSame(290.0, $racks->course()->stock->stock->grams());
        self::assertFalse($racks->course()->stock->stock->isAbout);
    }

    public function test_a_lot_may_lie_in_several_containers(): void
    {
        $diary = self::clean();
        $diary->insist('stored', '2025-10-01', ['container' => 'jar', 'into' => 'a', 'mass_g' => 20, ...self::FRIDGE]);
        $diary->record('stored', '2025-10-02', ['container' => 'paper_envelope', 'into' => 'b', ...self::SHED]);
        $diary->record('stored', '2025-10-03', ['container' => 'foil_pouch', 'into' => 'a', ...self::FRIDGE]);
        $course = $diary->course();
        self::assertSame(['a', 'b'], array_keys($course->storing->containers()));
        self::assertSame('foil_pouch', $course->storing->containers()['a']->container->value, 'put into another, it is no longer in the first');
        self::assertSame('Shed', $course->storing->containers()['b']->at->name);
    }

    public function test_ageing_adds_up_over_the_room_the_paper_and_the_jar(): void
    {
        $diary = self::clean();
        $diary->record('stored', '2025-10-01', ['container' => 'paper_envelope', 'mass_g' => 20, ...self::SHED]);
        $diary->record('stored', '2026-06-10', ['container' => 'paper_envelope', 'place' => 'Cold shed', 'temperature_c' => 5, 'rh' => 50.9155]);
        $forecast = $diary->course()->forecast();
        self::assertNotNull($forecast);
        self::assertSame('2025-08-20', $forecast->startAt()->format('Y-m-d'), 'untested, it is forecast from the day it was picked');
        self::assertSixDigits(0.886726787, $forecast->shareAt(new \DateTimeImmutable('2026-06-10')));
    }

    public function test_back_on_the_racks_it_ages_as_in_a_room(): void
    {
        $diary = self::clean();
        $diary->record('jar_read', '2025-09-29', ['rh' => 20, 'temperature_c' => 20]);
        $diary->insist('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 20, ...self::FRIDGE]);
        $diary->record('spread', '2026-01-01', ['surface' => 'tray', 'mass_g' => 20]);
        self::assertNull($diary->course()->forecast(), 'on the racks it is not in store');
        $diary->record('jar_read', '2026-01-31', ['rh' => 20, 'temperature_c' => 20]);
        $diary->insist('stored', '2026-02-01', ['container' => 'jar', 'mass_g' => 20, ...self::FRIDGE]);
        self::assertSixDigits(0.926078404, $diary->course()->forecast()?->shareAt(new \DateTimeImmutable('2026-02-01')));
    }

    /** @param  array<string, mixed>  $stored */
    #[DataProvider('outside')]
    public function test_kept_where_the_equation_is_not_trusted_there_is_no_forecast(array $stored): void
    {
        $diary = self::clean();
        $diary->insist('stored', '2025-10-01', ['mass_g' => 20, ...$stored]);
        self::assertNull($diary->course()->forecast());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function outside(): iterable
    {
        yield 'paper in a wet cellar' => [['container' => 'paper_envelope', 'place' => 'Cellar', 'temperature_c' => 12, 'rh' => 92]];
        yield 'a loft too hot' => [['container' => 'jar', 'place' => 'Loft', 'temperature_c' => 42, 'rh' => 40]];
        yield 'a freezer too cold' => [['container' => 'jar', 'place' => 'Lab', 'temperature_c' => -25, 'rh' => 40]];
    }

    public function test_drier_than_the_equation_reaches_gains_nothing_more(): void
    {
        $share = static function (float $rh): float {
            $diary = self::clean();
            $diary->record('jar_read', '2025-09-29', ['rh' => $rh, 'temperature_c' => 30]);
            $diary->insist('stored', '2025-10-01', ['container' => 'jar', 'mass_g' => 20, ...self::FRIDGE]);
            self::assertLessThan(3.0, $diary->course()->storing->moisture);

            return (float) $diary->course()->forecast()?->shareAt(new \DateTimeImmutable('2035-10-01'));
        };
        self::assertSame($share(3.0), $share(4.0));
    }

    /** @param  array<string, StoredAt>  $places */
    private static function clean(array $places = []): Diary
    {
        $diary = new Diary(self::crop('onion'), null, $places);
        $diary->record('picked', '2025-08-20', ['plants' => 20, 'fruits' => 20, 'mass_g' => 200]);
        $diary->record('threshed', '2025-09-20', ['mass_g' => 40]);
        $diary->record('winnowed', '2025-09-21', ['mass_g' => 22]);

        return $diary;
    }

    /**
     * @param  class-string  $of
     * @return list<mixed>
     */
    private static function tasks(Diary $diary, string $of): array
    {
        return array_values(array_filter(array_map(static fn (Task $task): mixed => $task->kind, $diary->course()->tasks()), static fn (mixed $kind): bool => $kind instanceof $of));
    }

    /** @return list<string> */
    private static function offered(Diary $diary): array
    {
        return array_map(static fn (Offer $offer): string => $offer->kind->name, $diary->course()->offers());
    }
}
