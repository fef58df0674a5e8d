<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

use Marrow\Core\Rota\RotaConflict;

/**
 * Lines of which no two may flower in one year, as few and as large groups as are soon found: of a group it is known that at
 * most one does, which bounds the search far better than the same said of each pair.
 */
final class Cliques
{
    /**
     * @param  list<RotaConflict>  $conflicts
     * @return list<RotaConflict> with the same meaning
     */
    public static function of(array $conflicts): array
    {
        $apart = [];
        $rest = [];
        foreach ($conflicts as $conflict) {
            if (! $conflict->never) {
                $rest[] = $conflict;

                continue;
            }
            foreach ($conflict->lines as $a) {
                foreach ($conflict->lines as $b) {
                    if ($a !== $b) {
                        $apart[$a][$b] = true;
                    }
                }
            }
            // Where they flower together it is never, so that what it would ask besides is never asked.
        }
        ksort($apart);
        $left = $apart;
        foreach ($apart as $a => $others) {
            ksort($others);
            foreach (array_keys($others) as $b) {
                if (! isset($left[$a][$b])) {
                    continue;
                }
                $group = [(string) $a, (string) $b];
                foreach (array_keys(array_intersect_key($apart[$a], $apart[$b])) as $c) {
                    if (array_diff($group, array_map(strval(...), array_keys($apart[$c]))) === []) {
                        $group[] = (string) $c;
                    }
                }
                foreach ($group as $one) {
                    foreach ($group as $other) {
                        unset($left[$one][$other]);
                    }
                }
                $rest[] = new RotaConflict($group, true);
            }
        }

        return $rest;
    }
}
