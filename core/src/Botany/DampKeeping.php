<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How seed that must not dry is kept until it is sown. */
final readonly class DampKeeping
{
    /**
     * @param  array{float, float}  $temperature  °C
     * @param  float  $months  that it keeps so at the most
     */
    public function __construct(public string $medium, public array $temperature, public float $months, public ?string $note) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f): ?self
    {
        return $f->has('storage.damp')
            ? new self($f->text('storage.damp.medium'), $f->range('storage.damp.temperature', -5, 25), $f->number('storage.damp.months', 0.1, 36), $f->textOr('storage.damp.note', null))
            : null;
    }
}
