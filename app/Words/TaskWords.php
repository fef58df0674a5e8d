<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\DueTask;
use App\Moment;
use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Work\TaskKind;

/** One line that says what to do and why, from a task's dates and figures. */
final readonly class TaskWords
{
    /** @var array<string, float|int|string|null> */
    private array $figures;

    private DateTimeImmutable $opens;

    private DateTimeImmutable $best;

    private ?DateTimeImmutable $latest;

    public function __construct(private DueTask $task, private Crop $crop, private When $when)
    {
        /** @var array<string, float|int|string|null> $figures */
        $figures = json_decode($task->figures, true, flags: JSON_THROW_ON_ERROR);
        $this->figures = $figures;
        $this->opens = Moment::read($task->opens_at);
        $this->best = Moment::read($task->best_at);
        $this->latest = Moment::readOrNull($task->latest_at);
    }

    public function kind(): TaskKind
    {
        return TaskKind::from($this->task->kind);
    }

    public function do(): string
    {
        $latest = $this->latest;

        return match ($this->kind()) {
            TaskKind::Pick => 'Look for ripe seed',
            TaskKind::StartFerment => $this->isAhead() ? 'Let the fruit rest, then put it to ferment' : 'Put the seed to ferment',
            TaskKind::Wash => $this->isAhead() ? 'Let the fruit rest, then take the seed out' : 'Take the seed out and rinse it',
            TaskKind::Thresh => $this->isAhead() ? 'Let it dry on, then thresh' : 'Thresh it',
            TaskKind::PourOff => match (true) {
                $latest !== null && $this->when->now > $latest => 'Pour off at once',
                $latest !== null => 'Pour off before '.$this->when->hour($latest),
                default => 'Pour off',
            },
            TaskKind::Rinse => 'Rinse it now and spread it',
            TaskKind::Winnow => 'Winnow it',
            TaskKind::SpreadWet => 'Spread it to dry, one layer thick',
            TaskKind::SpreadDry => 'Put it on the racks to dry',
            TaskKind::SowFresh => 'Sow it at once; until then keep it damp and cool',
            TaskKind::Weigh => 'Weigh it '.($this->when->daysTo($this->best) > 0 ? $this->when->day($this->best) : 'again'),
            TaskKind::ReadJar => 'Close a sample in a jar with a hygrometer for a day',
            TaskKind::PutAway => 'Put it away',
            TaskKind::CountTest => match (true) {
                $this->when->daysTo($this->best) < 0 => sprintf('Count the seedlings: day %d is past', $this->whole('day')),
                $this->when->daysTo($this->best) === 0 => sprintf('Count the seedlings: day %d', $this->whole('day')),
                default => sprintf('Count the seedlings %s, day %d', $this->when->day($this->best), $this->whole('day')),
            },
            TaskKind::EndTest => 'End the test',
            TaskKind::OpenDampJar => 'Open it and spread the seed again',
            TaskKind::ReadStoredJar => 'Put a hygrometer in and read it after a day',
            TaskKind::TestFirst => 'Test how it germinates',
            TaskKind::TestAgain => 'Test it again',
            TaskKind::GrowOut => $this->isLate() ? 'Grow it out now, sowing thickly' : 'Grow it out by '.($latest === null ? 'then' : When::month($latest)),
        };
    }

    public function why(): string
    {
        return match ($this->kind()) {
            TaskKind::Pick => sprintf(
                '%s. Ripe seed is usual %d to %d days after '.($this->text('from') === 'bloom' ? 'the first flower' : 'sowing').', which is %s to %s.',
                rtrim($this->text('cue'), '.'),
                $this->whole('days_min'),
                $this->whole('days_max'),
                $this->when->date($this->opens),
                $this->when->date($this->latest ?? $this->best),
            ),
            TaskKind::StartFerment, TaskKind::Wash => $this->whole('rest_min') > 0
                ? sprintf('Picked %s seed goes on ripening in the fruit for %d to %d days; after that fruit rots and seed may sprout in it.', mb_strtolower($this->crop->name), $this->whole('rest_min'), $this->whole('rest_max'))
                : sprintf('Ripe fruit keeps %s; after that it rots and seed may sprout in it.', Quantity::number($this->whole('rest_max'), 'day')),
            TaskKind::Thresh => sprintf('It threshes clean when it is brittle, %d to %d days after picking under cover; later it sheds, and mice find it.', $this->whole('rest_min'), $this->whole('rest_max')),
            TaskKind::PourOff => sprintf(
                'At %s the gel lets go after about %s, and by %s seed may sprout. Look at it from %s: a skin of mould, and seed that sinks.',
                Quantity::temperature($this->figure('temperature')),
                Quantity::hours($this->figure('typical_hours')),
                Quantity::hours($this->figure('latest_hours')),
                $this->when->hour($this->opens),
            ),
            TaskKind::Rinse => 'Once water has been added the gel no longer holds the seed back: left standing it sprouts.',
            TaskKind::Winnow => 'Chaff holds damp and mites, and seed mass means nothing with it in.',
            TaskKind::SpreadWet => 'Wet seed heaped overnight heats and sprouts; thin and in moving air it is dry to the touch in two days.',
            TaskKind::SpreadDry => 'Threshed seed feels dry and is not: a week or two in moving air brings it down.',
            TaskKind::SowFresh => sprintf('%s dies when it dries: no rack, no jar. It is at its best for about %s after picking.', $this->crop->name, Quantity::number($this->whole('days'), 'day')),
            TaskKind::Weigh => $this->weighReason(),
            TaskKind::ReadJar => 'Its weight has stopped falling, so it is in balance with the room. Only the humidity it gives a closed jar says how dry that is.',
            TaskKind::PutAway => sprintf(
                'At %s it is dry enough to close in tight (%s at most); left out, it takes up damp again.',
                Quantity::moisture($this->figure('moisture')),
                Quantity::moisture($this->figure('jar_moisture')),
            ),
            TaskKind::CountTest => $this->whole('day') === $this->whole('first_count')
                ? sprintf('Day %d is the first count for %s.', $this->whole('first_count'), mb_strtolower($this->crop->name))
                : sprintf('%s still undecided; the last count is on day %d.', Quantity::number($this->whole('undecided'), 'seed'), $this->whole('last_count')),
            TaskKind::EndTest => $this->whole('undecided') === 0
                ? 'Every seed has been decided.'
                : sprintf('Day %d was the last count for %s; what has not come up counts as dead.', $this->whole('last_count'), mb_strtolower($this->crop->name)),
            TaskKind::OpenDampJar => sprintf(
                'It went in at %s; above %s closed-in seed moulds and dies within weeks.',
                Quantity::moisture($this->figure('moisture')),
                Quantity::moisture($this->figure('jar_moisture')),
            ),
            TaskKind::ReadStoredJar => 'Nothing says how dry this seed went in. A day in the closed jar with a hygrometer tells.',
            TaskKind::TestFirst => 'It has never been tested: nobody knows yet how much of it is alive.',
            TaskKind::TestAgain => sprintf(
                'Last tested %s; it may have fallen to %s by %s.',
                When::month(Moment::read($this->text('tested'))),
                Quantity::percent($this->figure('threshold')),
                When::month(Moment::read($this->text('may_fall'))),
            ),
            TaskKind::GrowOut => sprintf(
                'By the forecast it falls to %s, the least that is worth passing on, about %s.',
                Quantity::percent($this->figure('threshold')),
                When::month(Moment::read($this->text('good_until'))),
            ),
        };
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

    /** How far off it is: "in 5 days", "due for 3 days", "past its time by 2 days". */
    public function timing(): string
    {
        return match ($this->state()) {
            'late' => 'past its time by '.$this->when->span($this->latest ?? $this->best),
            'now' => $this->when->now < $this->best ? 'best '.$this->when->away($this->best) : ($this->when->isNear($this->best) ? 'now' : 'due for '.$this->when->span($this->best)),
            'open' => 'can be done, best '.$this->when->away($this->best),
            default => $this->when->away($this->best),
        };
    }

    /** Whether seed is being lost, or will be within a day, unless somebody acts. */
    public function isAlarm(): bool
    {
        return $this->task->loses_seed === 1
            && $this->latest !== null
            && $this->kind() !== TaskKind::GrowOut
            && $this->kind() !== TaskKind::Pick
            && $this->when->now >= $this->latest->modify('-1 day')
            && ! $this->isAhead();
    }

    private function weighReason(): string
    {
        if (($this->figures['target_mass'] ?? null) !== null) {
            return sprintf(
                'It was at %s; it may be jarred at %s, which is when it weighs %s.',
                Quantity::moisture($this->figure('moisture')),
                Quantity::moisture($this->figure('jar_moisture')),
                Quantity::grams($this->figure('target_mass')),
            );
        }

        return ($this->figures['mass'] ?? null) === null
            ? 'A first weight gives the course something to fall from.'
            : sprintf('It weighed %s; when the weight stops falling it is as dry as the room will make it.', Quantity::grams($this->figure('mass')));
    }

    private function isAhead(): bool
    {
        return $this->when->now < $this->opens;
    }

    private function isLate(): bool
    {
        return $this->latest !== null && $this->when->now > $this->latest;
    }

    private function figure(string $key): float
    {
        $value = $this->figures[$key] ?? 0;

        return is_string($value) ? 0.0 : (float) $value;
    }

    private function whole(string $key): int
    {
        return (int) $this->figure($key);
    }

    private function text(string $key): string
    {
        return (string) ($this->figures[$key] ?? '');
    }
}
