<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** From a common name that means several species to the one that is grown: crossing goes by species. */
final readonly class WhichKey
{
    /** @param  non-empty-list<string>  $names  common names that lead here, in small letters */
    private function __construct(public string $key, public string $title, public array $names, public WhichQuestion $question) {}

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws UnsoundCrop
     */
    public static function read(array $data): self
    {
        $key = is_string($data['key'] ?? null) ? $data['key'] : throw UnsoundCrop::of('which', 'key', 'a text is missing');
        $title = is_string($data['title'] ?? null) ? $data['title'] : throw UnsoundCrop::of($key, 'title', 'a text is missing');
        $names = array_values(array_filter(is_array($data['names'] ?? null) ? $data['names'] : [], is_string(...)));

        return new self($key, $title, $names === [] ? throw UnsoundCrop::of($key, 'names', 'a name is missing') : $names, WhichQuestion::read($key, $data));
    }
}
