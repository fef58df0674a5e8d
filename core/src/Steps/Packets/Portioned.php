<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Packets;

use Marrow\Core\Fields\Each;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\FillsContainers;
use Marrow\Core\Steps\Storing\ContainerKind;

/** A lot was parted into packets, each with what one year's sowing needs, so that the rest stays shut. */
final readonly class Portioned implements Checked, FillsContainers
{
    /** More packets than so many are not made at once. */
    public const MOST = 50;

    /**
     * @param  list<int>  $years  the year in which each is to be sown
     * @param  list<int>  $seeds  seeds in each
     * @param  ?int  $plants  that each is to give
     * @param  string|null  $placeId  id of the place where the packets lie
     * @param  string|null  $inside  id of the container that they lie in, instead of a place
     * @param  ?int  $reserve  seeds of the lot that are never sown nor given away without being asked; null where that stays as it was
     * @param  int  $sachets  drying sachets in each
     * @param  list<string>  $into  ids of the packets
     * @param  ?float  $confidence  how sure of the plants they were to be; null where they were not reckoned
     * @param  ?float  $field  share of living seeds that make a plant where they are sown, likewise
     */
    public function __construct(
        public array $years,
        public array $seeds,
        public ?int $plants,
        public ContainerKind $container,
        public ?string $placeId,
        public ?string $inside,
        public ?int $reserve,
        public int $sachets,
        public array $into,
        public ?float $confidence = null,
        public ?float $field = null,
    ) {}

    public static function kind(): Kind
    {
        return Kind::of('portioned', Subject::Lot, 'Parted into packets')->act('Part it into packets')
            ->asks(
                Field::integers('years', 'Sown in', '', 1900, 2200)->called('the years of the packets'),
                Field::integers('seeds', 'Seeds in each', '', 1, 100_000_000)->called('the seeds in each packet')->of('seed'),
                Field::integer('plants', 'Plants from each', '', 1, 1_000_000)->called('the number of plants')->optional()->of('plant'),
                Field::choice('container', 'Packets of', ContainerKind::class)->without(...ContainerKind::VESSELS)->called('what the packets are')->usually(ContainerKind::PaperEnvelope->value),
                Field::reference('place_id', 'Where', Subject::Place)->optional(),
                Field::reference('inside', 'Inside', Subject::Container)->optional()->unasked(),
                Field::integer('reserve', 'Kept in reserve', '', 0, 100_000_000)->called('the reserve')->optional()->of('seed'),
                Field::integer('sachets', 'Drying sachets in each', '', 0, 10)->called('the number of sachets')->optional(0)->of('sachet'),
                Field::text('into', 'The packets', 40)->each(Each::asMany())->optional([])->unasked(),
                Field::share('confidence', 'How sure of the plants', 0.5, 0.999)->optional()->unasked(),
                Field::share('field', 'Of living seeds, make a plant', 0.05)->optional()->unasked(),
            )
            ->says('for {years}', '{seeds}', 'for {plants} each', '{container}', '{place_id}', 'in {inside}', '{reserve} in reserve');
    }

    public function check(): void
    {
        if (count($this->years) !== count($this->seeds)) {
            throw Refused::at('seeds', sprintf('Say for each of the %d packets how many seeds are in it; %d are said.', count($this->years), count($this->seeds)));
        }
        if (count($this->years) > self::MOST) {
            throw Refused::at('years', sprintf('At most %d packets are made at once.', self::MOST));
        }
    }

    public function containerKind(): ContainerKind
    {
        return $this->container;
    }

    public function into(): array
    {
        return $this->into;
    }

    public function fills(): int
    {
        return count($this->years);
    }

    public function withInto(array $ids): static
    {
        return new self($this->years, $this->seeds, $this->plants, $this->container, $this->placeId, $this->inside, $this->reserve, $this->sachets, $ids, $this->confidence, $this->field);
    }

    public function lies(): array
    {
        return [$this->placeId, $this->inside];
    }
}
