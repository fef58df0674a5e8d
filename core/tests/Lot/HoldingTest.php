<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Folding\Asked;
use Marrow\Core\Folding\Settle;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Holding\ContainerCourse;
use Marrow\Core\Steps\Holding\Holder;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Holding\PlaceCourse;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Steps\Storing\StoringTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\MakesEntries;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Packets in bags in tins in places: what moves with what, and what the seed has of it. */
final class HoldingTest extends CoreTestCase
{
    use MakesEntries;

    /** Onion in balance with 18 °C and 50 % RH, with 5 °C and 60 %, and with 10 °C and 55 %. */
    private const IN_HALL = 10.331545191;

    private const IN_FRIDGE = 12.104965861;

    private const IN_SHED = 11.257277995;

    private const CONTAINERS = ['tin' => ['Blue tin', ContainerKind::Tin], 'jar' => ['Big jar', ContainerKind::Jar], 'bag' => ['Bag 3', ContainerKind::ClothBag]];

    public function test_moving_the_tin_moves_all_that_is_in_it(): void
    {
        $holdings = self::holdings(['tin' => [['2025-01-01', 'hall', null], ['2026-02-01', 'shed', null]], 'bag' => [['2025-01-01', null, 'tin']]]);
        $course = self::lot($holdings, [['stored', '2025-10-01', ['container' => 'paper_envelope', 'inside' => 'bag', 'seeds' => 300]]]);
        self::assertSame(['Shed', 'Blue tin', 'Bag 3'], $course->storing->now?->path);
        self::assertSame('shed', $course->storing->now->placeId);
        self::assertSixDigits(self::IN_SHED, $course->storing->moisture);
        $was = self::lot(self::holdings(['tin' => [['2025-01-01', 'hall', null]], 'bag' => [['2025-01-01', null, 'tin']]]), [['stored', '2025-10-01', ['container' => 'paper_envelope', 'inside' => 'bag', 'seeds' => 300]]]);
        self::assertSixDigits(self::IN_HALL, $was->storing->moisture);
        self::assertCount(2, $course->storing->now->stays, 'it aged in the one place until then, and in the other since');
        self::assertSame('2026-02-01', $course->storing->now->stays[1]['from']->format('Y-m-d'));
    }

    public function test_what_is_shut_keeps_its_moisture_wherever_it_goes(): void
    {
        $holdings = self::holdings(['jar' => [['2025-01-01', 'hall', null], ['2026-02-01', 'shed', null]]]);
        $course = self::lot($holdings, [['stored', '2025-10-01', ['container' => 'paper_envelope', 'inside' => 'jar', 'seeds' => 300]]]);
        self::assertSixDigits(self::IN_HALL, $course->storing->moisture);
        self::assertSame(MoistureGround::Assumed, $course->storing->ground);
        self::assertSame(10.0, $course->storing->now?->at->temperatureC, 'warmth goes through glass');
    }

    public function test_a_packet_put_into_a_shut_box_keeps_what_it_had_from_the_air(): void
    {
        $holdings = self::holdings(['bag' => [['2025-01-01', 'fridge', null], ['2026-02-01', null, 'jar']], 'jar' => [['2025-01-01', 'hall', null]]]);
        $course = self::lot($holdings, [['stored', '2025-10-01', ['container' => 'paper_envelope', 'inside' => 'bag', 'seeds' => 300]]]);
        self::assertSixDigits(self::IN_FRIDGE, $course->storing->moisture);
        self::assertSame(MoistureGround::Carried, $course->storing->ground);
    }

    public function test_the_air_of_a_place_changes_from_a_day_on(): void
    {
        $holdings = self::holdings([], ['hall' => [['2026-06-01', 5, 60]]]);
        $course = self::lot($holdings, [['stored', '2025-10-01', ['container' => 'paper_envelope', 'place_id' => 'hall', 'seeds' => 300]]]);
        self::assertSixDigits(self::IN_FRIDGE, $course->storing->moisture);
        self::assertEquals([18.0, 5.0], array_column($course->storing->now->stays ?? [], 'temperature'));
    }

