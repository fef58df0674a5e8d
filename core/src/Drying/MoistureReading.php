<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/** A moisture that was weighed or read, and within what it is. Per cent of wet mass throughout. */
final readonly class MoistureReading
{
    /**
     * @param  ?float  $middle  null where only the limits hold
     * @param  bool  $isOpen  whether it may be damper than any limit says: every spot of the card was damp
     * @param  ?float  $rh  share, as it was read; null of a weight
     */
    private function __construct(public Witness $by, public ?float $middle, public float $low, public float $high, public bool $isOpen = false, public ?float $rh = null) {}

    /**
     * By weight from a starting moisture: a point of that is so much more at the end as there is less to hold it.
     *
     * @param  float  $moisture  now
     * @param  float  $startMass  g
     * @param  float  $mass  g now
     */
    public static function weighed(float $moisture, float $startMass, float $mass): self
    {
        $within = max(1.0, $startMass / $mass);

        return new self(Witness::Weight, $moisture, max(0.0, $moisture - $within), min(100.0, $moisture + $within));
    }

    /**
     * @param  float  $rh  share
     *
     * @throws InvalidFigure
     */
    public static function jar(Balance $balance, float $rh, float $temperature): self
    {
        $moisture = $balance->moisture($rh, $temperature);
        $within = $balance->ground->within();

        return new self(Witness::Jar, $moisture, max(0.0, $moisture - $within), $moisture + $within, rh: $rh);
    }

    /**
     * Of a jar that was not half full, not shut for a day or not evenly warm: its air may still be the room's.
     *
     * @throws InvalidFigure
     */
    public static function roughJar(Balance $balance, float $rh, float $temperature): self
    {
        $at = static fn (float $air): float => $balance->moisture(max(0.02, min(0.98, $air)), $temperature);

        return new self(Witness::RoughJar, $at($rh), $at($rh - Evidence::ROUGHLY), $at($rh + Evidence::ROUGHLY), rh: $rh);
    }

    /** @throws InvalidFigure */
    public static function card(Balance $balance, IndicatorCard $card, float $temperature): self
    {
        $at = static fn (float $air): float => $balance->moisture(max(0.02, min(0.98, $air)), $temperature);

        return new self(Witness::Card, $card->rh === null ? null : $at($card->rh), $at($card->low), $at($card->high), $card->high >= 1.0, $card->rh);
    }

    /**
     * What everything else goes by: of what is only known within limits the damp one, so that nothing is called dry that may not be; where
     * there is none, what it holds at the least.
     */
    public function counted(): float
    {
        return match ($this->by) {
            Witness::Card, Witness::RoughJar => $this->isOpen ? $this->low : $this->high,
            default => $this->middle ?? $this->high,
        };
    }

    /** Whether it says no more than a range. */
    public function isRange(): bool
    {
        return $this->by === Witness::Card || $this->by === Witness::RoughJar;
    }

    /**
     * The same seed, weighed again since: its dry matter is what it was.
     *
     * @param  float  $then  g
     * @param  float  $now  g
     */
    public function after(float $then, float $now): self
    {
        $later = static fn (float $moisture): float => max(0.0, 100.0 - (100.0 - $moisture) * $then / $now);

        return new self($this->by, $this->middle === null ? null : $later($this->middle), $later($this->low), $later($this->high), $this->isOpen, $this->rh);
    }
}
