<?php

declare(strict_types=1);

namespace App\Handbook;

use Marrow\Core\Botany\CropReference;
use RuntimeException;

/** The crops that ship with the application: reads their files for the core, which reads none itself. */
final class CropFiles
{
    public static function load(string $folder): CropReference
    {
        $files = [];
        foreach (self::keys($folder) as $key) {
            $files[$key] = self::read($folder, $key);
        }

        return CropReference::fromFiles($files);
    }

    /** @return list<string> of the crops in a folder */
    public static function keys(string $folder): array
    {
        return array_map(static fn (string $path): string => basename($path, '.json'), glob("$folder/*.json") ?: []);
    }

    /** @return array<array-key, mixed> the content of one */
    public static function read(string $folder, string $key): array
    {
        return self::decode((string) file_get_contents("$folder/$key.json"), "$folder/$key.json");
    }

    /** @return array<array-key, mixed> */
    public static function decode(string $json, string $what): array
    {
        $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : throw new RuntimeException("$what does not hold a crop.");
    }
}
