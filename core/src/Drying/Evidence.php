<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * All that is known of how moist seed is, weighed together. What was weighed or read decides, each with its own doubt; what is less sure only
 * agrees with it or contradicts it. Where nothing was read, the hand's signs and the air are set against one another over all that the seed
 * may be in balance with (Bayes on a grid); the first sign counts whole and the others half, since one hand tries them all on the same few
 * seeds. That is a range, and never more.
 */
final readonly class Evidence
{
    private const LEAST = 0.02;

    private const MOST = 0.98;

    private const STEPS = 96;

    /** °C at which seed and its air are set against one another. */
    private const ROOM = 20.0;

    /** Share of what can be left out on each side of the range. */
    private const TAIL = 0.05;

    /** What is less likely than this within the range contradicts it. */
    private const UNLIKELY = 0.25;

    /** Share of RH above which seed moulds in paper, too, and how likely that may be of what is called probably dry. */
    private const MOULDS = 0.65;

    private const SELDOM = 0.10;

    /** Points of moisture; no hand tells it nearer. */
    private const NEAR = 2.0;

    /** Hours after which seed that was wet may be dry within; sooner it is so outside, which is all that the hand feels. */
    public const DRY_WITHIN_HOURS = 72.0;

    /** So far a rough reading of a jar is out, share of RH either way: an assumption. */
    public const ROUGHLY = 0.10;

    /** Share of RH; open air is hardly ever drier for long. */
    private const DRIEST = 0.20;

    /** What is left to what nobody expects. */
    private const SLIGHT = 0.02;

    /** What the guesses of the air are smoothed by, share of RH. */
    private const SMOOTH = 0.03;

    /**
     * @param  ?float  $moisture  per cent of wet mass: what was read, else the middle of what it may be; null where only the limits hold
     * @param  float  $low  within which it is: of a reading its doubt, else nine times in ten
     * @param  list<Witness|SignResult>  $against  what contradicts that
     * @param  float  $moulds  how likely it is so damp that it moulds even in paper, share; of what was read 0, as that speaks for itself
     */
    private function __construct(public ?float $moisture, public float $low, public float $high, public Witness $decidedBy, public array $against, private float $moulds = 0.0) {}

    /**
     * What was weighed or read, the surest of it, and what is said against that.
     *
     * @param  list<MoistureReading>  $others  what else was read
     * @param  list<SignResult>  $signs
     * @param  ?list<array{float, float}>  $air  what its moisture may be by the air it lies in, and weights; null where nothing is known of that
     */
    public static function read(Balance $balance, MoistureReading $read, array $others = [], array $signs = [], ?array $air = null): self
    {
        [$low, $high] = [$read->low, $read->isOpen ? 100.0 : $read->high];
        $against = [];
        foreach ($others as $other) {
            if (! $other->isOpen && $other->high < $low || $other->low > $high) {
                $against[] = $other->by;
            }
        }
        // Of what is only known within limits, wherever within them the sign is likeliest.
        $span = $read->isRange() ? [self::seedRh($balance, $low), self::seedRh($balance, $high)] : [self::seedRh($balance, $read->middle ?? $high)];
        foreach ($signs as $sign) {
            if (max(array_map($sign->likelihood(...), $span)) < self::UNLIKELY) {
                $against[] = $sign;
            }
        }
        if ($air !== null && self::shareWithin($air, $low - 1.0, $high + 1.0) < self::TAIL) {
            $against[] = Witness::Air;
        }

        return new self($read->middle, $low, $high, $read->by, $against);
    }

    /**
     * By the hand and the air alone.
     *
     * @param  list<SignResult>  $signs
     * @param  ?list<array{float, float}>  $air  as above
     * @return ?self null where there is nothing to go by
     */
    public static function guessed(Balance $balance, array $signs, ?array $air): ?self
    {
        if ($signs === [] && $air === null) {
            return null;
        }
        $chances = self::prior($balance, $air);
        // The sharpest sign counts whole.
        usort($signs, static fn (SignResult $a, SignResult $b): int => array_search($a->sign(), HandSign::cases(), true) <=> array_search($b->sign(), HandSign::cases(), true));
        foreach ($chances as $step => $chance) {
            $rh = self::rh($step);
            $log = log(max(1e-12, $chance));
            foreach ($signs as $nth => $sign) {
                $log += ($nth === 0 ? 1.0 : 0.5) * log($sign->likelihood($rh));
            }
            $chances[$step] = exp($log);
        }
        $sum = array_sum($chances);
        $chances = array_map(static fn (float $chance): float => $chance / $sum, $chances);
        $at = static fn (float $share): float => $balance->moisture(self::quantile($chances, $share), self::ROOM);
        $against = [];
        foreach ($signs as $sign) {
            $likely = 0.0;
            foreach ($chances as $step => $chance) {
                $likely += $chance * $sign->likelihood(self::rh($step));
            }
            if ($likely < self::UNLIKELY) {
                $against[] = $sign;
            }
        }
        [$low, $high] = [$at(self::TAIL), $at(1.0 - self::TAIL)];
        if ($signs !== [] && $air !== null && self::shareWithin($air, $low - 1.0, $high + 1.0) < self::UNLIKELY) {
            $against[] = Witness::Air;
        }

        $moulds = array_sum(array_filter($chances, static fn (int $step): bool => self::rh($step) > self::MOULDS, ARRAY_FILTER_USE_KEY));

        return new self($at(0.5), $low, $high, $signs === [] ? Witness::Air : Witness::Signs, $against, $moulds);
    }

    /** Whether it may be damper than any limit says. */
    public function isOpen(): bool
    {
        return $this->high >= 100.0;
    }

    /**
     * Whether it may be closed in tight: only of what was weighed or read, to the tenth of a per cent, as it is shown.
     *
     * @param  float  $enough  per cent of wet mass
     */
    public function isDryEnough(float $enough): bool
    {
        return ! $this->decidedBy->isGuess() && round($this->counted(), 1) <= $enough;
    }

    /** What is gone by, per cent of wet mass, as MoistureReading::counted has it. */
    public function counted(): float
    {
        return match (true) {
            $this->decidedBy === Witness::Weight, $this->decidedBy === Witness::Jar => $this->moisture ?? $this->high,
            default => $this->isOpen() ? $this->low : $this->high,
        };
    }

    /**
     * Whether seed that nobody read is as dry as a hand can tell: dry enough for what breathes, and never said to be for a jar.
     *
     * @param  float  $enough  per cent of wet mass at which it may be closed in tight
     */
    public function isProbablyDry(float $enough): bool
    {
        return $this->decidedBy->isGuess() && $this->moisture !== null && $this->moisture <= $enough + self::NEAR && $this->moulds <= self::SELDOM;
    }

    /**
     * @param  ?list<array{float, float}>  $air
     * @return non-empty-array<int, float> of each step, up to a factor
     */
    private static function prior(Balance $balance, ?array $air): array
    {
        $chances = array_fill(0, self::STEPS + 1, 1.0);
        if ($air === null) {
            // Whatever air a garden has, but hardly drier than any room is.
            return array_map(static fn (int $step): float => self::isOrdinary($step) ? 1.0 : self::SLIGHT, array_keys($chances));
        }
        $guesses = array_map(static fn (array $guess): array => [self::seedRh($balance, $guess[0]), $guess[1]], $air);
        foreach ($chances as $step => $chance) {
            $rh = self::rh($step);
            // Nobody's guess of the air is so sure that a sign could not outweigh it.
            $chances[$step] = self::SLIGHT * (self::isOrdinary($step) ? 1.0 : self::SLIGHT) + array_sum(array_map(static fn (array $guess): float => $guess[1] * exp(-0.5 * (($rh - $guess[0]) / self::SMOOTH) ** 2), $guesses)) / array_sum(array_column($guesses, 1));
        }

        return $chances;
    }

    /** @param  non-empty-array<int, float>  $chances  that add up to 1 */
    private static function quantile(array $chances, float $share): float
    {
        $sum = 0.0;
        foreach ($chances as $step => $chance) {
            if ($sum + $chance >= $share) {
                return self::rh($step + ($share - $sum) / max(1e-12, $chance) - 0.5);
            }
            $sum += $chance;
        }

        return self::MOST;
    }

    /** @param  list<array{float, float}>  $guesses */
    private static function shareWithin(array $guesses, float $low, float $high): float
    {
        $within = array_filter($guesses, static fn (array $guess): bool => $guess[0] >= $low && $guess[0] <= $high);

        return array_sum(array_column($within, 1)) / array_sum(array_column($guesses, 1));
    }

    /** Half a step off, so that no rounding decides. */
    private static function isOrdinary(int $step): bool
    {
        return self::rh($step + 0.5) > self::DRIEST;
    }

    private static function rh(float $step): float
    {
        return max(self::LEAST, min(self::MOST, self::LEAST + $step * (self::MOST - self::LEAST) / self::STEPS));
    }

    private static function seedRh(Balance $balance, float $moisture): float
    {
        return $balance->seedRh(max(0.1, min(40.0, $moisture)), self::ROOM);
    }
}
