<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Clock;
use App\Garden\NamedThing;
use App\Models\Acting;
use App\Models\Deeds;
use App\Models\Instrument;
use App\Models\Place;
use App\Models\WriteLock;
use App\Moment;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Instruments\InstrumentKind;

/** The instruments of the garden: added, put right, taken down. */
final readonly class InstrumentBook
{
    public function __construct(private Deeds $deeds, private Clock $clock) {}

    /** @throws Refused */
    public function add(string $id, Values $given, Acting $by): Instrument
    {
        $row = self::row($given);

        return WriteLock::hold(function () use ($id, $row, $by): Instrument {
            $known = Instrument::query()->find($id);
            if ($known !== null) {
                return $known;
            }
            $instrument = Instrument::query()->create(['id' => $id, ...$row])->refresh();
            $this->deeds->done(NamedThing::to($instrument, 'Added'), $by);

            return $instrument;
        });
    }

    /** @throws Refused */
    public function change(Instrument $instrument, Values $given, Acting $by): void
    {
        $row = self::row($given);
        if ($row['kind'] !== $instrument->kind) {
            throw Refused::at('kind', 'What it has told is of another sort. Take it down, and add the other.');
        }
        WriteLock::hold(function () use ($instrument, $row, $by): void {
            $was = $instrument->name;
            // What it told before is of where it hung then.
            $hung = $row['place_id'] === $instrument->place_id ? [] : ['hung_at' => Moment::keep($this->clock->now())];
            $instrument->update([...$row, ...$hung, 'trouble' => '', 'asked_at' => null]);
            $this->deeds->done(NamedThing::to($instrument, 'Changed', $was), $by);
        });
    }

    /** What it told stays. */
    public function takeDown(Instrument $instrument, Acting $by): void
    {
        WriteLock::hold(function () use ($instrument, $by): void {
            $instrument->update(['gone' => 1]);
            $this->deeds->done(NamedThing::to($instrument, 'Taken down'), $by);
        });
    }

    /**
     * @return array{name: string, kind: string, place_id: ?string, address: string, errs: ?float}
     *
     * @throws Refused
     */
    private static function row(Values $given): array
    {
        $kind = $given->one('kind', InstrumentKind::class);
        $address = $given->text('address');
        $place = $given->has('place_id') ? $given->text('place_id') : null;
        if ($given->text('name') === '') {
            throw Refused::at('name', 'Give it a name.');
        }
        if ($address !== '') {
            DeviceAddress::of($address, $kind);
        } elseif ($kind === InstrumentKind::Scale) {
            throw Refused::at('address', 'A scale is asked: give its address and its port, as 192.168.1.40:4001.');
        }
        if ($place !== null && Place::query()->whereKey($place)->doesntExist()) {
            throw Refused::at('place_id', 'There is no such place.');
        }

        return ['name' => $given->text('name'), 'kind' => $kind->value, 'place_id' => $place, 'address' => $address, 'errs' => $given->has('errs') ? $given->number('errs') : null];
    }
}
