<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * Seed and a desiccant shut into one jar. All water in there stays in there: what the desiccant takes, the seed loses, until both are in
 * balance with the air between them. How fast is Lewis's thin layer at 0.02, 0.008 or 0.004 of what is left an hour (half of it in 35, 87
 * or 173 hours: small seed in a shallow jar, the middle, a full jar of beans): an assumption.
 */
final readonly class DesiccantJar implements DryingCourse
{
    private const PACES = [0.02, 0.008, 0.004];

    /** Share of what it will take; then it has hardly any pull left, and is changed. */
    private const SPENT = 0.8;

    private const LONGEST_DAYS = 120;

    private const ROOM = 20.0;

    /**
     * @param  float  $from  per cent of wet mass that the seed holds
     * @param  float  $endsRh  share, of the air between them in the end
     * @param  float  $endsAt  per cent of wet mass that the seed holds then
     * @param  float  $takes  g of water that goes over in the end; below 0 where the desiccant was too wet
     */
    private function __construct(public float $from, public float $endsRh, public float $endsAt, public float $takes) {}

    /**
     * @param  float  $mass  g of seed
     * @param  float  $moisture  per cent of wet mass
     * @param  float  $grams  g of desiccant, dry
     * @param  float  $held  g of water that a gram of it holds as it goes in
     */
    public static function of(Balance $balance, float $mass, float $moisture, DesiccantKind $kind, float $grams, float $held = 0.0): self
    {
        $dryMatter = $mass * (100.0 - $moisture) / 100.0;
        $water = $mass - $dryMatter + $grams * $held;
        [$low, $high] = [0.01, 0.98];
        for ($halving = 0; $halving < 60; $halving++) {
            $rh = ($low + $high) / 2.0;
            $dryMatter * $balance->dryBasis($rh, self::ROOM) / 100.0 + $grams * $kind->holds($rh) < $water ? $low = $rh : $high = $rh;
        }
        $rh = ($low + $high) / 2.0;

        return new self($moisture, $rh, $balance->moisture($rh, self::ROOM), $grams * ($kind->holds($rh) - $held));
    }

    /** At a quick pace, the middle, a slow one. */
    public function after(float $hours): array
    {
        return [$this->at(self::PACES[0], $hours), $this->at(self::PACES[1], $hours), $this->at(self::PACES[2], $hours)];
    }

    public function until(float $target): array
    {
        if ($this->from <= $target) {
            return [0.0, 0.0, 0.0];
        }
        [$from, $to, $ends] = [self::dry($this->from), self::dry($target), self::dry($this->endsAt)];
        if ($to <= $ends) {
            return [null, null, null];
        }
        $hours = array_map(static fn (float $pace): float => log(($from - $ends) / ($to - $ends)) / $pace, self::PACES);

        return $hours[1] > 24.0 * self::LONGEST_DAYS ? [null, null, null] : [$hours[0], $hours[1], $hours[2]];
    }

    /** @return float hours after which it has taken most of what it will */
    public static function spentAfter(): float
    {
        return -log(1.0 - self::SPENT) / self::PACES[1];
    }

    private function at(float $pace, float $hours): float
    {
        $ends = self::dry($this->endsAt);
        $dry = $ends + (self::dry($this->from) - $ends) * exp(-$pace * $hours);

        return 100.0 * $dry / (100.0 + $dry);
    }

    private static function dry(float $moisture): float
    {
        return 100.0 * $moisture / (100.0 - $moisture);
    }
}
