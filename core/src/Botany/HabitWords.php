<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Words before the name of a crop that say how it grows, and not which crop it is: a dwarf pea is a pea. */
final class HabitWords
{
    private const WORDS = ['climbing', 'dwarf', 'bush', 'pole', 'tall', 'trailing'];

    /**
     * @param  string  $plain  as texts are compared (PlainText)
     * @return ?string what is left without them; null where there is none, or nothing else
     */
    public static function dropped(string $plain): ?string
    {
        $words = explode(' ', $plain);
        $left = array_values(array_diff($words, self::WORDS));

        return $left === [] || count($left) === count($words) ? null : implode(' ', $left);
    }
}
