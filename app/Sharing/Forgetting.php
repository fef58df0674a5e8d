<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Clock;
use App\Copies\Copies;
use App\Documents\SavedDocument;
use App\Journal\Changed;
use App\Journal\ForgottenText;
use App\Models\Keeper;
use App\Models\Marks;
use App\Models\WriteLock;
use App\Reading\PeopleNames;
use App\Voice\Quantity;
use App\Works\Works;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;
use LogicException;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;

/**
 * Takes somebody's name out of the garden, because they ask for it or because it is nobody's business any more. What was
 * given stays, by "somebody". It is the one thing that changes what the journal holds: the trigger that forbids it is put
 * aside for as long as that takes, within one transaction, and what is overwritten is overwritten on the disk too.
 */
final readonly class Forgetting
{
    public const SOMEBODY = ForgottenText::SOMEBODY;

    /** A name shorter than this would take parts of words with it. */
    private const SHORTEST = 2;

    /** Where else a keeper writes freely: table => columns. */
    private const NOTES = ['varieties' => ['note'], 'containers' => ['note'], 'acts' => ['title'], 'plantings' => ['spot'], 'deeds' => ['figures', 'recorded_by'], 'comings' => ['who', 'whom'], 'passes' => ['name']];

    /** What is called by it: a name is not taken away from a thing unasked. */
    private const NAMED = ['varieties' => 'the variety', 'places' => 'the place', 'containers' => 'the container'];

    public function __construct(private Dispatcher $events, private Copies $copies, private Clock $clock) {}

    /**
     * @param  bool  $also  of who keeps the garden, too: in a copy that is gone back to they may do so again
     *
     * @throws Refused when there is no such name in the garden, or it is that of who keeps it
     */
    public function forget(string $name, bool $also = false): SavedDocument
    {
        $name = trim($name);
        if (mb_strlen($name) < self::SHORTEST) {
            throw Refused::at('name', 'Say whom: a name of two letters at the least.');
        }
        $places = WriteLock::hold(function () use ($name, $also): int {
            // With its only owner a garden would be open to whoever is at its machine.
            if (! $also && Keeper::query()->where('name', $name)->where('role', '!=', '')->exists()) {
                throw Refused::at('name', "$name keeps this garden. They leave it first, in Books, Keepers; then they can be forgotten.");
            }
            // A word that is nobody's name would be taken out of every note it stands in.
            if (! isset(PeopleNames::everybody()[mb_strtolower($name)])) {
                throw self::nobody($name);
            }
            DB::statement('PRAGMA secure_delete = ON');
            $places = $this->fromJournal($name) + $this->fromNotes($name) + self::fromPlans($name) + self::fromRotas($name) + self::fromLabels($name) + self::fromKeepers($name);
            if ($places === 0) {
                throw self::nobody($name);
            }
            Marks::set(Marks::ofForgotten($name), $this->clock->now()->format('Y-m-d'));

            return $places;
        });
        // What searching keeps of words that are gone, and what lies in the log beside the file, goes too.
        foreach (['lot_words', 'planting_words'] as $index) {
            DB::statement("INSERT INTO $index ($index) VALUES ('optimize')");
        }
        DB::select('PRAGMA wal_checkpoint(TRUNCATE)');
        Works::forget();

        return new SavedDocument('', '', trim(sprintf('Forgotten: the name is gone from %s. %s %s', Quantity::number($places, 'place'), $this->stillCalled($name), $this->inCopies())));
    }

    private static function nobody(string $name): Refused
    {
        return Refused::at('name', sprintf('Nobody of the name "%s" stands anywhere in this garden.', mb_substr($name, 0, 60)));
    }

    private function fromJournal(string $name): int
    {
        $rows = DB::table('journal_entries')->where('payload', 'like', self::pattern($name))
            ->orWhere('recorded_by', 'like', self::pattern($name))->get(['seq', 'subject', 'subject_id', 'kind', 'payload', 'recorded_by']);
        $touched = $changes = [];
        foreach ($rows as $row) {
            /** @var object{seq: int, subject: string, subject_id: string, kind: string, payload: string, recorded_by: string} $row */
            /** @var array<string, mixed> $payload */
            $payload = json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR);
            $without = self::without($name, $payload, Registered::kinds()->named($row->kind));
            $by = mb_strtolower(trim($row->recorded_by)) === mb_strtolower($name);
            if ($without !== $payload || $by) {
                $changes[$row->seq] = ['payload' => json_encode($without, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), ...($by ? ['recorded_by' => self::SOMEBODY, 'keeper_id' => null] : [])];
                $touched[] = [Subject::from($row->subject), $row->subject_id];
            }
        }
        if ($changes !== []) {
            $this->rewrite($changes);
            $this->events->dispatch(new Changed($touched));
        }

        return count($changes);
    }

    /** @param  array<int, array<string, mixed>>  $changes  by the entry's number */
    private function rewrite(array $changes): void
    {
        $trigger = DB::table('sqlite_master')->where('type', 'trigger')->where('name', 'journal_is_never_changed')->value('sql');
        if (! is_string($trigger)) {
            throw new LogicException('The journal is not guarded.');
        }
        DB::statement('DROP TRIGGER journal_is_never_changed');
        foreach ($changes as $seq => $change) {
            DB::table('journal_entries')->where('seq', $seq)->update($change);
        }
        DB::statement($trigger);
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private static function without(string $name, array $payload, ?Kind $kind): array
    {
        foreach ($kind->fields->fields ?? [] as $key => $field) {
            $held = $payload[$key] ?? null;
            if (is_string($held) && in_array($field->type, [FieldType::Text, FieldType::Prose], true)) {
                $payload[$key] = self::replaced($name, $held);
            }
        }

        return $payload;
    }

    /** What may hold the name, for SQLite, which knows the capitals of plain letters alone: too much is found, never too little. */
    private static function pattern(string $name): string
    {
        return '%'.preg_replace('/[^A-Za-z0-9 ]+/u', '%', $name).'%';
    }

    /** The name as a word of its own, however it is written. */
    private static function replaced(string $name, string $text): string
    {
        return (string) preg_replace('/(?<![\p{L}\p{N}])'.preg_quote($name, '/').'(?![\p{L}\p{N}])/iu', self::SOMEBODY, $text);
    }

    private function fromNotes(string $name): int
    {
        $places = 0;
        foreach (self::NOTES as $table => $columns) {
            foreach ($columns as $column) {
                foreach (DB::table($table)->where($column, 'like', self::pattern($name))->get(['rowid as at', "$column as text"]) as $row) {
                    /** @var object{at: int, text: string} $row */
                    $without = self::replaced($name, $row->text);
                    $places += $without === $row->text ? 0 : DB::table($table)->where('rowid', $row->at)->update([$column => $without]);
                }
            }
        }

        return $places;
    }

    /** In a plan stands whose garden it is that blooms beyond the fence. */
    /** Out of every version of what was wanted of the rota. */
    private static function fromRotas(string $name): int
    {
        $places = 0;
        foreach (DB::table('rota_versions')->where('document', 'like', self::pattern($name))->get(['number', 'document']) as $row) {
            /** @var object{number: int, document: string} $row */
            /** @var array<array-key, mixed> $document */
            $document = json_decode($row->document, true, flags: JSON_THROW_ON_ERROR);
            $without = $document;
            array_walk_recursive($without, static function (mixed &$value, string|int $key) use ($name): void {
                $value = in_array($key, ['promised', 'sent'], true) && is_string($value) ? self::replaced($name, $value) : $value;
            });
            if ($without !== $document) {
                $places += DB::table('rota_versions')->where('number', $row->number)->update(['document' => json_encode($without, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
            }
        }

        return $places;
    }

    private static function fromPlans(string $name): int
    {
        $places = 0;
        foreach (DB::table('plan_versions')->where('document', 'like', self::pattern($name))->get(['year', 'number', 'document']) as $row) {
            /** @var object{year: int, number: int, document: string} $row */
            /** @var array<array-key, mixed> $document */
            $document = json_decode($row->document, true, flags: JSON_THROW_ON_ERROR);
            $without = $document;
            array_walk_recursive($without, static function (mixed &$value, string|int $key) use ($name): void {
                $value = $key === 'name' && is_string($value) ? self::replaced($name, $value) : $value;
            });
            if ($without !== $document) {
                $places += DB::table('plan_versions')->where('year', $row->year)->where('number', $row->number)->update(['document' => json_encode($without, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
            }
        }

        return $places;
    }

    private static function fromKeepers(string $name): int
    {
        $ids = DB::table('keepers')->where('name', 'like', self::pattern($name))->get(['id', 'name'])
            ->filter(static fn (object $keeper): bool => isset($keeper->name) && is_string($keeper->name) && mb_strtolower(trim($keeper->name)) === mb_strtolower($name));

        DB::table('deeds')->whereIn('keeper_id', $ids->pluck('id'))->update(['keeper_id' => null]);

        return DB::table('keepers')->whereIn('id', $ids->pluck('id'))->delete();
    }

    /** Labels that were printed are remembered for a while, with who had grown it; those that wait are asked for again. */
    private static function fromLabels(string $name): int
    {
        DB::table('print_jobs')->whereNotNull('sent_at')->delete();

        return DB::table('print_jobs')->where('document', 'like', self::pattern($name))->delete();
    }

    private function stillCalled(string $name): string
    {
        $named = [];
        foreach (self::NAMED as $table => $what) {
            foreach (DB::table($table)->where('name', 'like', self::pattern($name))->pluck('name')->filter(static fn (mixed $called): bool => is_string($called) && self::replaced($name, $called) !== $called)->take(5) as $called) {
                $named[] = "$what $called";
            }
        }

        return $named === [] ? '' : 'It still stands in a name: '.implode(', ', $named).'. Change that yourself.';
    }

    private function inCopies(): string
    {
        $copies = count($this->copies->all());

        return $copies === 0 ? '' : sprintf('%s of the garden made before today may still hold it: delete those you do not need.', $copies === 1 ? 'One copy' : "$copies copies");
    }
}
