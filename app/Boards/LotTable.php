<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\TableDocument;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Reading\Facts;
use App\Reading\Tagged;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Field;
use Marrow\Core\Intake\Column;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Origin\Received;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Things\Registered;

/** Lots as they go out in a file, headed so that the same file comes in again. */
final readonly class LotTable
{
    private const COLUMNS = [
        Column::Code, Column::Crop, Column::Latin, Column::Variety, Column::Type, Column::Year, Column::PackedFor, Column::Seeds, Column::Mass, Column::From,
        Column::How, Column::Container, Column::Place, Column::Germinates, Column::TestedOn, Column::Packet, Column::Treated, Column::Terms,
    ];

    private const AT_ONCE = 500;

    public function __construct(private Facts $facts) {}

    /** @param  Builder<LotStanding>  $query  in its order */
    public function of(string $title, Builder $query): TableDocument
    {
        $rows = [];
        foreach ($query->get()->chunk(self::AT_ONCE) as $some) {
            $ids = array_map(static fn (LotStanding $row): string => $row->lot_id, $some->all());
            [$lots, $received] = [Tagged::lots($ids), $this->received($ids)];
            foreach ($some as $row) {
                $rows[] = $this->row($row, $lots[$row->lot_id], $received[$row->lot_id] ?? null);
            }
        }

        return new TableDocument($title, array_map(static fn (Column $column): string => $column->label(), self::COLUMNS), $rows);
    }

    /** @return list<string> */
    private function row(LotStanding $row, Lot $lot, ?Received $received): array
    {
        $variety = $lot->variety;
        $crop = $this->facts->title($variety);
        $cells = [
            Column::Code->value => $lot->code(),
            Column::Crop->value => $crop->name,
            Column::Latin->value => $crop->latin,
            Column::Variety->value => $variety->name,
            Column::Type->value => self::type($lot),
            Column::Year->value => (string) $row->year,
            Column::PackedFor->value => (string) $received?->packedFor,
            Column::Seeds->value => $row->seeds === null ? '' : (string) (int) round($row->seeds),
            Column::Mass->value => $row->grams === null ? '' : Field::show(round($row->grams, 3)),
            Column::From->value => $received->from ?? '',
            Column::How->value => $received === null ? '' : Kind::declared(Received::class)->fields->field('how')->options[$received->how] ?? '',
            Column::Container->value => $row->container === null ? '' : ContainerKind::from($row->container)->label(),
            Column::Place->value => $row->store_place ?? '',
            Column::Germinates->value => self::share($row->rate ?? $received?->claimed),
            Column::TestedOn->value => $row->rate !== null ? substr((string) $row->tested_on, 0, 10) : (string) $received?->claimedOn,
            Column::Packet->value => $received->packet ?? '',
            Column::Treated->value => $received?->treated === true ? 'yes' : '',
            Column::Terms->value => $received->terms ?? '',
        ];

        return array_map(static fn (Column $column): string => $cells[$column->value], self::COLUMNS);
    }

    private static function type(Lot $lot): string
    {
        $generation = explode(' ', $lot->standing->generation ?? '')[0];

        return $generation !== '' ? $generation : $lot->variety->type->label();
    }

    private static function share(?float $share): string
    {
        return $share === null ? '' : Field::show(round($share * 100, 1)).' %';
    }

    /**
     * @param  array<array-key, string>  $lots  ids
     * @return array<string, Received> by lot
     */
    private function received(array $lots): array
    {
        $received = [];
        foreach (DB::table('journal_entries')->where('subject', Subject::Lot->value)->where('kind', 'received')->whereIn('subject_id', $lots)->get(['subject_id', 'payload']) as $entry) {
            /** @var object{subject_id: string, payload: string} $entry */
            $payload = Registered::kinds()->revive('received', (array) json_decode($entry->payload, true, flags: JSON_THROW_ON_ERROR));
            if ($payload instanceof Received) {
                $received[$entry->subject_id] = $payload;
            }
        }

        return $received;
    }
}
