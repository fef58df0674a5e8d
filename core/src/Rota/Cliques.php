<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Groups in which every two belong together, as few and as large as are soon found; each two that do are in exactly one. */
final class Cliques
{
    /**
     * @param  list<array{string, string}>  $pairs  that belong together, in whatever order
     * @return list<non-empty-list<string>> two or more in each
     */
    public static function of(array $pairs): array
    {
        $with = [];
        foreach ($pairs as [$a, $b]) {
            $with[$a][$b] = $with[$b][$a] = true;
        }
        ksort($with);
        $left = $with;
        $groups = [];
        foreach ($with as $a => $others) {
            ksort($others);
            foreach (array_keys($others) as $b) {
                if (! isset($left[$a][$b])) {
                    continue;
                }
                $group = [$a, $b];
                foreach (array_keys(array_intersect_key($with[$a], $with[$b])) as $c) {
                    if (array_all($group, static fn (int|string $one): bool => isset($with[$one][$c], $left[$one][$c]))) {
                        $group[] = $c;
                    }
                }
                foreach ($group as $one) {
                    foreach ($group as $other) {
                        unset($left[$one][$other]);
                    }
                }
                // Keys that look like numbers are numbers in PHP.
                $groups[] = array_map(strval(...), $group);
            }
        }

        return $groups;
    }
}
