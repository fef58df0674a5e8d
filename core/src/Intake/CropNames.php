<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Botany\CropTitle;
use Marrow\Core\Botany\HabitWords;
use Marrow\Core\Botany\WhichKey;
use Marrow\Core\Fields\PlainText;

/** Every name that a crop goes by, and which crop is meant by what somebody wrote on a packet or in a list. */
final class CropNames
{
    /** So many are named where a text may mean several. */
    private const NAMED = 6;

    /** Letters; a shorter word is no name with a slip of the pen in it, and one shorter than the second has but one slip. */
    private const SLIP = [5, 8];

    /** @var array<string, list<string>> keys of crops by each of their names in other languages */
    private array $abroad = [];

    /** @var array<string, list<string>> keys of crops by each of their names */
    private array $byName = [];

    /** @var array<string, string> common names by key */
    private array $names = [];

    /** @var array<string, list<string>> keys of the crops that a common name may mean */
    private array $several = [];

    /**
     * @param  list<CropTitle>  $titles
     * @param  list<WhichKey>  $which  common names that mean several crops
     * @param  array<string, list<string>>  $abroad  what a crop is called in other languages, by its key
     */
    public function __construct(array $titles, array $which = [], array $abroad = [])
    {
        foreach ($abroad as $key => $names) {
            foreach ($names as $name) {
                $this->abroad[self::plain($name)] = array_values(array_unique([...$this->abroad[self::plain($name)] ?? [], $key]));
            }
        }
        foreach ($titles as $crop) {
            $this->names[$crop->key] = $crop->name;
            foreach ([$crop->name, $crop->latin, ...$crop->otherNames, ...$crop->synonyms] as $name) {
                $plain = self::plain($name);
                if (! in_array($crop->key, $this->byName[$plain] ?? [], true)) {
                    $this->byName[$plain][] = $crop->key;
                }
            }
        }
        foreach ($which as $key) {
            foreach ($key->names as $name) {
                $this->several[self::plain($name)] = $key->question->crops();
            }
        }
    }

    public function name(string $crop): string
    {
        return $this->names[$crop] ?? $crop;
    }

    public function of(string $text): CropMeant
    {
        $plain = self::plain($text);
        if ($plain === '') {
            return new CropMeant(null, false);
        }
        $habitless = HabitWords::dropped($plain);

        return $this->named($plain) ?? ($habitless === null ? null : $this->named($habitless)) ?? $this->like($plain);
    }

    /** Whose name it is as it stands; null where it is none. */
    private function named(string $plain): ?CropMeant
    {
        foreach (self::written($plain) as $name) {
            $keys = $this->byName[$name] ?? [];
            // A crop's very name is that crop, though other crops are called so as well.
            $own = array_values(array_filter($keys, fn (string $key): bool => self::plain($this->names[$key]) === $name));
            if (count($own) === 1 || count($keys) === 1) {
                return new CropMeant($own[0] ?? $keys[0], true);
            }
            $several = $this->several[$name] ?? $keys;
            if ($several !== []) {
                return count($several) === 1 ? new CropMeant($several[0], true) : new CropMeant(null, false, $this->called($several, $name));
            }
        }

        $abroad = $this->abroad[$plain] ?? [];
        if ($abroad !== []) {
            return count($abroad) === 1 ? new CropMeant($abroad[0], true) : new CropMeant(null, false, $this->called($abroad));
        }

        return null;
    }

    /**
     * The crop that a text begins or ends with, and what is left of it: "Tomato Sluice Gate", "Long Hedge runner bean".
     *
     * @return ?array{string, string} key, and what is left; null where there is none, or more than one
     */
    public function within(string $text): ?array
    {
        $words = preg_split('/[\s,;:–-]+/u', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        for ($many = min(4, count($words)); $many > 0; $many--) {
            foreach ([array_slice($words, 0, $many), array_slice($words, -$many)] as $at => $some) {
                // How it grows may be part of the variety's name, and is left to it.
                $meant = $this->named(self::plain(implode(' ', $some)));
                if ($meant?->crop !== null && $meant->sure) {
                    return [$meant->crop, implode(' ', $at === 0 ? array_slice($words, $many) : array_slice($words, 0, -$many))];
                }
            }
        }

        return null;
    }

    /** No name as it stands: one that has all its words, or one with a slip of the pen. */
    private function like(string $plain): CropMeant
    {
        $words = explode(' ', $plain);
        $having = [];
        $near = [];
        foreach ($this->byName as $name => $keys) {
            $name = (string) $name;
            if (array_filter($words, static fn (string $word): bool => ! str_contains(" $name", " $word")) === []) {
                array_push($having, ...$keys);
            } elseif (strlen($plain) >= self::SLIP[0] && strlen($plain) < 40 && abs(strlen($plain) - strlen($name)) <= 2 && levenshtein($plain, $name) <= (strlen($plain) < self::SLIP[1] ? 1 : 2)) {
                array_push($near, ...$keys);
            }
        }
        $likely = array_values(array_unique($having !== [] ? $having : $near));

        return count($likely) === 1 ? new CropMeant($likely[0], false) : new CropMeant(null, false, $this->called($likely));
    }

    /**
     * @param  list<string>  $keys
     * @param  string  $written  names that hold it stand first
     * @return list<string>
     */
    private function called(array $keys, string $written = ''): array
    {
        $names = array_map($this->name(...), $keys);
        usort($names, static fn (string $a, string $b): int => [! str_contains(self::plain($a), $written), $a] <=> [! str_contains(self::plain($b), $written), $b]);

        return array_slice($names, 0, self::NAMED);
    }

    /** @return list<string> the ways in which one name may be written: of many or of one, and with its second half first */
    private static function written(string $plain): array
    {
        $turned = preg_match('/^([^ ]+) (.+)$/', $plain, $part) === 1 ? "$part[2] $part[1]" : $plain;
        $ways = [];
        foreach ([$plain, $turned] as $name) {
            array_push($ways, $name, $name.'s', $name.'es', preg_replace('/(?:ies)$/', 'y', $name) ?? $name, preg_replace('/(?<=..)es$/', '', $name) ?? $name, preg_replace('/(?<=..)s$/', '', $name) ?? $name);
        }

        return array_values(array_unique($ways));
    }

    private static function plain(string $name): string
    {
        return trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', PlainText::of($name)) ?? '');
    }
}
