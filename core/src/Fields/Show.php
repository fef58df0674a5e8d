<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** Figures in refusals, as short as they can be read. */
final class Show
{
    public static function grams(float $mass): string
    {
        return self::plain($mass < 10 ? round($mass, 3) : round($mass, 1));
    }

    public static function count(float $seeds): string
    {
        return number_format(floor($seeds), 0, '.', ' ');
    }

    public static function day(\DateTimeImmutable $at): string
    {
        return $at->format('j F Y');
    }

    public static function moment(\DateTimeImmutable $at): string
    {
        return $at->format('j F Y, H:i');
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ' '), '0'), '.');
    }
}
