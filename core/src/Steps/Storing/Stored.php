<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\FillsContainer;

/**
 * The lot was put into a container, or moved to another. The place is a thing of its own; entries from before it was one
 * hold its name and air as they were then.
 */
final readonly class Stored implements FillsContainer
{
    /**
     * @param  string|null  $placeId  id of the place
     * @param  string|null  $inside  id of the container that this one lies in, instead of a place
     * @param  float|null  $massG  g
     * @param  string|null  $into  id of the container; null for the lot's only one
     * @param  string  $place  name of the place, as it was written before places had ids
     * @param  float|null  $temperatureC  °C, likewise
     * @param  float|null  $rh  per cent, likewise
     * @param  bool  $againstInsects  whether it is in the cold only until what eats it is dead
     */
    public function __construct(
        public ContainerKind $container,
        public ?string $placeId,
        public ?string $inside,
        public ?float $massG,
        public ?int $seeds,
        public ?string $into,
        public string $place,
        public ?float $temperatureC,
        public ?float $rh,
        public bool $againstInsects = false,
    ) {}

    public static function kind(): Kind
    {
        return Kind::of('stored', Subject::Lot, 'Stored')->act('Put away')->also('moved', 'put in', 'put into', 'stored in', 'move')
            ->asks(
                Field::choice('container', 'Kept in a', ContainerKind::class)->without(...ContainerKind::VESSELS)->called('a container')->usually(ContainerKind::Jar->value),
                Field::reference('place_id', 'Where', Subject::Place)->optional(),
                Field::reference('inside', 'Inside', Subject::Container)->optional()->unasked(),
                Field::mass('mass_g', 'It weighs')->called('the mass stored')->optional(),
                Field::integer('seeds', 'Seeds, if counted', '', 1, 100_000_000)->called('the number of seeds')->optional()->of('seed'),
                Field::reference('into', 'The container', Subject::Container)->optional()->unasked(),
                Field::text('place', 'The place')->optional('')->unasked(),
                Field::number('temperature_c', 'The temperature of the place', '°C', -30, 45)->optional()->unasked(),
                Field::number('rh', 'The relative humidity of the place', '% RH', 2, 97)->optional()->unasked(),
                Field::flag('against_insects', 'Against insects, for some days only')->hint('Into the freezer, shut: weevils, moths and their eggs die there')->seldom(),
            )
            ->says('{container}', '{place_id}', 'in {inside}', '{place}', '{seeds}', '{mass_g}', '{against_insects}');
    }

    public function containerKind(): ContainerKind
    {
        return $this->container;
    }

    public function into(): ?string
    {
        return $this->into;
    }

    public function withInto(string $id): static
    {
        return new self($this->container, $this->placeId, $this->inside, $this->massG, $this->seeds, $id, $this->place, $this->temperatureC, $this->rh, $this->againstInsects);
    }

    public function lies(): array
    {
        return [$this->placeId, $this->inside];
    }

    public function isOnly(): bool
    {
        return true;
    }
}
