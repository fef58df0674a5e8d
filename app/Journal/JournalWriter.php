<?php

declare(strict_types=1);

namespace App\Journal;

use App\Clock;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use App\Moment;
use App\Plans\PlansAfresh;
use App\Projection\Projector;
use Closure;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Practice;

/**
 * The only way into the journal. An entry is admitted by the core, kept, and the projections follow, all in one
 * transaction: when a call returns, the entry is on the disk.
 */
final readonly class JournalWriter
{
    public function __construct(
        private Clock $clock,
        private Projector $projector,
        private Practice $practice,
        private PlansAfresh $plans,
    ) {}

    /**
     * Starts a planting with its sowing.
     *
     * @throws Refused|AnotherEntry
     */
    public function startPlanting(string $plantingId, Variety $variety, string $spot, Draft $sown): Planting
    {
        return $this->writing(function () use ($plantingId, $variety, $spot, $sown): Planting {
            $planting = Planting::query()->find($plantingId);
            if ($planting === null) {
                $planting = Planting::query()->create([
                    'id' => $plantingId,
                    'number' => $this->nextNumber(Planting::class),
                    'variety_id' => $variety->id,
                    'season' => (int) $sown->happenedAt->format('Y'),
                    'spot' => $spot,
                ]);
            }
            $this->aboutPlanting($planting, $sown);

            return $planting;
        });
    }

    /**
     * Starts a lot with its first picking.
     *
     * @throws Refused|AnotherEntry
     */
    public function startLot(string $lotId, Planting $planting, Draft $picked): Lot
    {
        return $this->writing(function () use ($lotId, $planting, $picked): Lot {
            $lot = Lot::query()->find($lotId);
            if ($lot === null) {
                $lot = Lot::query()->create([
                    'id' => $lotId,
                    'number' => $this->nextNumber(Lot::class),
                    'planting_id' => $planting->id,
                    'variety_id' => $planting->variety_id,
                ]);
            }
            $this->aboutLot($lot, $picked);

            return $lot;
        });
    }

    /** @throws Refused|AnotherEntry */
    public function aboutLot(Lot $lot, Draft $draft): void
    {
        $this->writing(function () use ($lot, $draft): void {
            if ($this->isKeptAlready(Subject::Lot, $lot->id, $draft)) {
                return;
            }
            $entry = $this->entry($draft);
            if ($draft->kind->isOfPlanting()) {
                throw Refused::outOfPlace('That is recorded of a planting, not of a lot.');
            }
            LotCourse::admit($this->projector->facts($lot), EntryStore::of(Subject::Lot, $lot->id), $entry, $this->practice);
            $this->keep(Subject::Lot, $lot->id, $entry, $draft->by);
            $this->projector->lot($lot);
        });
    }

    /** @throws Refused|AnotherEntry */
    public function aboutPlanting(Planting $planting, Draft $draft): void
    {
        $this->writing(function () use ($planting, $draft): void {
            if ($this->isKeptAlready(Subject::Planting, $planting->id, $draft)) {
                return;
            }
            $entry = $this->entry($draft);
            if (! $draft->kind->isOfPlanting() && ! $draft->kind->isOfEither()) {
                throw Refused::outOfPlace('That is recorded of a lot, not of a planting.');
            }
            $course = PlantingCourse::fold(
                $this->projector->crop($planting->variety),
                [...EntryStore::of(Subject::Planting, $planting->id), $entry],
                false,
            );
            if (isset($course->adrift[$entry->id])) {
                throw $course->adrift[$entry->id];
            }
            if ($entry->kind === EntryKind::Sown) {
                $this->mustPrecedePickings($planting, $entry->happenedAt);
            }
            $this->keep(Subject::Planting, $planting->id, $entry, $draft->by);
            $this->plantingChanged($planting);
        });
    }

    /**
     * Strikes an entry; struck itself, a strike brings the entry back.
     *
     * @param  string  $id  of the strike
     *
     * @throws Refused|AnotherEntry
     */
    public function strike(JournalEntry $target, string $id, string $reason, string $by = ''): void
    {
        $this->writing(function () use ($target, $id, $reason, $by): void {
            $subject = Subject::from($target->subject);
            $draft = new Draft($id, EntryKind::Struck, $this->clock->now(), ['entry' => $target->id, 'reason' => $reason], $by);
            if ($this->isKeptAlready($subject, $target->subject_id, $draft)) {
                return;
            }
            if (isset(Sequence::of(EntryStore::of($subject, $target->subject_id))->struck[$target->id])) {
                throw Refused::at('entry', 'That entry has been struck already.');
            }
            $this->keep($subject, $target->subject_id, $this->entry($draft), $by);
            if ($subject === Subject::Lot) {
                $this->projector->lot(Lot::query()->with(['variety', 'planting.variety'])->findOrFail($target->subject_id));
            } else {
                $this->plantingChanged(Planting::query()->with('variety')->findOrFail($target->subject_id));
            }
        });
    }

    /** What hangs on a planting: its own lists, its lots, and the plan that it was grown by. */
    private function plantingChanged(Planting $planting): void
    {
        $this->projector->plantingWithLots($planting);
        $this->plans->grown($planting);
    }

    /** @throws Refused */
    private function entry(Draft $draft): Entry
    {
        $this->mustBePast($draft->happenedAt);
        $payload = $draft->kind->payload()::read(new Fields($draft->payload));

        return new Entry($draft->id, PHP_INT_MAX, $draft->kind, $payload, $draft->happenedAt);
    }

    /** @throws Refused */
    private function mustBePast(DateTimeImmutable $at): void
    {
        if ($at > $this->clock->now()) {
            throw Refused::tooEarly(sprintf(
                '%s is still to come. The journal holds what has happened; today is %s.',
                $at->format('j F Y, H:i'),
                $this->clock->now()->format('j F Y'),
            ));
        }
        if ($at < new DateTimeImmutable('1950-01-01')) {
            throw Refused::tooEarly('That is before 1950. Is the year right?');
        }
    }

    /**
     * A transaction that takes the write lock before it reads anything, so that keepers who record at the same moment
     * queue, each seeing what the one before has written. SQLite would otherwise let two of them read first and then
     * refuse the second's write; and PDO cannot begin a transaction as IMMEDIATE before PHP 8.4.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private function writing(Closure $work): mixed
    {
        return DB::transaction(static function () use ($work): mixed {
            DB::update('UPDATE gardens SET id = id WHERE 0');

            return $work();
        });
    }

    /** @throws Refused when seed was picked from the planting before it is said to have been sown */
    private function mustPrecedePickings(Planting $planting, DateTimeImmutable $sownAt): void
    {
        foreach ($planting->lots()->with('variety')->get() as $lot) {
            $facts = new LotFacts($lot->code(), $this->projector->crop($lot->variety), null);
            $picked = LotCourse::fold($facts, EntryStore::of(Subject::Lot, $lot->id), $this->practice)->harvest->firstAt();
            if ($picked !== null && $picked < $sownAt) {
                throw Refused::tooEarly(sprintf(
                    '%s was picked from this planting on %s, so it cannot have been sown on %s.',
                    $lot->code(),
                    $picked->format('j F Y'),
                    $sownAt->format('j F Y'),
                ));
            }
        }
    }

    /** @throws AnotherEntry */
    private function isKeptAlready(Subject $subject, string $subjectId, Draft $draft): bool
    {
        $kept = JournalEntry::query()->where('id', $draft->id)->first();
        if ($kept === null) {
            return false;
        }
        $same = $kept->subject === $subject->value
            && $kept->subject_id === $subjectId
            && $kept->kind === $draft->kind->value
            // A strike happens when the server hears of it, so a second sending may come a minute later.
            && ($draft->kind === EntryKind::Struck || $kept->happened_at === Moment::keep($draft->happenedAt))
            && $kept->payload === self::encode($draft->kind->payload()::read(new Fields($draft->payload))->toArray());

        return $same ?: throw AnotherEntry::withId($draft->id);
    }

    private function keep(Subject $subject, string $subjectId, Entry $entry, string $by): void
    {
        JournalEntry::query()->create([
            'id' => $entry->id,
            'subject' => $subject->value,
            'subject_id' => $subjectId,
            'kind' => $entry->kind->value,
            'payload' => self::encode($entry->payload->toArray()),
            'happened_at' => Moment::keep($entry->happenedAt),
            'recorded_at' => Moment::keep($this->clock->now()),
            'recorded_by' => $by,
        ]);
    }

    /** @param  array<string, mixed>  $payload */
    private static function encode(array $payload): string
    {
        return json_encode($payload, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @param  class-string<Planting|Lot>  $model */
    private function nextNumber(string $model): int
    {
        $highest = $model::query()->max('number');

        return (is_numeric($highest) ? (int) $highest : 0) + 1;
    }
}
