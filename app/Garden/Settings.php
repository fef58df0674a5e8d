<?php

declare(strict_types=1);

namespace App\Garden;

use App\Models\Acting;
use App\Models\Deeds;
use App\Models\NoGarden;
use App\Reading\CoolestWeeks;
use App\Voice\Forms;
use App\Voice\UnitSystem;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Settings\SettingList;

/** What the keeper has set, in this garden. */
final class Settings
{
    /** @var array<string, string>|null as typed, by key */
    private ?array $typed = null;

    /** @var array{?float}|null as measured, °C */
    private ?array $coolest = null;

    /** As it is reckoned and said with: what was typed, read; or what the list has. */
    public function value(string $key): mixed
    {
        $field = SettingList::field($key) ?? throw new \LogicException("There is no setting $key.");
        try {
            $typed = $this->typed()[$key] ?? '';
            $value = $typed === '' ? $this->usual($key) : $field->read($typed);
        } catch (Refused) {
            $value = $field->default;
        }

        return $value instanceof Choice ? $value->value : $value;
    }

    /** As it is where nobody set it. */
    public function usual(string $key): mixed
    {
        return $key === 'latitude' ? null : SettingList::usual($key, $this->practice()->latitude());
    }

    public function text(string $key): string
    {
        $value = $this->value($key);

        return is_scalar($value) ? (string) $value : '';
    }

    /** @return ?string as the keeper typed it; null when it is as the list has it */
    public function typedFor(string $key): ?string
    {
        return $this->typed()[$key] ?? null;
    }

    public function practice(): Practice
    {
        return $this->practiceOf($this->typed());
    }

    /** As it would be with one setting otherwise. */
    public function practiceWith(string $key, string $typed): Practice
    {
        return $this->practiceOf([...$this->typed(), $key => trim($typed)]);
    }

    /** @param  array<string, string>  $typed */
    private function practiceOf(array $typed): Practice
    {
        $practice = new Practice($typed);
        if ($practice->year->goesByFrost() || isset($typed['coolest'])) {
            return $practice;
        }
        // Where frost does not tell that winters are cold, what was measured here does.
        $this->coolest ??= [CoolestWeeks::measured()];

        return $this->coolest[0] === null ? $practice : new Practice([...$typed, 'coolest' => (string) round($this->coolest[0], 1)]);
    }

    /** In what form days, hours and quantities are said. */
    public function forms(): Forms
    {
        return new Forms(UnitSystem::tryFrom($this->text('units')) ?? UnitSystem::Metric, $this->text('day_form'), $this->text('hour_form'), $this->practice()->year);
    }

    /**
     * @param  string  $typed  nothing brings back what the list has
     *
     * @throws Refused
     */
    public function put(string $key, string $typed, Acting $by): void
    {
        $field = SettingList::field($key) ?? throw Refused::at('key', 'There is no such setting.');
        $field->read($typed);
        $was = $this->typedFor($key);
        $is = trim($typed) === '' ? null : trim($typed);
        if ($was === $is) {
            return;
        }
        app(Deeds::class)->done(new SettingSet($key, $was, $is), $by);
        trim($typed) === ''
            ? DB::table('settings')->where('key', $key)->delete()
            : DB::table('settings')->updateOrInsert(['key' => $key], ['value' => trim($typed)]);
        $this->typed = $this->coolest = null;
    }

    /** @return array<string, string> */
    private function typed(): array
    {
        if ($this->typed === null) {
            try {
                /** @var array<string, string> $rows */
                $rows = array_column(DB::select('SELECT key, value FROM settings'), 'value', 'key');
                $this->typed = $rows;
            } catch (QueryException $e) {
                if (! NoGarden::explains($e)) {
                    throw $e;
                }

                return [];
            }
        }

        return $this->typed;
    }
}
