<?php

declare(strict_types=1);

namespace App\Journal;

use App\Clock;
use App\Models\Acting;
use App\Models\Container;
use App\Models\JournalEntry;
use App\Models\Keeper;
use App\Models\Recorded;
use App\Models\WriteLock;
use App\Moment;
use App\Reading\JournalReader;
use Closure;
use DateTimeImmutable;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\FillsContainer;
use Marrow\Core\Steps\Holding\FillsContainers;
use Marrow\Core\Steps\Holding\Placed;
use Marrow\Core\Things\Registered;
use Ramsey\Uuid\Uuid;

/**
 * The one door into the journal: forms, queues, files, devices and the demo all come through it. An entry is admitted by
 * the core, kept, and whatever is reckoned from it follows, in one transaction: when a call returns, it is on the disk.
 */
final readonly class Recorder
{
    /** Drafts that are kept in one turn. */
    private const AT_A_TIME = 50;

    /** @param  Subjects<RecordedSubject>  $subjects */
    public function __construct(private Clock $clock, private Moments $moments, private Subjects $subjects, private JournalReader $journal, private Dispatcher $events) {}

    /**
     * Each draft by itself, in the order given; a later one may be about what an earlier one begins.
     *
     * @param  list<Draft>  $drafts
     * @param  Acting  $by  who sends them, where they do not say who recorded them
     * @param  bool  $all  all of them or none
     * @return list<Answer>
     */
    public function record(array $drafts, Acting $by, bool $all = false): array
    {
        if (! $all) {
            $answers = [];
            // Those who wait have their turn between them.
            foreach (array_chunk($drafts, self::AT_A_TIME) as $some) {
                array_push($answers, ...$this->writing(fn (): array => $this->several($some, $by, false)));
            }

            return $answers;
        }
        $answers = [];
        try {
            $this->writing(function () use ($drafts, $by, &$answers): void {
                $answers = $this->several($drafts, $by, true);
                if (array_filter($answers, static fn (Answer $answer): bool => $answer->status !== 'kept') !== []) {
                    throw new NotAll;
                }
            });
        } catch (NotAll) {
            return array_values(array_filter($answers, static fn (Answer $answer): bool => $answer->status !== 'kept'));
        }

        return $answers;
    }

    /**
     * What many drafts say of one thing is reckoned once, when they are about something else or over.
     *
     * @param  list<Draft>  $drafts
     * @param  bool  $untilRefused  whether the first that is not kept ends it
     * @return list<Answer>
     */
    private function several(array $drafts, Acting $by, bool $untilRefused): array
    {
        $answers = $touched = [];
        $run = null;
        foreach ($drafts as $draft) {
            $before = $run;
            $run = Run::with($run, $draft, $this->journal);
            if ($before !== $run) {
                $this->follow($touched);
                $touched = [];
            }
            $answers[] = $answer = $this->answered($draft, function () use ($draft, $by, $run, &$touched): Answer {
                [$answer, $things] = DB::transaction(fn (): array => $this->one($draft, $by, $run));
                array_push($touched, ...$things);

                return $answer;
            });
            if ($untilRefused && $answer->status !== 'kept') {
                break;
            }
        }
        $this->follow($touched);

        return $answers;
    }

    /** @param  list<array{0: Subject, 1: string, 2?: Reach}>  $touched */
    private function follow(array $touched): void
    {
        if ($touched !== []) {
            $this->events->dispatch(new Changed($touched));
        }
    }

    /**
     * One draft that must be kept, for callers who know what they do.
     *
     * @throws Refused
     */
    public function must(Draft $draft, Acting $by): Answer
    {
        return $this->writing(function () use ($draft, $by): Answer {
            [$answer, $touched] = $this->one($draft, $by, Run::with(null, $draft, $this->journal));
            $this->follow($touched);

            return $answer;
        });
    }

    /**
     * Nobody else writes meanwhile, and nothing is read twice.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private function writing(Closure $work): mixed
    {
        return WriteLock::hold(fn (): mixed => $this->journal->remember($work));
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

    /**
     * @return array{Answer, list<array{0: Subject, 1: string, 2?: Reach}>} and what must be reckoned afresh
     *
     * @throws Refused
     */
    private function one(Draft $draft, Acting $by, Run $run): array
    {
        $kind = $this->kind($draft);
        $kept = JournalEntry::query()->where('id', $draft->id)->first();
        if ($kept !== null) {
            return [$this->again($draft, $kept, $kind), []];
        }
        [$payload, $at] = $this->read($draft, $kind);
        $thing = $this->thing($draft, $kind);
        if ($payload instanceof Struck && ($answer = $this->struckAlready($draft, $payload, $thing, $kind, $run)) !== null) {
            return [$answer, []];
        }
        self::mustBeTheirs($by, $payload instanceof Struck ? $payload->entry : $draft->replaces);
        $correction = Correction::of($draft, $thing, $this->subjects, $this->journal);
        // What it refers to must be there before anything is made of it; the container it is put into may be new.
        $this->references($kind, $payload, mayBeNew: 'into');
        $payload = $this->withContainer($draft, $payload, $thing, $correction);
        $entry = new Entry($draft->id, $correction->order ?? $draft->id, $kind, $payload, $at);
        $references = $this->references($kind, $payload);
        $held = $payload instanceof Placed ? [...$references, ['place_id', $draft->about, $thing->id()]] : $references;
        $admissions = [$this->subjects->of($draft->about)->admit($thing, $run->entries(), $entry, $correction?->id, $run->stands), ...$this->heardBy($references, $entry, $correction?->id)];
        $questions = array_merge([], ...array_map(static fn (Admission $admission): array => $admission->questions, $admissions));
        $questions = [...$questions, ...$this->subjects->of($draft->about)->alsoAsks($thing, $entry), ...$correction->questions ?? [], ...$this->asksOfGone($held)];
        if ($questions !== [] && ! $draft->evenSo && ! $draft->late && ! $payload instanceof Struck) {
            throw Asked::about($questions);
        }
        $this->keep($draft, $by, $thing, $entry, $references, $correction);
        $this->comeBack($held);
        $correction === null ? $run->kept($entry, $admissions[0]->with) : $run->forget();
        $reach = Reach::of($kind, $correction !== null);
        $touched = [[$draft->about, $thing->id(), $reach], ...$this->strikes($draft, $by, $correction)];
        foreach ($references as [, $subject, $id]) {
            if ($subject->hears()) {
                $touched[] = [$subject, $id];
            }
        }

        return [Answer::kept($draft->id, $thing->code(), $kind, $payload, ($admissions[0]->with->adrift[$entry->id] ?? null)?->getMessage(), $reach === Reach::Words ? [$draft->about->letter() === null ? $thing->id() : $thing->code()] : null), $touched];
    }

    /** @throws Refused where somebody takes back what others recorded, who may not */
    private static function mustBeTheirs(Acting $by, ?string $taken): void
    {
        $theirs = $taken === null || ! $by->onlyOwn ? null : JournalEntry::query()->where('id', $taken)->value('recorded_by');
        if (is_string($theirs) && mb_strtolower($theirs) !== mb_strtolower($by->name)) {
            throw Refused::at('kind', sprintf('That was recorded by %s. A helper takes back only what was their own: tell a keeper.', $theirs === '' ? 'somebody else' : $theirs));
        }
    }

    /** @throws Refused */
    private function kind(Draft $draft): Kind
    {
        $kind = Registered::kinds()->named($draft->kind) ?? throw Refused::at('kind', 'Nothing of that kind can be recorded.');
        if (! in_array($draft->about, $kind->of, true)) {
            throw Refused::at('kind', sprintf('That is recorded of a %s, not of a %s.', implode(' or a ', array_map(static fn (Subject $subject): string => $subject->value, $kind->of)), $draft->about->value));
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
        $given = WhichHolder::of($kind, $draft->payload);
        $faults = $kind->fields->faults($given);
        $at = null;
        try {
            $at = $this->moments->read($draft->happenedAt);
        } catch (Refused $refused) {
            $faults[] = $refused;
        }
        if ($faults !== [] || $at === null) {
            throw Faults::of($faults);
        }

        return [Registered::kinds()->read($kind->name, $given), $at];
    }

    /** @throws Refused */
    private function thing(Draft $draft, Kind $kind): Recorded
    {
        $subject = $this->subjects->of($draft->about);
        $found = $subject->find($draft->aboutId);
        if ($found !== null) {
            $subject->mustBe($found, $draft);

            return $found;
        }
        if ($draft->begins === null || ! $kind->starts) {
            throw Refused::at('kind', "There is no such {$draft->about->value}.");
        }

        return $subject->begin($draft, $draft->begins, $kind);
    }

    /**
     * What it means to the other things that it refers to.
     *
     * @param  list<array{string, Subject, string}>  $references
     * @return list<Admission>
     */
    private function heardBy(array $references, Entry $entry, ?string $replaces): array
    {
        $admissions = [];
        foreach ($references as [$role, $subject, $id]) {
            $thing = $subject->hears() ? $this->subjects->of($subject)->find($id) : null;
            if ($thing !== null) {
                $admissions[] = $this->subjects->of($subject)->admit($thing, $this->journal->of($subject, $thing->id()), new Entry($entry->id, $entry->order, $entry->kind, $entry->payload, $entry->happenedAt, $role), $replaces);
            }
        }

        return $admissions;
    }

    /**
     * Where nothing is kept any more something may have been all the same: in the past, or because it is kept there again.
     *
     * @param  list<array{string, Subject, string}>  $references
     * @return list<Question>
     */
    private function asksOfGone(array $references): array
    {
        $questions = [];
        foreach ($references as [$role, $subject, $id]) {
            $name = $this->subjects->of($subject)->goneBy($id);
            if ($name !== null) {
                // A place and a container are asked for in one field.
                $questions[] = new Question($role === 'inside' ? 'place_id' : $role, "$name is kept no more. Is it there again? Then it stands among the places again.", true);
            }
        }

        return $questions;
    }

    /** @param  list<array{string, Subject, string}>  $references */
    private function comeBack(array $references): void
    {
        foreach ($references as [, $subject, $id]) {
            $this->subjects->of($subject)->comeBack($id);
        }
    }

    /**
     * @param  string  $mayBeNew  the role of what need not be there yet
     * @return list<array{string, Subject, string}> role, what it is, id
     *
     * @throws Refused when there is no such thing
     */
    private function references(Kind $kind, Payload $payload, string $mayBeNew = ''): array
    {
        $references = [];
        foreach ($kind->references() as $role => $subject) {
            $id = $kind->value($payload, $role);
            if (! is_string($id) || $role === $mayBeNew) {
                continue;
            }
            if (! DB::table($this->subjects->of($subject)->table())->where('id', $id)->exists()) {
                throw Refused::at($role === 'inside' ? 'place_id' : $role, "There is no such $subject->value.");
            }
            $references[] = [$role, $subject, $id];
        }

        return $references;
    }

    /**
     * Seed is put into a container; where nobody names one, it is the lot's only one, which goes by the lot's own id, or a new
     * one that goes by the entry's.
     *
     * @throws Refused
     */
    private function withContainer(Draft $draft, Payload $payload, Recorded $thing, ?Correction $correction): Payload
    {
        if ($payload instanceof FillsContainers) {
            // Corrected, they are the same packets.
            $given = $payload->into() ?: $correction->into ?? [];
            $ids = array_map(static fn (int $i): string => $given[$i] ?? Uuid::uuid5($draft->id, "container $i")->toString(), range(0, $payload->fills() - 1));
            if (count(array_unique($ids)) !== count($ids)) {
                throw Refused::at('into', 'Each packet has an id of its own.');
            }
            array_walk($ids, fn (string $id) => $this->container($id, $payload));

            return $payload->withInto($ids);
        }
        if (! $payload instanceof FillsContainer) {
            return $payload;
        }
        $into = $payload->into() ?? $correction->into[0] ?? ($payload->isOnly() ? $thing->id() : Uuid::uuid5($draft->id, 'container')->toString());
        $this->container($into, $payload);

        return $payload->withInto($into);
    }

    /** @throws Refused */
    private function container(string $id, FillsContainer|FillsContainers $payload): void
    {
        if (! Uuid::isValid($id)) {
            throw Refused::at('into', 'The id of a container is a UUID, made by whoever records.');
        }
        $name = Container::query()->where('id', $id)->value('name');
        if (is_string($name) && $name !== '') {
            throw Refused::at('into', "$name has a name and may hold the packets of many. Say that the seed was put in there, not that it is one of its packets.");
        }
        [$place, $inside] = $payload->lies();
        if ($inside === $id) {
            throw Refused::at('place_id', 'A container cannot lie in itself.');
        }
        Container::query()->updateOrInsert(['id' => $id], ['kind' => $payload->containerKind()->value, 'place_id' => $inside === null ? $place : null, 'inside' => $inside]);
    }

    /** What is struck already is struck: the wish is fulfilled. A strike that comes before its entry is kept when it comes late. */
    private function struckAlready(Draft $draft, Struck $strike, Recorded $thing, Kind $kind, Run $run): ?Answer
    {
        $target = JournalEntry::query()->where('id', $strike->entry)->first();
        if ($target === null) {
            return $draft->late ? null : throw Refused::at('entry', 'There is no such entry in the journal.');
        }
        if ($target->subject !== $draft->about->value || $target->subject_id !== $thing->id()) {
            throw Refused::at('entry', 'That entry is of something else.');
        }
        $struck = Sequence::of($run->entries())->struck;

        return isset($struck[$strike->entry]) ? Answer::kept($draft->id, $thing->code(), $kind, $strike) : null;
    }

    /** The same entry sent again is one entry; something else under its id is refused. */
    private function again(Draft $draft, JournalEntry $kept, Kind $kind): Answer
    {
        if ($kept->subject !== $draft->about->value || $kept->subject_id !== $draft->aboutId || $kept->kind !== $draft->kind) {
            return Answer::taken($draft->id);
        }
        $now = JournalReader::entry($kept)->payload;
        try {
            $sent = Registered::kinds()->read($kind->name, WhichHolder::of($kind, $draft->payload));
        } catch (Refused) {
            return Answer::taken($draft->id);
        }
        $fixed = static fn (Payload $payload): array => array_diff_key($kind->keep($payload), ['into' => 1]);
        $isSame = ForgottenText::isSame($fixed($now), $fixed($sent));
        // A day alone was given as such, whatever hour was made of it; a strike happens when the server hears of it.
        $sameTime = $sent instanceof Struck || $kept->given_at === trim($draft->happenedAt) || Moment::say(Moment::read($kept->happened_at)) === trim($draft->happenedAt);
        if (! $sameTime || ! $isSame) {
            return Answer::taken($draft->id);
        }
        $thing = $this->subjects->of($draft->about)->find($draft->aboutId);

        return Answer::kept($draft->id, $thing?->code() ?? '', $kind, $now);
    }

    /** @param  list<array{string, Subject, string}>  $references */
    private function keep(Draft $draft, Acting $by, Recorded $thing, Entry $entry, array $references, ?Correction $correction): void
    {
        $this->insert($draft, $by, $draft->id, $draft->about->value, $thing->id(), $entry->kind->name, $entry->kind->keep($entry->payload), $entry->happenedAt, ['ord' => $entry->order, 'replaces' => $correction?->id, 'act' => $correction === null ? $draft->act : $correction->act], array_combine(array_column($references, 0), array_map(static fn (array $reference): array => [$reference[1], $reference[2]], $references)));
        DB::table('entry_refs')->insert(array_map(
            static fn (array $reference): array => ['entry_id' => $draft->id, 'role' => $reference[0], 'subject' => $reference[1]->value, 'subject_id' => $reference[2]],
            $references,
        ));
    }

    /**
     * The entry that this one corrects is struck with it.
     *
     * @return list<array{0: Subject, 1: string, 2?: Reach}> what that was about
     */
    private function strikes(Draft $draft, Acting $by, ?Correction $correction): array
    {
        if ($correction === null) {
            return [];
        }
        $this->insert($draft, $by, Uuid::uuid5($draft->id, 'replaces')->toString(), $correction->subject->value, $correction->subjectId, 'struck', ['entry' => $correction->id, 'reason' => 'corrected'], $this->clock->now());

        return [[$correction->subject, $correction->subjectId]];
    }

    /**
     * @param  array<string, mixed>  $payload
     * @param  array<string, mixed>  $more  columns
     * @param  array<string, array{Subject, string}>  $references  what it refers to, by role
     */
    private function insert(Draft $draft, Acting $by, string $id, string $subject, string $subjectId, string $kind, array $payload, DateTimeImmutable $at, array $more = [], array $references = []): void
    {
        $row = [...JournalRow::of($id, $id, $subject, $subjectId, $kind, $payload, $at, $this->clock->now(), [
            'given_at' => trim($draft->happenedAt),
            'recorded_by' => $name = $by->orBy($draft->by)->name,
            'keeper_id' => $by->isDevice ? null : Keeper::named($name),
            'replaces' => null,
            'act' => null,
        ]), ...$more];
        JournalEntry::query()->insert($row);
        $this->journal->added((new JournalEntry)->newFromBuilder($row), $references);
    }
}
