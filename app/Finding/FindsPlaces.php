<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Models\Container;
use App\Models\Place;
use App\Reading\Stores;
use App\Voice\Quantity;

/** Places and containers where seed is kept, with what lies there. */
final readonly class FindsPlaces implements Finds
{
    private const MOST = 5;

    public function __construct(private Stores $stores) {}

    public function find(Sought $sought): array
    {
        $isSought = static fn (Place|Container $holder): bool => $sought->isIn($holder->name);
        $places = array_slice(Stores::byName(Place::query()->where('gone', 0)->get()->filter($isSought)), 0, self::MOST);
        $containers = array_slice(Stores::byName(Container::query()->where('name', '!=', '')->where('gone', 0)->get()->filter($isSought)), 0, self::MOST);
        $counts = $this->stores->counts(array_map(static fn (Place|Container $holder): string => $holder->id, [...$places, ...$containers]));

        return [
            ...array_map(static fn (Place $place): FoundDocument => FoundDocument::page('place', $place->id, $place->name, 'place, '.Quantity::number($counts[$place->id], 'lot').' there'), $places),
            ...array_map(static fn (Container $container): FoundDocument => FoundDocument::page('place', $container->id, $container->name, 'container, '.Quantity::number($counts[$container->id], 'lot').' in it'), $containers),
        ];
    }
}
