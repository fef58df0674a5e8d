<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

/** What a germination share means for sowing. */
enum Verdict: string
{
    /** Sow as usual. */
    case Good = 'good';

    /** Sow thicker. */
    case Fair = 'fair';

    /** Do not rely on it; grow the lot out again now. */
    case Poor = 'poor';

    /** The seeds still undecided could go either way. */
    case Open = 'open';

    public static function of(float $rate, float $good, float $poor): self
    {
        return match (true) {
            $rate >= $good => self::Good,
            $rate >= $poor => self::Fair,
            default => self::Poor,
        };
    }
}
