<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Steps\Drying\DryingSurface;
use Marrow\Core\Steps\Cleaning\FermentCover;
use Marrow\Core\Steps\Cleaning\FermentStarted;
use Marrow\Core\Steps\Drying\JarRead;
use Marrow\Core\Steps\Notes\Noted;
use Marrow\Core\Steps\Growing\OffTypesSeen;
use Marrow\Core\Steps\Origin\Picked;
use Marrow\Core\Steps\Cleaning\PouredOff;
use Marrow\Core\Steps\Stock\Purpose;
use Marrow\Core\Steps\Cleaning\Rinsed;
use Marrow\Core\Steps\Stock\SampleWeighed;
use Marrow\Core\Steps\Growing\Sown;
use Marrow\Core\Steps\Drying\Spread;
use Marrow\Core\Steps\Storing\Stored;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Steps\Testing\TestCounted;
use Marrow\Core\Steps\Testing\TestMethod;
use Marrow\Core\Steps\Testing\TestStarted;
use Marrow\Core\Steps\Cleaning\Threshed;
use Marrow\Core\Steps\Drying\Weighed;
use Marrow\Core\Steps\Cleaning\Winnowed;
use Marrow\Core\Steps\Stock\Withdrawn;

/** Journal entries as sentences. */
final class EntryWords
{
    public static function title(EntryKind $kind): string
    {
        return match ($kind) {
            EntryKind::Sown => 'Sown',
            EntryKind::FirstBloom => 'First bloom',
            EntryKind::LastBloom => 'Last bloom',
            EntryKind::OffTypesSeen => 'Looked over for off-types',
            EntryKind::Picked => 'Picked',
            EntryKind::FermentStarted => 'Put to ferment',
            EntryKind::PouredOff => 'Poured off',
            EntryKind::Rinsed => 'Rinsed',
            EntryKind::Threshed => 'Threshed',
            EntryKind::Winnowed => 'Winnowed',
            EntryKind::Spread => 'Spread to dry',
            EntryKind::Weighed => 'Weighed',
            EntryKind::JarRead => 'Jar humidity read',
            EntryKind::SampleWeighed => 'Seeds counted and weighed',
            EntryKind::TestStarted => 'Set to germinate',
            EntryKind::TestCounted => 'Seedlings counted',
            EntryKind::TestEnded => 'Test ended',
            EntryKind::Stored => 'Stored',
            EntryKind::Withdrawn => 'Taken out',
            EntryKind::Noted => 'Note',
            EntryKind::Struck => 'Struck',
        };
    }

    public static function figures(Entry $entry): string
    {
        $parts = match (true) {
            $entry->payload instanceof Sown => self::sown($entry->payload),
            $entry->payload instanceof OffTypesSeen => [sprintf('%d of %s', $entry->payload->off, Quantity::number($entry->payload->seen, 'plant')), $entry->payload->how],
            $entry->payload instanceof Picked => self::picked($entry->payload),
            $entry->payload instanceof FermentStarted => [Quantity::temperature($entry->payload->temperatureC), self::cover($entry->payload->cover)],
            $entry->payload instanceof PouredOff => [Quantity::number($entry->payload->passes, 'time'), $entry->payload->sprouted ? 'sprouted seed seen' : ''],
            $entry->payload instanceof Rinsed => [$entry->payload->water],
            $entry->payload instanceof Threshed, $entry->payload instanceof Winnowed => [self::mass($entry->payload->massG)],
            $entry->payload instanceof Spread => self::spread($entry->payload),
            $entry->payload instanceof Weighed => [self::mass($entry->payload->massG)],
            $entry->payload instanceof JarRead => [round($entry->payload->rh).' % RH', Quantity::temperature($entry->payload->temperatureC)],
            $entry->payload instanceof SampleWeighed => [sprintf('%d × %d seeds', count($entry->payload->massesG), $entry->payload->counted), implode(', ', array_map(self::mass(...), $entry->payload->massesG))],
            $entry->payload instanceof TestStarted => self::testStarted($entry->payload),
            $entry->payload instanceof TestCounted => self::testCounted($entry->payload),
            $entry->payload instanceof Stored => self::stored($entry->payload),
            $entry->payload instanceof Withdrawn => self::withdrawn($entry->payload),
            $entry->payload instanceof Noted => [$entry->payload->text],
            $entry->payload instanceof Struck => [$entry->payload->reason],
            default => [],
        };

        return implode(', ', array_filter($parts, static fn (string $part): bool => $part !== ''));
    }

