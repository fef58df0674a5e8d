<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Words\Glossary;

/** Words that Marrow uses, and what it means by them. */
final readonly class FindsWords implements Finds
{
    private const MOST = 4;

    public function find(Sought $sought): array
    {
        $found = [];
        foreach (Glossary::WORDS as $word => $meaning) {
            if ($sought->isIn($word)) {
                $found[] = FoundDocument::page('word', $word, $word, $meaning);
            }
        }

        return array_slice($found, 0, self::MOST);
    }
}
