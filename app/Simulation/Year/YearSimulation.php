<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use App\Simulation\Dice;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Journal\Subject;

/**
 * A keeper who lives by Today alone: opens it, does what it says with the hands there are, looks again, and comes back another
 * day. What stays wanted after it was done, is wanted of what is gone, or is lost without a word, is a fault of ours.
 */
final class YearSimulation
{
    /** As many alike are one line that opens. */
    private const ALIKE = 4;

    /** Done on so many days and wanted again each time, it is stuck. */
    private const STUCK = 3;

    /** Looks of one day: what is done makes the next thing wanted. */
    private const LOOKS = 4;

    /** Days that are looked at between one comparison with the calendar and the next. */
    private const COMPARED = 13;

    private Door $door;

    private Hands $hands;

    private Truth $truth;

    private Played $played;

    /** @var array<string, int> on how many days something was done that is still wanted */
    private array $done = [];

    /** @var array<string, true> what was settled one way or the other today */
    private array $today = [];

    /** @var array<string, true> lots of which it was said that they are being lost */
    private array $warned = [];

    private function __construct(private readonly Keeper $keeper, private readonly Dice $dice)
    {
        $this->door = new Door;
        $this->truth = new Truth($dice);
        $this->played = new Played;
    }

    /**
     * Plays in the garden of this database, which is another afterwards.
     *
     * @param  int  $step  days from one look to the next
     */
    public static function play(Keeper $keeper, Dice $dice, DateTimeImmutable $from, DateTimeImmutable $to, int $step = 1): Played
    {
        // A played year may be lost: nobody waits for the disk.
        DB::statement('PRAGMA synchronous = OFF');

        return (new self($keeper, $dice))->live($from, $to, $step);
    }

    private function live(DateTimeImmutable $from, DateTimeImmutable $to, int $step): Played
    {
        $promises = new Promises;
        $place = DB::table('places')->where('gone', 0)->orderByDesc('temperature_c')->value('id');
        $this->hands = new Hands($this->door, $this->truth, $promises, app(CropReference::class), is_string($place) ? $place : '');
        for ($day = $from; $day <= $to; $day = $day->modify("+$step days")) {
            $this->day($day);
        }
        [$this->played->kept, $this->played->refused, $this->played->asked] = [$this->door->kept, $this->door->refused, $this->door->asked];
        $this->played->promises = $promises->all();

        return $this->played;
    }

    private function day(DateTimeImmutable $day): void
    {
        $this->door->at($day->setTime(12, 0));
        $this->today = [];
        foreach ($this->truth->lost($day) as $lot => $what) {
            $this->hands->lose($lot);
            isset($this->warned[$lot]) ? $this->played->lost[] = $what : $this->played->unsaid[] = $what;
        }
        for ($look = 0; $look < self::LOOKS; $look++) {
            [$now, $planned] = $this->look();
            if ($look === 0) {
                $this->played->lines[$day->format('Y-m-d')] = self::lines($now, $planned);
                if (count($this->played->lines) % self::COMPARED === 1) {
                    $this->compare($now);
                }
            }
            $kept = $this->door->kept;
            $this->door->at($this->door->now()->modify('+15 minutes'));
            array_walk($now, $this->of(...));
            array_walk($planned, $this->ofPlan(...));
            if ($this->door->kept === $kept) {
                return;
            }
        }
    }

    /** @return array{list<Wanted>, list<array<string, mixed>>} what is due, and of the plan */
    private function look(): array
    {
        $today = $this->door->see('today');
        $of = static fn (string $part): array => array_values(array_filter(is_array($today[$part] ?? null) ? $today[$part] : [], is_array(...)));

        return [array_map(Wanted::of(...), $of('now')), array_values(array_filter($of('planned'), static fn (array $task): bool => in_array($task['state'] ?? '', ['now', 'late'], true)))];
    }

    private function of(Wanted $task): void
    {
        if ($task->waits === 'hours' || $task->waits === 'days') {
            $this->warned[$task->of] = true;
        }
        if (isset($this->today[$task->key()])) {
            return;
        }
        $this->today[$task->key()] = true;
        if ($task->subject === Subject::Lot->value && (bool) DB::table('lot_standings')->where('lot_id', $task->of)->value('used_up') && $task->kind !== 'call_back') {
            $this->played->wrong[] = "$task->do, $task->code";
        }
        match ($this->keeper->about($task->daysLate($this->door->now()), $this->dice)) {
            'do' => $this->count($this->hands->do($task), $task->key(), "$task->do, $task->code"),
            'put_off' => $this->hands->putOff($task, $task->waits === 'season' ? ['how' => 'next_year'] : ['how' => 'later', 'hours' => 12]),
            default => null,
        };
    }

    /** @param  array<string, mixed>  $task */
    private function ofPlan(array $task): void
    {
        $text = static fn (string $key): string => is_string($task[$key] ?? null) ? $task[$key] : '';
        $key = $text('kind').$text('planting').json_encode($task['year'] ?? '');
        if (isset($this->today[$key])) {
            return;
        }
        $this->today[$key] = true;
        $late = (int) (new DateTimeImmutable($text('on')))->diff($this->door->now())->format('%r%a');
        if ($this->keeper->about($late, $this->dice) === 'do') {
            $this->count($this->hands->planned($task), $key, $text('do'));
        }
    }

    private function count(bool $isDone, string $key, string $what): void
    {
        $this->done[$key] = ($this->done[$key] ?? 0) + 1;
        if ($this->done[$key] === self::STUCK) {
            $this->played->stuck[] = ($isDone ? '' : 'cannot be done: ').$what;
        }
    }

    /**
     * What is due stands in the calendar too.
     *
     * @param  list<Wanted>  $now
     */
    private function compare(array $now): void
    {
        $calendar = preg_replace('/\r\n /', '', $this->door->text('calendar.ics')) ?? '';
        foreach ($now as $task) {
            if (! str_contains($calendar, 'UID:'.rtrim("due-$task->code-$task->kind-$task->about", '-').'@')) {
                $this->played->differ[] = "$task->code: $task->do";
            }
        }
    }

    /**
     * As Today folds them: of one thing what it wants is one line, and what many want alike is one.
     *
     * @param  list<Wanted>  $now
     * @param  list<array<string, mixed>>  $planned
     */
    private static function lines(array $now, array $planned): int
    {
        $alike = array_count_values(array_map(static fn (Wanted $task): string => $task->kind.$task->do, array_filter($now, static fn (Wanted $task): bool => ! $task->alarm)));
        $folded = array_filter($alike, static fn (int $of): bool => $of >= self::ALIKE);
        $single = array_filter($now, static fn (Wanted $task): bool => $task->alarm || ! isset($folded[$task->kind.$task->do]));

        return count($folded) + count(array_unique(array_map(static fn (Wanted $task): string => $task->of, $single))) + count($planned);
    }
}
