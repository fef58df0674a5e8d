<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

use Marrow\Core\Journal\Payload\Struck;

/** The entries of one thing in the order in which they happened, and which of them have been struck. */
final readonly class Sequence
{
    /**
     * @param  list<Entry>  $standing  not struck and not strikes, in the order in which they happened
     * @param  array<string, true>  $struck  ids of the struck entries
     */
    private function __construct(public array $standing, public array $struck) {}

    /** @param  list<Entry>  $entries in any order */
    public static function of(array $entries): self
    {
        $struck = self::struckIds($entries);
        $standing = array_values(array_filter(
            $entries,
            static fn (Entry $entry): bool => $entry->kind !== EntryKind::Struck && ! isset($struck[$entry->id]),
        ));
        usort($standing, static fn (Entry $a, Entry $b): int => [$a->happenedAt, $a->order] <=> [$b->happenedAt, $b->order]);

        return new self($standing, $struck);
    }

    /**
     * A strike can itself be struck, which brings the first entry back: so the newest strikes are read first.
     *
     * @param  list<Entry>  $entries
     * @return array<string, true>
     */
    private static function struckIds(array $entries): array
    {
        $strikes = array_filter($entries, static fn (Entry $entry): bool => $entry->payload instanceof Struck);
        usort($strikes, static fn (Entry $a, Entry $b): int => $b->order <=> $a->order);
        $struck = [];
        foreach ($strikes as $strike) {
            if (! isset($struck[$strike->id]) && $strike->payload instanceof Struck) {
                $struck[$strike->payload->entry] = true;
            }
        }

        return $struck;
    }
}
