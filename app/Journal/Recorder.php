<?php

declare(strict_types=1);

namespace App\Journal;

use App\Clock;
use App\Models\Container;
use App\Models\JournalEntry;
use App\Models\Keeper;
use App\Models\Lot;
use App\Models\LotOrigin;
use App\Models\Planting;
use App\Models\Variety;
use App\Models\WriteLock;
use App\Moment;
use App\Reading\EntryStore;
use App\Reading\Facts;
use Closure;
use DateTimeImmutable;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Registered;
use Marrow\Core\Steps\Storing\Stored;
use Ramsey\Uuid\Uuid;

/**
 * The one door into the journal: forms, queues, files, devices and the demo all come through it. An entry is admitted by
 * the core, kept, and whatever is reckoned from it follows, in one transaction: when a call returns, it is on the disk.
 */
final readonly class Recorder
{
    /** Where a reference is looked up. */
    private const TABLES = ['lot' => 'lots', 'planting' => 'plantings', 'place' => 'places', 'variety' => 'varieties', 'container' => 'containers'];

    public function __construct(private Clock $clock, private Moments $moments, private Facts $facts, private Dispatcher $events) {}

    /**
     * Each draft by itself, in the order given; a later one may be about what an earlier one begins.
     *
     * @param  list<Draft>  $drafts
     * @param  bool  $all  all of them or none
     * @return list<Answer>
     */
    public function record(array $drafts, bool $all = false): array
    {
        if (! $all) {
            return array_map(fn (Draft $draft): Answer => $this->answered($draft, fn (): Answer => WriteLock::hold(fn (): Answer => $this->one($draft))), $drafts);
        }
        $answers = [];
        try {
            WriteLock::hold(function () use ($drafts, &$answers): void {
                foreach ($drafts as $draft) {
                    $answers[] = $answer = $this->answered($draft, fn (): Answer => $this->one($draft));
                    if ($answer->status !== 'kept') {
                        throw new NotAll;
                    }
                }
            });
        } catch (NotAll) {
            return array_values(array_filter($answers, static fn (Answer $answer): bool => $answer->status !== 'kept'));
        }

        return $answers;
    }

    /**
     * One draft that must be kept, for callers who know what they do.
     *
     * @throws Refused
     */
    public function must(Draft $draft): Answer
    {
        return WriteLock::hold(fn (): Answer => $this->one($draft));
    }

    /** @param  Closure(): Answer  $work */
    private function answered(Draft $draft, Closure $work): Answer
    {
        try {
            return $work();
        } catch (Faults $faults) {
            return Answer::refused($draft->id, $faults->all);
        } catch (Refused $refused) {
            return Answer::refused($draft->id, [$refused]);
        }
    }

    /** @throws Refused */
    private function one(Draft $draft): Answer
    {
        $kind = $this->kind($draft);
        $kept = JournalEntry::query()->where('id', $draft->id)->first();
        if ($kept !== null) {
            return $this->again($draft, $kept, $kind);
        }
        [$payload, $at] = $this->read($draft, $kind);
        $thing = $this->thing($draft, $kind);
        if ($payload instanceof Struck && ($answer = $this->struckAlready($draft, $payload, $thing, $kind)) !== null) {
            return $answer;
        }
        // What it refers to must be there before anything is made of it; the container it is put into may be new.
        $this->references($kind, $payload, new: 'container');
        $payload = $this->withContainer($payload, $thing);
        $entry = new Entry($draft->id, $draft->id, $kind, $payload, $at);
        $references = $this->references($kind, $payload);
        $admissions = [$this->admit($thing, $entry, $draft->replaces), ...$this->heardBy($references, $entry)];
        $questions = array_merge([], ...array_map(static fn (Admission $admission): array => $admission->questions, $admissions));
        if ($questions !== [] && ! $draft->evenSo && ! $draft->late && ! $payload instanceof Struck) {
            throw Asked::about($questions);
        }
        $this->keep($draft, $thing, $entry, $references);
        $touched = [[$draft->about, $thing->id], ...$this->replaced($draft)];
        foreach ($references as [, $subject, $id]) {
            if (Subject::tryFrom($subject) !== null) {
                $touched[] = [Subject::from($subject), $id];
            }
        }
        $this->events->dispatch(new Changed($touched));

        return Answer::kept($draft->id, $thing->code(), $kind, $payload, ($admissions[0]->with->adrift[$entry->id] ?? null)?->getMessage());
    }

    /** @throws Refused */
    private function kind(Draft $draft): Kind
    {
        $kind = Registered::kinds()->named($draft->kind) ?? throw Refused::at('kind', 'Nothing of that kind can be recorded.');
        if (! in_array($draft->about, $kind->of, true)) {
            throw Refused::at('kind', $draft->about === Subject::Lot ? 'That is recorded of a planting, not of a lot.' : 'That is recorded of a lot, not of a planting.');
        }

        return $kind;
    }

    /**
     * @return array{Payload, DateTimeImmutable}
     *
     * @throws Faults|Refused naming everything that is wrong, not just the first
     */
    private function read(Draft $draft, Kind $kind): array
    {
        $faults = $kind->fields->faults($draft->payload);
        $at = null;
        try {
            $at = $this->moments->read($draft->happenedAt);
        } catch (Refused $refused) {
            $faults[] = $refused;
        }
        if ($faults !== [] || $at === null) {
            throw Faults::of($faults);
        }

        return [Registered::kinds()->read($kind->name, $draft->payload), $at];
    }

    /** @throws Refused */
    private function thing(Draft $draft, Kind $kind): Lot|Planting
    {
        $found = $draft->about === Subject::Lot
            ? Lot::query()->with(['variety', 'planting.variety'])->find($draft->aboutId)
            : Planting::query()->with('variety')->find($draft->aboutId);
        if ($found !== null) {
            if ($found instanceof Lot && $draft->begins?->planting !== null && $found->planting?->id !== $draft->begins->planting) {
                throw Refused::at('id', "That lot stands already, as {$found->code()} of another planting. Nothing was changed.");
            }
            if ($draft->begins?->variety !== null && $found->variety_id !== $draft->begins->variety) {
                throw Refused::at('variety', "{$found->code()} stands already, of another variety. Nothing was changed.");
            }

            return $found;
        }
        if ($draft->begins === null || ! $kind->starts) {
            throw Refused::at('kind', $draft->about === Subject::Lot ? 'There is no such lot.' : 'There is no such planting.');
        }

        return $draft->about === Subject::Lot ? $this->beginLot($draft, $draft->begins, $kind) : $this->beginPlanting($draft, $draft->begins);
    }

    /** @throws Refused */
    private function beginPlanting(Draft $draft, Begins $begins): Planting
    {
        $variety = $this->variety($begins);
        if (mb_strlen($begins->spot) > 120) {
            throw Refused::at('spot', 'The spot is too long: at most 120 letters.');
        }
        Planting::query()->create(['id' => $draft->aboutId, 'number' => $this->nextNumber(Planting::class), 'variety_id' => $variety->id, 'spot' => trim($begins->spot)]);

        return Planting::query()->with('variety')->findOrFail($draft->aboutId);
    }

    /** @throws Refused */
    private function beginLot(Draft $draft, Begins $begins, Kind $kind): Lot
    {
        $planting = $begins->planting === null ? null : Planting::query()->find($begins->planting) ?? throw Refused::at('planting', 'There is no such planting.');
        $variety = $planting === null ? $this->variety($begins)->id : $planting->variety_id;
        if ($planting === null && $kind->from === Subject::Planting) {
            throw Refused::at('planting', 'Say which planting it was picked from.');
        }
        Lot::query()->create(['id' => $draft->aboutId, 'number' => $this->nextNumber(Lot::class), 'variety_id' => $variety]);
        LotOrigin::query()->insert(['lot_id' => $draft->aboutId, 'kind' => $draft->kind, 'planting_id' => $planting?->id]);

        return Lot::query()->with(['variety', 'planting.variety'])->findOrFail($draft->aboutId);
    }

    /** @throws Refused */
    private function variety(Begins $begins): Variety
    {
        return Variety::query()->find($begins->variety ?? '')
            ?? throw Refused::at('variety', ($begins->variety ?? '') === '' ? 'Choose the variety, or add it first.' : 'There is no such variety. Add it first.');
    }

    private function admit(Lot|Planting $thing, Entry $entry, ?string $without = null): Admission
    {
        $subject = $thing instanceof Lot ? Subject::Lot : Subject::Planting;
        $entries = array_values(array_filter(EntryStore::of($subject, $thing->id), static fn (Entry $kept): bool => $kept->id !== $without));

        return $thing instanceof Lot
            ? LotCourse::admit($this->facts->ofLot($thing), $entries, $entry, $this->facts->practice)
            : PlantingCourse::admit($this->facts->ofPlanting($thing, [...$entries, $entry]), $entries, $entry);
    }

    /**
     * What it means to the other things that it refers to.
     *
     * @param  list<array{string, string, string}>  $references
     * @return list<Admission>
     */
    private function heardBy(array $references, Entry $entry): array
    {
        $admissions = [];
        foreach ($references as [$role, $subject, $id]) {
            $thing = match ($subject) {
                'lot' => Lot::query()->with(['variety', 'planting.variety'])->find($id),
                'planting' => Planting::query()->with('variety')->find($id),
                default => null,
            };
            if ($thing !== null) {
                $admissions[] = $this->admit($thing, new Entry($entry->id, $entry->order, $entry->kind, $entry->payload, $entry->happenedAt, $role));
            }
        }

        return $admissions;
    }

    /**
     * @param  string  $new  what need not be there yet
     * @return list<array{string, string, string}> role, what it is, id
     *
     * @throws Refused when there is no such thing
     */
    private function references(Kind $kind, Payload $payload, string $new = ''): array
    {
        $references = [];
        foreach ($kind->references() as $role => $subject) {
            $id = $kind->value($payload, $role);
            if (! is_string($id) || $subject === $new) {
                continue;
            }
            if (! DB::table(self::TABLES[$subject])->where('id', $id)->exists()) {
                throw Refused::at($role, "There is no such $subject.");
            }
            $references[] = [$role, $subject, $id];
        }

        return $references;
    }

    /** Seed is put into a container; where nobody names one, it is the lot's only one, which goes by the lot's own id. */
    private function withContainer(Payload $payload, Lot|Planting $thing): Payload
    {
        if (! $payload instanceof Stored) {
            return $payload;
        }
        $into = $payload->into ?? $thing->id;
        if (! Uuid::isValid($into)) {
            throw Refused::at('into', 'The id of a container is a UUID, made by whoever records.');
        }
        Container::query()->updateOrInsert(['id' => $into], ['kind' => $payload->container->value, 'place_id' => $payload->placeId]);

        return new Stored($payload->container, $payload->placeId, $payload->massG, $payload->seeds, $into, $payload->place, $payload->temperatureC, $payload->rh);
    }

    /** What is struck already is struck: the wish is fulfilled. A strike that comes before its entry is kept when it comes late. */
    private function struckAlready(Draft $draft, Struck $strike, Lot|Planting $thing, Kind $kind): ?Answer
    {
        $target = JournalEntry::query()->where('id', $strike->entry)->first();
        if ($target === null) {
            return $draft->late ? null : throw Refused::at('entry', 'There is no such entry in the journal.');
        }
        if ($target->subject !== $draft->about->value || $target->subject_id !== $thing->id) {
            throw Refused::at('entry', 'That entry is of something else.');
        }
        $struck = Sequence::of(EntryStore::entries(EntryStore::rows($draft->about, $thing->id)))->struck;

        return isset($struck[$strike->entry]) ? Answer::kept($draft->id, $thing->code(), $kind, $strike) : null;
    }

    /** The same entry sent again is one entry; something else under its id is refused. */
    private function again(Draft $draft, JournalEntry $kept, Kind $kind): Answer
    {
        if ($kept->subject !== $draft->about->value || $kept->subject_id !== $draft->aboutId || $kept->kind !== $draft->kind) {
            return Answer::taken($draft->id);
        }
        $now = EntryStore::entry($kept)->payload;
        try {
            $sent = Registered::kinds()->read($kind->name, $draft->payload);
        } catch (Refused) {
            return Answer::taken($draft->id);
        }
        $fixed = static fn (Payload $payload): array => array_diff_key($kind->keep($payload), ['into' => 1]);
        // A day alone was given as such, whatever hour was made of it; a strike happens when the server hears of it.
        $sameTime = $sent instanceof Struck || $kept->given_at === trim($draft->happenedAt) || Moment::say(Moment::read($kept->happened_at)) === trim($draft->happenedAt);
        if (! $sameTime || $fixed($now) != $fixed($sent)) {
            return Answer::taken($draft->id);
        }
        $thing = $draft->about === Subject::Lot ? Lot::query()->find($draft->aboutId) : Planting::query()->find($draft->aboutId);

        return Answer::kept($draft->id, $thing?->code() ?? '', $kind, $now);
    }

    /** @param  list<array{string, string, string}>  $references */
    private function keep(Draft $draft, Lot|Planting $thing, Entry $entry, array $references): void
    {
        $this->insert($draft, $draft->id, $draft->about->value, $thing->id, $entry->kind->name, $entry->kind->keep($entry->payload), $entry->happenedAt, $draft->replaces);
        DB::table('entry_refs')->insert(array_map(
            static fn (array $reference): array => ['entry_id' => $draft->id, 'role' => $reference[0], 'subject' => $reference[1], 'subject_id' => $reference[2]],
            $references,
        ));
    }

    /**
     * The entry that this one corrects is struck with it.
     *
     * @return list<array{Subject, string}> what that was about
     *
     * @throws Refused
     */
    private function replaced(Draft $draft): array
    {
        if ($draft->replaces === null) {
            return [];
        }
        $old = JournalEntry::query()->where('id', $draft->replaces)->first() ?? throw Refused::at('replaces', 'There is no such entry to correct.');
        $this->insert($draft, Uuid::uuid5($draft->id, 'replaces')->toString(), $old->subject, $old->subject_id, 'struck', ['entry' => $old->id, 'reason' => 'corrected'], $this->clock->now());

        return [[Subject::from($old->subject), $old->subject_id]];
    }

    /** @param  array<string, mixed>  $payload */
    private function insert(Draft $draft, string $id, string $subject, string $subjectId, string $kind, array $payload, DateTimeImmutable $at, ?string $replaces = null): void
    {
        JournalEntry::query()->insert([
            'id' => $id,
            'ord' => $id,
            'subject' => $subject,
            'subject_id' => $subjectId,
            'kind' => $kind,
            'payload' => json_encode($payload, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION),
            'happened_at' => Moment::keep($at),
            'given_at' => trim($draft->happenedAt),
            'recorded_at' => Moment::keep($this->clock->now()),
            'recorded_by' => $draft->by,
            'keeper_id' => $this->keeper($draft->by),
            'replaces' => $replaces,
        ]);
    }

    private function keeper(string $name): ?string
    {
        $name = trim($name);

        return $name === '' ? null : Keeper::query()->firstOrCreate(['name' => $name], ['id' => Uuid::uuid7()->toString()])->id;
    }

    /** @param  class-string<Planting|Lot>  $model */
    private function nextNumber(string $model): int
    {
        $highest = $model::query()->max('number');

        return (is_numeric($highest) ? (int) $highest : 0) + 1;
    }
}
