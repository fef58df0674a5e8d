<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

/** How true a line is, in a word: by the share of off-types that it has at the most, 95 % surely. */
enum LineWord: string
{
    case NotKnown = 'not known';
    case Clean = 'clean';
    case NearClean = 'near clean';
    case Doubtful = 'doubtful';
    case Crossed = 'crossed';

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
