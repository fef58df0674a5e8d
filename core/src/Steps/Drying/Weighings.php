<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use DateTimeImmutable;

/** What drying seed weighed, and what that says of its pace. */
final class Weighings
{
    /** Two weighings closer than this say nothing about a trend. */
    private const STEADY_HOURS = 20;

    /** @var list<array{at: DateTimeImmutable, mass: float}> */
    private array $all = [];

    public function forget(): void
    {
        $this->all = [];
    }

    /** @param  float  $mass  g */
    public function add(DateTimeImmutable $at, float $mass): void
    {
        $this->all[] = ['at' => $at, 'mass' => $mass];
    }

    /** Some was taken out since the last: it would have weighed so much less. */
    public function shrunk(float $share): void
    {
        $last = array_pop($this->all);
        if ($last !== null) {
            $this->add($last['at'], $last['mass'] * $share);
        }
    }

    /** @return list<array{at: DateTimeImmutable, mass: float}> g, in order */
    public function all(): array
    {
        return $this->all;
    }

    /** @return ?float g */
    public function first(): ?float
    {
        return $this->all[0]['mass'] ?? null;
    }

    /** @return ?float g */
    public function last(): ?float
    {
        return $this->all === [] ? null : $this->all[count($this->all) - 1]['mass'];
    }

    public function lastAt(): ?DateTimeImmutable
    {
        return $this->all === [] ? null : $this->all[count($this->all) - 1]['at'];
    }

    /** @return ?array{array{at: DateTimeImmutable, mass: float}, array{at: DateTimeImmutable, mass: float}} the last two; null of fewer */
    public function lastTwo(): ?array
    {
        $n = count($this->all);

        return $n < 2 ? null : [$this->all[$n - 2], $this->all[$n - 1]];
    }

    /**
     * Whether the last two differ by less than what still counts as steady: then seed is in balance with the room.
     *
     * @param  float  $loss  share a day
     */
    public function isSteady(float $loss): bool
    {
        [$before, $last] = $this->lastTwo() ?? [null, null];
        if ($before === null || $last === null || self::days($before, $last) * 24.0 < self::STEADY_HOURS) {
            return false;
        }

        return ($before['mass'] - $last['mass']) / $before['mass'] / self::days($before, $last) < $loss;
    }

    /** @return ?float g a day that went between the last two; null of fewer */
    public function pace(): ?float
    {
        [$before, $last] = $this->lastTwo() ?? [null, null];

        return $before === null || $last === null ? null : ($before['mass'] - $last['mass']) / max(1e-6, self::days($before, $last));
    }

    /**
     * @param  array{at: DateTimeImmutable, mass: float}  $before
     * @param  array{at: DateTimeImmutable, mass: float}  $last
     */
    private static function days(array $before, array $last): float
    {
        return ($last['at']->getTimestamp() - $before['at']->getTimestamp()) / 86_400;
    }
}
