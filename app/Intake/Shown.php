<?php

declare(strict_types=1);

namespace App\Intake;

use App\Documents\IntakeDoubtDocument;
use App\Documents\IntakeLineDocument;
use App\Voice\Quantity;
use App\Voice\Speaking;
use DateTimeImmutable;
use Marrow\Core\Intake\CellDoubt;
use Marrow\Core\Intake\Column;
use Marrow\Core\Steps\Origin\Received;

/** A line as it was understood, said back. */
final class Shown
{
    public static function line(WorkedLine $line, Working $working): IntakeLineDocument
    {
        $new = $line->new;

        return new IntakeLineDocument(
            $line->id,
            $line->status(),
            (object) ($new === null ? [] : self::cells($new)),
            $new === null ? '' : $working->newPlace($new->course->storing->now->placeId ?? ''),
            $new !== null && in_array($new->lot->variety, $working->newVarieties, true),
            $new !== null && $new->lot->variety->type->isHybrid(),
            array_map(static fn (CellDoubt $doubt): IntakeDoubtDocument => new IntakeDoubtDocument($doubt->column->value, $doubt->message, $doubt->stops, $doubt->instead), $line->doubts),
        );
    }

    /** @return array<string, string> */
    private static function cells(NewLot $new): array
    {
        $received = $new->course->origin->received;
        $kept = $new->course->storing->now;

        return array_filter([
            Column::Crop->value => $new->course->facts->crop->name,
            Column::Variety->value => $new->lot->variety->name,
            Column::Year->value => self::year($received),
            Column::Amount->value => self::amount($received),
            Column::From->value => $received->from ?? '',
            Column::Container->value => $kept === null ? '' : $kept->container->label(),
            Column::Place->value => $kept === null ? '' : implode(' › ', $kept->path),
            Column::Germinates->value => $received?->claimed === null ? '' : Quantity::percent($received->claimed),
            Column::TestedOn->value => $received?->claimedOn === null ? '' : Speaking::forms()->day(new DateTimeImmutable($received->claimedOn)),
        ], static fn (string $text): bool => $text !== '');
    }

    private static function year(?Received $received): string
    {
        return $received?->year !== null ? (string) $received->year : ($received?->packedFor === null ? 'not known' : "packed for $received->packedFor");
    }

    private static function amount(?Received $received): string
    {
        $said = array_filter([
            $received?->seeds === null ? '' : Quantity::number($received->seeds, 'seed'),
            $received?->massG === null ? '' : Quantity::grams($received->massG),
        ]);

        return $said === [] ? 'some' : ($received?->about === true ? 'about ' : '').implode(', ', $said);
    }
}
