<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\PutOff;

use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Task;
use Marrow\Core\Year\YearTurn;

/** What was put off, of a lot as of a planting, and what is left to do then. */
final class PutOffStrand extends Strand
{
    /** Seed that is being lost can be put off by so much, or until it is. */
    public const MOST_HOURS = 48;

    /** @var array<string, array{PutOff, \DateTimeImmutable}> the last word on each, by task and what it is about */
    private array $said = [];

    /** @param  YearTurn  $turn  of the garden: what is not done this year waits for its next season */
    public function __construct(private readonly YearTurn $turn = new YearTurn) {}

    #[Takes]
    public function putOff(PutOff $off, Entry $entry): void
    {
        if ($off->until !== null && $off->until < $entry->happenedAt->format('Y-m-d')) {
            throw Misfit::at('until', 'That day is past: say done already, or a day to come.');
        }
        $this->said["$off->task $off->about"] = [$off, $entry->happenedAt];
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<Task>
     */
    public function leaves(array $tasks): array
    {
        return array_values(array_filter(array_map($this->left(...), $tasks)));
    }

    /** The last word on a task of a kind, where there is one. */
    public function on(string $task): ?PutOff
    {
        return ($this->said["$task "] ?? [null])[0];
    }

    private function left(Task $task): ?Task
    {
        [$off, $at] = $this->said["{$task->kind->value} $task->about"] ?? [null, null];
        if ($off === null || $at === null || $off->how === PutOffUntil::Done && $task->opens->format('Y-m-d\TH:i') > ($off->opens === '' ? $at->format('Y-m-d\TH:i') : $off->opens)) {
            // What comes up anew after it was said is another thing to do.
            return $task;
        }
        if ($off->how === PutOffUntil::Done) {
            return null;
        }
        $day = match (true) {
            $off->how === PutOffUntil::NextYear => $this->turn->begins($this->turn->season($at) + 1, $at),
            $off->hours !== null => Later::hours($at, $off->hours),
            default => (new \DateTimeImmutable($off->until ?? $at->format('Y-m-d'), $at->getTimezone()))->setTime(9, 0),
        };
        if ($task->loss === Loss::Seed) {
            // What is being lost does not wait for a season, whatever was said.
            $day = min($day, max(Later::hours($at, self::MOST_HOURS), $task->latest ?? $at));
        }

        if ($task->lapses !== null && $day >= $task->lapses) {
            // By then it can be done no more.
            return null;
        }

        return $day <= $task->best ? $task : new Task(
            $task->kind,
            $task->place,
            max($task->opens, $day),
            $day,
            match (true) {
                $task->latest === null || $task->latest >= $day => $task->latest,
                // What is being lost is an alarm again when its hours are over.
                $task->loss === Loss::Seed => $day,
                default => null,
            },
            $task->loss,
            $task->figures,
            $task->about,
            $task->lapses,
        );
    }
}
