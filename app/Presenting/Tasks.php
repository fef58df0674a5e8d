<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\TaskDocument;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\Planting;
use App\Moment;
use App\Words\TaskWords;
use App\Words\When;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Marrow\Core\Botany\CropReference;

/** Tasks in words. */
final readonly class Tasks
{
    public function __construct(private CropReference $crops, private Tags $tags) {}

    /**
     * @param  Collection<int, DueTask>  $tasks
     * @return list<TaskDocument>
     */
    public function documents(Collection $tasks, When $when): array
    {
        $of = static fn (string $subject): Collection => $tasks->where('subject', $subject);
        $of('lot')->load(['lot.variety', 'lot.standing']);
        $of('planting')->load('planting.variety');

        return array_values($tasks->map(fn (DueTask $task): TaskDocument => $this->document($task, $when))->all());
    }

    private function document(DueTask $task, When $when): TaskDocument
    {
        $subject = $task->subject === 'lot' ? $task->lot : $task->planting;
        $subject ?? throw new LogicException("Task $task->id is about nothing.");
        $words = new TaskWords($task, $this->crops->get($subject->variety->crop), $when);

        return new TaskDocument(
            $task->id,
            $task->kind,
            $task->place,
            $words->do(),
            $words->why(),
            Moment::say(Moment::read($task->opens_at)),
            Moment::say(Moment::read($task->best_at)),
            $task->latest_at === null ? null : Moment::say(Moment::read($task->latest_at)),
            $words->timing(),
            $words->state(),
            $words->isAlarm(),
            $task->about,
            match (true) {
                $subject instanceof Lot => $this->tags->lot($subject),
                $subject instanceof Planting => $this->tags->planting($subject),
            },
        );
    }
}
