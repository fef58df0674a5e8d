<?php

declare(strict_types=1);

namespace App\Steps\Storing;

use App\Documents\FactDocument;
use App\Documents\OfferDocument;
use App\Moment;
use App\Sheet\SheetSection;
use App\Steps\Keeping\ForecastDocument;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\ForecastWords;
use App\Words\StockWords;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Stock\Withdrawn;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\Seen;
use Marrow\Core\Steps\Storing\Stored;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Work\Offer;

final class StoringSection implements SheetSection
{
    public function of(LotCourse $lot, When $when): array
    {
        $now = $lot->storing->main();
        $since = $now?->since;
        if ($now === null || $since === null) {
            return [];
        }
        $words = new ForecastWords($lot, $when);
        $forecast = $lot->forecast();

        return [new StoreDocument(
            $now->container->label(),
            $now->container->isTight(),
            $now->at->name,
            $now->at->temperatureC,
            $now->at->rh,
            Moment::say($since),
            StockWords::of($lot),
            self::facts($lot, $forecast, $words, $when),
            self::containers($lot, $when),
            $forecast === null ? null : ForecastDocument::of($forecast, $lot->facts->crop->test->minimum, $words, $when),
            $words->noForecast(),
            ($inside = $lot->storing->inside()) === null ? null : ShutInDocument::of($inside),
        )];
    }

    /** @return list<InContainerDocument> */
    private static function containers(LotCourse $lot, When $when): array
    {
        $shares = $lot->storing->shares();
        $unit = $lot->facts->crop->counts()->value;
        $each = [];
        foreach ($lot->storing->containers() as $id => $kept) {
            if ($kept->packet !== null) {
                // Packets for years have a section of their own.
                continue;
            }
            $seeds = $shares[$id] ?? null;
            $each[] = new InContainerDocument(
                $kept->container->label(),
                implode(' › ', $kept->path),
                $seeds === null ? ($kept->part === null && count($shares) > 1 ? 'the rest' : 'some') : Quantity::seedsOf($seeds, $lot->stock->stock->isCounted(), $unit),
                $kept->moisture === null ? '' : Quantity::moisture($kept->moisture),
                $kept->coldUntil === null || $kept->coldUntil <= $when->now ? null : $when->minute($kept->coldUntil),
                $id === '' ? [] : array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $lot->cautions()), [
                    Offer::of(Stored::class, 1)->given('into', $id)->usually('container', $kept->container->value)->usually('place_id', $kept->inside ?? $kept->placeId)->calledHere('Move it'),
                    Offer::of(Withdrawn::class, 2)->given('container', $id)->calledHere('Take some out'),
                    Offer::of(Seen::class, 3)->given('container', $id),
                ]),
            );
        }

        return $each;
    }

    /** @return list<FactDocument> */
    private static function facts(LotCourse $lot, ?Forecast $forecast, ForecastWords $words, When $when): array
    {
        $storing = $lot->storing;
        $now = $storing->main();
        $since = $now?->since;
        if ($now === null || $since === null) {
            return [];
        }
        $elsewhere = count($storing->containers()) - 1;
        $facts = [
            new FactDocument('There is', StockWords::of($lot) ?? 'not counted'),
            new FactDocument('Kept in', $now->container->label().', '.implode(' › ', $now->path).($elsewhere === 0 ? '' : ', and '.($elsewhere === 1 ? 'one other container' : "$elsewhere other containers"))),
            new FactDocument('At', ($now->at->isAirKnown ? '' : 'not measured, taken as a room: ').($now->at->isRhKnown ? sprintf("%s, %s\u{00A0}%% RH%s", Quantity::temperature($now->at->temperatureC), round($now->at->rh), $now->container->isTight() ? ' outside the container' : '') : Quantity::temperature($now->at->temperatureC).($now->container->isTight() ? '' : ', humidity not measured, taken as a room\'s'))),
            new FactDocument('Since', $when->date($since)),
        ];
        if ($now->moisture !== null) {
            $facts[] = new FactDocument('Moisture', $lot->treating->isWet() ? 'wet from its bath' : Quantity::moisture($now->moisture).($now->ground === MoistureGround::Assumed ? ', not measured: as in an ordinary room' : ''));
        }
        if ($now->frozenThough !== null) {
            $facts[] = new FactDocument('Frozen all the same', $now->frozenThough);
        }
        if ($forecast !== null) {
            $facts[] = new FactDocument('Alive, by the forecast', Quantity::percent($forecast->shareAt($when->now)).', '.Quantity::likely($forecast->limitsAt($when->now)));
        }

        return $facts;
    }
}
