<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

/** What the plants of a planting are chosen by, in the keeper's order: health always first, whether it was named or not. */
final readonly class TraitList
{
    public const HEALTH = 'health';

    /** How it lay in store. */
    public const KEEPING = 'keeping';

    /** More nobody tells apart in passing. */
    public const MOST = 8;

    /** @param  list<ChosenTrait>  $traits */
    private function __construct(public array $traits) {}

    /** Only health: what anybody chooses by who named nothing. */
    public static function usual(): self
    {
        return self::of([]);
    }

    /** @param  string  $text  traits parted by semicolons */
    public static function read(string $text): self
    {
        $read = array_filter(array_map(ChosenTrait::read(...), explode(';', $text)));

        return self::of(array_values($read));
    }

    /** @param  list<ChosenTrait>  $named */
    private static function of(array $named): self
    {
        $isHealth = static fn (ChosenTrait $one): bool => mb_strtolower($one->name) === self::HEALTH;
        $health = array_values(array_filter($named, $isHealth));
        $usual = ChosenTrait::read(self::HEALTH);
        $first = $health[0] ?? $usual;

        return new self(array_values(array_filter([$first, ...array_filter($named, static fn (ChosenTrait $one): bool => ! $isHealth($one))])));
    }

    /** With how roots, bulbs or heads keep, where that is not among them: better the later the word. */
    public function withKeeping(): self
    {
        $keeping = ChosenTrait::read(self::KEEPING.': sprouted, shrunken, sound');

        return $keeping === null || $this->named(self::KEEPING) !== null ? $this : new self([...$this->traits, $keeping]);
    }

    /** As it was typed. */
    public function typed(): string
    {
        return implode('; ', array_map(static fn (ChosenTrait $trait): string => $trait->typed(), $this->traits));
    }

    public function named(string $name): ?ChosenTrait
    {
        foreach ($this->traits as $trait) {
            if (mb_strtolower($trait->name) === mb_strtolower(trim($name))) {
                return $trait;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (ChosenTrait $trait): string => $trait->name, $this->traits);
    }

    /**
     * "health 4; stem height 42": what one plant was given, by the names of the traits.
     *
     * @return array{array<string, float>, ?string} figures by name, and what could not be read; null where all could
     */
    public function scores(string $text): array
    {
        $scores = [];
        foreach (array_filter(array_map(trim(...), explode(';', $text)), static fn (string $one): bool => $one !== '') as $one) {
            $trait = null;
            foreach ($this->traits as $candidate) {
                // The longest name that it begins with: "stem" and "stem height" may both be there.
                if (str_starts_with(mb_strtolower($one), mb_strtolower($candidate->name).' ') && mb_strlen($candidate->name) > mb_strlen($trait->name ?? '')) {
                    $trait = $candidate;
                }
            }
            if ($trait === null) {
                return [$scores, sprintf('“%s”: it is chosen by %s.', $one, implode(', ', $this->names()))];
            }
            $figure = $trait->figure(mb_substr($one, mb_strlen($trait->name)));
            if ($figure === null) {
                return [$scores, sprintf('“%s”: %s is told %s.', $one, $trait->name, $trait->asks())];
            }
            $scores[$trait->name] = $figure;
        }

        return [$scores, null];
    }
}
