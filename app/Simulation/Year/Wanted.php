<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use DateTimeImmutable;

/** A thing that Today wants done of a lot or a planting. */
final readonly class Wanted
{
    private function __construct(
        public string $kind,
        public string $subject,
        public string $of,
        public string $code,
        public string $about,
        public string $do,
        public string $opens,
        public string $best,
        public string $waits,
        public bool $alarm,
    ) {}

    /** @param  array<string, mixed>  $task  as Today has it */
    public static function of(array $task): self
    {
        $text = static fn (string $key): string => is_string($task[$key] ?? null) ? $task[$key] : '';

        return new self($text('kind'), $text('subject'), $text('of'), $text('name'), $text('about'), $text('do'), $text('opens'), $text('best'), $text('waits'), ($task['alarm'] ?? false) === true);
    }

    /** The same for what is wanted still, and another for what is wanted anew. */
    public function key(): string
    {
        return implode(' ', [$this->kind, $this->of, $this->about, substr($this->opens, 0, 10)]);
    }

    public function daysLate(DateTimeImmutable $now): int
    {
        return (int) (new DateTimeImmutable($this->best))->diff($now)->format('%r%a');
    }
}
