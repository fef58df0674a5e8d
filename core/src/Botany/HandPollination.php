<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Pollinating a crop by hand. */
final readonly class HandPollination
{
    /**
     * @param  string  $opens  when a flower takes pollen
     * @param  bool  $eveningBefore  whether flowers are shut or prepared the evening before
     * @param  bool  $emasculate  whether the anthers are taken out first
     * @param  float  $males  male flowers, or fathers, to a female
     * @param  array{float, float}  $take  share of pollinations that set, 0 … 1
     * @param  non-empty-list<string>  $steps  in their order
     */
    public function __construct(
        public FlowerKind $flower,
        public string $opens,
        public bool $eveningBefore,
        public bool $emasculate,
        public float $males,
        public array $take,
        public array $steps,
    ) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f): ?self
    {
        if (! $f->has('hand_pollination')) {
            return null;
        }
        $steps = $f->texts('hand_pollination.steps');

        return new self(
            $f->one('hand_pollination.flower', FlowerKind::tryFrom(...)),
            $f->text('hand_pollination.opens'),
            $f->flag('hand_pollination.evening_before'),
            $f->flag('hand_pollination.emasculate'),
            $f->number('hand_pollination.males', 0.1, 20),
            $f->range('hand_pollination.take', 0.01, 1),
            $steps === [] ? throw $f->unsound('hand_pollination.steps', 'at least one is needed') : $steps,
        );
    }
}