    public function test_a_box_lies_neither_in_itself_nor_in_what_lies_in_it(): void
    {
        $holdings = self::holdings(['tin' => [['2025-01-01', 'hall', null]], 'bag' => [['2025-02-01', null, 'tin']]]);
        foreach (['tin' => 'cannot lie in itself', 'bag' => 'lay in Blue tin then'] as $into => $said) {
            $questions = ContainerCourse::admit('tin', 'Blue tin', $holdings, [], self::entry('e', 'placed', '2025-03-01', ['inside' => $into]))->questions;
            self::assertSame(['place_id', false], [$questions[0]->field, $questions[0]->counts]);
            self::assertStringContainsString($said, $questions[0]->message);
        }
        // Before the bag lay in it, nothing spoke against that.
        self::assertTrue(ContainerCourse::admit('tin', 'Blue tin', $holdings, [], self::entry('e', 'placed', '2025-01-15', ['inside' => 'bag']))->fits());
    }

    public function test_of_two_that_were_put_into_one_another_the_later_move_is_left_out(): void
    {
        $day = new \DateTimeImmutable('2026-01-01');
        foreach (['2025-01-01' => 'of one minute, the one that stands behind', '2025-03-01' => 'the later'] as $later => $which) {
            $moves = ['tin' => [[$later, null, 'bag']], 'bag' => [['2025-01-01', null, 'tin']]];
            $holdings = self::holdings($moves);
            self::assertFalse($holdings->around(null, 'tin')?->at($day)->air->isAirKnown, 'nobody has said where');
            self::assertSame(['Blue tin', 'Bag 3'], $holdings->around(null, 'bag')?->at($day)->path, $which);
            self::assertTrue($holdings->isWithin('bag', 'tin', $day));
            self::assertFalse($holdings->isWithin('tin', 'bag', $day));
            $adrift = static fn (string $id): array => array_keys(self::container($id, $holdings, $moves[$id])->adrift());
            self::assertSame(['tin 0'], $adrift('tin'));
            self::assertSame([], $adrift('bag'));
            $due = self::container('tin', $holdings, $moves['tin'])->due();
            self::assertSame([Settle::Settle, 1, $later], [$due[0]->kind, $due[0]->figures['entries'], $due[0]->best->format('Y-m-d')], 'and wants a decision');
        }
    }

    /** The tin lay in the bag in January, the bag in the tin from March on: neither is within itself, whichever is asked about first. */
    public function test_two_that_lay_in_one_another_at_different_times_lie_where_they_were_put(): void
    {
        $moves = [
            'bag' => [['2025-01-01', 'hall', null], ['2025-03-01', null, 'tin'], ['2025-05-01', 'room', null]],
            'tin' => [['2025-01-10', null, 'bag'], ['2025-02-01', 'shed', null], ['2025-04-01', 'fridge', null]],
        ];
        foreach ([['bag', 'tin'], ['tin', 'bag']] as $order) {
            $holdings = self::holdings($moves, ['shed' => [['2025-03-15', 12, 60]]]);
            $seen = [];
            foreach ($order as $id) {
                foreach ($holdings->around(null, $id)->stretches ?? [] as $stretch) {
                    $seen[$id][$stretch->from?->format('Y-m-d') ?? ''] = sprintf('%s %d', implode(' › ', $stretch->path), $stretch->air->temperatureC);
                }
            }
            self::assertSame([
                '' => 'Bag 3 20', '2025-01-01' => 'Hall › Bag 3 18', '2025-03-01' => 'Shed › Blue tin › Bag 3 10', '2025-03-15' => 'Shed › Blue tin › Bag 3 12',
                '2025-04-01' => 'Fridge › Blue tin › Bag 3 5', '2025-05-01' => 'Room › Bag 3 20',
            ], $seen['bag']);
            self::assertSame(['' => 'Blue tin 20', '2025-01-10' => 'Hall › Bag 3 › Blue tin 18', '2025-02-01' => 'Shed › Blue tin 10', '2025-03-15' => 'Shed › Blue tin 12', '2025-04-01' => 'Fridge › Blue tin 5'], $seen['tin']);
        }
    }

