<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

use Marrow\Core\Fields\Choice;
use Marrow\Core\Population\SelfedLine;

/** How the form of a trait that is wanted stands to the other. */
enum Dominance: string implements Choice
{
    case NotKnown = 'not_known';
    case Recessive = 'recessive';
    case Dominant = 'dominant';
    case Between = 'between';

    public function label(): string
    {
        return match ($this) {
            self::NotKnown => 'not known',
            self::Recessive => 'hidden by the other (recessive)',
            self::Dominant => 'hides the other (dominant)',
            self::Between => 'a cross shows something between',
        };
    }

    /**
     * Share of plants of a selfed cross that show the form wanted, of one gene; where it is not known, as of one that is hidden.
     *
     * @param  int  $generation  the F1 being 1
     */
    public function shows(int $generation): float
    {
        $fixed = SelfedLine::fixedForOne($generation);

        return $this === self::Dominant ? 1.0 - $fixed : $fixed;
    }

    /** Whether a plant that shows it breeds true for it. */
    public function isFixedWhereSeen(): bool
    {
        return $this === self::Recessive || $this === self::Between;
    }
}
