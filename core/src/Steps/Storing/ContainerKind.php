<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Fields\Choice;

/** What seed is kept in. */
enum ContainerKind: string implements Choice
{
    case Jar = 'jar';
    case FoilPouch = 'foil_pouch';
    case PaperEnvelope = 'paper_envelope';
    case ClothBag = 'cloth_bag';
    case Tin = 'tin';
    case PlasticBag = 'plastic_bag';
    case Box = 'box';
    case Net = 'net';
    case Crate = 'crate';
    case Bowl = 'bowl';
    case Bucket = 'bucket';
    case Sieve = 'sieve';
    case Plate = 'plate';
    case Sack = 'sack';

    /** What seed stands in while it is got out and cleaned, and never in store. */
    public const VESSELS = [self::Bowl, self::Bucket, self::Sieve, self::Plate, self::Sack];

    public function label(): string
    {
        return match ($this) {
            self::Jar => 'glass jar',
            self::FoilPouch => 'foil pouch',
            self::PaperEnvelope => 'paper envelope',
            self::ClothBag => 'cloth bag',
            self::Tin => 'tin',
            self::PlasticBag => 'plastic bag',
            self::Box => 'box',
            self::Net => 'net',
            self::Crate => 'crate',
            self::Bowl => 'bowl',
            self::Bucket => 'bucket',
            self::Sieve => 'sieve',
            self::Plate => 'plate',
            self::Sack => 'sack',
        };
    }

    /**
     * Whether it keeps the air's moisture out, so that the seed stays as dry as it was put in. A tin's lid does not; a thin
     * plastic bag lets moisture through in weeks.
     */
    public function isTight(): bool
    {
        return $this === self::Jar || $this === self::FoilPouch;
    }

    /**
     * Minutes in which its middle makes up 63 % of a difference in temperature, as one filled with seed does on a table. A
     * stated assumption: by its size and what it is made of; a large box takes longer.
     */
    public function warmingMinutes(): float
    {
        return match ($this) {
            self::Jar => 40.0,
            self::Tin => 60.0,
            self::Box => 90.0,
            self::ClothBag, self::Crate, self::Bowl, self::Bucket, self::Sieve, self::Sack => 25.0,
            self::FoilPouch, self::PaperEnvelope, self::PlasticBag, self::Net, self::Plate => 15.0,
        };
    }

    /** @return list<string> words by which people call it, in small letters */
    public function calledBy(): array
    {
        return match ($this) {
            self::Jar => ['jar', 'glass', 'bottle', 'glas', 'gläser', 'flasche', 'schraubglas', 'bocal', 'bocaux', 'flacon', 'frasco', 'tarro', 'bote', 'barattolo', 'vasetto', 'vaso', 'flesje', 'potje', 'glazen'],
            self::FoilPouch => ['foil', 'pouch', 'folienbeutel', 'alubeutel', 'aluminium'],
            self::PaperEnvelope => ['envelope', 'packet', 'paper', 'sachet', 'pkt', 'pack', 'umschlag', 'papiertüte', 'tütchen', 'samentüte', 'briefchen', 'kuvert', 'enveloppe', 'papier', 'sobre', 'papel', 'busta', 'bustina', 'carta', 'envelop', 'zakje'],
            self::ClothBag => ['cloth', 'bag', 'cotton', 'muslin', 'sack', 'stoffbeutel', 'säckchen', 'tissu', 'sac', 'tela', 'saco', 'sacchetto', 'stof', 'katoen'],
            self::Tin => ['tin', 'can', 'dose', 'blechdose', 'lata', 'latta', 'blik'],
            self::PlasticBag => ['plastic', 'zip', 'polythene', 'plastiktüte', 'plastikbeutel', 'plastique', 'plástico', 'plastica'],
            self::Box => ['box', 'tub', 'drawer', 'schachtel', 'kiste', 'schublade', 'boîte', 'boite', 'caja', 'scatola', 'doos', 'doosje'],
            self::Net => ['net', 'netz', 'filet', 'rete'],
            self::Crate => ['crate', 'tray', 'caisse', 'cajón', 'cassetta', 'krat'],
            // What people write of seed in store is none of these: a sack there is a bag.
            self::Bowl, self::Bucket, self::Sieve, self::Plate, self::Sack => [],
        };
    }

    /** The kind that a text speaks of: the first of its words that says so, what it is made of before its shape. */
    public static function spokenOf(string $text): ?self
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($text)) ?: [];
        $has = static fn (string $word): bool => in_array($word, $words, true) || in_array($word.'s', $words, true) || in_array($word.'es', $words, true);
        // "Plastic bag" is plastic, "paper bag" paper, "plastic box" a box: it is the shape that a box has.
        foreach ([self::Jar, self::Box, self::Tin, self::Crate, self::Net, self::FoilPouch, self::PlasticBag, self::PaperEnvelope, self::ClothBag] as $kind) {
            if (array_filter($kind->calledBy(), $has) !== []) {
                return $kind;
            }
        }

        return null;
    }
}