    public static function container(ContainerKind $container): string
    {
        return match ($container) {
            ContainerKind::Jar => 'glass jar',
            ContainerKind::FoilPouch => 'foil pouch',
            ContainerKind::PaperEnvelope => 'paper envelope',
            ContainerKind::ClothBag => 'cloth bag',
            ContainerKind::Tin => 'tin',
        };
    }

    public static function method(TestMethod $method): string
    {
        return match ($method) {
            TestMethod::DampTowel => 'damp towel',
            TestMethod::RolledCloth => 'rolled cloth',
            TestMethod::Dish => 'dish',
            TestMethod::Sand => 'sand',
        };
    }

    private static function cover(FermentCover $cover): string
    {
        return match ($cover) {
            FermentCover::Cloth => 'under a cloth',
            FermentCover::Open => 'open',
            FermentCover::LooseLid => 'loose lid',
        };
    }

    private static function surface(DryingSurface $surface): string
    {
        return match ($surface) {
            DryingSurface::Mesh => 'on mesh',
            DryingSurface::Plate => 'on a plate',
            DryingSurface::CoffeeFilter => 'on a coffee filter',
            DryingSurface::Paper => 'on paper',
            DryingSurface::Tray => 'on a tray',
            DryingSurface::HungBag => 'hung in a bag',
        };
    }

    private static function purpose(Purpose $purpose): string
    {
        return match ($purpose) {
            Purpose::Sowing => 'to sow',
            Purpose::Gift => 'given away',
            Purpose::Swap => 'swapped',
            Purpose::Eaten => 'eaten',
            Purpose::Lost => 'lost',
            Purpose::Discarded => 'thrown out',
        };
    }

    private static function mass(?float $grams): string
    {
        // As it was weighed, not rounded: this is the record, not a forecast.
        return $grams === null ? '' : rtrim(rtrim(number_format($grams, 3, '.', "\u{00A0}"), '0'), '.')."\u{00A0}g";
    }

    /** @return list<string> */
    private static function sown(Sown $sown): array
    {
        return [Quantity::number($sown->plants, 'plant'), $sown->sownFrom === '' ? '' : 'from '.$sown->sownFrom];
    }

    /** @return list<string> */
    private static function picked(Picked $picked): array
    {
        return [
            $picked->fruits === null ? '' : Quantity::number($picked->fruits, 'fruit, pod or head', 'fruits, pods or heads'),
            'off '.Quantity::number($picked->plants, 'plant'),
            self::mass($picked->massG),
        ];
    }

    /** @return list<string> */
    private static function spread(Spread $spread): array
    {
        return [
            self::surface($spread->surface),
            self::mass($spread->massG),
            $spread->moisture === null ? '' : 'at '.Quantity::moisture($spread->moisture).' moisture',
        ];
    }

    /** @return list<string> */
    private static function testStarted(TestStarted $set): array
    {
        return [
            $set->replicates === 1 ? Quantity::number($set->seeds, 'seed') : sprintf('%d × %d seeds', $set->replicates, $set->seeds),
            self::method($set->method),
            Quantity::temperature($set->temperatureC),
        ];
    }

    /** @return list<string> */
    private static function testCounted(TestCounted $counted): array
    {
        $abnormal = array_sum($counted->abnormal);
        $each = count($counted->normal) > 1 ? ' ('.implode(' + ', $counted->normal).')' : '';

        return [array_sum($counted->normal).' new'.$each, $abnormal === 0 ? '' : $abnormal.' abnormal'];
    }

    /** @return list<string> */
    private static function stored(Stored $stored): array
    {
        return [
            self::container($stored->container),
            $stored->place,
            $stored->seeds === null ? '' : Quantity::seeds($stored->seeds),
            self::mass($stored->massG),
        ];
    }

    /** @return list<string> */
    private static function withdrawn(Withdrawn $withdrawn): array
    {
        return [
            $withdrawn->seeds === null ? self::mass($withdrawn->massG) : Quantity::seeds($withdrawn->seeds),
            self::purpose($withdrawn->purpose),
            $withdrawn->to,
        ];
    }
}
