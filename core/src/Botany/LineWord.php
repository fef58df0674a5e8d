<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How true a line is, in a word: what it was made to be, else the share of off-types that it has at the most, 95 % surely. */
enum LineWord: string
{
    case NotKnown = 'not known';
    case Clean = 'clean';
    case NearClean = 'near clean';
    case Doubtful = 'doubtful';
    case Crossed = 'crossed';

    /** A first-generation hybrid: its own seed splits. */
    case Hybrid = 'hybrid';

    /** Mixed on purpose. */
    case Mixing = 'mixing';

    /** Still splitting, being made stable. */
    case NotFixed = 'not fixed';

    /** Whether it is not to be trusted to be of its line. */
    public function isDoubtful(): bool
    {
        return $this === self::Doubtful || $this === self::Crossed;
    }

    public static function upTo(float $share): self
    {
        return match (true) {
            $share <= 0.025 => self::Clean,
            $share <= 0.05 => self::NearClean,
            $share <= 0.20 => self::Doubtful,
            default => self::Crossed,
        };
    }
}
