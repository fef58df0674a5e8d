<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\Choice;

/** How many seeds a keeper lays to begin with. */
enum UsualTest: string implements Choice
{
    case Fifty = 'fifty';
    case Ten = 'ten';
    case Hundred = 'hundred';

    public function label(): string
    {
        return match ($this) {
            self::Fifty => 'fifty: two of twenty-five',
            self::Ten => 'ten seeds',
            self::Hundred => 'a hundred: four of twenty-five',
        };
    }

    public function replicates(): int
    {
        return match ($this) {
            self::Fifty => 2,
            self::Ten => 1,
            self::Hundred => 4,
        };
    }

    /** In each replicate. */
    public function seeds(): int
    {
        return $this === self::Ten ? 10 : 25;
    }
}
