<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

/** What has a name in the garden, as far as a line may speak of it. */
final readonly class Named
{
    /**
     * @param  array<string, list<string>>  $places  ids of places and containers, by name
     * @param  array<string, string>  $things  ids of what has a code and stands in the line, by code
     */
    public function __construct(public array $places = [], public array $things = []) {}

    /** @return list<string> ids of the places and containers of that name */
    public function place(string $name): array
    {
        $plain = mb_strtolower((string) preg_replace('/^(?:the|my|our) /i', '', $name));
        foreach ($this->places as $known => $ids) {
            if (mb_strtolower((string) $known) === $plain) {
                return $ids;
            }
        }

        return [];
    }
}
