<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Botany;

use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\CropKind;
use Marrow\Core\Botany\KeptBy;
use Marrow\Core\Botany\LifeCycle;
use Marrow\Core\Botany\PollenCarrier;
use Marrow\Core\Botany\Sowing;
use Marrow\Core\Botany\StorageBehaviour;
use Marrow\Core\Botany\UnsoundCrop;
use Marrow\Core\Botany\Wind;
use Marrow\Core\Isolation\Compatibility;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Year\SeasonShift;
use Marrow\Core\Year\SeedYear;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** The crop reference as it ships: sound as files, and its figures sound beside one another. */
final class CropReferenceTest extends CoreTestCase
{
    #[DataProvider('files')]
    public function test_a_file_is_as_the_schema_says(string $path): void
    {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../data/crop.schema.json'));
        $result = (new Validator)->validate(json_decode((string) file_get_contents($path)), $schema);
        self::assertTrue($result->isValid(), (string) json_encode($result->error() === null ? null : (new ErrorFormatter)->format($result->error())));
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(__DIR__.'/../../data/crops/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [$path];
        }
    }

    public function test_it_is_wide_enough_and_holds_those_that_break_the_rules(): void
    {
        self::assertGreaterThanOrEqual(150, count(self::crops()->all()));
        $some = static fn (\Closure $is): int => count(array_filter(self::crops()->all(), $is));
        foreach (CropKind::cases() as $kind) {
            self::assertGreaterThanOrEqual(3, $some(static fn (Crop $crop): bool => $crop->kind === $kind), $kind->value);
        }
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->dioecious));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => in_array(PollenCarrier::Wind, $crop->carriers, true)));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->keptBy === KeptBy::Tuber));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->keptBy === KeptBy::Clove));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->storage === StorageBehaviour::Recalcitrant));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->storage === StorageBehaviour::Intermediate));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->test->hardSeeded));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->test->chilling));
        self::assertGreaterThan(0, $some(static fn (Crop $crop): bool => $crop->dust));
    }

    public function test_figures_of_a_crop_go_together(): void
    {
        foreach (self::crops()->all() as $crop) {
            self::assertLessThanOrEqual($crop->test->lastCount, $crop->test->firstCount, $crop->key);
            self::assertLessThanOrEqual($crop->distances->careful, $crop->distances->home, $crop->key);
            self::assertLessThanOrEqual($crop->distances->grower, $crop->distances->careful, $crop->key);
            self::assertLessThanOrEqual($crop->parents->landrace, $crop->parents->variety, $crop->key);
            self::assertLessThanOrEqual($crop->outcrossingHigh, $crop->adjacentShare, $crop->key);
            if ($crop->jarMoisture !== null) {
                // Seed that may be jarred shows about 35 % RH in the jar, whatever its crop.
                self::assertEqualsWithDelta(0.35, $crop->balance->seedRh($crop->jarMoisture, 20.0), 0.015, $crop->key);
            }
        }
    }

    public function test_each_is_cleaned_with_the_figures_that_its_way_wants(): void
    {
        foreach (self::crops()->all() as $crop) {
            $cleaning = $crop->cleaning;
            self::assertSame($cleaning->way === CleaningWay::Rinse, $cleaning->soakHours !== null, $crop->key);
            if ($crop->bearsDrying()) {
                self::assertSame($cleaning->way === CleaningWay::Thresh, $cleaning->wind !== null, $crop->key);
                self::assertNotNull($cleaning->screens, $crop->key);
            }
        }
    }

    public function test_the_lightest_seed_is_never_given_the_strongest_wind(): void
    {
        foreach (self::crops()->all() as $crop) {
            match ($crop->cleaning->wind) {
                Wind::Breath => self::assertLessThan(6, $crop->tsmLow, $crop->key),
                Wind::Strong => self::assertGreaterThan(50, $crop->tsmLow, $crop->key),
                default => null,
            };
            self::assertFalse($crop->dust && $crop->cleaning->wind !== Wind::Breath, $crop->key);
        }
    }

    public function test_the_breadth_of_seed_fits_its_weight(): void
    {
        foreach (self::crops()->all() as $crop) {
            $width = self::seedWidth($crop->key);
            if ($width !== null) {
                // A ball of seed weighs about 0.6 mg a cubic millimetre; a needle a dozen times that for its breadth, a disc a twentieth.
                $milligrams = sqrt($crop->tsmLow * $crop->tsmHigh);
                $ratio = $milligrams / sqrt($width[0] * $width[1]) ** 3;
                self::assertGreaterThan(0.03, $ratio, $crop->key);
                self::assertLessThan(9, $ratio, $crop->key);
            }
        }
    }

    public function test_ordinary_years_fit_the_storage_class(): void
    {
        foreach (self::crops()->all() as $crop) {
            match ($crop->storage) {
                StorageBehaviour::Orthodox => self::assertGreaterThanOrEqual(0.5, $crop->ordinaryYears, $crop->key),
                default => self::assertLessThanOrEqual(0.5, $crop->ordinaryYears, $crop->key),
            };
            self::assertSame($crop->bearsDrying(), $crop->jarMoisture !== null, $crop->key);
        }
    }

    public function test_the_year_of_a_crop_fits_its_life_cycle(): void
    {
        foreach (self::crops()->all() as $crop) {
            $years = array_map(static fn (Sowing $sowing): int => $sowing->years, $crop->growing->sowings);
            match ($crop->lifeCycle) {
                LifeCycle::Annual => self::assertLessThanOrEqual(1, max($years), $crop->key),
                LifeCycle::Biennial => self::assertGreaterThanOrEqual(1, max($years), $crop->key),
                LifeCycle::Perennial => self::assertLessThanOrEqual(5, max($years), $crop->key),
            };
        }
    }

    public function test_no_range_of_days_straddles_a_winter(): void
    {
        foreach (self::crops()->all() as $crop) {
            foreach ($crop->growing->sowings as $sowing) {
                self::assertSame($sowing->daysMin === null, $sowing->daysMax === null);
                if ($sowing->daysMax !== null) {
                    self::assertSame(0, $sowing->years, $crop->key);
                    self::assertLessThan(365, ($sowing->to - 1) * 30.44 + $sowing->daysMax, "$crop->key: the New Year lies between");
                }
                self::assertLessThan($sowing->bloomTo, $sowing->bloomFrom, "$crop->key: a window lies in one year");
            }
        }
    }

    public function test_for_every_crop_and_sowing_the_bloom_that_is_reckoned_lies_inside_the_stated_window(): void
    {
        foreach (self::crops()->all() as $crop) {
            foreach ($crop->growing->sowings as $sowing) {
                $begins = new \DateTimeImmutable(sprintf('2027-%02d-01', $sowing->from));
                $ends = (new \DateTimeImmutable(sprintf('2027-%02d-01', $sowing->to)))->modify('last day of this month');
                foreach ([$begins, $begins->modify(sprintf('+%d days', intdiv($ends->diff($begins)->days, 2))), $ends] as $sown) {
                    $year = SeedYear::of($crop->growing, $sown, SeasonShift::none());
                    $at = "$crop->key sown ".$sown->format('j F');
                    self::assertSame($sowing, $year->sowing, $at);
                    $month = static fn (\DateTimeImmutable $day): float => 1 + (int) $day->format('z') / 30.4375;
                    self::assertSame(2027 + $sowing->years, (int) $year->firstBloom->format('Y'), $at);
                    self::assertGreaterThanOrEqual($sowing->bloomFrom - 0.05, $month($year->firstBloom), $at);
                    self::assertLessThanOrEqual($sowing->bloomTo + 0.05, $month($year->lastBloom), $at);
                    self::assertGreaterThan($year->firstBloom, $year->ripeBest, $at);
                }
            }
        }
    }

    public function test_who_crosses_goes_by_species_in_both_directions(): void
    {
        $strength = static fn (string $a, string $b): float => Compatibility::between(self::crop($a), self::crop($b));
        self::assertSame(1.0, $strength('beetroot', 'chard'));
        self::assertSame(1.0, $strength('kale', 'brussels-sprouts'));
        self::assertSame(1.0, $strength('carrot', 'wild-carrot'));
        self::assertSame(0.0, $strength('kale', 'turnip'));
        self::assertSame(0.0, $strength('cucumber', 'melon'));
        self::assertSame(0.0, $strength('leek', 'onion'));
        self::assertSame(1.0, $strength('pepper', 'habanero'));
        self::assertSame(1.0, $strength('chicory', 'endive'));
        foreach (self::crops()->all() as $a) {
            foreach (self::crops()->all() as $b) {
                self::assertSame(Compatibility::between($a, $b), Compatibility::between($b, $a), "$a->key and $b->key");
            }
            foreach ($a->partners as $partner) {
                self::assertNotSame($a->species(), $partner->latin, "$a->key is no partner of itself");
                self::assertArrayNotHasKey($partner->latin, $a->strangers, $a->key);
            }
        }
    }

    public function test_where_nothing_is_published_the_ordinary_years_come_out_again(): void
    {
        $solved = array_filter(self::crops()->all(), static fn (Crop $crop): bool => $crop->bearsDrying() && $crop->viability()->basis === ConstantsBasis::OrdinaryYears);
        self::assertNotEmpty($solved);
        foreach ($solved as $crop) {
            // In paper at 20 °C and 50 % RH, from 0.95 to its minimum: exp(qnorm(0.9)·log(2)/qnorm(0.95)) times as long in the middle.
            $days = StorageLife::of($crop->viability(), $crop->balance->moisture(0.50, 20.0), 20.0, 0.95)->daysTo($crop->test->minimum);
            self::assertEqualsWithDelta(1.71609335 * $crop->ordinaryYears, $days / 365.25, 1e-5, $crop->key);
        }
    }

    public function test_published_constants_are_used_and_named(): void
    {
        foreach (['onion' => [6.975, 'Ellis & Roberts 1981'], 'barley' => [9.983, 'Ellis & Roberts 1980'], 'lettuce' => [8.218, 'Kraak & Vos 1987'], 'chickpea' => [9.070, 'Ellis, Osei-Bonsu & Roberts 1982'], 'cowpea' => [8.690, 'Ellis, Osei-Bonsu & Roberts 1982'], 'soya' => [7.748, 'Ellis, Osei-Bonsu & Roberts 1982']] as $key => [$ke, $source]) {
            self::assertSame($ke, self::crop($key)->viability()->ke);
            self::assertSame($source, self::crop($key)->sources['storage.constants']->from);
        }
    }

    /** @return array{float, float}|null mm */
    private static function seedWidth(string $key): ?array
    {
        /** @var array{seed: array{width?: array{float, float}}} $file */
        $file = json_decode((string) file_get_contents(__DIR__."/../../data/crops/$key.json"), true);

        return $file['seed']['width'] ?? null;
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('spoiled')]
    public function test_an_unsound_file_is_refused_with_the_figure_at_fault(\Closure $spoil, string $figure): void
    {
        /** @var array<string, mixed> $data */
        $data = json_decode((string) file_get_contents(__DIR__.'/../../data/crops/leek.json'), true);
        $this->expectException(UnsoundCrop::class);
        $this->expectExceptionMessage("Crop leek, $figure");
        CropFile::read('leek', $spoil($data));
    }

    /** @return iterable<string, array{\Closure(array<string, mixed>): array<string, mixed>, string}> */
    public static function spoiled(): iterable
    {
        $with = static fn (array $change): \Closure => static fn (array $data): array => array_replace_recursive($data, $change);
        yield 'no name' => [static fn (array $data): array => array_diff_key($data, ['name' => 1]), 'name'];
        yield 'an unknown wind' => [$with(['cleaning' => ['wind' => 'gale']]), 'cleaning.wind'];
        yield 'seed broader than a fist' => [$with(['seed' => ['width' => [2, 190]]]), 'seed.width'];
        yield 'unknown way of cleaning' => [$with(['cleaning' => ['way' => 'boil']]), 'cleaning.way'];
        yield 'last count before the first' => [$with(['germination' => ['last_count' => 2]]), 'germination.last_count'];
        yield 'impossible oil' => [$with(['seed' => ['oil' => 1.2]]), 'seed.oil'];
        yield 'a range the wrong way round' => [$with(['seed' => ['tsm' => [5, 2]]]), 'seed.tsm'];
        yield 'half the constants' => [$with(['storage' => ['constants' => ['ke' => 7]]]), 'storage.constants.cw'];
        yield 'an unknown caution' => [$with(['cautions' => ['dragons']]), 'cautions'];
        yield 'a stricter standard that asks for less' => [$with(['isolation' => ['grower' => 5]]), 'isolation.grower'];
        yield 'fewer parents for a landrace' => [$with(['parents' => ['landrace' => 2]]), 'parents.landrace'];
        yield 'a thirteenth month' => [$with(['growing' => ['sowings' => [['months' => [3, 13]]]]]), 'growing.sowings.0.months.1'];
        yield 'a partner that crosses somehow' => [$with(['crossing' => ['partners' => [['latin' => 'Allium cepa', 'how' => 'somehow', 'note' => 'x']]]]), 'crossing.partners.0.how'];
    }
}
