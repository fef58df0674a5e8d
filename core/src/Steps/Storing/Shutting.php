<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\Damp;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\ShutIn;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Doubt;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Drying\DryingStrand;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Origin\OriginStrand;

/** What is asked before seed is shut into something tight: damp it moulds in there, and nobody sees it. */
final readonly class Shutting
{
    /** Hours; seed threshed or winnowed as lately as this is as damp as the plant was. */
    private const GREEN_HOURS = 48;

    public function __construct(private Crop $crop, private OriginStrand $origin, private CleaningStrand $cleaning, private DryingStrand $drying) {}

    /** @return ?Doubt null where it is known to be dry enough, or what it goes into breathes */
    public function asks(Kept $kept, ?float $moisture, ?MoistureGround $ground, Entry $entry): ?Doubt
    {
        $jar = $this->crop->jarMoisture;
        if (! $kept->container->isTight() || ! $this->crop->bearsDrying() || $jar === null) {
            return null;
        }
        $in = $kept->container->label();
        if ($ground !== MoistureGround::Assumed && $moisture !== null) {
            $inside = ShutIn::of($this->crop->balance, $moisture, $kept->at->temperatureC);

            return $inside->damp === Damp::Dry || $inside->damp === Damp::Freezes ? null : new Doubt('container', sprintf(
                'By what is known it holds %s %% water: shut into a %s, the air in there comes to about %d %% humidity, and %s. Dry it to %s %% first, or leave it in paper or cloth.',
                Field::show(round($moisture, 1)), $in, (int) round(100 * $inside->rh),
                match ($inside->damp) {
                    Damp::Ages => 'it ages faster than dry seed',
                    Damp::Moulds => $inside->isCool ? 'it moulds unseen, slowly in the cold' : 'it moulds unseen within weeks to months',
                    default => 'it moulds unseen within days to weeks',
                },
                Field::show(round($jar, 1)),
            ));
        }
        // It came in it.
        if ($this->origin->cameClean() && $this->origin->receivedAt == $entry->happenedAt) {
            return null;
        }

        return new Doubt('container', sprintf('%s. Shut into a %s damp seed moulds unseen: read a closed jar first, or leave it in paper or cloth until it is dry.', $this->evidence($entry->happenedAt), $in));
    }

    private function evidence(DateTimeImmutable $now): string
    {
        $wet = $this->cleaning->wetAt;
        $green = $this->cleaning->threshedAt;

        return match (true) {
            $wet !== null && self::hours($wet, $now) < Evidence::DRY_WITHIN_HOURS => sprintf('It was wet %s ago', self::ago($wet, $now)),
            $green !== null && self::hours($green, $now) < self::GREEN_HOURS => sprintf('It was threshed %s ago, and seed straight from the plant is damp', self::ago($green, $now)),
            $this->drying->verdict() === DryingVerdict::ByHand => 'By hand it is dry, which tells dry from damp and not dry enough from nearly',
            $this->drying->verdict() === DryingVerdict::Steady => 'Its weight is steady: it is in balance with the room, which does not say how dry that is',
            default => 'Nothing says how dry it is',
        };
    }

    private static function hours(DateTimeImmutable $then, DateTimeImmutable $now): float
    {
        return ($now->getTimestamp() - $then->getTimestamp()) / 3600;
    }

    private static function ago(DateTimeImmutable $then, DateTimeImmutable $now): string
    {
        $hours = max(0.0, self::hours($then, $now));

        return match (true) {
            $hours < 1.5 => 'an hour',
            $hours < 36.0 => Show::count(round($hours)).' hours',
            default => Show::count(round($hours / 24.0)).' days',
        };
    }
}
