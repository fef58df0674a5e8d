<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use Illuminate\Support\Facades\DB;

/** What was said of seed beside what was so. */
final class Promises
{
    /** @var array<string, array{int, int}> how many held, of how many, by what was said */
    private array $held = [];

    /** A test has ended: does its interval hold what is alive? */
    public function alive(string $lot, float $truth): void
    {
        $said = DB::table('lot_standings')->where('lot_id', $lot)->first(['rate_low', 'rate_high']);
        if (is_numeric($said->rate_low ?? null) && is_numeric($said->rate_high ?? null)) {
            $this->tell('alive within the interval of its test', $truth >= (float) $said->rate_low && $truth <= (float) $said->rate_high);
        }
    }

    /** It is put away: was it as dry as was said? */
    public function dry(string $lot, ?float $truth): void
    {
        $said = DB::table('lot_standings')->where('lot_id', $lot)->value('moisture');
        if ($truth !== null && is_numeric($said)) {
            $this->tell('moisture within a point', abs((float) $said - $truth) <= 1.0);
        }
    }

    /** @return array<string, array{int, int}> */
    public function all(): array
    {
        return $this->held;
    }

    private function tell(string $what, bool $isSo): void
    {
        [$held, $of] = $this->held[$what] ?? [0, 0];
        $this->held[$what] = [$held + ($isSo ? 1 : 0), $of + 1];
    }
}
