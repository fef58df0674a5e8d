<?php

declare(strict_types=1);

namespace App;

use Marrow\Core\Botany\CropReference;
use RuntimeException;

/** Reads the crop reference's files for the core, which reads none itself. */
final class Crops
{
    public static function load(string $folder): CropReference
    {
        $files = [];
        foreach (glob($folder.'/*.json') ?: [] as $path) {
            $files[basename($path, '.json')] = static fn (): array => self::decode($path);
        }

        return CropReference::lazily($files);
    }

    /** @return array<array-key, mixed> */
    private static function decode(string $path): array
    {
        $data = json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : throw new RuntimeException("$path does not hold a crop.");
    }
}
