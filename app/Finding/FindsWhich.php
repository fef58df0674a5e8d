<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Handbook\WhichKeys;

/** The questions that tell look-alikes apart, by a common name that means several species. */
final readonly class FindsWhich implements Finds
{
    public function __construct(private WhichKeys $keys) {}

    public function find(Sought $sought): array
    {
        $found = [];
        foreach ($this->keys->all() as $key) {
            if ($sought->isIn($key->title, implode(' ', $key->names))) {
                $found[] = FoundDocument::page('which', $key->key, $key->title, 'Two or three questions lead to its species');
            }
        }

        return array_slice($found, 0, 2);
    }
}
