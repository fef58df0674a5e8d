<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

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
            static fn (Entry $entry): bool => ! $entry->payload instanceof Struck && ! isset($struck[$entry->id]),
        ));
        usort($standing, self::before(...));

        return new self($standing, $struck);
    }

    /** Which of two happened first; of one moment, a settled order that does not hang on which came in first. */
    public static function before(Entry $a, Entry $b): int
    {
        return [$a->happenedAt, $a->order, $a->id] <=> [$b->happenedAt, $b->order, $b->id];
    }

    /**
     * An entry is struck when a strike of it stands; a strike can itself be struck, which brings the entry back.
     *
     * @param  list<Entry>  $entries
     * @return array<string, true>
     */
    private static function struckIds(array $entries): array
    {
        $strikes = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Struck) {
                $strikes[$entry->payload->entry][] = $entry->id;
            }
        }
        $struck = $known = [];
        foreach (array_keys($strikes) as $target) {
            if (self::isStruck($target, $strikes, $known)) {
                $struck[$target] = true;
            }
        }

        return $struck;
    }

    /**
     * @param  array<string, list<string>>  $strikes  ids of the strikes by what they strike
     * @param  array<string, bool>  $known  what was found out so far, so that each is asked about once; strikes of one another, which nobody can make, end all the same
     */
    private static function isStruck(string $id, array $strikes, array &$known): bool
    {
        if (isset($known[$id])) {
            return $known[$id];
        }
        $known[$id] = false;
        foreach ($strikes[$id] ?? [] as $strike) {
            if (! self::isStruck($strike, $strikes, $known)) {
                return $known[$id] = true;
            }
        }

        return false;
    }
}
