<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** Reads a number as people write it: 12,5 · ½ · 1 1/2 lb · 3 oz · 72 °F · 40 % · 2 kg · 34° S. */
final class NumberText
{
    private const FRACTIONS = ['½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅓' => '1/3', '⅔' => '2/3', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8'];

    /** A number, whole, broken or with a fraction behind it, and the unit that may follow. */
    private const PART = '~^([+-]?)(\d+ \d+/\d+|\d+/\d+|[\d.,]+(?:e[+-]?\d+)?|[.,]\d+)\s*([^\d\s.,+-][^\d,+-]*)?\s*~u';

    /** @throws Refused when it cannot be read, or can be read in two ways */
    public static function read(string $text, Field $field): float
    {
        $rest = self::plain($text);
        $sum = 0.0;
        $parts = 0;
        while ($rest !== '') {
            if (preg_match(self::PART, $rest, $found) !== 1) {
                throw Reading::unreadable($field, $text);
            }
            $rest = (string) substr($rest, strlen($found[0]));
            $unit = trim($found[3] ?? '');
            // "1 lb 4 oz" is one mass; two bare numbers are none, and neither are degrees with minutes.
            if (($parts > 0 || $rest !== '') && ($unit === '' || $field->unit === '°')) {
                throw Reading::unreadable($field, $text);
            }
            $value = self::value($found[2], $text, $field);
            $sum += Unit::into($field, $found[1] === '-' ? -$value : $value, $unit) ?? throw self::strange($text, $unit, $field);
            $parts++;
        }
        if ($parts === 0) {
            throw Reading::unreadable($field, $text);
        }

        return is_finite($sum) ? $sum : throw Refused::at($field->key, $field->subject().' must be a number of ordinary size.');
    }

    /** One kind of space, of minus and of fraction. */
    private static function plain(string $text): string
    {
        $text = preg_replace('/[\s\x{00A0}\x{2009}\x{202F}]+/u', ' ', trim($text)) ?? '';
        $text = str_replace(["\u{2212}", "\u{2019}", "'"], ['-', '', ''], $text);
        foreach (self::FRACTIONS as $sign => $fraction) {
            $text = str_replace($sign, " $fraction", $text);
        }
        // Thousands set apart by spaces: 1 250, but not 1 1/2.
        $text = preg_replace('~(?<![\d.,/])(\d{1,3}(?: \d{3})+)(?![\d/])~', "\x01$1\x01", $text) ?? $text;
        $text = preg_replace_callback("~\x01([^\x01]*)\x01~", static fn (array $found): string => str_replace(' ', '', $found[1]), $text) ?? $text;

        return mb_strtolower(trim(preg_replace('/ {2,}/', ' ', $text) ?? $text));
    }

    /** @throws Refused */
    private static function value(string $number, string $text, Field $field): float
    {
        if (str_contains($number, '/')) {
            [$whole, $fraction] = str_contains($number, ' ') ? explode(' ', $number) : ['0', $number];
            [$above, $below] = explode('/', $fraction);

            return (float) $below === 0.0 ? throw Reading::unreadable($field, $text) : (float) $whole + (float) $above / (float) $below;
        }
        $number = self::withPoint($number, $text, $field);

        return is_numeric($number) ? (float) $number : throw Reading::unreadable($field, $text);
    }

    /** @throws Refused */
    private static function withPoint(string $number, string $text, Field $field): string
    {
        $comma = strrpos($number, ',');
        if ($comma === false) {
            return self::withoutPoints($number, $field);
        }
        $point = strrpos($number, '.');
        if ($point !== false) {
            // Both: the last of them is the decimal mark.
            return $point > $comma ? str_replace(',', '', $number) : str_replace(',', '.', str_replace('.', '', $number));
        }
        if (substr_count($number, ',') > 1) {
            return preg_match('/^\d{1,3}(,\d{3})+$/', $number) === 1 ? str_replace(',', '', $number) : throw Reading::unreadable($field, $text);
        }
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $number) === 1) {
            [$whole, $rest] = explode(',', $number);
            throw Refused::at($field->key, sprintf('Does "%s" mean %s%s or %s? Write it in one of these ways.', $number, $whole, $rest, rtrim(rtrim("$whole.$rest", '0'), '.')));
        }

        return str_replace(',', '.', $number);
    }

    /**
     * With points alone. "1.250" is a figure with three places, as scales and programs write it; "1.200" and "1.250.000" are not
     * what anybody writes who has no thousands in mind, or a scale that shows what it does not weigh.
     *
     * @throws Refused
     */
    private static function withoutPoints(string $number, Field $field): string
    {
        if (preg_match('/^\d{1,3}(\.\d{3}){2,}$/', $number) === 1) {
            return str_replace('.', '', $number);
        }
        if (preg_match('/^([1-9]\d{0,2})\.(\d{2}0)$/', $number, $part) === 1 && (float) "$part[1]$part[2]" <= $field->max) {
            throw Refused::at($field->key, sprintf('Does "%s" mean %s%s or %s? Write it in one of these ways.', $number, $part[1], $part[2], rtrim(rtrim($number, '0'), '.')));
        }

        return $number;
    }

    private static function strange(string $text, string $unit, Field $field): Refused
    {
        $known = Unit::written($field);

        return Refused::at($field->key, sprintf(
            '%s cannot be given in "%s"%s.',
            $field->subject(),
            mb_substr($unit, 0, 20),
            $known === [] ? ': it is a bare number' : '; write it in '.implode(', ', $known),
        ));
    }
}
