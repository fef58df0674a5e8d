<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use Marrow\Core\Fields\Show;

/**
 * What a scale answers to "weigh": one line, "steady 41.23 g" or "moving 41.2 g", or "fault" and what ails it. Units: g, kg,
 * mg, oz, lb.
 */
final class ScaleLine
{
    /** What it is asked. */
    public const ASK = "weigh\n";

    private const GRAMS = ['g' => 1.0, 'kg' => 1000.0, 'mg' => 0.001, 'oz' => 28.349523125, 'lb' => 453.59237];

    /**
     * @param  string  $line  with the end of line that tells that it is whole
     * @return float g
     *
     * @throws Unreadable where it is not steady, half a line, or no mass
     */
    public static function read(string $line): float
    {
        if (! str_contains($line, "\n")) {
            throw new Unreadable(trim($line) === '' ? 'The scale says nothing.' : 'The scale stopped in the middle of its line. Weigh again.');
        }
        // What comes over a wire may be anything.
        $line = (string) preg_replace('/[^\x20-\x7E]/', '', $line);
        $words = preg_split('/\s+/', mb_strtolower(trim($line))) ?: [];
        if (($words[0] ?? '') === 'fault') {
            throw new Unreadable('The scale says: '.(implode(' ', array_slice($words, 1)) ?: 'a fault').'.');
        }
        $factor = self::GRAMS[$words[2] ?? ''] ?? null;
        if (count($words) !== 3 || ! in_array($words[0], ['steady', 'moving'], true) || ! is_numeric($words[1]) || $factor === null) {
            throw new Unreadable(sprintf('The scale says "%s", and that is no mass.', mb_substr(trim($line), 0, 40)));
        }
        $grams = (float) $words[1] * $factor;
        if ($words[0] === 'moving') {
            throw new Unreadable(sprintf('The scale is not steady yet: about %s g. Wait a moment, and read it again.', Show::grams(max(0.0, $grams))));
        }
        if ($grams <= 0.0) {
            throw new Unreadable('There is nothing on the scale.');
        }

        return $grams;
    }
}
