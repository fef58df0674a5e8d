<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * Seed shut into something tight: the air in there comes into balance with it, at that warmth, and says what comes of it. Forecast,
 * alarm, sharing and what is asked before it is shut in go by this one ladder.
 */
final readonly class ShutIn
{
    /** RH inside, shares: from which it ages faster than it need, moulds slowly, and moulds soon. */
    private const AGES = 0.50;

    private const MOULDS = 0.65;

    private const ROTS = 0.75;

    /** °C; below it the water in seed may freeze, and no mould grows. */
    public const FREEZES_BELOW = -5.0;

    /**
     * Water freezes in seed that is damper than in balance with some 85 % RH (the high-moisture freezing limit: Stanwood 1985);
     * 75 % is well within that.
     */
    private const FREEZES_ABOVE = 0.75;

    /** °C; what is kept colder moulds more slowly. */
    private const COOL = 10.0;

    private const ROOM = 20.0;

    /** @param  float  $rh  of the air inside, 0 … 1, at its warmth; in a freezer as it would be in a room */
    private function __construct(public Damp $damp, public float $rh, public bool $isCool) {}

    /**
     * @param  float  $moisture  per cent of wet mass, above 0
     * @param  float  $temperature  °C
     */
    public static function of(Balance $balance, float $moisture, float $temperature): self
    {
        $frozen = $temperature <= self::FREEZES_BELOW;
        $rh = $balance->seedRh(max(0.1, min(40.0, $moisture)), $frozen ? self::ROOM : min(60.0, $temperature));
        $damp = match (true) {
            $frozen && $moisture > self::mostFrozen($balance) => Damp::Freezes,
            $rh < self::AGES => Damp::Dry,
            $rh < self::MOULDS, $frozen => Damp::Ages,
            $rh < self::ROTS => Damp::Moulds,
            default => Damp::Rots,
        };

        return new self($damp, $rh, $temperature < self::COOL);
    }

    /** The most water, per cent of wet mass, with which seed may be frozen. */
    public static function mostFrozen(Balance $balance): float
    {
        return $balance->moisture(self::FREEZES_ABOVE, self::ROOM);
    }

    /**
     * Within how many days it is to be opened: at best, and at the latest.
     *
     * @return array{int, int}
     */
    public function openWithin(): array
    {
        return match (true) {
            $this->damp === Damp::Rots && $this->isCool => [1, 7],
            $this->damp === Damp::Moulds && $this->isCool => [14, 60],
            $this->damp === Damp::Moulds => [0, 14],
            default => [0, 1],
        };
    }
}
