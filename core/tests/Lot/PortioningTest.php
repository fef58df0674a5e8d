<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Lot\Portion;
use Marrow\Core\Lot\Portioning;
use Marrow\Core\Lot\PortionWish;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How a lot is parted into packets: what each holds, how far it goes, what it costs. */
final class PortioningTest extends CoreTestCase
{
    /** @return iterable<string, array{array<string, mixed>, int}> R: the smallest n with 1 − pbinom(plants − 1, n, share · field) of at least 0.95 */
    public static function byR(): iterable
    {
        yield '12 of 80 %, a good bed' => [['plants' => 12, 'share' => 0.8, 'field' => 0.8], 25];
        yield '12 of 80 %, in trays' => [['plants' => 12, 'share' => 0.8, 'field' => 1], 19];
        yield '24 of 90 %, a rough bed' => [['plants' => 24, 'share' => 0.9, 'field' => 0.5], 68];
        yield 'one of 30 %' => [['plants' => 1, 'share' => 0.3, 'field' => 1], 9];
    }

    /** @param  array<string, mixed>  $wish */
    #[DataProvider('byR')]
    public function test_where_the_share_is_only_thought_each_packet_is_as_the_binomial_has_it(array $wish, int $seeds): void
    {
        $portioning = self::of(self::unknown(500), $wish + ['packets' => 3]);
        self::assertSame([$seeds, $seeds, $seeds], array_map(static fn (Portion $portion): int => $portion->seeds, $portioning->portions ?? []));
        self::assertNull($portioning?->portions[0]->low, 'nobody knows how it ages');
        self::assertSame(500 - 3 * $seeds, $portioning->left);
    }

    public function test_later_packets_are_fuller_and_what_is_put_by_is_in_none(): void
    {
        $portioning = self::of(self::onion(1500), ['plants' => 12, 'packets' => 4, 'reserve' => 100, 'tests' => 50]);
        $seeds = array_map(static fn (Portion $portion): int => $portion->seeds, $portioning->portions ?? []);
        self::assertCount(4, $seeds);
        self::assertSame($seeds, self::sorted($seeds));
        self::assertGreaterThan($seeds[0], $seeds[3]);
        self::assertSame(1500 - 100 - 50 - array_sum($seeds), $portioning?->left);
        self::assertNull($portioning->failing);
    }

    public function test_a_sowing_every_third_year_wants_fewer_and_fuller_packets(): void
    {
        $portioning = self::of(self::onion(1500), ['packets' => 3, 'every' => 3, 'first' => 2027, 'plants' => 12]);
        self::assertSame([2027, 2030], array_slice(array_map(static fn (Portion $portion): int => $portion->year, $portioning->portions ?? []), 0, 2));
        self::assertSame('2027', $portioning?->portions[0]->sowing->format('Y'));
    }

    public function test_it_says_for_which_year_there_is_too_little_seed(): void
    {
        $portioning = self::of(self::unknown(60), ['plants' => 12, 'share' => 0.8, 'field' => 0.8, 'packets' => 5, 'first' => 2027]);
        self::assertCount(2, $portioning->portions ?? []);
        self::assertSame([2029, false, 25, 10], [$portioning?->failing, $portioning?->isTooOld, $portioning?->wanting, $portioning?->left]);
    }

    public function test_it_says_for_which_year_too_little_is_alive(): void
    {
        $portioning = self::of(self::onion(5_000_000), ['plants' => 12, 'packets' => 50]);
        self::assertTrue($portioning?->isTooOld);
        self::assertNotNull($portioning->failing);
        self::assertLessThan(2060, $portioning->failing, 'onion in paper');
    }

    public function test_where_one_seed_in_five_lives_at_most_no_packet_is_made(): void
    {
        self::assertCount(1, self::of(self::unknown(5000), ['share' => 0.2, 'packets' => 1])->portions ?? []);
        $none = self::of(self::unknown(5000), ['share' => 0.19, 'packets' => 1]);
        self::assertSame([[], true], [$none?->portions, $none?->isTooOld]);
    }

