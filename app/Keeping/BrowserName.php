<?php

declare(strict_types=1);

namespace App\Keeping;

/** What a browser calls itself, as short as somebody needs to know it again in a list. */
final class BrowserName
{
    /** The first that stands in it; a browser names those it is made from, too. */
    private const PROGRAMS = ['Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'Chrom' => 'Chrome', 'Safari' => 'Safari'];

    private const MACHINES = ['iPhone' => 'iPhone', 'iPad' => 'iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Macintosh' => 'Mac', 'Linux' => 'Linux'];

    public static function of(string $agent): string
    {
        $first = static function (array $of) use ($agent): string {
            foreach ($of as $sign => $name) {
                if (str_contains($agent, $sign)) {
                    return $name;
                }
            }

            return '';
        };
        $named = array_filter([$first(self::PROGRAMS), $first(self::MACHINES)], static fn (string $name): bool => $name !== '');

        return $named === [] ? 'A browser' : implode(' on ', $named);
    }
}
