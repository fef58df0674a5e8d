<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Steps\Drying\JarRead;
use Marrow\Core\Steps\Drying\Spread;
use Marrow\Core\Steps\Packets\Portioned;
use Marrow\Core\Steps\Stock\SampleWeighed;
use Marrow\Core\Steps\Stock\Withdrawn;
use Marrow\Core\Steps\Testing\TestStarted;
use Marrow\Core\Steps\Treating\Bathed;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/**
 * Containers that came out of the cold: shut until they are warmer than the dew point of the room, or water settles on the
 * seed. Whatever is done with the seed, its container is opened for it. It stands before the store, which moves them.
 */
final class OpeningStrand extends Strand
{
    public function __construct(private readonly Kepts $kepts) {}

    #[Takes]
    public function opened(Opened $opened, Entry $entry): void
    {
        $this->open($entry);
    }

    #[Takes]
    public function withdrawn(Withdrawn $withdrawn, Entry $entry): void
    {
        $this->open($entry, $withdrawn->container);
    }

    #[Takes]
    public function testStarted(TestStarted $test, Entry $entry): void
    {
        $this->open($entry);
    }

    #[Takes]
    public function sampled(SampleWeighed $sample, Entry $entry): void
    {
        $this->open($entry);
    }

    #[Takes]
    public function jarRead(JarRead $read, Entry $entry): void
    {
        $this->open($entry);
    }

    #[Takes]
    public function spread(Spread $spread, Entry $entry): void
    {
        $this->open($entry);
    }

    #[Takes]
    public function bathed(Bathed $bathed, Entry $entry): void
    {
        $this->open($entry);
    }

    #[Takes]
    public function portioned(Portioned $portioned, Entry $entry): void
    {
        $this->open($entry);
    }

    #[Takes]
    public function divided(Divided $divided, Entry $entry): void
    {
        $this->open($entry);
    }

    /** Put into something else it is opened; moved as it is, it is not. */
    #[Takes]
    public function stored(Stored $stored, Entry $entry): void
    {
        foreach ($this->kepts->all as $id => $kept) {
            if ((string) $id === ($stored->into ?? Kepts::ONLY) && $kept->container !== $stored->container) {
                $this->open($entry);
            }
        }
    }

    /** Whether what is recorded so means that its container is opened. */
    public static function opens(Kind $kind): bool
    {
        return array_any(self::takes(), static fn (array $taken): bool => $taken[0] !== Stored::class && $kind->name === Kind::declared($taken[0])->name);
    }

    public function wants(): array
    {
        $tasks = [];
        foreach ($this->kepts->all as $kept) {
            if ($kept->coldUntil !== null && $kept->warmingSince !== null) {
                $tasks[] = new Task(StoringTask::LeaveShut, Place::Store, $kept->warmingSince, $kept->warmingSince, $kept->coldUntil, Loss::Seed, [
                    'until' => $kept->coldUntil->format('Y-m-d H:i'),
                    'container' => $kept->container->label(),
                    'place' => $kept->at->name,
                ], lapses: $kept->coldUntil);
            }
        }

        return $tasks;
    }

    public function offers(): array
    {
        return array_filter($this->kepts->all, static fn (Kept $kept): bool => $kept->coldUntil !== null) === [] ? [] : [Offer::of(Opened::class, 45)];
    }

    /** @param  ?string  $which  id of the container that is opened; what is in none of the others where nobody says */
    private function open(Entry $entry, ?string $which = null): void
    {
        $opened = ($which === null ? null : $this->kepts->all[$which] ?? null) ?? $this->kepts->rest();
        foreach ($this->kepts->all as $kept) {
            $kept->pass($entry->happenedAt);
            if ($kept === $opened && $kept->coldUntil === null && Freezing::is($kept->at)) {
                $this->doubt('happened_at', sprintf(
                    'It lies in %s, at %s °C: opened there, or cold, water from the air settles on the seed. Bring it into the room shut, say so, and open it when it is warm.',
                    $kept->at->name,
                    Field::show($kept->at->temperatureC),
                ));
            }
            if ($kept->coldUntil !== null && $entry->happenedAt < $kept->coldUntil) {
                $this->doubt('happened_at', sprintf(
                    'It came out of the cold on %s. Opened before about %s, water from the air of %s settles on the seed: leave it shut until then.',
                    Show::moment($kept->warmingSince ?? $entry->happenedAt),
                    Show::moment($kept->coldUntil),
                    $kept->at->name,
                ));
            } elseif ($kept->coldUntil !== null) {
                [$kept->coldUntil, $kept->warmingSince] = [null, null];
            }
        }
    }
}