    public function test_a_reserve_greater_than_what_there_is_leaves_nothing_to_pack(): void
    {
        $portioning = self::of(self::unknown(60), ['share' => 0.8, 'reserve' => 60]);
        self::assertSame([[], 0], [$portioning?->portions, $portioning?->left]);
    }

    public function test_what_nobody_counted_or_nothing_forecasts_is_not_parted_by_guesswork(): void
    {
        self::assertNull(self::of(self::unknown(60), []), 'no forecast, and the keeper says nothing');
        $diary = self::began();
        $diary->insist('stored', '2026-10-02', ['container' => 'jar', 'place_id' => 'shelf', 'into' => 'jar']);
        self::assertNull(self::of($diary->course(), ['share' => 0.8]), 'nobody knows how many');
    }

    public function test_costs_are_of_what_is_priced(): void
    {
        $portioning = self::of(self::unknown(500), ['plants' => 12, 'share' => 0.8, 'packets' => 3, 'sachets' => 2, 'labels' => 2]) ?? throw new \LogicException;
        self::assertSame([6, 6], [$portioning->sachets(), $portioning->labels()]);
        self::assertNull($portioning->cost(null, null, null));
        self::assertEqualsWithDelta(3 * 0.10 + 6 * 0.25 + 6 * 0.02, $portioning->cost(0.10, 0.25, 0.02), 1e-9);
        self::assertEqualsWithDelta(1.50, $portioning->cost(null, 0.25, null), 1e-9);
    }

    public function test_what_is_asked_is_held_within_what_can_be(): void
    {
        $this->expectException(Refused::class);
        PortionWish::fields(new Practice, 2026)->read(['plants' => 0]);
    }

    public function test_packets_that_stand_already_are_not_parted_again(): void
    {
        $diary = self::stored(500);
        $diary->record('portioned', '2026-10-03', ['years' => [2027], 'seeds' => [100], 'container' => 'paper_envelope', 'place_id' => 'shelf']);
        self::assertSame(400.0, self::of($diary->course(), ['share' => 0.8])?->there);
    }

    public function test_it_is_reckoned_as_the_packets_will_be_kept_and_not_as_the_rest_is(): void
    {
        $diary = self::tested('onion', 3000);
        $facts = new LotFacts('L1', self::crop('onion'), new \DateTimeImmutable('2025-03-01'), self::places());
        $at = new \DateTimeImmutable('2026-10-20');
        $years = static function (array $kept) use ($facts, $diary, $at): ?string {
            $wish = PortionWish::of(PortionWish::fields(new Practice, 2026)->read($kept));

            return Portioning::forecast($facts, $diary->entries(), new Practice, $wish, $at)?->reaches(0.6)->format('Y');
        };
        $shelf = $years(['container' => 'paper_envelope', 'place' => 'shelf']);
        self::assertSame($diary->course()->forecast()?->reaches(0.6)->format('Y'), $shelf, 'as the rest is kept');
        self::assertGreaterThan($shelf, $years(['container' => 'foil_pouch', 'place' => 'cold']));
        self::assertLessThan($shelf, $years(['container' => 'paper_envelope', 'place' => 'damp']));
        self::assertNull($years(['container' => 'foil_pouch', 'place' => '']), 'nobody has said where');
    }

