<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Reading\PeopleNames;

/** Who gave seed, or was given some. */
final readonly class FindsPeople implements Finds
{
    private const MOST = 5;

    public function find(Sought $sought): array
    {
        $found = [];
        foreach (PeopleNames::all() as $name) {
            if ($sought->isIn($name)) {
                $found[] = FoundDocument::page('person', $name, $name, 'gave seed or has some');
            }
        }

        return array_slice($found, 0, self::MOST);
    }
}
