<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\EntryDocument;
use App\Documents\JournalLineDocument;
use App\Models\Deed;
use App\Models\Deeds;
use App\Moment;
use LogicException;

/** What was done to plans, settings and figures, as lines of the journal. */
final readonly class DeedLines
{
    /** @var array<string, class-string<Deed>> by kind */
    private array $kinds;

    /** @param  list<class-string<Deed>>  $kinds */
    public function __construct(private Deeds $deeds, array $kinds)
    {
        $by = [];
        foreach ($kinds as $kind) {
            $by[$kind::kind()] = $kind;
        }
        $this->kinds = $by;
    }

    /**
     * @param  array{string, string}|null  $before  moment and id, as they are kept; null for the newest
     * @return array<string, JournalLineDocument> newest first, by moment and id
     */
    public function before(?array $before, int $most, JournalWish $wish): array
    {
        $lines = [];
        foreach ($this->deeds->before($before, $most, $wish->by, $wish->from, $wish->to) as $row) {
            $kind = $this->kinds[$row->kind] ?? throw new LogicException("Nobody speaks of the deed $row->kind.");
            /** @var array<string, mixed> $kept */
            $kept = json_decode($row->figures, true, flags: JSON_THROW_ON_ERROR);
            $deed = $kind::of($kept);
            $at = Moment::say(Moment::read($row->done_at));
            $lines["$row->done_at $row->id"] = new JournalLineDocument(
                null,
                $row->id,
                $deed->about(),
                null,
                new EntryDocument($row->id, $row->kind, $deed->title(), $deed->says(), $at, $at, $row->recorded_by, false, null, null, false, null, (object) [], []),
                $deed->page(),
            );
        }

        return $lines;
    }
}
