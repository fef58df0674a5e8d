<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\FillsContainer;

/** Some of a lot was put into a container of its own, and lies somewhere else than the rest. */
final readonly class Divided implements Checked, FillsContainer
{
    /**
     * @param  float|null  $massG  g
     * @param  string|null  $placeId  id of the place
     * @param  string|null  $inside  id of the container that this one lies in, instead of a place
     * @param  string|null  $into  id of the new container
     */
    public function __construct(
        public ?int $seeds,
        public ?float $massG,
        public ContainerKind $container,
        public ?string $placeId,
        public ?string $inside,
        public ?string $into,
    ) {}

    public static function kind(): Kind
    {
        return Kind::of('divided', Subject::Lot, 'Divided')->act('Put some of it elsewhere')
            ->asks(
                Field::integer('seeds', 'Seeds', '', 1, 100_000_000)->called('the number of seeds')->optional()->hint('Or the mass')->of('seed'),
                Field::mass('mass_g', 'Mass')->called('the mass')->optional(),
                Field::choice('container', 'Kept in a', ContainerKind::class)->without(...ContainerKind::VESSELS)->called('a container')->usually(ContainerKind::PaperEnvelope->value),
                Field::reference('place_id', 'Where', Subject::Place)->optional(),
                Field::reference('inside', 'Inside', Subject::Container)->optional()->unasked(),
                Field::reference('into', 'The container', Subject::Container)->optional()->unasked(),
            )
            ->says('{seeds}', '{mass_g}', 'into a {container}', '{place_id}', 'in {inside}');
    }

    public function check(): void
    {
        if (($this->seeds === null) === ($this->massG === null)) {
            throw Refused::at('seeds', 'Say how much of it: either a number of seeds or a mass.');
        }
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
        return new self($this->seeds, $this->massG, $this->container, $this->placeId, $this->inside, $id);
    }

    public function lies(): array
    {
        return [$this->placeId, $this->inside];
    }

    public function isOnly(): bool
    {
        return false;
    }
}
