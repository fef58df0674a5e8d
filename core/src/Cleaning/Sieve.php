<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;

/** A screen or sieve as somebody has it at hand. */
final readonly class Sieve
{
    /** Share of its pitch that the opening of woven mesh is, where only its wires to the inch are known: a stated assumption. */
    private const OPEN = 0.65;

    /** mm between the wires of kitchen sieves, as they are commonly sold: assumptions. */
    private const KITCHEN = ['fine' => 1.0, 'coarse' => 2.0];

    /**
     * @param  float  $width  of its holes or slots, or between its wires, mm, 0.1 … 100
     * @param  string  $called  by its owner, where that says more than its width
     */
    private function __construct(public SieveShape $shape, public float $width, public string $called = '') {}

    /** @throws InvalidFigure */
    public static function of(SieveShape $shape, float $width, string $called = ''): self
    {
        ($width >= 0.1 && $width <= 100.0) || throw InvalidFigure::because('screens', 'Holes are from 0.1 to 100 mm wide.');

        return new self($shape, $width, $called);
    }

    /**
     * Screens as they are written down: "1.5, 2.5" for round holes in mm, "slot 1.2", "mesh 2" by the width between the
     * wires or "mesh 12/in" by wires to the inch, "kitchen fine". A word holds for the figures behind it.
     *
     * @return list<self>
     *
     * @throws InvalidFigure where one is no hole, or beyond its bounds
     */
    public static function written(string $text): array
    {
        $text = mb_strtolower(trim($text));
        // A comma within a figure is a decimal one where none is written with a point.
        $parts = preg_split(str_contains($text, '.') ? '/[;,\s]+/' : '/;\s*|,\s+|\s+/', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $shape = SieveShape::Round;
        $sieves = [];
        foreach ($parts as $part) {
            $word = self::shapeCalled($part);
            if ($word !== null) {
                $shape = $word;

                continue;
            }
            if ($part === 'kitchen' || $part === 'mm') {
                continue;
            }
            $sieves[] = isset(self::KITCHEN[$part]) ? self::of(SieveShape::Woven, self::KITCHEN[$part], "$part kitchen sieve") : self::figure($shape, $part);
        }

        return $sieves;
    }

    /**
     * Which of two lets the larger seed through can be told of a seed alone: slots sort it by its thickness, the others by its breadth.
     *
     * @param  float  $flatness  thickness over breadth of the seed, 0 … 1
     * @return float breadth of the largest seed that goes through, mm
     */
    public function passes(float $flatness): float
    {
        return match ($this->shape) {
            SieveShape::Round => $this->width,
            SieveShape::Slot => $this->width / max(0.05, min(1.0, $flatness)),
            SieveShape::Woven => $this->width * Screens::MESH,
        };
    }

    private static function shapeCalled(string $word): ?SieveShape
    {
        return match ($word) {
            'round', 'hole', 'holes' => SieveShape::Round,
            'slot', 'slots' => SieveShape::Slot,
            'mesh', 'wire', 'woven', 'square' => SieveShape::Woven,
            default => null,
        };
    }

    /** @throws InvalidFigure */
    private static function figure(SieveShape $shape, string $part): self
    {
        if (preg_match('~^(\d+(?:[.,]\d+)?)/in(?:ch)?$~', $part, $wires) === 1) {
            $many = (float) str_replace(',', '.', $wires[1]);

            return self::of(SieveShape::Woven, $many > 0.0 ? round(25.4 / $many * self::OPEN, 2) : 0.0, "mesh of $wires[1] to the inch");
        }
        $hole = str_replace(',', '.', str_ends_with($part, 'mm') ? substr($part, 0, -2) : $part);
        is_numeric($hole) || throw InvalidFigure::because('screens', sprintf('"%s" is no hole in mm.', mb_substr($part, 0, 20)));

        return self::of($shape, (float) $hole);
    }
}
