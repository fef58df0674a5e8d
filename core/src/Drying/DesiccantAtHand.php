<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/** A desiccant that a keeper has. */
final readonly class DesiccantAtHand
{
    private const MOST = 100_000.0;

    /**
     * @param  float  $grams  dry, all of it
     * @param  bool  $isBlue  gel whose indicator is a salt of cobalt
     * @param  ?float  $sachet  g in each, where it comes in sachets
     */
    private function __construct(public DesiccantKind $kind, public float $grams, public bool $isBlue = false, public ?float $sachet = null) {}

    /**
     * Desiccants as they are written down: "gel 300, cobalt gel 100, cat litter 500, clay 200, rice 500, sachets 12 x 5".
     *
     * @return list<self>
     *
     * @throws InvalidFigure where one is no desiccant, or no weight
     */
    public static function written(string $text): array
    {
        $parts = preg_split('/[;\n]+|,\s+|,(?=\D)/', mb_strtolower(trim($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(static fn (string $part): self => self::one(trim($part)), $parts);
    }

    /**
     * The best of them for a jar: what dries furthest, then the most of it.
     *
     * @param  list<self>  $all
     */
    public static function best(array $all): ?self
    {
        $able = array_filter($all, static fn (self $one): bool => $one->kind->holds(0.35) > 0.0);
        usort($able, static fn (self $a, self $b): int => $b->kind->holds(0.35) * $b->grams <=> $a->kind->holds(0.35) * $a->grams);

        return $able[0] ?? null;
    }

    /** @throws InvalidFigure */
    private static function one(string $part): self
    {
        $kind = match (true) {
            preg_match('/\b(gel|silica|beads|sachets?)\b/u', $part) === 1 => DesiccantKind::Gel,
            preg_match('/\b(clay|litter|bentonite)\b/u', $part) === 1 => DesiccantKind::Clay,
            preg_match('/\brice\b/u', $part) === 1 => DesiccantKind::Rice,
            preg_match('/\bsalt\b/u', $part) === 1 => DesiccantKind::Salt,
            default => throw InvalidFigure::because('desiccants', sprintf('"%s" is no desiccant: gel, clay, rice, salt or sachets, each with its grams.', mb_substr($part, 0, 30))),
        };
        $isBlue = preg_match('/\b(blue|cobalt)\b/u', $part) === 1;
        if (preg_match('/(\d+)\s*[x×]\s*(\d+(?:[.,]\d+)?)/u', $part, $found) === 1) {
            $sachet = (float) str_replace(',', '.', $found[2]);

            return new self($kind, self::grams((float) $found[1] * $sachet), $isBlue, $sachet);
        }
        if (preg_match('/(\d+(?:[.,]\d+)?)\s*(kg)?/u', $part, $found) !== 1) {
            throw InvalidFigure::because('desiccants', sprintf('How many grams of it? "%s" says none.', mb_substr($part, 0, 30)));
        }

        return new self($kind, self::grams((float) str_replace(',', '.', $found[1]) * (($found[2] ?? '') === 'kg' ? 1000.0 : 1.0)), $isBlue);
    }

    /** @throws InvalidFigure */
    private static function grams(float $grams): float
    {
        InvalidFigure::unlessWithin('desiccants', $grams, 0.1, self::MOST, 'g');

        return $grams;
    }
}
