<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Year;

use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Year\SeasonShift;
use Marrow\Core\Year\SeedYear;
use PHPUnit\Framework\Attributes\TestWith;

/** When what is sown blooms and is ripe: days counted on a calendar, and what gardeners see held against it. */
final class SeedYearTest extends CoreTestCase
{
    /** Sown in either of two seasons, it blooms when a gardener of 51° north sees it bloom. */
    #[TestWith(['broad-bean', '2026-11-01', '2027-04-15', '2027-05-10'])]
    #[TestWith(['broad-bean', '2027-03-01', '2027-05-10', '2027-06-10'])]
    #[TestWith(['pea', '2026-11-01', '2027-05-01', '2027-05-25'])]
    #[TestWith(['spinach', '2026-09-05', '2027-04-20', '2027-05-15'])]
    #[TestWith(['wheat', '2026-10-01', '2027-06-01', '2027-06-20'])]
    #[TestWith(['wheat', '2027-03-10', '2027-05-25', '2027-06-20'])]
    #[TestWith(['sweet-pea', '2026-10-15', '2027-05-20', '2027-06-15'])]
    #[TestWith(['sweet-pea', '2027-03-10', '2027-06-05', '2027-06-30'])]
    #[TestWith(['parsnip', '2026-04-01', '2027-06-10', '2027-07-01'])]
    #[TestWith(['turnip', '2026-08-01', '2027-04-10', '2027-05-01'])]
    #[TestWith(['leek', '2026-03-01', '2027-06-25', '2027-07-20'])]
    #[TestWith(['artichoke', '2026-03-01', '2027-07-01', '2027-08-01'])]
    #[TestWith(['asparagus', '2025-04-01', '2027-05-15', '2027-06-10'])]
    #[TestWith(['sweet-cicely', '2025-10-01', '2027-04-25', '2027-05-20'])]
    #[TestWith(['snowdrop', '2024-06-01', '2028-01-10', '2028-02-20'])]
    public function test_each_season_of_sowing_has_its_own_bloom(string $crop, string $sown, string $from, string $to): void
    {
        $bloom = $this->year($crop, $sown)->firstBloom->format('Y-m-d');
        self::assertGreaterThanOrEqual($from, $bloom);
        self::assertLessThanOrEqual($to, $bloom);
    }

    public function test_two_that_are_one_species_bloom_together_again(): void
    {
        // Kale, cabbage and sprouts are one species: their weeks of bloom overlap, as anybody sees who lets them stand.
        $kale = $this->year('kale', '2026-06-01');
        $cabbage = $this->year('cabbage', '2026-06-01');
        self::assertLessThan($kale->lastBloom, $cabbage->firstBloom);
        $carrot = $this->year('carrot', '2026-05-01');
        $wild = $this->year('wild-carrot', '2026-05-01');
        self::assertLessThan(14, (int) $carrot->firstBloom->diff($wild->firstBloom)->days);
    }

    public function test_what_is_sown_out_of_its_months_belongs_to_the_season_that_lies_nearer(): void
    {
        // Winter wheat drilled late, in January, is in ear with the rest of it.
        self::assertSame('2027', $this->year('rye', '2027-01-05')->firstBloom->format('Y'));
        self::assertSame('2027', $this->year('rye', '2026-10-05')->firstBloom->format('Y'));
        // Leeks sown at Christmas are next season's.
        self::assertSame('2028', $this->year('leek', '2026-12-27')->firstBloom->format('Y'));
        // Winter rye sown in spring stays grass until it has had a winter.
        self::assertSame('2028', $this->year('rye', '2027-04-05')->firstBloom->format('Y'));
    }

    public function test_a_later_sowing_of_one_season_never_blooms_before_an_earlier_one(): void
    {
        foreach (self::crops()->all() as $crop) {
            foreach ($crop->growing->sowings as $sowing) {
                $before = null;
                for ($day = new \DateTimeImmutable(sprintf('2027-%02d-01', $sowing->from)); (int) $day->format('n') <= $sowing->to && $day->format('Y') === '2027'; $day = $day->modify('+1 day')) {
                    $bloom = SeedYear::of($crop->growing, $day, SeasonShift::none())->firstBloom;
                    self::assertTrue($before === null || $bloom >= $before, "$crop->key sown ".$day->format('j F'));
                    $before = $bloom;
                }
            }
        }
    }

    public function test_the_window_moves_with_the_garden_and_days_half_as_far(): void
    {
        // Five degrees north, and frost three weeks later: half of 20 days and half of 20.
        $north = SeasonShift::of(56.0, '05-20');
        self::assertSame(20, $north->days);
        self::assertSame('+20', $this->year('parsnip', '2026-04-01')->firstBloom->diff($this->year('parsnip', '2026-04-01', $north)->firstBloom)->format('%R%a'));
        self::assertSame('+10', $this->year('pea', '2027-03-10')->firstBloom->diff($this->year('pea', '2027-03-10', $north)->firstBloom)->format('%R%a'));
    }

    #[TestWith([null, '04-30', 0])]
    #[TestWith([51.0, '04-30', 0])]
    #[TestWith([null, '04-20', -5])]
    #[TestWith([45.0, '04-10', -22])]
    #[TestWith([64.0, '06-20', 30])]
    #[TestWith([51.0, '02-29', -31])]
    #[TestWith([-51.0, '10-29', 0])]
    #[TestWith([-45.0, '10-20', -17])]
    #[TestWith([-34.0, '09-15', -56])]
    public function test_how_much_later_a_garden_is(?float $latitude, string $lastFrost, int $days): void
    {
        self::assertSame($days, SeasonShift::of($latitude, $lastFrost)->days);
    }

    public function test_ripe_seed_is_looked_for_from_the_earliest_to_the_last(): void
    {
        foreach (self::crops()->all() as $crop) {
            foreach ($crop->growing->sowings as $sowing) {
                $year = $this->year($crop->key, sprintf('2027-%02d-15', $sowing->from));
                self::assertLessThanOrEqual($year->ripeBest, $year->ripeFrom, $crop->key);
                self::assertLessThanOrEqual($year->ripeTo, $year->ripeBest, $crop->key);
                self::assertGreaterThan($year->firstBloom, $year->ripeFrom, $crop->key);
            }
        }
    }

    private function year(string $crop, string $sown, ?SeasonShift $shift = null): SeedYear
    {
        return SeedYear::of(self::crop($crop)->growing, new \DateTimeImmutable($sown), $shift ?? SeasonShift::none());
    }
}
