<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Isolation;

use Marrow\Core\Isolation\Compatibility;
use Marrow\Core\Isolation\IsolationPair;
use Marrow\Core\Isolation\IsolationSetting;
use Marrow\Core\Isolation\PollenPath;
use Marrow\Core\Isolation\Protection;
use Marrow\Core\Isolation\RiskVerdict;
use Marrow\Core\Season\Cover;
use Marrow\Core\Season\GardenIsolation;
use Marrow\Core\Season\PlanRemark;
use Marrow\Core\Season\PlanRemarkKind;
use Marrow\Core\Season\PlanRemarks;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\Remedy;
use Marrow\Core\Season\RemedyKind;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Steps\Tending\CoverKind;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;
use PHPUnit\Framework\Attributes\DataProvider;

/** What covers isolate goes by what carries the pollen: mesh stops bees, and only what is pollen-tight stops the wind. */
final class ProtectionTest extends CoreTestCase
{
    /** Crops whose pollen the wind carries, whatever else does: an old hand's list, not the handbook's. */
    private const ON_THE_WIND = ['amaranth', 'barley', 'beetroot', 'castor-bean', 'chard', 'einkorn', 'emmer', 'good-king-henry', 'love-lies-bleeding', 'maize', 'millet', 'nz-spinach', 'oat', 'orach', 'popcorn', 'quinoa', 'rye', 'salad-burnet', 'sorghum', 'sorrel', 'spinach', 'sweetcorn', 'wheat', 'wild-rice'];

    public function test_the_wind_carries_what_an_old_hand_says_and_nothing_else(): void
    {
        $found = [];
        foreach (self::crops()->all() as $crop) {
            if ($crop->isWindBorne()) {
                $found[] = $crop->key;
            }
        }
        sort($found);
        self::assertSame(self::ON_THE_WIND, $found);
    }

    public function test_of_every_crop_mesh_keeps_out_insects_alone_and_what_is_pollen_tight_everything(): void
    {
        foreach (self::crops()->all() as $crop) {
            $wind = in_array($crop->key, self::ON_THE_WIND, true);
            foreach ([CoverKind::Cage, CoverKind::Bags, CoverKind::Fleece] as $gauze) {
                self::assertSame(! $wind, $gauze->keepsOut($crop), "$crop->key, $gauze->value");
            }
            foreach ([CoverKind::TightBags, CoverKind::Cloth] as $tight) {
                self::assertTrue($tight->keepsOut($crop), "$crop->key, $tight->value");
            }
            self::assertFalse(CoverKind::Net->keepsOut($crop), 'bees go through a net against birds');
            self::assertSame([! $wind, true, true, false], array_map(static fn (Cover $cover): bool => $cover->keepsOut($crop), [Cover::Caged, Cover::Bagged, Cover::Cloth, Cover::Alternate]), $crop->key);
            self::assertSame(! $wind, Cover::Caged->keepsIn($crop), $crop->key);
            self::assertFalse(Cover::Bagged->keepsIn($crop), 'the other flowers stay open');
            self::assertSame($crop->isWindBorne() ? 'tight_bags' : 'bags', Cover::Bagged->asDone($crop)?->value);
        }
    }

    #[DataProvider('pairs')]
    public function test_a_pair_under_a_cover(string $kept, string $source, Protection $protection, float $distance, float $least, float $most): void
    {
        $pair = IsolationPair::of(self::crop($kept), self::crop($source), new PollenPath($distance, 20, 20, protection: $protection), new IsolationSetting);
        self::assertGreaterThanOrEqual($least, $pair->share);
        self::assertLessThanOrEqual($most, $pair->share);
        self::assertSame($most > 0.01 ? RiskVerdict::Act : RiskVerdict::Clear, $pair->verdict);
    }

    /** @return iterable<string, array{string, string, Protection, float, float, float}> */
    public static function pairs(): iterable
    {
        yield 'beetroot in mesh, chard five metres off' => ['beetroot', 'chard', Protection::Caged, 5.0, 0.5, 1.0];
        yield 'spinach in mesh' => ['spinach', 'spinach', Protection::Caged, 5.0, 0.5, 1.0];
        yield 'sweetcorn in mesh, maize beside it' => ['sweetcorn', 'maize', Protection::Caged, 5.0, 0.4, 1.0];
        yield 'rye in mesh' => ['rye', 'rye', Protection::Caged, 5.0, 0.4, 1.0];
        yield 'beetroot under pollen-tight cloth' => ['beetroot', 'chard', Protection::Cloth, 5.0, 0.0, 0.0];
        yield 'sweetcorn in bags' => ['sweetcorn', 'maize', Protection::Bagged, 5.0, 0.0, 0.0];
        yield 'carrot in mesh: flies and bees' => ['carrot', 'carrot', Protection::Caged, 5.0, 0.0, 0.0];
        yield 'squash in mesh' => ['squash-pepo', 'squash-pepo', Protection::Caged, 5.0, 0.0, 0.0];
    }

