<?php

declare(strict_types=1);

namespace App\Handbook;

/** What crops are called in German, French, Spanish, Italian and Dutch: general vocabulary, for lists that come in and for finding. */
final class NamesAbroad
{
    /** @var array<string, list<string>>|null by the key of the crop */
    private static ?array $names = null;

    /** @return array<string, list<string>> */
    public static function all(): array
    {
        if (self::$names === null) {
            self::$names = [];
            foreach (CropFiles::decode((string) file_get_contents(base_path('core/data/names.json')), 'names.json') as $crop => $names) {
                self::$names[(string) $crop] = is_array($names) ? array_values(array_filter($names, is_string(...))) : [];
            }
        }

        return self::$names;
    }
}
