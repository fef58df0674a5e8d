<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Values;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Packets\Portioned;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Steps\Storing\Kept;
use Marrow\Core\Steps\Storing\MoistureGround;

/** What a keeper wants of a lot that is parted into packets. */
final readonly class PortionWish
{
    /** Share of what germinates that makes a plant, where nothing else is said. */
    public const FIELD = 0.8;

    /**
     * @param  int  $plants  wanted of each sowing
     * @param  int  $first  year of the first packet
     * @param  int  $packets  how many
     * @param  int  $every  years from one sowing to the next
     * @param  float  $confidence  how sure to be of enough plants
     * @param  float  $field  share of living seeds that make a plant where they are sown
     * @param  int  $reserve  seeds that are in no packet
     * @param  int  $tests  seeds kept for tests
     * @param  ?float  $share  that comes up, as the keeper thinks; where no forecast says it
     * @param  int  $sachets  in each packet
     * @param  int  $labels  on and in each packet
     * @param  ContainerKind  $container  that the packets are
     * @param  string  $place  id of the place, or of the container, where they are to lie; empty where nobody has said
     */
    private function __construct(
        public int $plants,
        public int $first,
        public int $packets,
        public int $every,
        public float $confidence,
        public float $field,
        public int $reserve,
        public int $tests,
        public ?float $share,
        public int $sachets,
        public int $labels,
        public ContainerKind $container,
        public string $place,
    ) {}

    /**
     * @param  int  $thisYear  the packets begin with the next, or after those that are there
     * @param  ?LotCourse  $lot  where it is known: packets are usually put where it lies, in what keeps them as it is kept
     */
    public static function fields(Practice $practice, int $thisYear, ?LotCourse $lot = null): FieldList
    {
        $reserve = $lot->packets->reserve ?? 0;
        $main = $lot?->storing->now;
        // Where there are packets already, those to come are for the years after them.
        $turn = $practice->year->shift->turn;
        $first = max([$thisYear + 1, ...array_map(static fn (Kept $kept): int => ($kept->packet->year ?? 0) + 1, array_values($lot?->packets->waiting() ?? []))]);
        // Seed that is known to be dry is packed tight; what nobody has measured, in paper that breathes.
        $usual = $main !== null && $main->isShut && $main->ground === MoistureGround::Measured ? ContainerKind::FoilPouch : ContainerKind::PaperEnvelope;

        return FieldList::of(
            Field::integer('plants', 'Plants wanted of each sowing', '', 1, 100_000)->called('the number of plants')->optional((int) $practice->number('plants'))->usually((int) $practice->number('plants'))->of('plant'),
            Field::integer('first', 'First year', '', 1900, 2200)->called('the first year')->optional($first)->usually($first)->hint($turn->spansNewYear() ? "$first is the season ".$turn->called($first) : ''),
            Field::integer('packets', 'Packets', '', 1, Portioned::MOST)->called('the number of packets')->optional(5)->usually(5)->hint('One for each sowing'),
            Field::integer('every', 'A sowing every', 'years', 1, 20)->called('the years from one sowing to the next')->optional(1)->usually(1)->of('year'),
            Field::share('confidence', 'How sure of enough plants', 0.5, 0.999)->optional(0.95)->usually(0.95),
            Field::share('field', 'Of living seeds, make a plant', 0.05)->called('the share that makes a plant')->optional(self::FIELD)->usually(self::FIELD)->hint('In trays under cover nearly all, in a good bed 80 %, in a rough one half'),
            Field::integer('reserve', 'Kept in reserve', '', 0, 100_000_000)->called('the reserve')->optional($reserve)->usually($reserve)->of('seed')->hint('Neither sown nor given away unless you say so'),
            Field::share('share', 'Comes up now, you think', 0.01, 0.999)->called('the share that comes up')->optional()->hint('Only where no forecast can be made; it is then taken for every year'),
            Field::choice('container', 'Packets of', ContainerKind::class)->without(...ContainerKind::VESSELS)->called('what the packets are')->optional($usual)->usually($usual->value),
            Field::reference('place', 'Where they will lie', Subject::Place)->optional($main->inside ?? $main->placeId ?? '')->usually($main->inside ?? $main?->placeId),
            Field::integer('tests', 'Kept for tests', '', 0, 100_000)->called('the seeds for tests')->optional(0)->usually(0)->of('seed')->seldom(),
            Field::integer('sachets', 'Drying sachets in each', '', 0, 10)->called('the number of sachets')->optional(0)->usually(0)->seldom(),
            Field::integer('labels', 'Labels to each', '', 0, 10)->called('the number of labels')->optional(2)->usually(2)->hint('One inside, one outside')->seldom(),
        );
    }

    /** @param  Values  $in  of its fields */
    public static function of(Values $in): self
    {
        return new self(
            $in->integer('plants'),
            $in->integer('first'),
            $in->integer('packets'),
            $in->integer('every'),
            $in->number('confidence'),
            $in->number('field'),
            $in->integer('reserve'),
            $in->integer('tests'),
            $in->has('share') ? $in->number('share') : null,
            $in->integer('sachets'),
            $in->integer('labels'),
            $in->one('container', ContainerKind::class),
            $in->text('place'),
        );
    }

    public function year(int $n): int
    {
        return $this->first + $n * $this->every;
    }
}
