<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Botany;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\UnsoundCrop;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

final class CropReferenceTest extends CoreTestCase
{
    public function test_it_holds_the_crops_of_the_first_slice(): void
    {
        foreach (['tomato', 'pepper', 'squash-pepo', 'lettuce', 'pea', 'leek', 'onion', 'parsnip'] as $key) {
            self::assertTrue(self::crops()->has($key), $key);
        }
    }

    public function test_figures_of_a_crop_go_together(): void
    {
        foreach (self::crops()->all() as $crop) {
            self::assertLessThanOrEqual($crop->test->lastCount, $crop->test->firstCount, $crop->key);
            self::assertMatchesRegularExpression('/^[A-Z][a-z]+ [a-z]+$/', $crop->latin, $crop->key);
            // Seed that may be jarred is in balance with air between bone dry and the room's.
            $rh = Equilibrium::seedRh($crop->jarMoisture, 20.0, $crop->oil);
            self::assertGreaterThan(0.2, $rh, $crop->key);
            self::assertLessThan(0.45, $rh, $crop->key);
        }
    }

    public function test_where_nothing_is_published_the_ordinary_years_come_out_again(): void
    {
        $solved = array_filter(self::crops()->all(), static fn (Crop $crop): bool => $crop->viability()->basis === ConstantsBasis::OrdinaryYears);
        self::assertNotEmpty($solved);
        foreach ($solved as $crop) {
            $moisture = Equilibrium::moisture(0.45, 18.0, $crop->oil);
            $days = StorageLife::of($crop->viability(), $moisture, 18.0, 0.95)->daysTo(0.70);
            self::assertEqualsWithDelta($crop->ordinaryYears, $days / 365.25, 1e-9, $crop->key);
        }
    }

    public function test_published_constants_are_used_and_named(): void
    {
        self::assertSame(6.975, self::crop('onion')->viability()->ke);
        self::assertSame(8.218, self::crop('lettuce')->viability()->ke);
        self::assertSame('Ellis & Roberts 1981', self::crop('onion')->sources['storage.constants']);
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
        yield 'unknown way of cleaning' => [$with(['cleaning' => ['way' => 'boil']]), 'cleaning.way'];
        yield 'last count before the first' => [$with(['germination' => ['last_count' => 2]]), 'germination.last_count'];
        yield 'impossible oil' => [$with(['seed' => ['oil' => 1.2]]), 'seed.oil'];
        yield 'a range the wrong way round' => [$with(['seed' => ['tsm' => [5, 2]]]), 'seed.tsm'];
        yield 'half the constants' => [$with(['storage' => ['constants' => ['ke' => 7]]]), 'storage.constants.cw'];
        yield 'an unknown caution' => [$with(['cautions' => ['dragons']]), 'cautions'];
    }
}
