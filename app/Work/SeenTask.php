<?php

declare(strict_types=1);

namespace App\Work;

use App\Models\DueTask;
use App\Moment;
use App\Voice\When;
use Closure;
use DateTimeImmutable;
use LogicException;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Work\Loss;

/** A task as it is kept, seen from a day: its dates, its figures, and how it stands. */
final readonly class SeenTask
{
    public DateTimeImmutable $opens;

    public DateTimeImmutable $best;

    public ?DateTimeImmutable $latest;

    public Loss $loss;

    /** @var array<string, float|int|string|null> */
    private array $figures;

    /** @param  Closure(): Crop  $crop  read only by what has more to say of it than its name */
    public function __construct(private DueTask $task, private string $cropName, private Closure $crop, public When $when)
    {
        /** @var array<string, float|int|string|null> $figures */
        $figures = json_decode($task->figures, true, flags: JSON_THROW_ON_ERROR);
        $this->figures = $figures;
        $this->opens = Moment::read($task->opens_at);
        $this->best = Moment::read($task->best_at);
        $this->latest = Moment::readOrNull($task->latest_at);
        $this->loss = Loss::from($task->loss);
    }

    /** The crop's name within a sentence. */
    public function cropName(): string
    {
        return CropName::inSentence($this->cropName);
    }

    /** The whole of the crop, which takes longer to read than its name. */
    public function crop(): Crop
    {
        return ($this->crop)();
    }

    public function has(string $figure): bool
    {
        return ($this->figures[$figure] ?? null) !== null;
    }

    public function number(string $figure): float
    {
        $value = $this->figures[$figure] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw new LogicException("A task of kind {$this->task->kind} has no figure $figure.");
    }

    public function whole(string $figure): int
    {
        return (int) $this->number($figure);
    }

    public function text(string $figure): string
    {
        return (string) ($this->figures[$figure] ?? '');
    }

    public function day(string $figure): DateTimeImmutable
    {
        return Moment::read($this->text($figure));
    }

    public function state(): string
    {
        return match (true) {
            $this->isLate() => 'late',
            $this->when->now >= $this->best || $this->when->daysTo($this->best) === 0 => 'now',
            ! $this->isAhead() => 'open',
            default => 'ahead',
        };
    }

    /** How far off it is: "in 5 days", "wanted since Monday". */
    public function timing(): string
    {
        return match ($this->state()) {
            'late' => 'overdue since '.$this->when->since($this->latest ?? $this->best),
            'now' => match (true) {
                $this->when->now < $this->best => 'best '.$this->when->away($this->best),
                $this->when->isNear($this->best) => 'now',
                default => 'wanted since '.$this->when->since($this->best),
            },
            'open' => 'can be done, best '.$this->when->away($this->best),
            default => $this->when->away($this->best),
        };
    }

    /** Whether seed in hand is being lost, or will be within a day, unless somebody acts. */
    public function isAlarm(): bool
    {
        return $this->loss === Loss::Seed && $this->latest !== null && $this->when->now >= $this->latest->modify('-1 day') && ! $this->isAhead();
    }

    public function isLate(): bool
    {
        return $this->latest !== null && $this->when->now > $this->latest;
    }

    public function isAhead(): bool
    {
        return $this->when->now < $this->opens;
    }
}
