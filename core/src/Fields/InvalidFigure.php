<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** A figure handed to a reckoning cannot be right: it is outside its bounds, or does not go with another one. Its path is the name of the input at fault. */
final class InvalidFigure extends Refused
{
    public static function outOfBounds(string $figure, float|int $given, float|int $min, float|int $max, string $unit = ''): self
    {
        return self::at($figure, sprintf(
            '%s must be from %s to %s%s; %s was given.',
            $figure,
            self::show($min),
            self::show($max),
            $unit === '' ? '' : ' '.$unit,
            self::show($given),
        ));
    }

    public static function because(string $figure, string $reason): self
    {
        return self::at($figure, $reason);
    }

    /** @throws self when $given lies outside $min … $max, or is not a number at all */
    public static function unlessWithin(string $figure, float|int $given, float|int $min, float|int $max, string $unit = ''): void
    {
        if (! ($given >= $min && $given <= $max)) {
            throw self::outOfBounds($figure, $given, $min, $max, $unit);
        }
    }

    private static function show(float|int $value): string
    {
        return is_int($value) ? (string) $value : rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');
    }
}
