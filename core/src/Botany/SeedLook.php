<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What the seed of a crop looks like: enough to draw it to scale. */
final readonly class SeedLook
{
    /**
     * @param  array{float, float}  $length  mm, the longest side
     * @param  array{float, float}  $width  mm
     * @param  ?array{float, float}  $thickness  mm, the shortest side; null where it is round
     * @param  non-empty-list<string>  $colours  #rrggbb, the commonest one or two
     */
    private function __construct(
        public SeedForm $form,
        public array $length,
        public array $width,
        public ?array $thickness,
        public array $colours,
        public ?SeedMarks $marks,
    ) {}

    /** Steps of red, green and blue within which two colours are taken for one on a bench: an assumption, about a shade. */
    private const SHADE = 70.0;

    /** Whether seed of the one may be taken for seed of the other: of one form, as large, and of a like colour. */
    public function isLike(self $other): bool
    {
        $meets = static fn (array $a, array $b): bool => $a[0] <= $b[1] && $b[0] <= $a[1];

        return $this->form === $other->form
            && $meets($this->length, $other->length)
            && $meets($this->width, $other->width)
            && array_any($this->colours, static fn (string $a): bool => array_any($other->colours, static fn (string $b): bool => self::apart($a, $b) <= self::SHADE));
    }

    private static function apart(string $a, string $b): float
    {
        $parts = static fn (string $colour): array => array_map(hexdec(...), str_split(substr($colour, 1), 2));

        return sqrt(array_sum(array_map(static fn (int|float $x, int|float $y): float => ($x - $y) ** 2, $parts($a), $parts($b))));
    }

    /**
     * Null for a crop that a keeper added without it.
     *
     * @throws UnsoundCrop
     */
    public static function read(CropFigures $f): ?self
    {
        if (! $f->has('seed.form') || ! $f->has('seed.width')) {
            return null;
        }
        $width = $f->knownRange('seed.width');
        $colours = array_values(array_filter($f->texts('seed.colour'), static fn (string $colour): bool => preg_match('/^#[0-9a-f]{6}$/', $colour) === 1));

        return new self(
            $f->one('seed.form', SeedForm::tryFrom(...)),
            $f->rangeOr('seed.length', 0.1, 250) ?? $width,
            $width,
            $f->rangeOr('seed.thickness', 0.05, 150),
            $colours === [] ? throw $f->unsound('seed.colour', 'a colour as #3b2a25 is needed') : $colours,
            $f->has('seed.marks') ? $f->one('seed.marks', SeedMarks::tryFrom(...)) : null,
        );
    }
}
