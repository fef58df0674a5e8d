<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Marks;

use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Work\Offer;

/** Single plants, heads and fruits that have a mark, and what was seen of each. */
final class MarkStrand extends Strand
{
    /** @var array<string, array{marked: Marked, seen: list<array{at: \DateTimeImmutable, what: string}>}> by the mark in small letters */
    public array $marks = [];

    #[Takes]
    public function marked(Marked $marked): void
    {
        $key = mb_strtolower($marked->mark);
        if (isset($this->marks[$key])) {
            $this->doubt('mark', sprintf('“%s” is on a %s of this planting already: two with one mark cannot be told apart.', $marked->mark, $this->marks[$key]['marked']->what->label()));
        }
        $this->marks[$key] ??= ['marked' => $marked, 'seen' => []];
    }

    #[Takes]
    public function seen(MarkSeen $seen, Entry $entry): void
    {
        $key = mb_strtolower($seen->mark);
        if (! isset($this->marks[$key])) {
            throw Misfit::at('mark', sprintf('No “%s” was marked by then, by what is recorded.', $seen->mark));
        }
        $this->marks[$key]['seen'][] = ['at' => $entry->happenedAt, 'what' => $seen->seen];
    }

    public function offers(): array
    {
        return [Offer::of(Marked::class, 70), ...($this->marks === [] ? [] : [Offer::of(MarkSeen::class, $this->isOne() ? 69 : 71)->usually('mark', $this->isOne() ? array_values($this->marks)[0]['marked']->mark : null)])];
    }

    private function isOne(): bool
    {
        return count($this->marks) === 1;
    }
}
