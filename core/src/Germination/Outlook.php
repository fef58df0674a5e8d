<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;

/** The verdict on a test that may still be running: settled only when no outcome of the undecided seeds could change it. */
final readonly class Outlook
{
    private function __construct(
        public Verdict $verdictNow,
        public float $lowest,
        public float $highest,
    ) {}

    /**
     * @param  int  $undecided  seeds that are neither up nor known to be dead; with $germinated at most $sown
     * @param  float  $good  share from which seed is sown as usual
     * @param  float  $poor  share below which it is not to be relied on; at most $good
     *
     * @throws InvalidFigure
     */
    public static function of(GerminationShare $share, int $undecided, float $good, float $poor): self
    {
        InvalidFigure::unlessWithin('undecided', $undecided, 0, $share->sown - $share->germinated, 'seeds');
        InvalidFigure::unlessWithin('good', $good, 0.0, 1.0);
        InvalidFigure::unlessWithin('poor', $poor, 0.0, $good);
        $lowest = $share->rate();
        $highest = ($share->germinated + $undecided) / $share->sown;
        $worst = Verdict::of($lowest, $good, $poor);

        return new self($worst === Verdict::of($highest, $good, $poor) ? $worst : Verdict::Open, $lowest, $highest);
    }
}