    /** @param  list<string>  $never  kinds that must not be proposed */
    #[DataProvider('gardens')]
    public function test_what_is_proposed_isolates(string $kept, string $other, array $never, RemedyKind $cover, bool $cage = true): void
    {
        $sow = self::crop($kept)->lifeCycle->value === 'biennial' ? '2026-06-15' : '2027-05-01';
        $plan = (new Drawing(self::crops()))->plant('a', $kept, 0, 0, $sow)->plant('b', $other, 6, 0, $sow)->plan();
        // With nothing but covers allowed, and with everything.
        $covers = Remedies::find($plan, new RemedyPreferences(new \DateTimeImmutable('2020-01-01'), 0, false, cage: $cage, leaveOut: false));
        foreach ([$covers, Remedies::find($plan, new RemedyPreferences(new \DateTimeImmutable('2020-01-01'), 0, false))] as $found) {
            $kinds = array_map(static fn (Remedy $remedy): string => $remedy->kind->value, $found->plan->remedies ?? []);
            self::assertNotSame([], $kinds);
            self::assertSame([], array_intersect($never, $kinds));
            self::assertNotNull($found->plan);
            foreach (GardenIsolation::of($found->plan->applyTo($plan))->standings as $standing) {
                self::assertLessThanOrEqual($standing->allowed, $standing->share);
            }
        }
        self::assertContains($cover, array_map(static fn (Remedy $remedy): RemedyKind => $remedy->kind, $covers->plan->remedies ?? []));
    }

    /** @return iterable<string, array{0: string, 1: string, 2: list<string>, 3: RemedyKind, 4?: bool}> */
    public static function gardens(): iterable
    {
        $never = ['cage', 'alternate'];
        yield 'beetroot and chard' => ['beetroot', 'chard', [...$never, 'bag'], RemedyKind::Cloth];
        yield 'spinach' => ['spinach', 'spinach', [...$never, 'bag'], RemedyKind::Cloth];
        yield 'rye' => ['rye', 'rye', [...$never, 'bag'], RemedyKind::Cloth];
        yield 'sweetcorn and popcorn: by hand, in paper bags' => ['sweetcorn', 'popcorn', $never, RemedyKind::Bag, false];
        yield 'quinoa sets in a bag by itself' => ['quinoa', 'quinoa', $never, RemedyKind::Bag, false];
        yield 'radish refuses its own pollen' => ['radish', 'radish', ['bag', 'cloth'], RemedyKind::Cage];
    }

    public function test_a_plan_that_trusts_mesh_against_the_wind_is_told_so(): void
    {
        $remarks = static function (string $crop, string $cover): array {
            $plan = (new Drawing(self::crops()))->plant('a', $crop, 0, 0, '2026-06-15', ['cover' => $cover])->plan();

            return array_values(array_filter(array_map(static fn (PlanRemark $remark): PlanRemarkKind => $remark->kind, PlanRemarks::of($plan, GardenIsolation::of($plan)->courses)), static fn (PlanRemarkKind $kind): bool => in_array($kind, [PlanRemarkKind::LetsThrough, PlanRemarkKind::SetsNothing], true)));
        };
        self::assertSame([PlanRemarkKind::LetsThrough], $remarks('chard', 'caged'));
        self::assertSame([PlanRemarkKind::LetsThrough], $remarks('chard', 'alternate'));
        self::assertSame([PlanRemarkKind::SetsNothing], $remarks('chard', 'bagged'));
        self::assertSame([], $remarks('chard', 'cloth'));
        self::assertSame([], $remarks('carrot', 'caged'));
        self::assertSame([PlanRemarkKind::SetsNothing], $remarks('radish', 'bagged'));
        self::assertSame([], $remarks('kale', 'bagged'), 'bud by bud, by hand');
    }

    #[DataProvider('species')]
    public function test_how_readily_pollen_of_one_sets_seed_on_another(string $mother, string $father, float $strength): void
    {
        self::assertSame($strength, Compatibility::onto(self::crop($mother), self::crop($father)));
    }

    /** @return iterable<string, array{string, string, float}> */
    public static function species(): iterable
    {
        yield 'French bean takes runner bean’s now and then' => ['french-bean', 'runner-bean', 0.05];
        yield 'runner bean never takes French bean’s' => ['runner-bean', 'french-bean', 0.0];
        yield 'sunflower and Jerusalem artichoke: by hand' => ['sunflower', 'jerusalem-artichoke', 0.0];
        yield 'pepper and ají: by hand' => ['pepper', 'aji', 0.0];
        yield 'ají and pepper' => ['aji', 'pepper', 0.0];
        yield 'tepary and French bean: by hand' => ['tepary-bean', 'french-bean', 0.0];
        yield 'pepo and moschata: by hand' => ['squash-pepo', 'squash-moschata', 0.0];
        yield 'moschata and maxima: by hand' => ['squash-moschata', 'squash-maxima', 0.0];
        yield 'moschata and argyrosperma: freely' => ['squash-moschata', 'squash-argyrosperma', 1.0];
        yield 'habanero and bird chilli: freely' => ['habanero', 'bird-chilli', 1.0];
        yield 'habanero and sweet pepper: freely' => ['habanero', 'pepper', 1.0];
        yield 'bird chilli and sweet pepper: with difficulty' => ['bird-chilli', 'pepper', 0.05];
        yield 'turnip and swede: freely' => ['turnip', 'swede', 1.0];
        yield 'chicory takes endive’s freely' => ['chicory', 'endive', 1.0];
        yield 'endive seldom takes chicory’s' => ['endive', 'chicory', 0.05];
    }
}
