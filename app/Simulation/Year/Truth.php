<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use App\Simulation\Dice;
use DateTimeImmutable;

/** What is so of the seed, whether anybody knows it or not. */
final class Truth
{
    /** % by weight, of seed that comes to the racks. */
    public const COMES_WITH = 20.0;

    /** % of the dry matter, in balance with the room. */
    private const BALANCE = 6.0;

    /** Days in which what it has above that falls to a third. */
    private const DAYS = 2.5;

    /** Hours after which a ferment in the warmth has taken the seed with it, and after which wet seed in a heap has. */
    private const FERMENT_HOURS = 200;

    private const WET_HOURS = 120;

    /** @var array<string, array{dry: float, since: DateTimeImmutable}> g of dry matter of what lies on the racks, by its lot */
    private array $drying = [];

    /** @var array<string, float> share alive, by its lot */
    private array $alive = [];

    /** @var array<string, int> seeds of a test that will come up and have not, by the test */
    private array $toCome = [];

    /** @var array<string, array{what: string, at: DateTimeImmutable}> when what works or lies wet is lost, by its lot */
    private array $losing = [];

    public function __construct(private readonly Dice $dice) {}

    public function alive(string $lot): float
    {
        return $this->alive[$lot] ??= $this->dice->between(0.5, 0.97);
    }

    /** How many more have come up. */
    public function cameUp(string $lot, string $test, int $seeds, bool $isLast): int
    {
        $left = $this->toCome[$test] ??= $this->dice->ofSeeds($seeds, $this->alive($lot));
        $up = $isLast ? $left : $this->dice->ofSeeds($left, 0.7);
        $this->toCome[$test] = $left - $up;

        return $up;
    }

    /** @return float g, of what was put on the racks */
    public function spread(string $lot, DateTimeImmutable $at): float
    {
        $this->drying[$lot] = ['dry' => 80.0, 'since' => $at];
        unset($this->losing[$lot]);

        return $this->weighs($lot, $at) ?? 0.0;
    }

    /** @return ?float g; null where it lies on no rack of ours */
    public function weighs(string $lot, DateTimeImmutable $at): ?float
    {
        $there = $this->drying[$lot] ?? null;
        $moisture = $this->moisture($lot, $at);

        return $there === null || $moisture === null ? null : $there['dry'] / (1.0 - $moisture / 100.0);
    }

    /** @return ?float % by weight */
    public function moisture(string $lot, DateTimeImmutable $at): ?float
    {
        $there = $this->drying[$lot] ?? null;
        if ($there === null) {
            return null;
        }
        $days = ($at->getTimestamp() - $there['since']->getTimestamp()) / 86400;
        $began = 100.0 * self::COMES_WITH / (100.0 - self::COMES_WITH);
        $now = self::BALANCE + ($began - self::BALANCE) * exp(-$days / self::DAYS);

        return 100.0 * $now / (100.0 + $now);
    }

    public function ferments(string $lot, DateTimeImmutable $at): void
    {
        $this->losing[$lot] = ['what' => 'a ferment', 'at' => $at->modify('+'.self::FERMENT_HOURS.' hours')];
    }

    public function liesWet(string $lot, DateTimeImmutable $at): void
    {
        $this->losing[$lot] = ['what' => 'wet seed', 'at' => $at->modify('+'.self::WET_HOURS.' hours')];
    }

    /** @return array<string, string> what was lost by then, by its lot; told once */
    public function lost(DateTimeImmutable $by): array
    {
        $lost = array_filter($this->losing, static fn (array $one): bool => $one['at'] < $by);
        $this->losing = array_diff_key($this->losing, $lost);

        return array_map(static fn (array $one): string => $one['what'], $lost);
    }
}
