<?php

declare(strict_types=1);

namespace App\Work;

use LogicException;

/** The voices of all steps together. */
final readonly class TaskVoices
{
    /** @var array<string, Speech> */
    private array $says;

    /** @param  iterable<TaskVoice>  $voices */
    public function __construct(iterable $voices)
    {
        $says = [];
        foreach ($voices as $voice) {
            $says = [...$says, ...$voice->says()];
        }
        $this->says = $says;
    }

    public function say(string $kind, SeenTask $task): Saying
    {
        return ($this->speech($kind)->say)($task);
    }

    /** Two or three words for the belt. */
    public function label(string $kind): string
    {
        return $this->speech($kind)->label;
    }

    /**
     * What to have ready for it.
     *
     * @return array<string, int|'one'> how many, by what it is called in the singular
     */
    public function needs(string $kind, SeenTask $task): array
    {
        return array_filter(array_map(static fn (int|string $many): int|string => is_int($many) || $many === Speech::ONE ? $many : ($task->has($many) ? $task->whole($many) : 0), $this->speech($kind)->needs));
    }

    /** What finishes it in a tap; null where something must be told. */
    public function tap(string $kind): ?Tap
    {
        return $this->speech($kind)->tap;
    }

    /** @return list<string> kinds that can be spoken of */
    public function kinds(): array
    {
        return array_keys($this->says);
    }

    private function speech(string $kind): Speech
    {
        return $this->says[$kind] ?? throw new LogicException("Nobody speaks of the task $kind.");
    }
}
