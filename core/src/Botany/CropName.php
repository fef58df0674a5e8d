<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** The name of a crop in the middle of a sentence: small, but for what is a place's or a person's. */
final class CropName
{
    private const PROPER = ['African', 'Brussels', 'California', 'China', 'Chinese', 'French', 'Good', 'Henry', 'Jerusalem', 'King', 'New', 'Russian', 'William', 'Zealand'];

    public static function inSentence(string $name): string
    {
        return implode(' ', array_map(static fn (string $word): string => in_array($word, self::PROPER, true) ? $word : mb_strtolower($word), explode(' ', $name)));
    }
}
