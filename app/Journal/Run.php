<?php

declare(strict_types=1);

namespace App\Journal;

use App\Reading\JournalReader;
use Marrow\Core\Folding\Course;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;

/** Drafts about one thing that come one after another in one turn: its journal is read once, and folded once for each. */
final class Run
{
    /** @var ?list<Entry> */
    private ?array $entries = null;

    /** As it stands with what was kept last; null where that is not known. */
    public ?Course $stands = null;

    public function __construct(private readonly JournalReader $journal, public readonly Subject $subject, public readonly string $id) {}

    public static function with(?self $run, Draft $draft, JournalReader $journal): self
    {
        return $run !== null && $run->subject === $draft->about && $run->id === $draft->aboutId ? $run : new self($journal, $draft->about, $draft->aboutId);
    }

    /** @return list<Entry> everything that bears on it */
    public function entries(): array
    {
        return $this->entries ??= $this->journal->of($this->subject, $this->id);
    }

    public function kept(Entry $entry, Course $with): void
    {
        $this->entries = [...$this->entries(), $entry];
        $this->stands = $with;
    }

    /** Something else was written than one entry more. */
    public function forget(): void
    {
        $this->entries = $this->stands = null;
    }
}
