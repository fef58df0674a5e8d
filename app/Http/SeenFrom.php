<?php

declare(strict_types=1);

namespace App\Http;

use App\Clock;
use App\Reading\JournalReader;
use App\Reading\Viewpoint;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The day a page is seen from: today, or a day looked ahead to with ?on=2026-09-20. */
final readonly class SeenFrom
{
    private const FURTHEST_DAYS = 400;

    public function __construct(private Clock $clock, private Request $request, private JournalReader $journal) {}

    public function today(): DateTimeImmutable
    {
        return $this->clock->now();
    }

    public function isAhead(): bool
    {
        return $this->when()->now->format('Y-m-d') !== $this->today()->format('Y-m-d');
    }

    /** All that is shown with it is read from there. */
    public function when(): When
    {
        $now = $this->clock->now();
        $on = $this->request->query('on');
        if (! is_string($on) || $on === '') {
            $this->journal->lookFrom(new Viewpoint);

            return new When($now);
        }
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $on, $now->getTimezone());
        if ($day === false || $day->format('Y-m-d') !== $on) {
            throw ValidationException::withMessages(['on' => sprintf('"%s" is not a day. Write it as 2026-09-20.', mb_substr($on, 0, 40))]);
        }
        $days = (int) $now->setTime(0, 0)->diff($day)->format('%r%a');
        if ($days < 0 || $days > self::FURTHEST_DAYS) {
            throw ValidationException::withMessages(['on' => sprintf('You can look ahead from today up to %d days.', self::FURTHEST_DAYS)]);
        }

        $when = $day->setTime((int) $now->format('H'), (int) $now->format('i'));
        $this->journal->lookFrom($days > 0 ? new Viewpoint(before: $when) : new Viewpoint);

        return new When($when);
    }
}
