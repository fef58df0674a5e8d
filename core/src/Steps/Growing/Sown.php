<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed went into the ground or into modules; a planting begins with it. */
final readonly class Sown implements Checked, Payload
{
    /**
     * @param  int  $plants  plants sown or set out for this planting
     * @param  string|null  $lot  id of the lot the seed was of
     * @param  string  $sownFrom  where it came from in words; may be empty
     * @param  int|null  $seeds  taken from that lot
     * @param  float|null  $massG  g taken from that lot
     * @param  string  $planned  id of the planting of a plan that this is the sowing of; empty where none asked for it
     * @param  bool  $sprouts  of a germination test of that lot, potted on: their seed was taken when the test was laid
     * @param  ?string  $container  id of the packet of that lot which was opened for it; all of it, where no amount is said
     */
    public function __construct(
        public int $plants,
        public ?string $lot,
        public string $sownFrom,
        public ?int $seeds,
        public ?float $massG,
        public ?string $container = null,
        public string $planned = '',
        public bool $sprouts = false,
    ) {}

    public static function kind(): Kind
    {
        return Kind::of('sown', Subject::Planting, 'Sown')->starts()->once()
            ->asks(
                Field::integer('plants', 'Plants', '', 1, 1_000_000)->called('the number of plants')->of('plant'),
                Field::reference('lot', 'Seed from', Subject::Lot)->optional()->hint('A lot of your own, if it was'),
                Field::text('sown_from', 'Or from elsewhere')->called('where the seed came from')->optional('')->hint('A friend, a shop, a swap')->person(),
                Field::integer('seeds', 'Seeds taken', '', 1, 100_000_000)->called('the number of seeds taken')->optional()->hint('Taken off the lot’s stock')->of('seed'),
                Field::mass('mass_g', 'Or their mass')->called('the mass taken')->optional(),
                Field::flag('sprouts', 'Sprouts of its germination test')->hint('Potted on: their seed was taken when the test was laid')->seldom(),
                Field::reference('container', 'Out of', Subject::Container)->optional()->unasked(),
                Field::text('planned', 'As planned', 60)->optional('')->unasked(),
            )
            ->says('{plants}', 'from {lot}', '{sprouts}', 'from {sown_from}', '{seeds} taken', '{mass_g} taken');
    }

    public function check(): void
    {
        if ($this->sprouts && $this->lot === null) {
            throw Refused::at('lot', 'Say of which lot of yours the test was.');
        }
        if ($this->sprouts && ($this->seeds !== null || $this->massG !== null || $this->container !== null)) {
            throw Refused::at($this->seeds !== null ? 'seeds' : 'mass_g', 'Sprouts of a test take no more seed: it was taken when the test was laid. Leave this empty.');
        }
    }
}
