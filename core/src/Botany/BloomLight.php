<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** By what length of day a crop blooms, where it goes by that. */
final readonly class BloomLight
{
    /**
     * @param  bool  $isShort  it blooms when days are shorter than that; otherwise when they are longer
     * @param  float  $hours  from sunrise to sunset
     */
    public function __construct(public bool $isShort, public float $hours) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $figures): ?self
    {
        if (! $figures->has('growing.light')) {
            return null;
        }

        $days = $figures->textOr('growing.light.days', null);
        if ($days !== 'short' && $days !== 'long') {
            throw $figures->unsound('growing.light.days', 'short or long is needed');
        }

        return new self($days === 'short', $figures->number('growing.light.hours', 8, 18));
    }

    public function suits(float $hours): bool
    {
        return $this->isShort ? $hours <= $this->hours : $hours >= $this->hours;
    }
}
