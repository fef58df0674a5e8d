<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** A text as it is compared: who looks for cafe means Café too, however its letters were typed. */
final class PlainText
{
    /** Small letters without accents. */
    public static function of(string $text): string
    {
        $apart = \Normalizer::normalize($text, \Normalizer::NFKD);
        $bare = preg_replace('/\p{Mn}+/u', '', is_string($apart) ? $apart : $text) ?? $text;

        return mb_convert_case($bare, MB_CASE_FOLD, 'UTF-8');
    }
}
