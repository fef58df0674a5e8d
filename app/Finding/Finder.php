<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;

/** Finds anything by what is known of it, from any page. */
final readonly class Finder
{
    /** @param  iterable<Finds>  $sorts  in the order in which they are shown */
    public function __construct(private iterable $sorts) {}

    /** @return list<FoundDocument> */
    public function find(string $text): array
    {
        $sought = Sought::of($text);
        $found = [];
        foreach ($sought->isNothing() ? [] : $this->sorts as $sort) {
            $found = [...$found, ...$sort->find($sought)];
        }

        return $found;
    }
}
