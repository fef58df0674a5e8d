<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\TapDocument;
use App\Documents\TaskDocument;
use App\Journal\Subjects;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\Planting;
use App\Moment;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\When;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\Tap;
use App\Work\TaskVoices;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Loss;

/** Tasks in words. */
final readonly class Tasks
{
    /** Days; what is lost within so many is put off by hours only. */
    private const SOON = 2;

    /** @param  Subjects<Shows>  $sorts */
    public function __construct(private Subjects $sorts, private Facts $facts, private Tags $tags, private TaskVoices $voices) {}

    /**
     * @param  Collection<int, DueTask>  $tasks
     * @param  array<string, Lot|Planting>|null  $things  that they are of, by id, with variety and standing; null to read them
     * @return list<TaskDocument>
     */
    public function documents(Collection $tasks, When $when, ?array $things = null): array
    {
        return $this->withNeeds($tasks, $when, things: $things)[0];
    }

    /**
     * Tasks in words, and what to have ready for those of the next days together.
     *
     * @param  Collection<int, DueTask>  $tasks
     * @param  string  $until  the last moment that things are to be ready for, as it is kept; empty for none of them
     * @param  array<string, Lot|Planting>|null  $things  as above
     * @return array{list<TaskDocument>, list<string>} and "3 sieves", the most of them first
     */
    public function withNeeds(Collection $tasks, When $when, string $until = '', ?array $things = null): array
    {
        $shown = $things === null ? $this->shown($tasks) : array_map($this->tags->shown(...), $things);
        $documents = $needs = [];
        foreach ($tasks as $task) {
            $thing = $shown[$task->subject_id] ?? throw new LogicException("Task $task->id is about nothing.");
            $variety = $thing->variety;
            $seen = new SeenTask($task, $variety === null ? '' : $this->facts->title($variety)->name, fn (): Crop => $this->facts->crop($variety ?? throw new LogicException("A $task->subject is of no crop.")), $when);
            $documents[] = $this->document($task, $seen, $thing);
            foreach ($task->best_at <= $until ? $this->voices->needs($task->kind, $seen) : [] as $what => $many) {
                $needs[$what] = $many === Speech::ONE ? 1 : ($needs[$what] ?? 0) + $many;
            }
        }
        arsort($needs);

        return [$documents, array_values(array_map(static fn (string $what, int $many): string => Quantity::number($many, $what), array_keys($needs), $needs))];
    }

    /**
     * @param  Collection<int, DueTask>  $tasks
     * @return array<string, Shown> by id
     */
    private function shown(Collection $tasks): array
    {
        $ids = [];
        foreach ($tasks as $task) {
            $ids[$task->subject][] = $task->subject_id;
        }
        $shown = [];
        foreach ($ids as $subject => $some) {
            $shown += $this->sorts->of(Subject::from($subject))->shown(array_values(array_unique($some)));
        }

        return $shown;
    }

    private static function tap(?Tap $tap): ?TapDocument
    {
        return $tap === null ? null : new TapDocument(Kind::declared($tap->payload)->name, $tap->act ?? Kind::declared($tap->payload)->act, $tap->about);
    }

    private function document(DueTask $task, SeenTask $seen, Shown $thing): TaskDocument
    {
        $saying = $this->voices->say($task->kind, $seen);

        return new TaskDocument(
            $task->id,
            $task->kind,
            $task->place,
            $saying->do,
            $saying->why,
            Moment::say($seen->opens),
            Moment::say($seen->best),
            $seen->latest === null ? null : Moment::say($seen->latest),
            $seen->timing(),
            $seen->state(),
            $seen->isAlarm(),
            $task->about,
            $thing->subject->value,
            $thing->id,
            $thing->name,
            $thing->tag,
            $task->alike ?? 1,
            match (true) {
                $task->loss !== Loss::Seed->value => 'season',
                $seen->latest !== null && $seen->latest > $seen->when->now->modify(sprintf('+%d days', self::SOON)) => 'days',
                default => 'hours',
            },
            Loss::from($task->loss)->canWait($seen->latest),
            self::tap($this->voices->tap($task->kind)),
        );
    }
}
