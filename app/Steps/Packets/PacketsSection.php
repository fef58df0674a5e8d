<?php

declare(strict_types=1);

namespace App\Steps\Packets;

use App\Documents\FactDocument;
use App\Documents\OfferDocument;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Fields\Show;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\Portioning;
use Marrow\Core\Steps\Packets\Packet;
use Marrow\Core\Steps\Stock\Purpose;
use Marrow\Core\Steps\Stock\Withdrawn;
use Marrow\Core\Steps\Storing\Kept;
use Marrow\Core\Steps\Storing\Seen;
use Marrow\Core\Steps\Storing\Stored;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Work\Offer;

final class PacketsSection implements SheetSection
{
    public function of(LotCourse $lot, When $when): array
    {
        $all = $lot->packets->all();
        if ($all === [] && $lot->packets->reserve === 0) {
            return [];
        }
        $packets = [];
        foreach ($all as $id => $kept) {
            if ($kept->packet !== null) {
                $packets[] = self::packet($lot, (string) $id, $kept, $kept->packet, $when);
            }
        }

        return [new PacketsDocument($packets === [] ? 'Reserve' : 'Packets', self::facts($lot), $packets)];
    }

    /** @return list<FactDocument> */
    private static function facts(LotCourse $lot): array
    {
        $unit = $lot->facts->crop->counts()->value;
        $spare = $lot->packets->spareSeeds();
        $reserve = $lot->packets->reserve;
        $there = $lot->stock->stock->seeds();
        $short = $there !== null && $there < $reserve;

        return array_values(array_filter([
            $reserve === 0 ? null : new FactDocument('Kept in reserve', $short ? sprintf('all that is left: %s of the %s wanted', Quantity::seedsOf($there, $lot->stock->stock->isCounted(), $unit), Quantity::seeds($reserve, $unit)) : Quantity::seeds($reserve, $unit)),
            $spare === null || $short ? null : new FactDocument('Beyond that', Quantity::seedsOf($spare, $lot->stock->stock->isCounted(), $unit)),
        ]));
    }

    private static function packet(LotCourse $lot, string $id, Kept $kept, Packet $packet, When $when): PacketDocument
    {
        $unit = $lot->facts->crop->counts()->value;
        $seeds = $kept->part === null ? null : (int) round($kept->part);
        $forecast = $lot->forecastIn($id);
        $sowing = Portioning::sowing($lot->facts->crop, $packet->year, $lot->practice->year);

        return new PacketDocument(
            $id,
            $packet->code,
            $packet->year,
            $packet->plants,
            $seeds,
            $kept->emptiedAt !== null
                ? 'used up '.$when->date($kept->emptiedAt)
                : self::held($packet, $seeds ?? 0, $unit),
            implode(' › ', $kept->path),
            $kept->emptiedAt !== null,
            $forecast === null || $kept->emptiedAt !== null || $sowing < $when->now ? '' : Quantity::percent($forecast->shareAt($sowing)).' alive then, '.Quantity::likely($forecast->limitsAt($sowing)),
            $kept->emptiedAt !== null ? '' : self::remark($lot, $packet, $seeds, $forecast, $when),
            $kept->emptiedAt !== null ? [] : array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $lot->cautions()), [
                Offer::of(Withdrawn::class, 1)->given('container', $id)->usually('purpose', Purpose::Sowing->value)->usually('seeds', $seeds)->calledHere('Take it out'),
                Offer::of(Stored::class, 2)->given('into', $id)->usually('container', $kept->container->value)->usually('place_id', $kept->inside ?? $kept->placeId)->calledHere('Move it'),
                Offer::of(Seen::class, 3)->given('container', $id),
            ]),
        );
    }

    /** "21 seeds for 12 plants", or, once some were taken: "16 seeds left of 21, made for 12 plants". */
    private static function held(Packet $packet, int $seeds, string $unit): string
    {
        $plants = $packet->plants === null ? '' : Quantity::number($packet->plants, 'plant');

        return match (true) {
            $seeds < $packet->made => sprintf('%s left of %s%s', Quantity::seeds($seeds, $unit), Show::count($packet->made), $plants === '' ? '' : ", made for $plants"),
            default => Quantity::seeds($seeds, $unit).($plants === '' ? '' : " for $plants"),
        };
    }

    /** What was reckoned when it was made may not hold any more: a test came since, or it lay in another place. */
    private static function remark(LotCourse $lot, Packet $packet, ?int $seeds, ?Forecast $forecast, When $when): string
    {
        if ($packet->year < $lot->practice->year->shift->turn->season($when->now)) {
            return 'Its year is past. Sow it, or put the seed back with the rest.';
        }
        $wanted = $seeds === null ? null : Portioning::wantedBeyond($lot, $packet, $forecast, (int) floor(max($seeds, $packet->made) * 1.1));
        if ($wanted === null) {
            return '';
        }

        return sprintf('By what is known now %s would be wanted for as many plants: put %d more in, or expect fewer.', Quantity::seeds($wanted, $lot->facts->crop->counts()->value), $wanted - $seeds);
    }
}
