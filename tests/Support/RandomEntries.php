<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Random\Randomizer;

/** Payloads drawn from what a kind asks for: figures at their edges and in their middle, lists of one, what is optional left out. */
final class RandomEntries
{
    /** Of how many the lists of one entry are; they belong to one another. */
    private int $many = 1;

    public function __construct(private readonly Randomizer $chance) {}

    /** @return array<string, mixed> */
    public function payload(Kind $kind): array
    {
        $payload = [];
        // One more often than not.
        $this->many = $this->one([1, 1, 1, 2, 4]);
        foreach ($kind->fields->fields as $key => $field) {
            if ((! $field->required && $this->chance->getInt(0, 2) > 0)) {
                continue;
            }
            $value = $this->value($field);
            if ($value !== null) {
                $payload[$key] = $field->each === null || ! in_array($field->type, [FieldType::Number, FieldType::Integer, FieldType::Text, FieldType::Share, FieldType::Reference], true)
                    ? $value : $this->several($field, $key === 'into' ? (string) Str::uuid7() : $value);
            }
        }

        return $payload;
    }

    /** @return list<mixed> */
    private function several(Field $field, mixed $first): array
    {
        $count = $field->each !== null && ! $field->each->grows ? $field->each->count : $this->many;
        if ($field->isName && is_int($first)) {
            // What things are called by is not said of one of them twice.
            return range(max((int) $field->min, $first - $count + 1), max((int) $field->min, $first - $count + 1) + $count - 1);
        }

        return [$first, ...array_map(fn (): mixed => is_string($first) && Str::isUuid($first) && $field->type === FieldType::Text ? (string) Str::uuid7() : $this->value($field), $count < 2 ? [] : range(2, $count))];
    }

    private function value(Field $field): mixed
    {
        return match ($field->type) {
            FieldType::Number, FieldType::Share => $this->one([$field->min, min($field->max, max($field->min, 1.5)), min($field->max, max($field->min, 20.25)), min($field->max, 400.0)]),
            FieldType::Integer => (int) $this->one([$field->min, min($field->max, max($field->min, 1)), min($field->max, max($field->min, 7)), max($field->min, min($field->max, 60))]),
            FieldType::Flag => $this->one([true, false]),
            FieldType::Text, FieldType::Prose => $this->one(['Odile', 'by the wall', '4, 7']),
            FieldType::Choice => $this->one(array_map(strval(...), array_keys($field->options))),
            FieldType::Date => $this->one(['2026-09-20', '2026-08-01', '2025-05-05']),
            FieldType::YearDay => '04-20',
            // Of a test that goes on, or of a new one.
            FieldType::Id => $this->one([(string) Str::uuid7(), ...DB::table('test_standings')->orderBy('test_id')->pluck('test_id')->all()]),
            FieldType::Reference => $this->reference($field->of),
            default => null,
        };
    }

    private function reference(string $of): ?string
    {
        $ids = match ($of) {
            'place' => [...$this->ids('places'), ...$this->ids('containers', "name != ''")],
            'container' => $this->ids('containers'),
            default => $this->ids($of.'s'),
        };

        return $ids === [] ? null : $this->one($ids);
    }

    /** @return list<string> */
    public function ids(string $table, string $where = '1'): array
    {
        return DB::getSchemaBuilder()->hasTable($table) ? array_values(DB::table($table)->whereRaw($where)->orderBy('id')->pluck('id')->all()) : [];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }

    /** @return array<string, mixed> everything that is reckoned from the journal */
    public static function lists(): array
    {
        $lists = [];
        foreach (['lot_standings' => 'lot_id', 'planting_standings' => 'planting_id', 'lot_containers' => 'lot_id, container_id', 'test_standings' => 'test_id, lot_id', 'lot_paces' => 'lot_id', 'plan_tasks' => 'year, planting, kind', 'containers' => 'id'] as $table => $by) {
            $lists[$table] = array_map(static fn (object $row): array => (array) $row, DB::select("SELECT * FROM $table ORDER BY $by"));
        }
        $lists['tasks'] = array_map(static fn (object $row): array => (array) $row, DB::select('SELECT subject_id, kind, figures, opens_at, best_at, latest_at FROM tasks ORDER BY subject_id, kind, best_at, figures'));

        return $lists;
    }
}
