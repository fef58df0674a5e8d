<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/** What comes of seed that is shut in, by how damp the air in there is. Storage fungi want 65 % RH and more (Justice & Bass 1978). */
enum Damp: string
{
    /** Below 50 %: it keeps as is forecast. */
    case Dry = 'dry';

    /** 50 to 65 %: it keeps, and ages faster than it need. */
    case Ages = 'ages';

    /** 65 to 75 %: it moulds within weeks to months in a warm room, later in the cold. */
    case Moulds = 'moulds';

    /** Above 75 %: it moulds or sprouts within days to weeks. */
    case Rots = 'rots';

    /** In a freezer, with water in it that freezes: that kills it, and no mould grows there. */
    case Freezes = 'freezes';

    /** Whether it keeps as it is, so that something can be forecast of it. */
    public function keeps(): bool
    {
        return $this === self::Dry || $this === self::Ages;
    }
}
