<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** Seed was rubbed, beaten or trodden out of its pods or heads. */
final readonly class Threshed implements MovesVessel
{
    /** @param  float|null  $massG  g */
    public function __construct(public ?float $massG, public ?ThreshingWay $how = null, public bool $tag = false, public ?string $vessel = null) {}

    public static function kind(): Kind
    {
        return Kind::of('threshed', Subject::Lot, 'Threshed')->also('shelled', 'rubbed out')
            ->asks(
                Field::mass('mass_g', 'Seed and chaff weigh')->called('what came out of threshing')->optional(),
                Field::choice('how', 'How', ThreshingWay::class)->called('how it was threshed')->optional(),
                ...Vessel::fields(),
            );
    }

    public function vessel(): ?string
    {
        return $this->vessel;
    }

    public function tagged(): bool
    {
        return $this->tag;
    }
}
