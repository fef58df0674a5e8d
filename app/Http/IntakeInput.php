<?php

declare(strict_types=1);

namespace App\Http;

use App\Intake\Sheet;
use App\Voice\Speaking;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Intake\Column;
use Marrow\Core\Intake\KnownNames;
use Marrow\Core\Things\GardenFields;

/** Reads a list of packets as it is sent: texts by column, and nothing else of it. */
final class IntakeInput
{
    public const MOST = 5000;

    /** Letters of a cell; what is longer is no cell of a list of seed. */
    private const CELL = 4000;

    /**
     * @param  int  $most  lines
     *
     * @throws ValidationException
     */
    public static function sheet(Request $request, int $most = self::MOST): Sheet
    {
        $sent = $request->input('lines');
        if (! is_array($sent) || ! array_is_list($sent) || $sent === [] || count($sent) > $most) {
            throw ValidationException::withMessages(['lines' => sprintf('Send from one line to %d of them.', $most)]);
        }
        $seen = [];
        $lines = [];
        foreach ($sent as $i => $line) {
            $id = is_array($line) && is_string($line['id'] ?? null) ? trim($line['id']) : '';
            if ($id === '' || strlen($id) > 60 || isset($seen[$id])) {
                throw ValidationException::withMessages(["lines.$i.id" => 'Each line has an id of its own.']);
            }
            $seen[$id] = true;
            $lines[] = ['id' => $id, 'cells' => self::cells(is_array($line) ? $line['cells'] ?? null : null)];
        }

        return new Sheet($lines, self::texts($request->input('units')), VarietyType::tryFrom(Scalar::text($request, 'unmarked')) ?? VarietyType::Unknown, self::airs($request->input('places')));
    }

    /**
     * The first rows of a list.
     *
     * @param  int  $most  that are read
     * @return non-empty-list<list<string>>
     *
     * @throws ValidationException
     */
    public static function rows(Request $request, int $most = 40): array
    {
        $rows = [];
        foreach (is_array($sent = $request->input('rows')) ? array_slice($sent, 0, $most) : [] as $row) {
            if (is_array($row) && $row !== []) {
                $rows[] = array_values(array_map(static fn (mixed $cell): string => is_scalar($cell) ? mb_substr((string) $cell, 0, self::CELL) : '', array_slice($row, 0, 60)));
            }
        }

        return $rows === [] ? throw ValidationException::withMessages(['rows' => 'There is nothing in this list.']) : $rows;
    }

    /** @return array<string, string> */
    private static function cells(mixed $sent): array
    {
        return array_intersect_key(self::texts($sent), array_flip(array_map(static fn (Column $column): string => $column->value, Column::cases())));
    }

    /** @return array<string, string> */
    private static function texts(mixed $sent): array
    {
        $texts = [];
        foreach (is_array($sent) ? $sent : [] as $key => $text) {
            if (is_string($key) && is_scalar($text)) {
                $texts[$key] = mb_substr(is_bool($text) ? ($text ? 'yes' : 'no') : (string) $text, 0, self::CELL);
            }
        }

        return $texts;
    }

    /**
     * What is known of the air of places that are new.
     *
     * @return array<string, array{temperature: ?float, rh: ?float}>
     *
     * @throws ValidationException
     */
    private static function airs(mixed $sent): array
    {
        $fields = GardenFields::place();
        $airs = [];
        foreach (is_array($sent) ? $sent : [] as $name => $air) {
            $given = array_map(static fn (mixed $value): mixed => is_scalar($value) ? (string) $value : null, is_array($air) ? $air : []);
            $read = ['temperature' => null, 'rh' => null];
            foreach (array_keys($read) as $key) {
                try {
                    $typed = $given[$key] ?? null;
                    $value = $fields->field($key)->read($typed === null || $typed === '' ? null : Input::typed($fields->field($key), $typed, Speaking::forms()->units));
                    $read[$key] = is_float($value) || is_int($value) ? (float) $value : null;
                } catch (Refused $refused) {
                    throw ValidationException::withMessages(Input::messages([$refused->within("places.$name")]));
                }
            }
            if (($read['temperature'] === null) !== ($read['rh'] === null)) {
                throw ValidationException::withMessages(["places.$name.".($read['rh'] === null ? 'rh' : 'temperature') => 'Give the temperature and the humidity, or neither where nobody has measured them.']);
            }
            $airs[KnownNames::plain((string) $name)] = $read;
        }

        return $airs;
    }
}
