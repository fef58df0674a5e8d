<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * How seed that lies open dries that nobody weighs: by the air it lies in, from what it may have begun with, at a pace that may be slow or
 * quick. Its moisture on dry matter closes in on the balance with that air by the same share in the same time (Lewis's thin layer, as
 * DryingCurve). What it begins with and the paces are Marrow's assumptions, wide enough for a thin layer in a draught and for a full tray.
 */
final readonly class OpenCourse implements DryingCourse
{
    /** Per cent of wet mass it may begin with: out of water, and off a plant that looks dry. */
    private const WET = [35.0, 45.0, 55.0];

    private const GREEN = [12.0, 16.0, 24.0];

    /** Shares an hour of what is left to lose: half of it goes in 14, 35 and 87 hours. */
    private const PACES = [0.05, 0.02, 0.008];

    /** Of the RH of air that was measured, and of air that is only taken to be ordinary, either way. */
    private const KNOWN = 0.05;

    private const TAKEN = 0.10;

    private const LONGEST_DAYS = 120;

    /**
     * @param  float  $rh  share
     * @param  bool  $isAirKnown  whether anybody measured it
     * @param  bool  $isWet  whether it was in water, or came out of wet fruit
     * @param  ?array{float, float, float}  $starts  per cent of wet mass that it begins with, at best, likeliest, at worst; null where nothing but that is known
     */
    public function __construct(private Balance $balance, public float $rh, public float $temperature, public bool $isAirKnown, private bool $isWet, private ?array $starts = null) {}

    /** Per cent of wet mass in balance with that air. */
    public function stopsAt(): float
    {
        return $this->balance->moisture(self::within($this->rh), $this->temperature);
    }

    /** Share of RH by which its air may be out, either way. */
    public function sure(): float
    {
        return $this->isAirKnown ? self::KNOWN : self::TAKEN;
    }

    /** At best drier air and a quick pace from little water, at worst damper air and a slow pace from much. */
    public function after(float $hours): array
    {
        $start = $this->starts();

        return [
            $this->moisture($hours, $this->rh - $this->sure(), self::PACES[0], $start[0]),
            $this->moisture($hours, $this->rh, self::PACES[1], $start[1]),
            $this->moisture($hours, $this->rh + $this->sure(), self::PACES[2], $start[2]),
        ];
    }

    public function until(float $target): array
    {
        $hours = [];
        foreach ([0, 1, 2] as $way) {
            $hours[] = $this->reaches($way, $target);
        }

        return [$hours[0], $hours[1], $hours[2]];
    }

    /**
     * All that its moisture may be by now, each as likely as the next but for the air, whose ends are half as likely as its middle.
     *
     * @return list<array{float, float}> per cent of wet mass, weight
     */
    public function guesses(float $hours): array
    {
        $guesses = [];
        foreach ([[-2.0, 0.25], [-1.0, 0.75], [0.0, 1.0], [1.0, 0.75], [2.0, 0.25]] as [$away, $weight]) {
            foreach (self::PACES as $pace) {
                foreach ($this->starts() as $start) {
                    $guesses[] = [$this->moisture($hours, $this->rh + $away * $this->sure(), $pace, $start), $weight];
                }
            }
        }

        return $guesses;
    }

    private function reaches(int $way, float $target): ?float
    {
        if ($this->after(24.0 * self::LONGEST_DAYS)[$way] > $target) {
            return null;
        }
        [$low, $high] = [0.0, 24.0 * self::LONGEST_DAYS];
        for ($halving = 0; $halving < 40; $halving++) {
            $middle = ($low + $high) / 2.0;
            $this->after($middle)[$way] > $target ? $low = $middle : $high = $middle;
        }

        return $high;
    }

    private function moisture(float $hours, float $rh, float $pace, float $start): float
    {
        $ends = $this->balance->dryBasis(self::within($rh), $this->temperature);
        $dry = $ends + (100.0 * $start / (100.0 - $start) - $ends) * exp(-$pace * $hours);

        return 100.0 * $dry / (100.0 + $dry);
    }

    /** @return array{float, float, float} */
    private function starts(): array
    {
        return $this->starts ?? ($this->isWet ? self::WET : self::GREEN);
    }

    private static function within(float $rh): float
    {
        return max(0.05, min(0.95, $rh));
    }
}
