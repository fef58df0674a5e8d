<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Question;
use Marrow\Core\Germination\SmallerTest;
use Marrow\Core\Steps\Packets\Packet;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A lot in packets for the years to come, and a reserve. */
final class PacketsTest extends CoreTestCase
{
    private const PACKETS = ['years' => [2027, 2028, 2029], 'seeds' => [14, 15, 17], 'plants' => 12, 'container' => 'paper_envelope', 'place_id' => 'shelf', 'reserve' => 40, 'into' => ['a', 'b', 'c']];

    public function test_packets_are_called_by_lot_and_year_and_the_rest_stays_where_it_is(): void
    {
        $course = self::parted()->course();
        self::assertEquals(['a' => 14.0, 'b' => 15.0, 'c' => 17.0, 'jar' => 154.0], $course->storing->shares());
        self::assertEquals(new Packet(2029, 12, 17, 'L1-2029'), $course->packets->all()['c']->packet);
        self::assertSame(40, $course->packets->reserve);
        self::assertSame(114.0, $course->packets->spareSeeds());
        self::assertSame(200.0, $course->stock->stock->seeds(), 'parting takes nothing');
    }

    public function test_two_of_one_year_have_a_letter_each_but_the_first(): void
    {
        $diary = self::parted();
        $diary->record('portioned', '2026-11-02', ['years' => [2028, 2030], 'seeds' => [10, 10], 'container' => 'paper_envelope', 'place_id' => 'shelf']);
        self::assertSame(['L1-2027', 'L1-2028', 'L1-2028b', 'L1-2029', 'L1-2030'], array_values(array_map(static fn ($kept): ?string => $kept->packet?->code, $diary->course()->packets->all())));
    }

    public function test_a_packet_is_sown_whole_where_nobody_says_how_much(): void
    {
        $diary = self::parted();
        $diary->heard('sown', '2027-04-01', ['plants' => 12, 'lot' => 'this', 'container' => 'a'], 'lot');
        $course = $diary->course();
        self::assertSame(186.0, $course->stock->stock->seeds());
        self::assertSame(0.0, $course->storing->shares()['a']);
        self::assertSame(['b', 'c'], array_keys($course->packets->waiting()));
    }

    public function test_a_packet_that_is_empty_is_not_opened_twice_unasked(): void
    {
        $diary = self::parted();
        $diary->record('withdrawn', '2027-04-01', ['purpose' => 'sowing', 'seeds' => 14, 'container' => 'a']);
        self::assertAsks($diary->asks('withdrawn', '2027-05-01', ['purpose' => 'sowing', 'seeds' => 3, 'container' => 'a'])->questions, 'container', 'Packet L1-2027 is empty since 1 April 2027');
        self::assertAsks($diary->asks('withdrawn', '2027-05-01', ['purpose' => 'sowing', 'seeds' => 20, 'container' => 'b'])->questions, 'seeds', 'Only 15 seeds are in packet L1-2028.');
    }

    public function test_the_reserve_is_not_given_away_unasked(): void
    {
        $diary = self::parted();
        // Outside the packets lie 154, of which 40 are the reserve.
        self::assertSame([], $diary->asks('withdrawn', '2026-12-01', ['purpose' => 'gift', 'seeds' => 114])->questions);
        self::assertAsks($diary->asks('withdrawn', '2026-12-01', ['purpose' => 'gift', 'seeds' => 120])->questions, 'seeds', 'That leaves 34 of the 40 seeds kept in reserve; what is meant for sowing is in the packets.');
        self::assertSame([], $diary->asks('withdrawn', '2026-12-01', ['purpose' => 'lost', 'seeds' => 120])->questions, 'what is lost is lost');
        self::assertSame([], $diary->asks('withdrawn', '2026-12-01', ['purpose' => 'sowing', 'seeds' => 14, 'container' => 'a'])->questions, 'that is what packets are for');
        $diary->record('reserved', '2026-12-02', ['seeds' => 0]);
        self::assertSame([], $diary->asks('withdrawn', '2026-12-03', ['purpose' => 'gift', 'seeds' => 120])->questions);
    }

    public function test_what_is_taken_out_of_no_packet_lies_outside_them(): void
    {
        $diary = self::parted(['reserve' => null] + self::PACKETS);
        // 46 of the 200 are in packets.
        self::assertSame([], $diary->asks('withdrawn', '2026-12-01', ['purpose' => 'lost', 'seeds' => 154])->questions);
        self::assertAsks($diary->asks('withdrawn', '2026-12-01', ['purpose' => 'lost', 'seeds' => 160])->questions, 'seeds', 'Not so much lies outside its packets: say which of them was opened.');
        self::assertAsks($diary->asksHeard('sown', '2027-04-01', ['plants' => 90, 'lot' => 'this', 'seeds' => 170], 'lot')->questions, 'seeds', 'Not so much lies outside its packets');
        self::assertAsks($diary->asks('test_started', '2026-11-05', ['test' => 't', 'replicates' => 4, 'seeds' => 40, 'temperature_c' => 20, 'method' => 'dish'])->questions, 'seeds', 'Not so much lies outside its packets');
        self::assertSame([], $diary->asks('withdrawn', '2026-12-01', ['purpose' => 'sowing', 'seeds' => 17, 'container' => 'c'])->questions);
    }

