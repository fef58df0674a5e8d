<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

/** Whether two plantings cross when they bloom side by side. */
enum Crosses: string
{
    case Never = 'never';

    /** Less than one seed in twenty. */
    case Rarely = 'rarely';
    case Freely = 'freely';

    private const RARE = 0.05;

    /** @param  float  $sideBySide  expected share of crossed seed with the source next to it, 0 … 1 */
    public static function at(float $sideBySide): self
    {
        return match (true) {
            $sideBySide <= 0.0 => self::Never,
            $sideBySide < self::RARE => self::Rarely,
            default => self::Freely,
        };
    }
}
