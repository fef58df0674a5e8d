<?php

declare(strict_types=1);

namespace App\Intake;

use App\Clock;
use App\Garden\Garden;
use App\Models\Container;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Variety;
use App\Reading\Facts;
use Closure;
use DateTimeImmutable;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Intake\CellDoubt;
use Marrow\Core\Intake\Column;
use Marrow\Core\Intake\KnownNames;
use Marrow\Core\Intake\LineReader;
use Marrow\Core\Intake\Packet;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Steps\Holding\Holder;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Holding\Move;
use Marrow\Core\Steps\Holding\Placed;
use Marrow\Core\Steps\Notes\Noted;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Steps\Storing\Stored;
use Marrow\Core\Things\Registered;
use Ramsey\Uuid\Uuid;

/**
 * Works out what the lines of a list would make of the garden: lots with their entries, folded, and the varieties and places
 * that are new with them. It writes nothing, so that it may take as long as it takes.
 */
final class Working
{
    /** Lines between two reports of how far it is. */
    private const REPORT = 25;

    /** @var array<string, Variety> by crop and plain name, and by id */
    private array $varieties = [];

    /** @var array<string, Place> new ones, by plain name */
    private array $places = [];

    private Holdings $holdings;

    /** @var array<string, int> how many of a crop have no name */
    private array $nameless = [];

    /** @var list<Variety> */
    public array $newVarieties = [];

    /** @var list<Container> */
    public array $newContainers = [];

    /** @var list<array{string, Entry}> where they were put, by their ids */
    public array $newPlacings = [];

    /** @var array<string, string> ids of new containers, by plain name */
    private array $containers = [];

    private readonly KnownNames $known;

    private readonly Doubles $doubles;

    /** Which line is being worked out, the first is 1. */
    private int $at = 0;

    private int $number;

    public function __construct(private readonly LineReader $reader, private readonly Facts $facts, private readonly Clock $clock, private readonly string $act, private readonly Sheet $sheet)
    {
        $this->holdings = $facts->holdings();
        $this->known = Names::known();
        $this->doubles = new Doubles;
        $this->number = (int) (is_numeric($highest = Lot::query()->toBase()->max('number')) ? $highest : 0);
    }

    /** @return string name of a place that is new; empty of one that stands already */
    public function newPlace(string $id): string
    {
        foreach ($this->places as $place) {
            if ($place->id === $id) {
                return $place->name;
            }
        }

        return '';
    }

    /** @return list<Place> */
    public function newPlaces(): array
    {
        return array_values($this->places);
    }

    /**
     * @param  ?Closure(float): mixed  $report  what share is done
     * @return list<WorkedLine>
     */
    public function lines(?Closure $report = null): array
    {
        $worked = [];
        foreach ($this->sheet->lines as $i => $line) {
            $this->at = $i + 1;
            $worked[] = $this->line($line['id'], $line['cells']);
            if ($report !== null && $i % self::REPORT === 0) {
                $report($i / count($this->sheet->lines));
            }
        }

        return $worked;
    }

    /** @param  array<string, string>  $cells */
    private function line(string $id, array $cells): WorkedLine
    {
        $line = $this->reader->read($cells, $this->sheet->units);
        if ($line->packet === null) {
            return new WorkedLine($id, $line, $line->doubts, null);
        }
        $new = $this->lot($id, $line->packet);
        $doubts = [...$line->doubts, ...self::ofType($line->packet, $new->lot->variety), ...self::ofCourse($new->course), ...$this->doubles->of($line->packet, $this->at)];
        $stops = array_filter($doubts, static fn (CellDoubt $doubt): bool => $doubt->stops) !== [];

        return new WorkedLine($id, $line, $doubts, $stops ? null : $new);
    }

    private function lot(string $id, Packet $packet): NewLot
    {
        $variety = $this->variety($packet);
        [$placeId, $inside] = $this->lies($packet->path);
        $lot = new Lot(['id' => Uuid::uuid5($this->act, "lot $id")->toString(), 'number' => ++$this->number, 'variety_id' => $variety->id]);
        $lot->setRelation('variety', $variety)->setRelation('planting', null);
        $entries = $this->entries($lot->id, $packet, $placeId, $inside);
        $facts = new LotFacts($lot->code(), $this->facts->crop($variety), null, [], false, $this->facts->store(), $this->holdings);

        return new NewLot($lot, $entries, LotCourse::fold($facts, $entries, $this->facts->practice), $placeId, $inside);
    }

    /** @return list<Entry> */
    private function entries(string $lot, Packet $packet, ?string $placeId, ?string $inside): array
    {
        $now = $this->clock->now();
        $now = $now->setTime((int) $now->format('H'), (int) $now->format('i'));
        $came = $packet->cameOn === null || $packet->cameOn === $now->format('Y-m-d') ? $now : new DateTimeImmutable("$packet->cameOn 12:00", $now->getTimezone());
        $happened = [[$packet->received, $came]];
        if ($placeId !== null || $inside !== null) {
            $happened[] = [new Stored($packet->container, $placeId, $inside, null, null, $lot, '', null, null), $now];
        }
        if ($packet->note !== '') {
            $happened[] = [new Noted($packet->note), $now];
        }
        $entries = [];
        foreach ($happened as $i => [$payload, $at]) {
            $kind = Kind::declared($payload::class);
            // Of one moment, in the order of the work, and before whatever else is recorded in that minute.
            $entries[] = new Entry(Uuid::uuid5($lot, $kind->name)->toString(), "0-$lot-$i", $kind, $payload, $at);
        }

        return $entries;
    }

