<?php

declare(strict_types=1);

namespace App\Garden;

use App\Handbook\HandbookChanged;
use App\Journal\Changed;
use App\Models\Acting;
use App\Models\Container;
use App\Models\Deeds;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Planting;
use App\Models\TakenAlready;
use App\Models\Variety;
use App\Models\WriteLock;
use App\Reading\Stores;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Storing\ContainerKind;

/**
 * The things of a garden that have a name: varieties, places, where plantings stand. A name that was wrong is put right
 * here, and everything reckoned from it follows; nothing in the journal is touched.
 */
final readonly class Garden
{
    /** What a variety is called whose name nobody knows; the next of its crop has a number behind it. */
    public const UNNAMED = 'Name unknown';

    /** °C and per cent that stand for what nobody measured; reckoned with is what is set of a room. */
    public const UNMEASURED = [18.0, 50.0];

    public function __construct(private CropReference $crops, private Dispatcher $events, private Stores $stores, private Deeds $deeds) {}

    /** @throws Refused */
    public function addVariety(string $id, Values $given, Acting $by): Variety
    {
        return WriteLock::hold(function () use ($id, $given, $by): Variety {
            $known = Variety::query()->find($id);
            if ($known !== null) {
                $isSame = $known->crop === $given->text('crop') && ($given->text('name') === '' || self::same($known->name, $given->text('name')));

                return $isSame ? $known : throw new TakenAlready($known->name);
            }
            $row = $given->text('name') === ''
                ? [...$this->varietyRow($id, $given, $this->unnamed($given->text('crop'))), 'type' => VarietyType::Unknown]
                : $this->varietyRow($id, $given, $given->text('name'));

            $variety = Variety::query()->create(['id' => $id, ...$row]);
            $this->deeds->done(NamedThing::to($variety, 'Added'), $by);

            return $variety;
        });
    }

    /** @throws Refused */
    public function changeVariety(Variety $variety, Values $given, Acting $by, bool $evenSo = false): void
    {
        if ($given->text('name') === '') {
            throw Refused::at('name', sprintf('Give it a name; where nobody knows it, “%s” will do.', self::UNNAMED));
        }
        WriteLock::hold(function () use ($variety, $given, $by, $evenSo): void {
            [$was, $name] = [$variety->crop, $variety->name];
            if ($was !== $given->text('crop') && ! $evenSo) {
                $this->askOfCrop($variety, $given->text('crop'));
            }
            $variety->update($this->varietyRow($variety->id, $given, $given->text('name')));
            $this->deeds->done(NamedThing::to($variety, 'Changed', $name), $by);
            $this->varietyChanged($variety->id);
            if ($was !== $variety->crop) {
                // Figures of its own were of the crop that it turned out not to be.
                DB::table('crop_figures')->where('variety', $variety->id)->delete();
                $this->events->dispatch(new HandbookChanged($variety->crop));
            }
        });
    }

    /**
     * All that is of it becomes another crop: other days, another cleaning, another forecast.
     *
     * @throws Refused where there is any
     */
    private function askOfCrop(Variety $variety, string $crop): void
    {
        $lots = DB::table('lots')->where('variety_id', $variety->id)->count();
        $plantings = DB::table('plantings')->where('variety_id', $variety->id)->count();
        $plans = DB::table('plan_varieties')->where('variety_id', $variety->id)->count();
        $of = array_filter([$lots === 0 ? '' : ($lots === 1 ? '1 lot' : "$lots lots"), $plantings === 0 ? '' : ($plantings === 1 ? '1 planting' : "$plantings plantings"), $plans === 0 ? '' : ($plans === 1 ? '1 plan' : "$plans plans")]);
        if ($of !== [] && $this->crops->has($crop)) {
            throw Refused::at('even_so', sprintf('%s of it become %s: days, cleaning, tests and forecasts are reckoned anew by that, and what does not fit stands adrift. Was it %s all along? Changed back, all is as it was, but for figures of your own.', implode(' and ', $of), $this->crops->title($crop)->name, $this->crops->title($crop)->name));
        }
    }

    /**
     * Two that turned out to be one: everything of the first is the second's now.
     *
     * @throws Refused
     */
    public function mergeVariety(Variety $variety, Variety $into, Acting $by): void
    {
        if ($variety->id === $into->id) {
            throw Refused::at('into', 'Choose another variety than itself.');
        }
        WriteLock::hold(function () use ($variety, $into, $by): void {
            // Somebody else may have been merging one of them while this waited for its turn.
            $variety = Variety::query()->find($variety->id) ?? throw Refused::at('into', "$variety->name was merged into another just now.");
            $into = Variety::query()->find($into->id) ?? throw Refused::at('into', "$into->name was merged into another just now.");
            if ($variety->crop !== $into->crop) {
                throw Refused::at('into', 'These are of two crops. Change the crop of one of them first.');
            }
            Lot::query()->where('variety_id', $variety->id)->update(['variety_id' => $into->id]);
            Planting::query()->where('variety_id', $variety->id)->update(['variety_id' => $into->id]);
            foreach (['variety_id', 'was'] as $named) {
                DB::table('lot_names')->where($named, $variety->id)->update([$named => $into->id]);
            }
            foreach (DB::table('plan_versions')->get() as $version) {
                /** @var object{year: int, number: int, document: string} $version */
                $document = str_replace('"'.$variety->id.'"', '"'.$into->id.'"', $version->document);
                if ($document !== $version->document) {
                    DB::table('plan_versions')->where('year', $version->year)->where('number', $version->number)->update(['document' => $document]);
                }
            }
            // The plans that had the one have the other now, and are worked out afresh below.
            DB::statement('UPDATE OR REPLACE plan_varieties SET variety_id = ? WHERE variety_id = ?', [$into->id, $variety->id]);
            DB::table('crop_figures')->where('variety', $variety->id)->delete();
            $note = trim(implode("\n", array_filter([$into->note, $variety->note, "Also kept as $variety->name."])));
            $into->update(['note' => mb_substr($note, 0, 2000)]);
            $variety->delete();
            $this->deeds->done(NamedThing::to($into, 'Merged into', $variety->name), $by);
            $this->events->dispatch(new HandbookChanged($into->crop));
        });
    }

    /** @throws Refused */
    public function addPlace(string $id, Values $given, Acting $by): Place
    {
        return WriteLock::hold(function () use ($id, $given, $by): Place {
            $known = Place::query()->find($id);
            if ($known !== null) {
                return self::same($known->name, $given->text('name')) ? $known : throw new TakenAlready($known->name);
            }

            $this->stores->forget();
            // A place that was no more, and is one again, is the same place.
            foreach (Place::query()->where('gone', 1)->get() as $gone) {
                if (self::same($gone->name, $given->text('name'))) {
                    $gone->update(['gone' => 0, ...$this->placeRow($gone->id, $given)]);
                    $this->deeds->done(NamedThing::to($gone, 'Brought back'), $by);

                    return $gone;
                }
            }

            $place = Place::query()->create(['id' => $id, ...$this->placeRow($id, $given)]);
            $this->deeds->done(NamedThing::to($place, 'Added'), $by);

            return $place;
        });
    }

    /** @throws Refused */
    public function changePlace(Place $place, Values $given, Acting $by): void
    {
        WriteLock::hold(function () use ($place, $given, $by): void {
            $was = $place->name;
            $place->update($this->placeRow($place->id, $given));
            $this->stores->forget();
            $this->deeds->done(NamedThing::to($place, 'Changed', $was), $by);
            $this->events->dispatch(new Changed(self::each(Subject::Place, [$place->id])));
        });
    }

    /** @throws Refused */
    public function addContainer(string $id, Values $given, Acting $by): Container
    {
        return WriteLock::hold(function () use ($id, $given, $by): Container {
            $known = Container::query()->find($id);
            if ($known !== null) {
                return self::same($known->name, $given->text('name')) ? $known : throw new TakenAlready($known->name === '' ? "A lot's own container" : $known->name);
            }
            $this->stores->forget();

            $container = Container::query()->create(['id' => $id, ...$this->containerRow($id, $given)]);
            $this->deeds->done(NamedThing::to($container, 'Added'), $by);

            return $container;
        });
    }

    /** @throws Refused */
    public function changeContainer(Container $container, Values $given, Acting $by): void
    {
        WriteLock::hold(function () use ($container, $given, $by): void {
            $was = $container->name;
            $container->update($this->containerRow($container->id, $given));
            $this->stores->forget();
            $this->deeds->done(NamedThing::to($container, 'Changed', $was), $by);
            $this->events->dispatch(new Changed([[Subject::Container, $container->id]]));
        });
    }

    /**
     * Seed is kept there no more. What was recorded of it stays, and it stands in the journal under its name.
     *
     * @throws Refused while something lies there
     */
    public function remove(Container|Place $holder, Acting $by): void
    {
        WriteLock::hold(function () use ($holder, $by): void {
            $lots = count($holder instanceof Container ? $this->stores->idsIn($holder->id) : $this->stores->idsAt($holder->id));
            $boxes = DB::table('containers')->where($holder instanceof Container ? 'inside' : 'place_id', $holder->id)->where('name', '!=', '')->where('gone', 0)->count();
            if ($lots + $boxes > 0) {
                throw Refused::at('id', sprintf('%s still lie in %s. Put them somewhere else first.', implode(' and ', array_filter([$lots === 0 ? '' : ($lots === 1 ? '1 lot' : "$lots lots"), $boxes === 0 ? '' : ($boxes === 1 ? '1 container' : "$boxes containers")])), $holder->name));
            }
            $holder->update(['gone' => 1]);
            $this->deeds->done(NamedThing::to($holder, 'Removed'), $by);
        });
    }

    public function movePlanting(Planting $planting, string $spot, Acting $by): void
    {
        WriteLock::hold(function () use ($planting, $spot, $by): void {
            Planting::query()->where('id', $planting->id)->update(['spot' => $spot]);
            $this->deeds->done(NamedThing::to($planting, 'Changed where it stands:'), $by);
            $this->events->dispatch(new Changed([[Subject::Planting, $planting->id]]));
        });
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function varietyRow(string $id, Values $given, string $name): array
    {
        if (! $this->crops->has($given->text('crop'))) {
            throw Refused::at('crop', 'There is no such crop in the crop reference.');
        }
        foreach (Variety::query()->where('crop', $given->text('crop'))->where('id', '!=', $id)->pluck('name') as $other) {
            if (is_string($other) && self::same($other, $name)) {
                throw Refused::at('name', 'There is a variety of this crop with that name already.');
            }
        }

        return [
            'crop' => $given->text('crop'),
            'name' => self::composed($name),
            'type' => $given->one('type', VarietyType::class),
            'generation' => $given->text('generation'),
            'note' => $given->text('note'),
        ];
    }

    /** Two beans without a name are not one variety. */
    private function unnamed(string $crop): string
    {
        $taken = Variety::query()->where('crop', $crop)->where('name', 'like', self::UNNAMED.'%')->pluck('name')->all();
        $name = self::UNNAMED;
        for ($next = 2; in_array($name, $taken, true); $next++) {
            $name = self::UNNAMED." $next";
        }

        return $name;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function placeRow(string $id, Values $given): array
    {
        foreach (Place::query()->where('id', '!=', $id)->pluck('name') as $other) {
            if (is_string($other) && self::same($other, $given->text('name'))) {
                throw Refused::at('name', 'There is a place with that name already.');
            }
        }

        if ($given->has('rh') && ! $given->has('temperature')) {
            throw Refused::at('temperature', 'Give the temperature with the humidity, or neither where nobody has measured them.');
        }

        return [
            'name' => self::composed($given->text('name')),
            'temperature_c' => $given->numberOr('temperature', self::UNMEASURED[0]),
            'rh' => $given->numberOr('rh', self::UNMEASURED[1]),
            'air_known' => Place::known($given->has('temperature'), $given->has('rh')),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function containerRow(string $id, Values $given): array
    {
        foreach (Container::query()->where('id', '!=', $id)->where('name', '!=', '')->where('gone', 0)->pluck('name') as $other) {
            if (is_string($other) && self::same($other, $given->text('name'))) {
                throw Refused::at('name', 'There is a container with that name already.');
            }
        }

        return ['name' => self::composed($given->text('name')), 'kind' => $given->one('kind', ContainerKind::class)->value, 'note' => $given->text('note')];
    }

    private function varietyChanged(string $id): void
    {
        $this->events->dispatch(new Changed([
            ...self::each(Subject::Lot, DB::table('lots')->where('variety_id', $id)->pluck('id')->all()),
            ...self::each(Subject::Planting, DB::table('plantings')->where('variety_id', $id)->pluck('id')->all()),
        ]));
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return list<array{Subject, string}>
     */
    private static function each(Subject $subject, array $ids): array
    {
        return array_values(array_map(static fn (mixed $id): array => [$subject, is_string($id) ? $id : ''], $ids));
    }

    /** Letters and their accents as one, so that a name is one name however it was typed. */
    public static function composed(string $name): string
    {
        return \Normalizer::normalize($name) ?: $name;
    }

    private static function same(string $a, string $b): bool
    {
        return mb_convert_case(self::composed($a), MB_CASE_FOLD) === mb_convert_case(self::composed($b), MB_CASE_FOLD);
    }
}
