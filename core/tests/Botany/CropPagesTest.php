<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Botany;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\Shattering;
use Marrow\Core\Botany\Sureness;
use Marrow\Core\Tests\Support\CoreTestCase;

/** What the files of the crops say, read against one another: nothing copied without a reason, nothing that would kill the seed. */
final class CropPagesTest extends CoreTestCase
{
    /** A sentence or a group of figures of more crops than this wants a reason. */
    private const FEW = 3;

    /** Parts whose figures come in groups. */
    private const GROUPS = [
        'isolation' => ['isolation'],
        'parents' => ['parents'],
        'breeding' => ['breeding.outcrossing_share', 'breeding.adjacent_share'],
        'germination' => ['germination.temperature', 'germination.first_count', 'germination.last_count', 'germination.minimum'],
        'ripening' => ['ripening.passes', 'ripening.rest_days'],
        'bloom' => ['growing.bloom_days', 'growing.bloom_to_ripe'],
        'winter' => ['winter.hardy_to', 'winter.cold_weeks', 'winter.store_temperature', 'winter.store_humidity', 'winter.replant'],
        'fruit_set' => ['growing.fruit_set'],
        'after_ripening' => ['ripening.after_ripening'],
    ];

    /** Not sentences about the crop itself. */
    private const NAMES = ['sources', 'latin', 'family', 'group', 'name', 'kind', 'life_cycle', 'synonyms', 'other_names'];

    public function test_what_more_than_three_crops_share_stands_in_the_list_with_its_reason(): void
    {
        /** @var list<array{shared: string, reason: string}> $list */
        $list = json_decode((string) file_get_contents(__DIR__.'/../../data/shared.json'), true, flags: JSON_THROW_ON_ERROR);
        $listed = [];
        foreach ($list as ['shared' => $shared, 'reason' => $reason]) {
            self::assertGreaterThan(15, mb_strlen($reason), $shared);
            self::assertArrayNotHasKey($shared, $listed, 'listed twice');
            $listed[$shared] = true;
        }
        $found = [];
        foreach (self::shared() as $shared => $crops) {
            if (count($crops) > self::FEW) {
                $found[] = $shared;
                self::assertArrayHasKey($shared, $listed, implode(', ', array_keys($crops)).': each has its own, or the list says why not');
            }
        }
        self::assertSame([], array_values(array_diff(array_keys($listed), $found)), 'nothing is listed that is not shared any more');
    }

    /** It is read in either half of the earth: what is said of a month there is a figure, and goes by the garden. */
    public function test_no_sentence_names_a_month(): void
    {
        foreach (self::files() as $key => $file) {
            self::assertDoesNotMatchRegularExpression('/\b(January|February|March|April|(?<=[a-z] )May|June|July|August|September|October|November|December)\b/', (string) json_encode(array_diff_key($file, ['sources' => 1])), $key);
        }
    }

    public function test_at_most_a_third_of_a_crops_figures_is_rough(): void
    {
        foreach (self::files() as $key => $file) {
            $crop = self::crop($key);
            $figures = self::figures('', array_diff_key($file, ['sources' => 1]));
            $rough = array_filter($figures, static fn (string $path): bool => ($crop->source($path)->sure ?? Sureness::Rough) === Sureness::Rough);
            self::assertLessThanOrEqual(count($figures) / 3, count($rough), "$key: ".implode(', ', $rough));
        }
    }

    public function test_every_figure_has_a_source(): void
    {
        foreach (self::files() as $key => $file) {
            foreach (self::figures('', array_diff_key($file, ['sources' => 1])) as $path) {
                self::assertNotNull(self::crop($key)->source($path), "$key, $path");
            }
        }
    }

    public function test_nothing_is_ordered_that_would_kill_the_seed(): void
    {
        foreach (self::crops()->all() as $crop) {
            if ($crop->bearsDrying()) {
                self::assertNull($crop->damp, "$crop->key is dried or kept damp, not both");

                continue;
            }
            self::assertNull($crop->jarMoisture, $crop->key);
            self::assertNull($crop->cleaning->screens, $crop->key);
            self::assertTrue($crop->isKeptAlive() || $crop->damp !== null, "$crop->key must not dry, so it is said how it is kept");
            self::assertNotContains($crop->ripening->shatters, [Shattering::Sheet, Shattering::PaperBag, Shattering::Rack], "$crop->key would dry there");
            self::assertLessThanOrEqual(30, $crop->ripening->restDaysMax, "$crop->key lies no longer than it bears");
        }
    }

