<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Task;

/**
 * The strands of one thing, folded from its entries, the same way for every subject. An entry that does not fit is left
 * out and named in `$adrift`; it never stops the rest from being read. An entry that says once more what stands already
 * agrees, and is passed over.
 */
final class Course
{
    /** @var array<string, Refused> why an entry is left out, by its id */
    public array $adrift = [];

    /** @var array<string, list<Doubt>> by the entry's id */
    public array $doubts = [];

    /** @var array<string, string> id of the entry that stands, by the id of the one that says the same */
    public array $agrees = [];

    /** @var list<string> every text that was typed into its entries: notes, people, places */
    public array $texts = [];

    public ?\DateTimeImmutable $lastAt = null;

    /** When the first entry happened that is left out. */
    public ?\DateTimeImmutable $adriftAt = null;

    /** @param  list<Strand>  $strands  in the order of the work */
    private function __construct(private readonly array $strands) {}

    /**
     * @param  list<Strand>  $strands  fresh ones, in the order of the work
     * @param  list<Entry>  $entries  in any order, strikes among them
     */
    public static function fold(array $strands, array $entries): self
    {
        $course = new self($strands);
        $takers = $course->takers();
        $standing = [];
        foreach (Sequence::of($entries)->standing as $entry) {
            array_push($course->texts, ...$entry->kind->texts($entry->payload));
            $once = self::onceKey($entry);
            $said = $once === null ? null : $standing[$once] ?? null;
            if ($said !== null && self::agree($said, $entry)) {
                $course->agrees[$entry->id] = $said->id;

                continue;
            }
            if ($course->take($entry, $takers) && $once !== null) {
                $standing[$once] = $entry;
            }
        }

        return $course;
    }

    /**
     * What one more entry would do: to itself, and to what was recorded before.
     *
     * @param  \Closure(): list<Strand>  $strands  makes fresh ones
     * @param  list<Entry>  $entries  recorded so far
     * @param  ?string  $replaces  id of the one of these that it corrects, and takes the place of
     * @param  ?self  $before  these folded, where they have been
     *
     * @throws Refused when it cannot be true whatever else is
     */
    public static function admit(\Closure $strands, array $entries, Entry $candidate, ?string $replaces = null, ?self $before = null): Admission
    {
        $before ??= self::fold($strands(), $entries);
        $with = self::fold($strands(), [...self::without($entries, $replaces), $candidate]);
        $questions = [];
        $own = $with->adrift[$candidate->id] ?? null;
        if ($own !== null) {
            if (! $own instanceof Misfit) {
                throw $own;
            }
            $questions[] = new Question($own->path, $own->getMessage(), false);
        }
        foreach ($with->doubts[$candidate->id] ?? [] as $doubt) {
            $questions[] = new Question($doubt->field, $doubt->message, true);
        }
        foreach (array_diff_key($with->adrift, $before->adrift) as $id => $refused) {
            if ($id !== $candidate->id) {
                $questions[] = new Question('happened_at', sprintf('With this entry something recorded %s would no longer fit: %s', self::beside($entries, $id, $candidate), $refused->getMessage()), true);
            }
        }
        foreach (array_diff_key($with->doubts, $before->doubts) as $id => $doubts) {
            if ($id !== $candidate->id) {
                $questions[] = new Question('happened_at', sprintf('With this entry something recorded %s would be doubtful: %s', self::beside($entries, $id, $candidate), $doubts[0]->message), true);
            }
        }

        return new Admission($with, $questions);
    }

    /** @param  list<Entry>  $entries */
    private static function beside(array $entries, string $id, Entry $candidate): string
    {
        foreach ($entries as $entry) {
            if ($entry->id === $id) {
                // Of one minute the order is settled by what is usual, not by who pressed first.
                return $entry->happenedAt == $candidate->happenedAt ? 'for the same minute' : 'for a later time';
            }
        }

        return 'for a later time';
    }

    /**
     * What would no longer fit without one entry that was recorded.
     *
     * @param  \Closure(): list<Strand>  $strands  makes fresh ones
     * @param  list<Entry>  $entries  recorded so far
     * @return list<string> why
     */
    public static function leftWithout(\Closure $strands, array $entries, string $id): array
    {
        $left = array_diff_key(self::fold($strands(), self::without($entries, $id))->adrift, self::fold($strands(), $entries)->adrift);

        return array_values(array_map(static fn (Refused $refused): string => $refused->getMessage(), $left));
    }

    /**
     * What was recorded besides one entry; its strikes go with it.
     *
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    public static function without(array $entries, ?string $id): array
    {
        return $id === null ? $entries : array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->id !== $id));
    }

    /** @return list<Task> */
    public function wants(): array
    {
        return array_merge([], ...array_map(static fn (Strand $strand): array => $strand->wants(), $this->strands));
    }

    /** @return list<Offer> the likeliest first */
    public function offers(): array
    {
        $offers = array_merge([], ...array_map(static fn (Strand $strand): array => $strand->offers(), $this->strands));
        usort($offers, static fn (Offer $a, Offer $b): int => $a->rank <=> $b->rank);
        // Two strands may offer one thing; it stands where it is wanted most.
        $byKind = [];
        foreach ($offers as $offer) {
            $byKind[$offer->kind->name] ??= $offer;
        }

        return array_values($byKind);
    }

    /** @return array<string, list<array{Strand, string}>> strands and their methods, by payload and field */
    private function takers(): array
    {
        $takers = [];
        foreach ($this->strands as $strand) {
            foreach ($strand::takes() as [$payload, $as, $method]) {
                $takers["$payload $as"][] = [$strand, $method];
            }
        }

        return $takers;
    }

    /**
     * @param  array<string, list<array{Strand, string}>>  $takers
     * @return bool whether it was taken
     */
    private function take(Entry $entry, array $takers): bool
    {
        $ours = $takers[$entry->payload::class.' '.$entry->heardAs] ?? [];
        try {
            if ($ours === [] && $entry->heardAs === null) {
                throw Refused::at('kind', 'An entry of this kind does not belong here.');
            }
            foreach ($ours as [$strand, $method]) {
                $strand->{$method}($entry->payload, $entry);
            }
        } catch (Refused $refused) {
            $this->adrift[$entry->id] = $refused;
            $this->adriftAt ??= $entry->happenedAt;
            foreach ($this->strands as $strand) {
                $strand->takeDoubts();
            }

            return false;
        }
        foreach ($this->strands as $strand) {
            foreach ($strand->takeDoubts() as $doubt) {
                $this->doubts[$entry->id][] = $doubt;
            }
        }
        if ($entry->heardAs === null) {
            $this->lastAt = $entry->happenedAt;
        }

        return true;
    }

    private static function onceKey(Entry $entry): ?string
    {
        if ($entry->kind->once === null || $entry->heardAs !== null) {
            return null;
        }
        $values = array_map(static fn (string $key): mixed => $entry->kind->value($entry->payload, $key), $entry->kind->once);

        return $entry->kind->name.' '.json_encode($values);
    }

    /** Whether two tell of the same: on one day, with the same figures. */
    private static function agree(Entry $a, Entry $b): bool
    {
        return $a->happenedAt->format('Y-m-d') === $b->happenedAt->format('Y-m-d') && self::figures($a->payload) == self::figures($b->payload);
    }

    /** @return array<string, mixed> */
    private static function figures(Payload $payload): array
    {
        /** @var array<string, mixed> $figures */
        $figures = get_object_vars($payload);

        return $figures;
    }
}
