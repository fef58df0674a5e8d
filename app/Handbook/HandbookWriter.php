<?php

declare(strict_types=1);

namespace App\Handbook;

use App\Models\Acting;
use App\Models\Deeds;
use App\Models\Variety;
use App\Models\WriteLock;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use JsonException;
use Marrow\Core\Botany\CropFigureList;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\Sureness;
use Marrow\Core\Botany\UnsoundCrop;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Reckoning\Registry;
use RuntimeException;

/** Changes the handbook of this garden; what was reckoned with the old figures is reckoned afresh. */
final readonly class HandbookWriter
{
    public function __construct(private OwnFigures $own, private Deeds $deeds, private Dispatcher $events, private Application $application) {}

    /**
     * Puts the keeper's own figure in place of the handbook's, or takes it away again.
     *
     * @param  string  $variety  id, or '' for the whole crop
     * @param  ?float  $value  null brings the handbook's figure back
     *
     * @throws ValidationException when the crop could not be so
     */
    public function put(string $crop, string $variety, string $path, ?float $value, Acting $by): void
    {
        WriteLock::hold(function () use ($crop, $variety, $path, $value, $by): bool {
            $own = DB::table('crop_figures')->where(['crop' => $crop, 'variety' => $variety, 'path' => $path]);
            $was = $own->value('value');
            $own->delete();
            if ($value !== null) {
                DB::table('crop_figures')->insert(['crop' => $crop, 'variety' => $variety, 'path' => $path, 'value' => $value]);
            }
            $this->own->forget();
            $this->mustBeSound($crop, $variety);
            $this->deeds->done(new FigureSet($crop, $this->own->reference()->title($crop)->name, $variety === '' ? '' : Variety::query()->find($variety)->name ?? '', $path, is_numeric($was) ? (float) $was : null, $value), $by);
            $this->renew();
            $this->events->dispatch(new HandbookChanged($crop));

            return true;
        });
    }

    /**
     * A figure of the crop bears on every variety that has figures of its own too.
     *
     * @throws ValidationException
     */
    private function mustBeSound(string $crop, string $variety): void
    {
        foreach ($variety === '' ? ['', ...$this->own->varietiesOf($crop)] : [$variety] as $level) {
            try {
                CropFile::read($crop, $this->own->content($crop, $level));
            } catch (UnsoundCrop $unsound) {
                $this->own->forget();
                $whose = $level === '' || $level === $variety ? '' : sprintf(' That does not go with your own figures of %s.', Variety::query()->find($level)->name ?? 'a variety');
                throw ValidationException::withMessages(['value' => self::inWords($unsound, $crop).$whose]);
            }
        }
    }

    /**
     * A crop that the handbook lacks, made like one that it has.
     *
     * @param  Values  $given  of GardenFields::crop()
     * @return string its key
     *
     * @throws Refused|ValidationException
     */
    public function add(Values $given, Acting $by): string
    {
        [$name, $latin, $family, $like] = [$given->text('name'), $given->text('latin'), $given->text('family'), $given->text('like')];
        $key = Str::slug($name);
        if ($key === '' || $this->own->original($key) !== []) {
            throw Refused::at('name', 'There is a crop of that name already.');
        }
        if (preg_match('/^[A-Z][a-z]+ (×)?[a-z-]+$/u', $latin) !== 1) {
            throw Refused::at('latin', 'Give its Latin name, genus and epithet, as Solanum lycopersicum.');
        }
        if (preg_match('/^[A-Z][a-z]+ceae$/', $family) !== 1) {
            throw Refused::at('family', 'Give its family by its Latin name, as Solanaceae.');
        }
        if ($this->own->original($like) === []) {
            throw Refused::at('like', 'Choose the crop that it is most like.');
        }
        $document = [
            ...$this->own->original($like),
            'name' => $name,
            'other_names' => [],
            'latin' => $latin,
            'family' => $family,
            'crossing' => ['partners' => [], 'strangers' => []],
        ];
        unset($document['group']);
        $document['sources'] = ['everything' => ['from' => "copied from $like by the keeper, to be changed to what is so", 'sure' => Sureness::Rough->value]];
        try {
            CropFile::read($key, $document);
        } catch (UnsoundCrop $unsound) {
            throw ValidationException::withMessages(['like' => self::inWords($unsound, $key)]);
        }
        $this->keep($key, $document, $name, $like, 'name', $by);

        return $key;
    }

    /**
     * A crop that somebody else keeps, as the file that their Marrow made of it.
     *
     * @return array{string, string} its key and its name
     *
     * @throws Refused
     */
    public function takeIn(string $file, Acting $by): array
    {
        try {
            $document = CropFiles::decode($file, 'The file');
        } catch (JsonException|RuntimeException) {
            throw Refused::at('file', 'That is no file of a crop: it is made on the page of a crop, under its figures.');
        }
        $name = is_string($document['name'] ?? null) ? $document['name'] : '';
        $key = Str::slug($name);
        if ($key === '') {
            throw Refused::at('file', 'That is no file of a crop: it has no name in it.');
        }
        if ($this->own->original($key) !== []) {
            throw Refused::at('file', "There is a crop called $name already. Change its figures on its page, or name the other one otherwise in the file.");
        }
        try {
            CropFile::read($key, $document);
        } catch (UnsoundCrop $unsound) {
            throw Refused::at('file', self::inWords($unsound, $key));
        }
        $this->keep($key, $document, $name, CropAdded::FILE, 'file', $by);

        return [$key, $name];
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  string  $field  that was asked for it
     *
     * @throws Refused
     */
    private function keep(string $key, array $document, string $name, string $like, string $field, Acting $by): void
    {
        try {
            DB::table('own_crops')->insert(['crop' => $key, 'document' => json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
        } catch (UniqueConstraintViolationException) {
            // Somebody else added it a moment before.
            throw Refused::at($field, 'There is a crop of that name already.');
        }
        $this->deeds->done(new CropAdded($key, $name, $like), $by);
        $this->renew();
    }

    private function renew(): void
    {
        $this->own->forget();
        $this->application->forgetInstance(CropReference::class);
        $this->application->forgetInstance(Registry::class);
    }

    /** The core's message by the figure's own name: "Crop leek, isolation.grower: …" means little to anybody. */
    private static function inWords(UnsoundCrop $unsound, string $crop): string
    {
        $message = $unsound->getMessage();
        foreach (CropFigureList::all() as $path => $field) {
            $message = str_replace("Crop $crop, $path:", $field->subject().':', $message);
        }

        return $message;
    }
}
