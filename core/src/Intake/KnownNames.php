<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Fields\PlainText;

/** What has a name in the garden already, so that a list speaks of it and does not make it twice. */
final class KnownNames
{
    /** @var array<string, list<array{id: string, crop: string, name: string}>> by plain name */
    private array $varieties = [];

    /** @var array<string, array{id: string, crop: string, name: string}> */
    private array $byId = [];

    /** What stands between the names of a path, from the place inwards. */
    private const WITHIN = '/\s*[›>]\s*/u';

    /** @var array<string, string> ids by plain name */
    private array $places = [];

    /** @var array<string, string> ids by plain name */
    private array $containers = [];

    /**
     * @param  iterable<array{id: string, crop: string, name: string}>  $varieties
     * @param  array<string, string>  $places  names by id
     * @param  array<string, string>  $lots  ids of the varieties of the lots that stand, by code
     * @param  array<string, string>  $containers  names by id
     */
    public function __construct(iterable $varieties, array $places, private readonly array $lots = [], array $containers = [])
    {
        foreach ($containers as $id => $name) {
            $this->containers[self::plain($name)] = $id;
        }
        foreach ($varieties as $variety) {
            $this->varieties[self::plain($variety['name'])][] = $variety;
            $this->byId[$variety['id']] = $variety;
        }
        foreach ($places as $id => $name) {
            $this->places[self::plain($name)] = $id;
        }
    }

    /** @return ?string id of the variety of that name, of that crop */
    public function variety(string $crop, string $name): ?string
    {
        foreach ($this->varieties[self::plain($name)] ?? [] as $variety) {
            if ($variety['crop'] === $crop) {
                return $variety['id'];
            }
        }

        return null;
    }

    /** @return list<string> keys of the crops of which there is a variety of that name */
    public function cropsOf(string $name): array
    {
        return array_values(array_unique(array_column($this->varieties[self::plain($name)] ?? [], 'crop')));
    }

    public function place(string $name): ?string
    {
        return $this->places[self::plain($name)] ?? null;
    }

    public function container(string $name): ?string
    {
        return $this->containers[self::plain($name)] ?? null;
    }

    /**
     * "Hall cupboard › Blue tin › Bag 3" as its parts. A container that stands already may be named alone.
     *
     * @return list<string> names from the place inwards
     */
    public static function path(string $place): array
    {
        return array_values(array_filter(preg_split(self::WITHIN, trim($place)) ?: [], static fn (string $part): bool => $part !== ''));
    }

    /** Whether the lot of that code stands already, and is of that variety; without a name it is of one that has none. */
    public function isLotOf(string $code, string $crop, string $name): bool
    {
        $variety = $this->byId[$this->lots[mb_strtoupper(trim($code))] ?? ''] ?? null;

        return $variety !== null && $variety['crop'] === $crop
            && ($name === '' ? preg_match(LineReader::UNNAMED, $variety['name']) === 1 : self::plain($variety['name']) === self::plain($name));
    }

    public static function plain(string $name): string
    {
        return trim(preg_replace('/\s+/u', ' ', PlainText::of($name)) ?? '');
    }
}