    public function test_what_is_looked_up_when_it_is_asked_for_is_looked_up_once_and_is_the_same(): void
    {
        $all = self::holdings(['tin' => [['2025-01-01', 'hall', null], ['2026-02-01', 'shed', null]], 'bag' => [['2025-01-01', null, 'tin']]]);
        $asked = [];
        $lazily = new Holdings([], [], static function (string $id) use ($all, &$asked): ?Surroundings {
            $asked[] = $id;

            return $all->around($id, null);
        }, static function (string $id) use ($all, &$asked): ?Holder {
            $asked[] = $id;

            return $all->holder($id);
        });
        foreach (['2025-06-01', '2026-06-01'] as $day) {
            $at = new \DateTimeImmutable($day);
            self::assertEquals($all->around(null, 'bag')?->at($at), $lazily->around(null, 'bag')?->at($at));
            self::assertTrue($lazily->isWithin('bag', 'tin', $at));
            self::assertFalse($lazily->isWithin('tin', 'bag', $at));
        }
        self::assertNull($lazily->around('attic', null));
        self::assertNull($lazily->around(null, 'sack'));
        self::assertNull($lazily->around('attic', 'sack'));
        self::assertSame(['bag', 'tin', 'hall', 'shed', 'attic', 'sack'], $asked, 'each once, and no fridge');
        self::assertNotNull($lazily->withHolder(new Holder('sack', 'Sack', ContainerKind::ClothBag, []))->around(null, 'sack'), 'what is yet to be kept stands before what is not found');
    }

