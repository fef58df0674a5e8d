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