    public function test_a_packet_that_is_not_there_at_stock_taking_is_used_up_and_one_that_turns_up_is_not(): void
    {
        $diary = self::parted();
        $diary->record('seen', '2026-12-01', ['container' => 'b', 'gone' => true, 'reason' => 'mice']);
        self::assertSame(['a', 'c'], array_keys($diary->course()->packets->waiting()));
        self::assertSame('2026-12-01', $diary->course()->packets->all()['b']->emptiedAt?->format('Y-m-d'));
        $diary->record('seen', '2026-12-05', ['container' => 'b', 'seeds' => 9]);
        self::assertSame(['a', 'b', 'c'], array_keys($diary->course()->packets->waiting()));
        self::assertNull($diary->course()->packets->all()['b']->emptiedAt);
        self::assertSame(9.0, $diary->course()->packets->all()['b']->part);
    }

    public function test_spread_again_the_packets_are_no_more_and_that_is_asked_first(): void
    {
        $diary = self::parted();
        self::assertAsks($diary->asks('spread', '2026-12-01', ['surface' => 'mesh', 'mass_g' => 0.2])->questions, 'surface', 'what is in its packets too');
        self::assertSame([], self::parted([])->asks('spread', '2026-12-01', ['surface' => 'mesh', 'mass_g' => 0.2])->questions);
        $diary->insist('spread', '2026-12-01', ['surface' => 'mesh', 'mass_g' => 0.2]);
        self::assertSame([], $diary->course()->packets->all());
        self::assertSame(200.0, $diary->course()->stock->stock->seeds(), 'the seed is there all the same');
    }

    public function test_a_planting_that_takes_of_the_reserve_is_asked_about(): void
    {
        $diary = self::parted();
        self::assertAsks($diary->asksHeard('sown', '2027-04-01', ['plants' => 90, 'lot' => 'this', 'seeds' => 130], 'lot')->questions, 'seeds', 'That leaves 24 of the 40 seeds kept in reserve');
    }

    public function test_a_test_that_would_eat_the_reserve_says_what_a_smaller_one_tells(): void
    {
        $diary = new Diary(self::crop('lettuce'), '2026-03-01', self::places());
        $diary->record('picked', '2026-08-01', ['plants' => 5, 'fruits' => 20, 'mass_g' => 200]);
        $diary->record('threshed', '2026-08-20');
        $diary->record('winnowed', '2026-08-20');
        $diary->record('stored', '2026-10-01', ['container' => 'paper_envelope', 'place_id' => 'shelf', 'seeds' => 120]);
        $diary->record('reserved', '2026-10-02', ['seeds' => 90]);
        $set = ['test' => 't', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 20, 'method' => 'dish'];
        // R: wilson 24 of 30 is 0.627 to 0.905.
        self::assertAsks($diary->asks('test_started', '2026-11-01', $set)->questions, 'seeds', 'That would leave 70 seeds, and 90 are the reserve. A test of 30 would do: were 24 of them to come up, 63 to 90 % of the lot are alive.');
        self::assertSame([], $diary->asks('test_started', '2026-11-01', ['replicates' => 1] + $set)->questions);
    }

    public function test_of_a_lot_in_packets_the_reserve_lies_in_the_rest_and_a_test_may_not_eat_it(): void
    {
        $set = ['test' => 't', 'replicates' => 4, 'temperature_c' => 20, 'method' => 'dish'];
        // Outside the packets lie 154, of which 40 are the reserve.
        self::assertSame([], self::parted()->asks('test_started', '2026-12-01', $set + ['seeds' => 28])->questions);
        self::assertAsks(self::parted()->asks('test_started', '2026-12-01', $set + ['seeds' => 30])->questions, 'seeds', 'That would leave 34 seeds, and 40 are the reserve. A test of 100 would do');
    }

    public function test_a_test_that_would_use_the_lot_up_offers_a_smaller_one(): void
    {
        $diary = self::parted([]);
        self::assertAsks($diary->asks('test_started', '2026-11-01', ['test' => 't', 'replicates' => 4, 'seeds' => 49, 'temperature_c' => 20, 'method' => 'dish'])->questions, 'seeds', 'That would leave 4 of the 200 seeds there are. A test of 50 would do');
    }

    public function test_a_smaller_test_tells_less_and_too_small_a_one_nothing(): void
    {
        self::assertNull(SmallerTest::within(4));
        self::assertSame([5, 19, 20, 20, 100], array_map(static fn (int $spare): ?int => SmallerTest::within($spare)?->seeds, [5, 19, 20, 29, 5000]));
        self::assertGreaterThan(SmallerTest::within(100)?->open(), SmallerTest::within(20)?->open());
    }

