<?php

declare(strict_types=1);

namespace App\Boards;

use Illuminate\Contracts\Container\Container;
use Marrow\Core\Work\Place;

/** The boards of all places: every place has one that goes by its name. */
final readonly class Boards
{
    public function __construct(private Container $container) {}

    public function of(string $place): ?Board
    {
        $known = Place::tryFrom($place);

        return $known === null ? null : $this->container->make(self::classOf($known));
    }

    /** @return class-string<Board> */
    public static function classOf(Place $place): string
    {
        /** @var class-string<Board> */
        return __NAMESPACE__.'\\'.$place->name.'Board';
    }
}
