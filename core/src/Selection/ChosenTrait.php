<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

/** Something by which plants are chosen: "vigour", "stem height (cm)", "colour: green, red", and how much it counts: "vigour ×2". */
final readonly class ChosenTrait
{
    /** Marks go from one to so many. */
    public const MOST_MARKS = 5;

    private const MOST = 1e6;

    /**
     * @param  list<string>  $words  of a trait in words, the more wanted the later
     * @param  string  $unit  of one that is measured
     * @param  ?float  $weight  how much it counts beside the others, below 0 where less is better; null where nobody said
     */
    private function __construct(public string $name, public TraitScale $scale, public array $words = [], public string $unit = '', public ?float $weight = null) {}

    /** @return ?self null where there is no name, or but one word to choose among, or it counts for nothing */
    public static function read(string $text): ?self
    {
        $weight = null;
        if (preg_match('/^(.*\S)\s*[×*]\s*(-?\d{1,3}(?:[.,]\d+)?)$/u', trim($text), $found) === 1) {
            [$text, $weight] = [$found[1], (float) str_replace(',', '.', $found[2])];
        }

        return $weight === 0.0 ? null : self::weighed($text, $weight);
    }

    private static function weighed(string $text, ?float $weight): ?self
    {
        if (preg_match('/^(.+?)\s*\(([^()]+)\)$/u', trim($text), $found) === 1) {
            return new self(trim($found[1]), TraitScale::Measure, [], trim($found[2]), $weight);
        }
        if (str_contains($text, ':')) {
            [$name, $words] = explode(':', $text, 2);
            $words = array_values(array_filter(array_map(trim(...), explode(',', $words)), static fn (string $word): bool => $word !== ''));

            return trim($name) === '' || count($words) < 2 ? null : new self(trim($name), TraitScale::Words, $words, '', $weight);
        }

        return trim($text) === '' ? null : new self(trim($text), TraitScale::Marks, [], '', $weight);
    }

    /** What a plant was given, as a figure: a mark, the place of its word from 1, or what was measured; null where it is none of these. */
    public function figure(string $typed): ?float
    {
        $typed = trim($typed);
        if ($this->scale === TraitScale::Words) {
            $place = array_search(mb_strtolower($typed), array_map(mb_strtolower(...), $this->words), true);

            return $place === false ? null : (float) ($place + 1);
        }
        if (preg_match('/^-?\d+([.,]\d+)?$/', $typed) !== 1) {
            return null;
        }
        $figure = (float) str_replace(',', '.', $typed);

        return match ($this->scale) {
            TraitScale::Marks => $figure >= 1 && $figure <= self::MOST_MARKS && floor($figure) === $figure ? $figure : null,
            default => abs($figure) <= self::MOST ? $figure : null,
        };
    }

    /** As it was typed. */
    public function typed(): string
    {
        $weight = $this->weight === null ? '' : ' ×'.rtrim(rtrim(number_format($this->weight, 2, '.', ''), '0'), '.');

        return match ($this->scale) {
            TraitScale::Marks => $this->name,
            TraitScale::Words => sprintf('%s: %s', $this->name, implode(', ', $this->words)),
            TraitScale::Measure => "$this->name ($this->unit)",
        }.$weight;
    }

    /** What may be told of it, in a word or two. */
    public function asks(): string
    {
        return match ($this->scale) {
            TraitScale::Marks => sprintf('1 to %d', self::MOST_MARKS),
            TraitScale::Words => implode(', ', $this->words),
            TraitScale::Measure => "in $this->unit",
        };
    }
}
