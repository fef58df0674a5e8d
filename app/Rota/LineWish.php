<?php

declare(strict_types=1);

namespace App\Rota;

use Marrow\Core\Fields\Document;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\PlannedPlanting;

/** What the keeper wants of one line over the years. */
final readonly class LineWish
{
    /**
     * @param  string  $line  the variety's id
     * @param  list<int>  $pinned  years in which it is sown
     * @param  list<int>  $forbidden
     * @param  list<int>  $preferred  chosen where it costs nothing
     * @param  ?int  $notBefore  the first year in which it may be sown
     * @param  ?float  $weight  what its loss counts; null for what Marrow takes
     * @param  ?int  $plants  of a growing
     * @param  ?float  $hours  of a season of it, keeping it apart not counted
     * @param  int  $uses  seeds a year that go to food, gifts and tests
     * @param  string  $promised  to whom seed of it is promised
     * @param  string  $sent  the other keeper who grows it
     * @param  bool  $letGo  not kept for seed here
     */
    private function __construct(
        public string $line,
        public array $pinned = [],
        public array $forbidden = [],
        public array $preferred = [],
        public ?int $notBefore = null,
        public ?float $weight = null,
        public ?int $plants = null,
        public ?float $hours = null,
        public int $uses = 0,
        public string $promised = '',
        public string $sent = '',
        public bool $letGo = false,
    ) {}

    public static function none(string $line): self
    {
        return new self($line);
    }

    public static function fields(): FieldList
    {
        return FieldList::of(
            Field::reference('line', 'Variety', 'variety')->unasked(),
            Field::integers('pinned', 'Pinned to', '', 1900, 2200)->called('the years that it is pinned to')->optional([])->unasked(),
            Field::integers('forbidden', 'Not in', '', 1900, 2200)->called('the years that are ruled out')->optional([])->unasked(),
            Field::integers('preferred', 'Rather in', '', 1900, 2200)->called('the years that are preferred')->optional([])->hint('Chosen where it costs nothing'),
            Field::integer('not_before', 'Not before', '', 1900, 2200)->called('the first year for it')->optional()->hint('As 2029'),
            Field::number('weight', 'Its loss counts', 'times', 0, 100)->called('what its loss counts')->optional()->hint('Left empty, twice where it is the last lot of its kind'),
            Field::integer('plants', 'Plants of a growing', 'plants', 1, PlannedPlanting::MOST_PLANTS)->called('the number of plants')->optional()->of('plant')->hint('Left empty, as many as keep the variety as it is'),
            Field::number('hours', 'Hours of a season', 'h', 0, 10_000)->called('the hours')->optional()->hint('Keeping it apart comes on top'),
            Field::integer('uses', 'Seeds used a year', 'seeds', 0, 100_000_000)->called('the seeds used')->optional(0)->of('seed')->hint('For food, gifts and tests, as you expect it'),
            Field::text('promised', 'Promised to', 120)->optional('')->person(),
            Field::text('sent', 'Grown by another keeper', 120)->called('the other keeper')->optional('')->hint('Who grows it: it has no part in the rota then')->person(),
            Field::flag('let_go', 'Not kept for seed'),
        );
    }

    /** @throws Refused */
    public static function read(Document $document): self
    {
        $given = $document->read(self::fields());
        $years = static fn (string $key): array => array_values(array_unique($given->integers($key)));

        return new self(
            $given->text('line'),
            $years('pinned'),
            $years('forbidden'),
            $years('preferred'),
            $given->has('not_before') ? $given->integer('not_before') : null,
            $given->numberOr('weight', null),
            $given->has('plants') ? $given->integer('plants') : null,
            $given->numberOr('hours', null),
            $given->integer('uses'),
            $given->text('promised'),
            $given->text('sent'),
            $given->flag('let_go'),
        );
    }

    /** Whether it takes part in the rota at all. */
    public function isKeptHere(): bool
    {
        return ! $this->letGo && $this->sent === '';
    }

    public function isNothing(): bool
    {
        return $this->toArray() === self::none($this->line)->toArray();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'line' => $this->line, 'pinned' => $this->pinned, 'forbidden' => $this->forbidden, 'preferred' => $this->preferred, 'not_before' => $this->notBefore, 'weight' => $this->weight,
            'plants' => $this->plants, 'hours' => $this->hours, 'uses' => $this->uses, 'promised' => $this->promised, 'sent' => $this->sent, 'let_go' => $this->letGo,
        ];
    }
}