    public function test_some_of_it_lies_elsewhere_and_together_it_is_what_there_is(): void
    {
        $course = self::lot(self::holdings([]), [
            ['stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'fridge', 'seeds' => 300, 'into' => 'main']],
            ['divided', '2025-11-01', ['seeds' => 40, 'container' => 'paper_envelope', 'place_id' => 'shed', 'into' => 'packet']],
            ['withdrawn', '2025-12-01', ['purpose' => 'gift', 'seeds' => 50]],
            ['withdrawn', '2025-12-02', ['purpose' => 'sowing', 'seeds' => 15, 'container' => 'packet']],
        ]);
        self::assertEquals(['packet' => 25.0, 'main' => 210.0], $course->storing->shares());
        self::assertSame(235.0, $course->stock->stock->seeds());
        self::assertSame('Shed', $course->storing->now?->at->name, 'in paper in the shed it ages fastest, and that tells how long the lot lasts');
    }

    public function test_there_cannot_be_more_in_the_packets_than_in_the_lot(): void
    {
        $diary = self::diary(self::holdings([]), [['stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'fridge', 'seeds' => 300, 'mass_g' => 1.0, 'into' => 'main']], ['divided', '2025-11-01', ['seeds' => 250, 'container' => 'paper_envelope', 'place_id' => 'shed', 'into' => 'a']]]);
        $this->expectException(Asked::class);
        $this->expectExceptionMessage('Only 50 seeds are left there: there cannot be more in the packets than in the lot.');
        $diary->record('divided', '2025-11-02', ['seeds' => 60, 'container' => 'paper_envelope', 'place_id' => 'shed', 'into' => 'b']);
    }

    public function test_a_second_putting_away_writes_nothing_over(): void
    {
        $course = self::lot(self::holdings([]), [
            ['stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'fridge', 'seeds' => 300, 'into' => 'main']],
            ['stored', '2025-11-01', ['container' => 'tin', 'place_id' => 'shed', 'seeds' => 100, 'into' => 'second']],
        ]);
        self::assertSame(['main', 'second'], array_keys($course->storing->containers()));
        self::assertEquals(['second' => 100.0, 'main' => 200.0], $course->storing->shares());
    }

    public function test_what_is_found_at_stock_taking_is_what_there_is(): void
    {
        $entries = [
            ['stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'fridge', 'seeds' => 300, 'into' => 'main']],
            ['divided', '2025-11-01', ['seeds' => 40, 'container' => 'paper_envelope', 'place_id' => 'shed', 'into' => 'packet']],
        ];
        $shares = static fn (array ...$seen): array => self::lot(self::holdings([]), [...$entries, ...array_map(static fn (array $one): array => ['seen', '2026-01-01', $one], array_values($seen))])->storing->shares();
        self::assertEquals(['packet' => 40.0, 'main' => 260.0], $shares(['container' => 'main']), 'ticked: it is there');
        self::assertEquals(['packet' => 40.0, 'main' => 200.0], $shares(['container' => 'main', 'seeds' => 200, 'reason' => 'mice']));
        self::assertEquals(['packet' => 0.0, 'main' => 260.0], $shares(['container' => 'packet', 'gone' => true]));
        self::assertEquals(['packet' => 25.0, 'main' => 260.0], $shares(['container' => 'packet', 'seeds' => 25]));
        $gone = self::lot(self::holdings([]), [['stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'fridge']], ['seen', '2026-01-01', ['gone' => true]]]);
        self::assertTrue($gone->isUsedUp(), 'though nobody ever knew how much there was');
    }

    /**
     * From −18 °C into 20 °C and 50 % RH: dew point 9.2567 °C by Magnus, open above 10.2567 °C; a jar of 40 minutes is there
     * after 40·ln(38/9.7433) = 54.44 minutes.
     */
    public function test_out_of_the_cold_it_stays_shut_until_it_is_warmer_than_the_dew_point(): void
    {
        $diary = self::diary(self::holdings([]), [
            ['jar_read', '2025-09-30', ['rh' => 20, 'temperature_c' => 20]],
            ['stored', '2025-10-01 10:00', ['container' => 'jar', 'place_id' => 'freezer', 'seeds' => 300]],
            ['stored', '2026-03-01 10:00', ['container' => 'jar', 'place_id' => 'room', 'seeds' => null]],
        ]);
        $kept = $diary->course()->storing->now;
        self::assertSame('2026-03-01 10:54', $kept?->coldUntil?->format('Y-m-d H:i'));
        $task = array_values(array_filter($diary->course()->tasks(), static fn ($task): bool => $task->kind === StoringTask::LeaveShut))[0] ?? null;
        self::assertSame('2026-03-01 10:54', $task?->lapses?->format('Y-m-d H:i'));
        foreach ([['opened', []], ['withdrawn', ['purpose' => 'sowing', 'seeds' => 10]], ['stored', ['container' => 'paper_envelope', 'place_id' => 'room']]] as [$kind, $payload]) {
            $questions = $diary->asks($kind, '2026-03-01 10:30', $payload)->questions;
            self::assertStringContainsString('water from the air of Room settles on the seed', $questions[0]->message ?? '', $kind);
            self::assertTrue($questions[0]->counts, 'what was done was done');
        }
        self::assertSame([], $diary->asks('opened', '2026-03-01 10:55')->questions);
        $diary->record('opened', '2026-03-01 11:00');
        self::assertNull($diary->course()->storing->now?->coldUntil);
    }

    public function test_a_tin_that_comes_out_of_the_freezer_warms_with_what_is_in_it(): void
    {
        $holdings = self::holdings(['tin' => [['2025-01-01', 'freezer', null], ['2026-03-01 10:00', 'room', null]]]);
        $diary = self::diary($holdings, [['jar_read', '2025-09-30', ['rh' => 20, 'temperature_c' => 20]], ['stored', '2025-10-01', ['container' => 'jar', 'inside' => 'tin', 'seeds' => 300]]]);
        // 40 minutes of the jar and 60 of the tin: 100·ln(38/9.7433) = 136.1 minutes.
        self::assertSame('2026-03-01 12:16', $diary->course()->storing->now?->coldUntil?->format('Y-m-d H:i'));
    }

    public function test_only_dry_seed_goes_into_the_freezer_and_what_does_not_bear_it_never(): void
    {
        $unmeasured = self::diary(self::holdings([]), [])->asks('stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'freezer', 'seeds' => 300])->questions;
        self::assertSame([true, 'place_id'], [$unmeasured[0]->counts, $unmeasured[0]->field]);
        self::assertStringContainsString('Nobody has measured how dry it is', $unmeasured[0]->message);
        $damp = self::diary(self::holdings([]), [['jar_read', '2025-09-30', ['rh' => 80, 'temperature_c' => 20]]])->asks('stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'freezer', 'seeds' => 300])->questions;
        self::assertStringContainsString('the water in it would freeze, and that kills seed', $damp[0]->message);
        $overruled = self::diary(self::holdings([]), []);
        $overruled->insist('stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'freezer', 'seeds' => 300]);
        self::assertSame($unmeasured[0]->message, $overruled->course()->storing->now?->frozenThough, 'what was overruled is remembered of it');
        $overruled->record('stored', '2026-10-01', ['container' => 'jar', 'place_id' => 'room', 'seeds' => null]);
        self::assertNull($overruled->course()->storing->now?->frozenThough);
        $garlic = new Diary(self::crop('garlic'), '2024-10-01', self::airs());
        $garlic->record('picked', '2025-07-01', ['plants' => 10, 'mass_g' => 600]);
        $never = $garlic->asks('stored', '2025-08-01', ['container' => 'cloth_bag', 'place_id' => 'freezer', 'mass_g' => 500])->questions;
        self::assertStringContainsString('does not bear freezing', $never[0]->message);
        self::assertFalse($never[0]->counts);
    }

    public function test_against_insects_it_comes_out_again_after_as_many_days_as_the_pest_takes(): void
    {
        $diary = new Diary(self::crop('french-bean'), null, self::airs());
        $diary->record('received', '2025-09-01', ['how' => 'given', 'year' => 2025]);
        $diary->record('jar_read', '2025-09-30', ['rh' => 30, 'temperature_c' => 20]);
        $warm = $diary->asks('stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'fridge', 'seeds' => 60, 'against_insects' => true])->questions;
        self::assertStringContainsString('is not cold enough: what eats the seed dies within 7 days at -18 °C or below', $warm[0]->message);
        $loose = $diary->asks('stored', '2025-10-01', ['container' => 'paper_envelope', 'place_id' => 'freezer', 'seeds' => 60, 'against_insects' => true])->questions;
        self::assertContains('container', array_column($loose, 'field'));
        $diary->record('stored', '2025-10-01', ['container' => 'jar', 'place_id' => 'freezer', 'seeds' => 60, 'against_insects' => true]);
        $out = array_values(array_filter($diary->course()->tasks(), static fn ($task): bool => $task->kind === StoringTask::TakeOutOfCold));
        self::assertSame(['2025-10-08'], array_map(static fn ($task): string => $task->best->format('Y-m-d'), $out));
        $diary->record('stored', '2025-10-08 10:00', ['container' => 'jar', 'place_id' => 'room']);
        $kinds = array_map(static fn ($task): string => (string) $task->kind->value, $diary->course()->tasks());
        self::assertContains('leave_shut', $kinds);
        self::assertNotContains('take_out_of_cold', $kinds);
    }

    public function test_poured_together_there_is_of_it_what_was_taken_of_both(): void
    {
        $poured = ['lot' => 'a', 'seeds' => 40, 'other' => 'b', 'other_seeds' => null];
        $fold = static fn (array $entries): LotCourse => LotCourse::fold(new LotFacts('L1', self::crop('onion'), null, self::airs()), $entries, new Practice);
        $source = self::entry('e0', 'received', '2025-09-01', ['how' => 'given', 'seeds' => 300]);
        $heard = static fn (string $as): Entry => new Entry('m', 'm', Registered::kinds()->named('poured_together') ?? throw new \LogicException, Registered::kinds()->read('poured_together', $poured), new \DateTimeImmutable('2025-10-01'), $as);
        self::assertSame(260.0, $fold([$source, $heard('lot')])->stock->stock->seeds());
        self::assertTrue($fold([$source, $heard('other')])->isUsedUp(), 'all of the other');
        $new = $fold([self::entry('m', 'poured_together', '2025-10-01', ['other_seeds' => 60] + $poured), self::entry('s', 'stored', '2025-10-02', ['container' => 'jar', 'place_id' => 'fridge'])]);
        self::assertSame(100.0, $new->stock->stock->seeds());
        self::assertNull($new->forecast(), 'two pasts are no past');
        self::assertFalse($fold([self::entry('m', 'poured_together', '2025-10-01', $poured)])->stock->stock->isKnown());
    }

    /** Seeds are conserved over every move, and the moisture of what is shut does not change by one. */
    #[DataProvider('journeys')]
    public function test_whatever_is_moved_seeds_and_shut_moisture_stay(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $places = ['hall', 'fridge', 'shed', 'room'];
        $moves = ['tin' => [['2025-01-01', 'hall', null]], 'jar' => [['2025-01-01', 'hall', null]], 'bag' => [['2025-01-01', null, 'tin']]];
        $at = new \DateTimeImmutable('2025-10-02');
        for ($n = 0; $n < 12; $n++) {
            $at = $at->modify(sprintf('+%d days', $chance->getInt(1, 40)));
            $what = ['tin', 'jar', 'bag'][$chance->getInt(0, 2)];
            $moves[$what][] = $what === 'bag' && $chance->getInt(0, 1) === 1 ? [$at->format('Y-m-d'), null, ['tin', 'jar'][$chance->getInt(0, 1)]] : [$at->format('Y-m-d'), $places[$chance->getInt(0, 3)], null];
        }
        $shut = $chance->getInt(0, 1) === 1;
        $entries = [['stored', '2025-10-01', ['container' => $shut ? 'jar' : 'paper_envelope', 'inside' => ['tin', 'jar', 'bag'][$chance->getInt(0, 2)], 'seeds' => 500, 'into' => 'main']]];
        for ($n = 0; $n < 5; $n++) {
            $entries[] = ['divided', sprintf('2025-11-%02d', $n + 1), ['seeds' => $chance->getInt(1, 90), 'container' => 'jar', 'inside' => ['tin', 'jar', 'bag'][$chance->getInt(0, 2)], 'into' => "p$n"]];
        }
        $course = self::lot(self::holdings($moves), $entries);
        self::assertSame([], $course->adrift());
        self::assertEqualsWithDelta(500.0, array_sum($course->storing->shares()), 1e-9);
        foreach ($course->storing->containers() as $kept) {
            if ($kept->container->isTight()) {
                self::assertCount(1, array_unique(array_map(static fn (array $stay): string => sprintf('%.9f', $stay['moisture']), array_slice($kept->stays, self::sinceFilled($kept->stays, $kept->since)))));
            }
        }
        // In whatever order the moves came to be known.
        $shuffled = array_map(static fn (array $of): array => $chance->shuffleArray($of), $moves);
        self::assertEquals($course->storing->moisture, self::lot(self::holdings($shuffled), $entries)->storing->moisture);
        self::assertEquals($course->storing->now?->path, self::lot(self::holdings($shuffled), $entries)->storing->now?->path);
    }

    /** @return iterable<string, array{int}> */
    public static function journeys(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "journey $seed" => [$seed];
        }
    }

    /** @param  list<array{from: \DateTimeImmutable, moisture: float, temperature: float}>  $stays */
    private static function sinceFilled(array $stays, \DateTimeImmutable $since): int
    {
        return count(array_filter($stays, static fn (array $stay): bool => $stay['from'] < $since));
    }

    /** @param  list<array{string, ?string, ?string}>  $moves */
    private static function container(string $id, ?Holdings $others, array $moves): ContainerCourse
    {
        return ContainerCourse::fold($id, self::CONTAINERS[$id][0], $others, array_map(static fn (array $move, int $i): Entry => self::entry("$id $i", 'placed', $move[0], ['place_id' => $move[1], 'inside' => $move[2]]), $moves, array_keys($moves)));
    }

    /**
     * @param  array<string, list<array{string, ?string, ?string}>>  $moves  day, place and container, by container
     * @param  array<string, list<array{string, float, float}>>  $airs  day, °C and per cent, by place
     */
    private static function holdings(array $moves, array $airs = []): Holdings
    {
        $places = [];
        foreach (self::airs() as $id => $air) {
            $places[$id] = PlaceCourse::fold($id, $air, array_map(static fn (array $set, int $i): Entry => self::entry("$id $i", 'air_set', $set[0], ['temperature_c' => $set[1], 'rh' => $set[2]]), $airs[$id] ?? [], array_keys($airs[$id] ?? [])))->surroundings();
        }
        $holders = [];
        foreach (self::CONTAINERS as $id => [, $kind]) {
            $holders[$id] = self::container($id, null, $moves[$id] ?? [])->holder($kind);
        }

        return new Holdings($places, $holders);
    }

    /** @return array<string, StoredAt> */
    private static function airs(): array
    {
        return ['hall' => new StoredAt('Hall', 18, 50), 'fridge' => new StoredAt('Fridge', 5, 60), 'shed' => new StoredAt('Shed', 10, 55), 'freezer' => new StoredAt('Freezer', -18, 70), 'room' => new StoredAt('Room', 20, 50)];
    }

    /** @param  list<array{string, string, array<string, mixed>}>  $entries */
    private static function lot(Holdings $holdings, array $entries): LotCourse
    {
        $kept = [self::entry('e0', 'received', '2025-09-01', ['how' => 'given', 'year' => 2025])];
        foreach ($entries as $i => [$kind, $at, $payload]) {
            $kept[] = self::entry('e'.($i + 1), $kind, $at, $payload);
        }
        self::assertNotNull(Registered::kinds()->named('divided'));

        return LotCourse::fold(new LotFacts('L1', self::crop('onion'), null, self::airs(), false, null, $holdings), $kept, new Practice);
    }

    /** @param  list<array{string, string, array<string, mixed>}>  $entries */
    private static function diary(Holdings $holdings, array $entries): Diary
    {
        $diary = new Diary(self::crop('onion'), null, self::airs(), false, $holdings);
        $diary->record('received', '2025-09-01', ['how' => 'given', 'year' => 2025]);
        foreach ($entries as [$kind, $at, $payload]) {
            $diary->insist($kind, $at, $payload);
        }

        return $diary;
    }
}