    public function test_what_a_test_finds_later_changes_what_a_packet_would_hold(): void
    {
        $diary = self::tested('onion', 3000);
        $diary->record('portioned', '2026-10-20', ['years' => [2029], 'seeds' => [40], 'plants' => 12, 'container' => 'paper_envelope', 'place_id' => 'shelf', 'confidence' => 0.95, 'field' => 0.8, 'into' => ['a']]);
        $wanted = static function (int $enough = 0) use ($diary): ?int {
            $course = $diary->course();
            $packet = $course->packets->all()['a']->packet ?? throw new \LogicException;

            return Portioning::wantedBeyond($course, $packet, $course->forecastIn('a'), $enough);
        };
        $before = $wanted();
        self::assertNull($wanted((int) $before), 'so many are enough');
        self::assertSame($before, $wanted($before - 1), 'and one fewer is too few');
        $diary->record('test_started', '2027-11-01', ['test' => 'u', 'replicates' => 2, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        $diary->record('test_counted', '2027-11-13', ['test' => 'u', 'normal' => [28, 29], 'abnormal' => [0, 0]]);
        $diary->record('test_ended', '2027-11-13', ['test' => 'u']);
        self::assertGreaterThan($before, $wanted());
        $diary->record('portioned', '2027-11-20', ['years' => [2030], 'seeds' => [40], 'plants' => 12, 'container' => 'paper_envelope', 'place_id' => 'shelf', 'into' => ['b']]);
        $course = $diary->course();
        self::assertNull(Portioning::wantedBeyond($course, $course->packets->all()['b']->packet ?? throw new \LogicException, $course->forecastIn('b'), 0), 'nobody reckoned it when it was made');
    }

    /** Sown in its year, a packet gives the plants at least as often as was promised, whichever of all that its forecast leaves open the lot is. */
    public function test_in_each_year_there_are_plants_enough_as_often_as_promised(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        $course = self::onion(3000);
        foreach ([0.8, 0.95] as $confidence) {
            foreach (self::of($course, ['plants' => 12, 'packets' => 5, 'confidence' => $confidence, 'field' => 0.8])->portions ?? [] as $portion) {
                $shares = $course->forecast()?->sharesAt($portion->sowing, 997) ?? [];
                $enough = 0;
                foreach ($shares as $share) {
                    $plants = 0;
                    for ($seed = 0; $seed < $portion->seeds; $seed++) {
                        $plants += (int) ($chance->getInt(0, 999_999) < 800_000 * $share);
                    }
                    $enough += (int) ($plants >= 12);
                }
                // Three standard errors of 997 sowings.
                self::assertGreaterThan($confidence - 3 * sqrt($confidence * (1 - $confidence) / 997), $enough / 997, "$portion->year: $portion->seeds seeds");
            }
        }
    }

    /** @param  array<string, mixed>  $wish */
    private static function of(LotCourse $course, array $wish): ?Portioning
    {
        return Portioning::of($course, PortionWish::of(PortionWish::fields(new Practice, 2026)->read($wish)), $course->forecast());
    }

    /** Grown here, tested, in paper in a cool dry room. */
    private static function onion(int $seeds): LotCourse
    {
        return self::tested('onion', $seeds)->course();
    }

    private static function tested(string $crop, int $seeds): Diary
    {
        $diary = new Diary(self::crop($crop), '2025-03-01', self::places());
        $diary->record('picked', '2026-08-20', ['plants' => 30, 'fruits' => 60, 'mass_g' => 5000]);
        $diary->record('threshed', '2026-09-05');
        $diary->record('winnowed', '2026-09-05');
        $diary->insist('stored', '2026-09-20', ['container' => 'paper_envelope', 'place_id' => 'shelf', 'seeds' => $seeds + 100]);
        $diary->record('test_started', '2026-10-01', ['test' => 't', 'replicates' => 2, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        $diary->record('test_counted', '2026-10-13', ['test' => 't', 'normal' => [46, 45], 'abnormal' => [0, 0]]);
        $diary->record('test_ended', '2026-10-13', ['test' => 't']);

        return $diary;
    }

    /** Of which nobody knows how old it is. */
    private static function unknown(int $seeds): LotCourse
    {
        return self::stored($seeds)->course();
    }

    private static function stored(int $seeds): Diary
    {
        $diary = self::began();
        $diary->insist('stored', '2026-10-02', ['container' => 'jar', 'place_id' => 'shelf', 'into' => 'jar', 'seeds' => $seeds]);

        return $diary;
    }

    private static function began(): Diary
    {
        $diary = new Diary(self::crop('lettuce'), null, self::places());
        $diary->record('received', '2026-10-01', ['how' => 'swapped', 'from' => 'Odile']);

        return $diary;
    }

    /**
     * @param  list<int>  $figures
     * @return list<int>
     */
    private static function sorted(array $figures): array
    {
        sort($figures);

        return $figures;
    }

    /** @return array<string, StoredAt> */
    private static function places(): array
    {
        return ['shelf' => new StoredAt('Shelf', 12.0, 45.0), 'cold' => new StoredAt('Fridge', 4.0, 40.0), 'damp' => new StoredAt('Shed', 18.0, 70.0)];
    }
}