    public function test_there_cannot_be_more_in_the_packets_than_in_the_lot(): void
    {
        $questions = self::parted([])->asks('portioned', '2026-11-01', ['seeds' => [100, 60, 41]] + self::PACKETS)->questions;
        self::assertAsks($questions, 'seeds', 'Only 200 seeds are left outside its packets; these packets take 201.');
        self::assertFalse($questions[0]->counts);
        self::assertAsks(self::parted([])->asks('portioned', '2026-11-01', ['seeds' => [60, 60, 60]] + self::PACKETS)->questions, 'reserve', 'Only 20 seeds are left outside the packets; 40 cannot be kept of them.');
    }

    public function test_each_packet_has_a_year_and_a_count(): void
    {
        foreach ([[['seeds' => [1, 2]], 'seeds', '3 packets'], [['years' => range(2000, 2050), 'seeds' => array_fill(0, 51, 1), 'into' => []], 'years', 'At most 50']] as [$change, $path, $said]) {
            try {
                self::parted([])->asks('portioned', '2026-11-01', $change + self::PACKETS);
                self::fail('that was taken');
            } catch (Refused $refused) {
                self::assertSame($path, $refused->path);
                self::assertStringContainsString($said, $refused->getMessage());
            }
        }
    }

    public function test_a_packet_moved_elsewhere_stays_the_packet_of_its_year(): void
    {
        $diary = self::parted();
        $diary->record('stored', '2026-11-05', ['container' => 'paper_envelope', 'place_id' => 'fridge', 'into' => 'b']);
        $kept = $diary->course()->storing->containers()['b'];
        self::assertSame([2028, 15.0, 'Fridge'], [$kept->packet?->year, $kept->part, $kept->at->name]);
    }

    public function test_taken_back_the_lot_is_whole_again(): void
    {
        $diary = self::parted([]);
        $id = $diary->record('portioned', '2026-11-01', self::PACKETS);
        $diary->strike($id);
        self::assertEquals(['jar' => 200.0], $diary->course()->storing->shares());
        self::assertSame([], $diary->course()->packets->all());
        self::assertSame(0, $diary->course()->packets->reserve);
    }

    /** Whatever is taken from whichever packet, in whatever order it comes in: no seed is made and none is lost. */
    #[DataProvider('keepers')]
    public function test_seeds_are_conserved(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $diary = self::parted();
        $taken = 0;
        for ($n = 0; $n < 12; $n++) {
            $open = $diary->course()->storing->shares();
            $id = array_keys($open)[$chance->getInt(0, count($open) - 1)];
            $seeds = $chance->getInt(1, max(1, min(9, (int) ($open[$id] ?? 1))));
            if (($open[$id] ?? 0.0) < $seeds) {
                continue;
            }
            $diary->insist('withdrawn', sprintf('2027-%02d-01', $n % 12 + 1), ['purpose' => ['gift', 'sowing', 'spoilt'][$n % 3], 'seeds' => $seeds, ...($id === 'jar' ? [] : ['container' => $id])]);
            $taken += $seeds;
        }
        foreach ([$diary->course(), $diary->shuffled()] as $course) {
            self::assertEqualsWithDelta(200.0 - $taken, array_sum($course->storing->shares()), 1e-9);
            self::assertEqualsWithDelta(200.0 - $taken, (float) $course->stock->stock->seeds(), 1e-9);
            foreach ($course->packets->all() as $kept) {
                self::assertLessThanOrEqual($kept->packet?->made, $kept->part);
                self::assertSame($kept->part === 0.0, $kept->emptiedAt !== null);
            }
        }
    }

    /** @return iterable<int, array{int}> */
    public static function keepers(): iterable
    {
        return array_map(static fn (int $seed): array => [$seed], range(1, 40));
    }

    /** @param  list<Question>  $questions */
    private static function assertAsks(array $questions, string $field, string $said): void
    {
        self::assertNotSame([], $questions, $said);
        self::assertSame($field, $questions[0]->field);
        self::assertStringContainsString($said, $questions[0]->message);
    }

    /** @param  ?array<string, mixed>  $packets */
    private static function parted(?array $packets = self::PACKETS): Diary
    {
        $diary = new Diary(self::crop('lettuce'), null, self::places());
        $diary->record('received', '2026-10-01', ['how' => 'bought', 'from' => 'A shop', 'year' => 2026, 'seeds' => 200]);
        $diary->insist('stored', '2026-10-02', ['container' => 'jar', 'place_id' => 'shelf', 'into' => 'jar']);
        if ($packets !== null && $packets !== []) {
            $diary->record('portioned', '2026-11-01', $packets);
        }

        return $diary;
    }

    /** @return array<string, StoredAt> */
    private static function places(): array
    {
        return ['shelf' => new StoredAt('Shelf', 18.0, 50.0), 'fridge' => new StoredAt('Fridge', 5.0, 60.0)];
    }
}
