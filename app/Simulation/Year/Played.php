<?php

declare(strict_types=1);

namespace App\Simulation\Year;

/** What became of a year that was played. */
final class Played
{
    /** @var array<string, int> lines of Today when it was opened, by the day */
    public array $lines = [];

    /** @var list<string> what stayed wanted after it was done */
    public array $stuck = [];

    /** @var list<string> what was wanted of something gone */
    public array $wrong = [];

    /** @var list<string> what was lost, of which it had been said in time */
    public array $lost = [];

    /** @var list<string> what was lost without a word */
    public array $unsaid = [];

    /** @var list<string> where the calendar and Today differ */
    public array $differ = [];

    /** @var list<string> what was refused, or kept with nothing reckoned from it: honest as it was */
    public array $refused = [];

    /** @var list<string> what was asked about before it was kept */
    public array $asked = [];

    /** @var array<string, array{int, int}> what was said and held, of how often it was said */
    public array $promises = [];

    public int $kept = 0;

    public function median(): int
    {
        $lines = array_values($this->lines);
        sort($lines);

        return $lines === [] ? 0 : $lines[intdiv(count($lines), 2)];
    }

    /** @return array<string, int> the fullest days, and their lines */
    public function worst(int $days): array
    {
        $lines = $this->lines;
        arsort($lines);

        return array_slice($lines, 0, $days);
    }
}
