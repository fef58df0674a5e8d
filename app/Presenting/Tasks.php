<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\TaskDocument;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use App\Moment;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\When;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoices;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Marrow\Core\Botany\Crop;

/** Tasks in words. */
final readonly class Tasks
{
    public function __construct(private Facts $facts, private Tags $tags, private TaskVoices $voices) {}

    /**
     * @param  Collection<int, DueTask>  $tasks
     * @return list<TaskDocument>
     */
    public function documents(Collection $tasks, When $when): array
    {
        $of = static fn (string $subject): Collection => $tasks->filter(static fn (DueTask $task): bool => $task->subject === $subject);
        $of('lot')->loadMissing(['lot.variety', 'lot.standing:'.Tags::OF_LOT]);
        $of('planting')->loadMissing(['planting.variety', 'planting.standing:'.Tags::OF_PLANTING]);

        return array_values($tasks->map(fn (DueTask $task): TaskDocument => $this->document($task, $when))->all());
    }

    /**
     * What to have ready for all of these together.
     *
     * @param  Collection<int, DueTask>  $tasks  with their lots and plantings loaded
     * @return list<string> "3 sieves", the most of them first
     */
    public function needs(Collection $tasks, When $when): array
    {
        $all = [];
        foreach ($tasks as $task) {
            $subject = $task->subject === 'lot' ? $task->lot : $task->planting;
            foreach ($subject === null ? [] : $this->voices->needs($task->kind, $this->seen($task, $subject->variety, $when)) as $what => $many) {
                $all[$what] = $many === Speech::ONE ? 1 : ($all[$what] ?? 0) + $many;
            }
        }
        arsort($all);

        return array_values(array_map(static fn (string $what, int $many): string => Quantity::number($many, $what), array_keys($all), $all));
    }

    private function seen(DueTask $task, Variety $variety, When $when): SeenTask
    {
        return new SeenTask($task, $this->facts->title($variety)->name, fn (): Crop => $this->facts->crop($variety), $when);
    }

    private function document(DueTask $task, When $when): TaskDocument
    {
        $subject = $task->subject === 'lot' ? $task->lot : $task->planting;
        $subject ?? throw new LogicException("Task $task->id is about nothing.");
        $seen = $this->seen($task, $subject->variety, $when);
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
            match (true) {
                $subject instanceof Lot => $this->tags->lot($subject),
                $subject instanceof Planting => $this->tags->planting($subject),
            },
            $subject->id,
        );
    }
}
