<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

use Marrow\Core\Fields\Choice;

/** In what a trait shows, and so of which generation it speaks. */
enum ShowsIn: string implements Choice
{
    case Plant = 'plant';
    case Fruit = 'fruit';
    case Coat = 'coat';
    case Grain = 'grain';

    public function label(): string
    {
        return match ($this) {
            self::Plant => 'the plant, its leaves and flowers',
            self::Fruit => 'its fruit or pods',
            self::Coat => 'the coat of the seed',
            self::Grain => 'the inside of the seed',
        };
    }

    /**
     * Generations by which it lags behind the seed's own: fruit and coat are grown by the plant that bears the seed, so that seed of
     * the cross (F1) still has its mother's; the embryo and the flesh of the grain are of the cross at once.
     */
    public function lagsBehind(): int
    {
        return $this === self::Grain ? 0 : 1;
    }
}
