<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Support;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use PHPUnit\Framework\TestCase;

abstract class CoreTestCase extends TestCase
{
    private static ?CropReference $crops = null;

    /** The crop reference as it ships. */
    protected static function crops(): CropReference
    {
        if (self::$crops === null) {
            $files = [];
            foreach (glob(__DIR__.'/../../data/crops/*.json') ?: [] as $path) {
                /** @var array<string, mixed> $data */
                $data = json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
                $files[basename($path, '.json')] = $data;
            }
            self::$crops = CropReference::fromFiles($files);
        }

        return self::$crops;
    }

    protected static function crop(string $key): Crop
    {
        return self::crops()->get($key);
    }

    /** Six significant digits, the promise that every reckoning keeps. */
    protected static function assertSixDigits(float $expected, mixed $actual, string $message = ''): void
    {
        self::assertIsNumeric($actual);
        self::assertEqualsWithDelta($expected, (float) $actual, max(1e-12, abs($expected) * 2e-6), $message);
    }
}
