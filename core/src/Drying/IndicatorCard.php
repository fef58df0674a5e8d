<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/**
 * What a card with spots that change their colour says of the air in a jar. The spots of low humidity turn damp first; a spot
 * between its two colours is at the humidity that stands beside it, give or take 5 points. Cards differ in their colours, so
 * that the states are words. Most are read at about 25 °C: outside of 15 to 35 °C they say less.
 */
final readonly class IndicatorCard
{
    /** Share by which a spot between its colours may be out, either way. */
    private const OUT = 0.05;

    private const READ_AT = [15.0, 35.0];

    /** @param  ?float  $rh  share; null where the card cannot tell it, and only the limits hold */
    private function __construct(public ?float $rh, public float $low, public float $high, public bool $isOutside) {}

    /**
     * @param  list<float>  $spots  humidity of each, share, rising, 0.01 … 0.99
     * @param  list<string>  $states  of each: dry, between or damp
     * @param  ?float  $temperature  °C; null for about that at which cards are read
     *
     * @throws InvalidFigure
     */
    public static function of(array $spots, array $states, ?float $temperature = null): self
    {
        self::check($spots, $states);
        $between = array_keys($states, 'between', true);
        $damp = array_keys($states, 'damp', true);
        $dry = array_keys($states, 'dry', true);
        [$rh, $low, $high] = match (true) {
            count($between) === 1 => [$spots[$between[0]], $spots[$between[0]] - self::OUT, $spots[$between[0]] + self::OUT],
            $between !== [] => [($spots[$between[0]] + $spots[$between[1] ?? 0]) / 2, $spots[$between[0]] - self::OUT, $spots[$between[1] ?? 0] + self::OUT],
            $damp === [] => [null, 0.0, $spots[0]],
            $dry === [] => [null, $spots[count($spots) - 1], 1.0],
            default => [($spots[$damp[count($damp) - 1]] + $spots[$dry[0]]) / 2, $spots[$damp[count($damp) - 1]], $spots[$dry[0]]],
        };
        $isOutside = $temperature !== null && ($temperature < self::READ_AT[0] || $temperature > self::READ_AT[1]);
        $wider = $isOutside ? self::OUT : 0.0;

        return new self($rh, max(0.0, $low - $wider), min(1.0, $high + $wider), $isOutside);
    }

    /** @return list<string> the states as they are typed, one after the other */
    public static function states(string $typed): array
    {
        return preg_split('/[\s,;]+/', mb_strtolower(trim($typed)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /**
     * @param  list<float>  $spots
     * @param  list<string>  $states
     *
     * @throws InvalidFigure
     */
    private static function check(array $spots, array $states): void
    {
        if ($spots === [] || count($spots) !== count($states)) {
            throw InvalidFigure::because('states', sprintf('There are %d spots: say of each whether it is dry, between or damp.', count($spots)));
        }
        $reached = ['damp' => 0, 'between' => 1, 'dry' => 2];
        $last = 0;
        foreach ($spots as $i => $spot) {
            InvalidFigure::unlessWithin('spots', $spot, 0.01, 0.99);
            if ($i > 0 && $spot <= $spots[$i - 1]) {
                throw InvalidFigure::because('spots', 'The spots stand from the driest to the dampest.');
            }
            $now = $reached[$states[$i]] ?? throw InvalidFigure::because('states', sprintf('"%s" is no state of a spot: dry, between or damp.', mb_substr($states[$i], 0, 20)));
            if ($now < $last) {
                throw InvalidFigure::because('states', 'A spot of higher humidity cannot be damper than one of lower: look again, or the card is spent.');
            }
            $last = $now;
        }
        if (count(array_keys($states, 'between', true)) > 2) {
            throw InvalidFigure::because('states', 'More than two spots between their colours: the card has not settled, or is spent.');
        }
    }
}
