<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How long freshly harvested seed of a crop commonly sleeps: a test before that says little about what is alive. */
final readonly class FreshDormancy
{
    /** @param  string  $brokenBy  what wakes it */
    public function __construct(public int $weeksMin, public int $weeksMax, public string $brokenBy) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f): ?self
    {
        if (! $f->has('germination.fresh_dormancy')) {
            return null;
        }
        [$min, $max] = $f->range('germination.fresh_dormancy.weeks', 0, 60);

        return new self((int) $min, (int) $max, $f->text('germination.fresh_dormancy.broken_by'));
    }
}
