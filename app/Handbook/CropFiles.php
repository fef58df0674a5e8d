<?php

declare(strict_types=1);

namespace App\Handbook;

use Closure;
use Marrow\Core\Botany\CropReference;
use RuntimeException;

/** The crops that ship with the application: reads their files for the core, which reads none itself. */
final class CropFiles
{
    public static function load(string $folder): CropReference
    {
        return CropReference::fromFiles(array_map(static fn (Closure $content): array => $content(), self::of($folder)));
    }

    /** @return array<string, Closure(): array<array-key, mixed>> what gives the content of each, by its key */
    public static function of(string $folder): array
    {
        $files = [];
        foreach (glob($folder.'/*.json') ?: [] as $path) {
            $files[basename($path, '.json')] = static fn (): array => self::decode((string) file_get_contents($path), $path);
        }

        return $files;
    }

    /** @return array<array-key, mixed> */
    public static function decode(string $json, string $what): array
    {
        $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : throw new RuntimeException("$what does not hold a crop.");
    }
}
