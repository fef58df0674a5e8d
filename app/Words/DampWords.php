<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Drying\Damp;

/** What comes of seed that is shut in, by how damp the air in there is. */
final class DampWords
{
    public static function becomes(Damp $damp, bool $isCool): string
    {
        return match ($damp) {
            Damp::Dry => 'It keeps as dry seed does.',
            Damp::Ages => 'It keeps, and ages faster than dry seed: dry it when you can.',
            Damp::Moulds => $isCool ? 'Shut in so damp, seed moulds: slowly in the cold, within weeks once it is warm.' : 'Shut in so damp, seed moulds within weeks to months in a warm room.',
            Damp::Rots => $isCool ? 'Shut in so damp, seed moulds or sprouts: within weeks in the cold, within days once it is warm.' : 'Shut in so damp, seed moulds or sprouts within days to weeks.',
            Damp::Freezes => 'So damp, the water in it freezes, and that kills seed.',
        };
    }
}