    private function variety(Packet $packet): Variety
    {
        if ($packet->variety !== null) {
            return $this->varieties[$packet->variety] ??= Variety::query()->findOrFail($packet->variety);
        }
        $key = $packet->crop.' '.KnownNames::plain($packet->name);
        if ($packet->name !== '' && isset($this->varieties[$key])) {
            return $this->varieties[$key];
        }
        $name = $packet->name === '' ? $this->nameless($packet->crop) : $packet->name;
        $variety = new Variety([
            'id' => Uuid::uuid5($this->act, "variety $packet->crop ".KnownNames::plain($name))->toString(),
            'crop' => $packet->crop,
            'name' => Garden::composed($name),
            'type' => $packet->type ?? ($packet->name === '' ? VarietyType::Unknown : $this->sheet->unmarked),
            'generation' => $packet->generation,
            'note' => '',
        ]);
        $this->newVarieties[] = $variety;

        return $this->varieties[$key.($packet->name === '' ? $name : '')] = $variety;
    }

    /** Two beans without a name are not one variety. */
    private function nameless(string $crop): string
    {
        $this->nameless[$crop] ??= Variety::query()->where('crop', $crop)->where('name', 'like', Garden::UNNAMED.'%')->count();
        $next = ++$this->nameless[$crop];

        return Garden::UNNAMED.($next === 1 ? '' : " $next");
    }

    /**
     * Where a path leads: a container that stands already may be named alone; what is new of it is made.
     *
     * @param  list<string>  $path  from the place inwards
     * @return array{?string, ?string} ids of the place, or of the container
     */
    private function lies(array $path): array
    {
        if ($path === []) {
            return [null, null];
        }
        $last = $path[count($path) - 1];
        $known = $this->containers[KnownNames::plain($last)] ?? $this->known->container($last);
        if ($known !== null) {
            return [null, $known];
        }
        [$placeId, $inside] = [$this->known->place($path[0]) ?? $this->place($path[0])->id, null];
        foreach (array_slice($path, 1) as $name) {
            $plain = KnownNames::plain($name);
            $inside = $this->containers[$plain] ?? $this->known->container($name) ?? $this->container($name, $inside === null ? $placeId : null, $inside);
        }

        return $inside === null ? [$placeId, null] : [null, $inside];
    }

    /** @return string id of a container that is new */
    private function container(string $name, ?string $placeId, ?string $inside): string
    {
        $plain = KnownNames::plain($name);
        $id = Uuid::uuid5($this->act, "container $plain")->toString();
        $kind = ContainerKind::spokenOf($name) ?? ContainerKind::Box;
        $this->newContainers[] = new Container(['id' => $id, 'kind' => $kind->value, 'name' => Garden::composed($name), 'place_id' => $placeId, 'inside' => $inside, 'note' => '']);
        $placed = new Placed($placeId, $inside);
        $now = $this->clock->now();
        $at = $now->setTime((int) $now->format('H'), (int) $now->format('i'));
        $placedKind = Registered::kinds()->named('placed') ?? throw new \LogicException('A kind that is not registered.');
        // It stood there before anything was put into it.
        $this->newPlacings[] = [$id, new Entry(Uuid::uuid5($id, 'placed')->toString(), "0-$id", $placedKind, $placed, $at)];
        $this->holdings = $this->holdings->withHolder(new Holder($id, $name, $kind, [new Move($at, "0-$id", $placed)]));

        return $this->containers[$plain] = $id;
    }

    private function place(string $name): Place
    {
        $plain = KnownNames::plain($name);
        if (! isset($this->places[$plain])) {
            $air = $this->sheet->airs[$plain] ?? ['temperature' => null, 'rh' => null];
            $place = new Place([
                'id' => Uuid::uuid5($this->act, "place $plain")->toString(),
                'name' => Garden::composed($name),
                'temperature_c' => $air['temperature'] ?? Garden::UNMEASURED[0],
                'rh' => $air['rh'] ?? Garden::UNMEASURED[1],
                'air_known' => Place::known($air['temperature'] !== null, $air['rh'] !== null),
            ]);
            $this->places[$plain] = $place;
            $this->holdings = $this->holdings->with($place->id, $this->facts->storedAt($place));
        }

        return $this->places[$plain];
    }

    /**
     * What a line says of a variety that stands already as something else.
     *
     * @return list<CellDoubt>
     */
    private static function ofType(Packet $packet, Variety $variety): array
    {
        return $packet->type === null || $packet->type === $variety->type
            ? []
            : [new CellDoubt(Column::Type, sprintf('%s stands as: %s. That stays as it is; change it in Varieties where the line is right.', $variety->name, $variety->type->label()))];
    }

    /**
     * What the core would ask of these entries.
     *
     * @return list<CellDoubt>
     */
    private static function ofCourse(LotCourse $course): array
    {
        $doubts = [];
        foreach ($course->adrift() as $refused) {
            $doubts[] = new CellDoubt(self::column($refused->path), $refused->getMessage(), true);
        }
        foreach ($course->doubts() as $ofOne) {
            foreach ($ofOne as $doubt) {
                // "Some" is an answer.
                if ($doubt->field !== 'seeds') {
                    $doubts[] = new CellDoubt(self::column($doubt->field), $doubt->message);
                }
            }
        }

        return $doubts;
    }

    private static function column(string $field): Column
    {
        return match ($field) {
            'place_id' => Column::Place,
            'claimed' => Column::Germinates,
            'claimed_on' => Column::TestedOn,
            'happened_at' => Column::CameOn,
            default => Column::tryFrom($field) ?? Column::Crop,
        };
    }
}