    public function test_what_is_kept_alive_is_said_how_it_is_kept(): void
    {
        $alive = array_filter(self::crops()->all(), static fn (Crop $crop): bool => $crop->isKeptAlive());
        self::assertGreaterThanOrEqual(5, count($alive));
        foreach ($alive as $crop) {
            self::assertNotNull($crop->vegetative?->lift, $crop->key);
            self::assertNotNull($crop->vegetative->keeps, $crop->key);
            self::assertNotNull($crop->vegetative->cue, $crop->key);
            self::assertNull($crop->ripening->shatters, "$crop->key drops no seed");
        }
    }

    public function test_what_a_hand_is_told_fits_the_flower(): void
    {
        foreach (self::crops()->all() as $crop) {
            if ($crop->byHand === null) {
                continue;
            }
            self::assertGreaterThan(0.0, $crop->adjacentShare, "$crop->key crosses with nothing");
            self::assertLessThan($crop->byHand->take[1], $crop->byHand->take[0], $crop->key);
            if ($crop->dioecious) {
                self::assertFalse($crop->byHand->emasculate, $crop->key);
            }
        }
    }

    public function test_what_belongs_to_one_crop_is_not_said_of_another(): void
    {
        // Once printed under cress, rocket, mizuna and mustard, which are no oleracea.
        foreach (['cress', 'rocket', 'mizuna', 'oriental-mustard'] as $key) {
            self::assertStringNotContainsString('one species and cross freely', implode(' ', self::crop($key)->goesWrong), $key);
        }
        foreach (['snowdrop', 'thyme', 'marsh-marigold', 'cowslip', 'yellow-rattle'] as $key) {
            self::assertNull(self::crop($key)->growing->support, "$key stands by itself");
        }
        foreach (self::crops()->all() as $crop) {
            foreach ($crop->drynessTests as $test) {
                self::assertFalse($test->value === 'snap' && $crop->ordinaryTsm() < 1.0, "nobody bends a seed of $crop->key");
            }
        }
    }

    /** @return array<string, array<string, true>> what is shared => by which crops */
    private static function shared(): array
    {
        $shared = [];
        foreach (self::files() as $key => $file) {
            foreach (self::sentences('', $file) as $sentence) {
                $shared[$sentence][$key] = true;
            }
            foreach (self::GROUPS as $name => $paths) {
                $figures = array_map(static fn (string $path): mixed => self::at($file, $path), $paths);
                if (array_filter($figures, static fn (mixed $figure): bool => $figure !== null) !== []) {
                    $shared[$name.' '.str_replace([',', ':', '"'], [', ', ': ', ''], (string) json_encode(count($paths) === 1 ? $figures[0] : $figures))][$key] = true;
                }
            }
        }

        return $shared;
    }

    /** @return list<string> */
    private static function sentences(string $path, mixed $value): array
    {
        if (is_string($value)) {
            return str_contains($value, ' ') && ! in_array(explode('.', $path)[0], self::NAMES, true) && ! str_ends_with($path, '.latin') ? [$value] : [];
        }
        $sentences = [];
        foreach (is_array($value) ? $value : [] as $step => $part) {
            array_push($sentences, ...self::sentences($path === '' ? (string) $step : "$path.$step", $part));
        }

        return $sentences;
    }

    /** @return list<string> paths of all numbers in it */
    private static function figures(string $path, mixed $value): array
    {
        if (is_int($value) || is_float($value)) {
            return [$path];
        }
        $figures = [];
        foreach (is_array($value) ? $value : [] as $step => $part) {
            array_push($figures, ...self::figures($path === '' ? (string) $step : "$path.$step", $part));
        }

        return $figures;
    }

    private static function at(mixed $file, string $path): mixed
    {
        foreach (explode('.', $path) as $step) {
            $file = is_array($file) ? $file[$step] ?? null : null;
        }

        return $file;
    }

    /** @return array<string, array<string, mixed>> decoded, by crop */
    private static function files(): array
    {
        $files = [];
        foreach (glob(__DIR__.'/../../data/crops/*.json') ?: [] as $path) {
            /** @var array<string, mixed> $file */
            $file = json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
            $files[basename($path, '.json')] = $file;
        }

        return $files;
    }
}
