<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Botany\Caution;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Harvest\ShelfWindow;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Fruit of a planting that lies on the shelf until its seed is ripe. */
final class ShelfStrand extends Strand
{
    /** Days within which the seed of an opened fruit is taken out, before it dries on or sprouts. */
    private const OPEN_DAYS = 2;

    /** @var array<int, ShelvedFruit> by their numbers */
    public array $fruits = [];

    public function __construct(private readonly Crop $crop, private readonly GrowingStrand $growing, private readonly Practice $practice) {}

    #[Takes]
    public function shelved(FruitShelved $shelved, Entry $entry): void
    {
        if ($this->growing->sownAt === null) {
            throw Misfit::at('happened_at', $this->closed());
        }
        if (! $this->takesFruit()) {
            throw Misfit::outOfPlace($this->closed());
        }
        if (isset($this->fruits[$shelved->fruit])) {
            throw Misfit::at('fruit', sprintf('There is a fruit %d of this planting already. The next free number is %d.', $shelved->fruit, $this->next()));
        }
        $this->fruits[$shelved->fruit] = new ShelvedFruit($shelved, $entry->happenedAt, $this->windowFrom($entry->happenedAt));
        ksort($this->fruits);
        $this->growing->shelvedAt ??= $entry->happenedAt;
    }

    #[Takes]
    public function seen(FruitSeen $seen, Entry $entry): void
    {
        foreach ($this->lying($seen->fruits) as $fruit) {
            [$fruit->state, $fruit->seenAt] = [$seen->how, $entry->happenedAt];
        }
    }

    #[Takes]
    public function moved(FruitMoved $moved): void
    {
        foreach ($this->lying($moved->fruits) as $fruit) {
            $fruit->placeId = $moved->placeId;
        }
    }

    #[Takes]
    public function cut(FruitCut $cut, Entry $entry): void
    {
        [$fruit] = $this->lying([$cut->fruit], 'fruit');
        $window = $fruit->window();
        if ($window !== null && $entry->happenedAt < $window->from && $fruit->state === FruitState::Sound) {
            $this->doubt('happened_at', sprintf('Fruit %d is sound, and its seed goes on ripening in it until %s.', $cut->fruit, Show::day($window->from)));
        }
        [$fruit->cut, $fruit->cutAt] = [$cut, $entry->happenedAt];
    }

    #[Takes]
    public function tasted(FruitTasted $tasted): void
    {
        $fruit = $this->known($tasted->fruit, 'fruit');
        if ($fruit->cut === null) {
            throw Misfit::at('fruit', sprintf('Fruit %d had not been cut open by then, by what is recorded.', $tasted->fruit));
        }
        $beware = $this->beware($fruit);
        if ($beware !== '') {
            $this->doubt('fruit', $beware);
        }
        $fruit->tasted = new FruitTasted($tasted->fruit, $tasted->raw ?? $fruit->tasted?->raw, $tasted->cooked ?? $fruit->tasted?->cooked);
    }

    #[Takes]
    public function off(FruitOff $off, Entry $entry): void
    {
        foreach (array_map(fn (int $number): ShelvedFruit => $this->known($number), array_values(array_unique($off->fruits))) as $fruit) {
            if ($fruit->gone !== null || $fruit->lot !== null) {
                throw self::passed($fruit, 'fruits');
            }
            [$fruit->gone, $fruit->goneAt] = [$off->why, $entry->happenedAt];
        }
    }

    #[Takes]
    public function seed(FruitSeed $seed, Entry $entry): void
    {
        $fruits = array_map(fn (int $number): ShelvedFruit => $this->known($number), array_values(array_unique($seed->fruits)));
        foreach ($fruits as $fruit) {
            if ($fruit->lot !== null) {
                throw self::passed($fruit, 'fruits');
            }
            if ($fruit->gone !== null && $fruit->gone !== FruitGone::Rotten) {
                throw self::passed($fruit, 'fruits');
            }
        }
        $bitter = self::named(array_filter($fruits, static fn (ShelvedFruit $fruit): bool => $fruit->cut?->bitter === 'yes'));
        if ($bitter !== '') {
            $this->doubt('fruits', "Bitter: $bitter. It is crossed with a gourd or has gone back to one, and so will its seed.");
        }
        $untasted = self::named(array_filter($fruits, static fn (ShelvedFruit $fruit): bool => $fruit->tasted === null));
        if ($untasted !== '' && $this->tastesFirst()) {
            $this->doubt('fruits', "Not tasted: $untasted. Here seed is kept of what was tasted.");
        }
        foreach ($fruits as $fruit) {
            $fruit->lot = $seed->lot;
            $fruit->cutAt ??= $entry->happenedAt;
        }
    }

    public static function taskKinds(): string
    {
        return ShelfTask::class;
    }

    public function wants(): array
    {
        return array_values(array_filter([$this->lookOver(), $this->open(), $this->takeOut()]));
    }

    public function offers(): array
    {
        if (! $this->takesFruit()) {
            return [];
        }
        $lying = $this->whole();
        $open = array_filter($this->fruits, static fn (ShelvedFruit $fruit): bool => $fruit->cut !== null && $fruit->lot === null && $fruit->gone === null);
        $numbers = self::numbers($lying);

        return [
            Offer::of(FruitShelved::class, $this->crop->ripening->afterRipening === null ? 78 : 40)->usually('fruit', $this->next())->usually('stalk', $this->practice->word('fruit_stalk')),
            ...($lying === [] ? [] : [
                Offer::of(FruitSeen::class, 12)->usually('fruits', $numbers),
                Offer::of(FruitCut::class, 13)->usually('fruit', $this->first($lying)),
                Offer::of(FruitOff::class, 44),
                Offer::of(FruitMoved::class, 79)->usually('fruits', $numbers),
            ]),
            ...($open === [] ? [] : [
                Offer::of(FruitTasted::class, 14)->usually('fruit', $this->first($open)),
                Offer::of(FruitSeed::class, 11)->usually('fruits', self::numbers($open)),
            ]),
        ];
    }

    /** @return array<int, ShelvedFruit> those that lie there */
    public function whole(): array
    {
        return array_filter($this->fruits, static fn (ShelvedFruit $fruit): bool => $fruit->lies());
    }

    /** How many lie there, or are open with their seed in them. */
    public function count(): int
    {
        return count(array_filter($this->fruits, static fn (ShelvedFruit $fruit): bool => $fruit->lies() || $fruit->wantsTakingOut()));
    }

    /** Whether fruit of it may be laid there, by what is recorded. */
    public function takesFruit(): bool
    {
        return $this->closed() === '';
    }

    /** Why no fruit of it can be laid there, by what is recorded; '' where it can. */
    public function closed(): string
    {
        return match (true) {
            $this->growing->sownAt === null => 'By what is recorded it had not been sown yet.',
            ! $this->crop->isWetCleaned() && $this->crop->ripening->afterRipening === null => sprintf('%s seed ripens dry on the plant; nothing of it lies on a shelf as fruit.', $this->crop->name),
            default => '',
        };
    }

    /** The next number that is free. */
    public function next(): int
    {
        return $this->fruits === [] ? 1 : max(array_keys($this->fruits)) + 1;
    }

    /** Whether fruit of this crop may be bitter, and so poisonous. */
    public function mayBeBitter(): bool
    {
        return in_array(Caution::BitterCucurbit, $this->crop->cautions, true);
    }

    /** What whoever eats of it is told first: that it was bitter, or that nobody tried a crumb where it may be; '' where it is known to be mild. */
    public function beware(ShelvedFruit $fruit): string
    {
        return match (true) {
            $fruit->cut?->bitter === 'yes' => sprintf('Fruit %d was bitter. Nothing of it is eaten: what is bitter in squash and gourd is poisonous.', $fruit->number()),
            $fruit->cut?->bitter === null && $this->mayBeBitter() => sprintf('Nobody says that a crumb of fruit %d was tried first and spat out. What is bitter in squash and gourd is poisonous.', $fruit->number()),
            default => '',
        };
    }

    public function tastesFirst(): bool
    {
        return $this->practice->word('taste_first') === 'yes';
    }

    private function windowFrom(\DateTimeImmutable $picked): ?ShelfWindow
    {
        $days = $this->crop->ripening->lies();

        return $days[2] === 0 ? null : ShelfWindow::of($days, $picked);
    }

    private function lookOver(): ?Task
    {
        $lying = $this->whole();
        if ($lying === []) {
            return null;
        }
        $since = min(array_map(static fn (ShelvedFruit $fruit): \DateTimeImmutable => $fruit->seenAt, array_values($lying)));
        $every = (int) $this->practice->number('fruit_look_days');
        $wanted = $since->setTime(9, 0)->modify("+$every days");

        return new Task(ShelfTask::LookOver, Place::Plot, $wanted, $wanted, null, Loss::Nothing, ['fruits' => count($lying), 'since' => $since->format('Y-m-d')], self::numbers($lying));
    }

    /** Those that are opened within a week of the first: it is one morning's work. */
    private function open(): ?Task
    {
        $windows = array_filter(array_map(static fn (ShelvedFruit $fruit): ?ShelfWindow => $fruit->window(), $this->whole()));
        if ($windows === []) {
            return null;
        }
        $first = self::earliest(array_map(static fn (ShelfWindow $window): \DateTimeImmutable => $window->best, $windows));
        $together = array_filter($windows, static fn (ShelfWindow $window): bool => $window->best <= $first->modify('+7 days'));
        $which = array_keys($together);
        $states = array_values(array_unique(array_map(fn (int $number): string => $this->fruits[$number]->state->label(), array_filter($which, fn (int $number): bool => $this->fruits[$number]->state !== FruitState::Sound))));

        return new Task(ShelfTask::Open, Place::Plot, self::earliest(array_map(static fn (ShelfWindow $window): \DateTimeImmutable => $window->from, $together)), $first, self::earliest(array_map(static fn (ShelfWindow $window): \DateTimeImmutable => $window->until, $together)), Loss::Seed, [
            'fruits' => count($which),
            'which' => implode(', ', $which),
            'states' => implode(', ', $states),
            'short' => (int) array_any($together, static fn (ShelfWindow $window): bool => $window->isShort),
        ]);
    }

    private function takeOut(): ?Task
    {
        $open = array_filter($this->fruits, static fn (ShelvedFruit $fruit): bool => $fruit->wantsTakingOut());
        $cut = array_filter(array_map(static fn (ShelvedFruit $fruit): ?\DateTimeImmutable => $fruit->cutAt, array_values($open)));
        if ($cut === []) {
            return null;
        }
        $first = min($cut);

        return new Task(ShelfTask::TakeOut, Place::Plot, $first, $first->modify('+1 day'), $first->modify(sprintf('+%d days', self::OPEN_DAYS)), Loss::Seed, [
            'fruits' => count($open),
            'which' => implode(', ', array_keys($open)),
            'taste' => (int) ($this->tastesFirst() && array_any($open, static fn (ShelvedFruit $fruit): bool => $fruit->tasted === null)),
        ]);
    }

    /**
     * @param  list<int>  $numbers
     * @return non-empty-list<ShelvedFruit> that lie there whole
     *
     * @throws Misfit where one does not
     */
    private function lying(array $numbers, string $field = 'fruits'): array
    {
        $fruits = array_map(fn (int $number): ShelvedFruit => $this->known($number, $field), array_values(array_unique($numbers)));
        foreach ($fruits as $fruit) {
            if (! $fruit->lies()) {
                throw self::passed($fruit, $field);
            }
        }

        return $fruits === [] ? throw Misfit::at($field, 'Say which fruit.') : $fruits;
    }

    /** @throws Misfit */
    private function known(int $number, string $field = 'fruits'): ShelvedFruit
    {
        return $this->fruits[$number] ?? throw Misfit::at($field, sprintf('No fruit %d of this planting was laid on the shelf by then, by what is recorded.', $number));
    }

    private static function passed(ShelvedFruit $fruit, string $field): Misfit
    {
        return Misfit::at($field, match (true) {
            $fruit->gone !== null => sprintf('Fruit %d came off the shelf on %s: %s.', $fruit->number(), Show::day($fruit->goneAt ?? $fruit->seenAt), $fruit->gone->label()),
            $fruit->lot !== null => sprintf('The seed of fruit %d has been taken out already.', $fruit->number()),
            default => sprintf('Fruit %d was cut open on %s.', $fruit->number(), Show::day($fruit->cutAt ?? $fruit->seenAt)),
        });
    }

    /** @param  array<int, \DateTimeImmutable>  $days  one of them at least */
    private static function earliest(array $days): \DateTimeImmutable
    {
        return array_reduce($days, static fn (?\DateTimeImmutable $first, \DateTimeImmutable $day): \DateTimeImmutable => $first === null ? $day : min($first, $day)) ?? throw new \LogicException('Of no days there is no first.');
    }

    /** @param  array<int, ShelvedFruit>  $fruits */
    private static function named(array $fruits): string
    {
        return implode(', ', array_map(static fn (ShelvedFruit $fruit): string => "fruit {$fruit->number()}", $fruits));
    }

    /** @param  array<int, ShelvedFruit>  $fruits */
    private static function numbers(array $fruits): string
    {
        return implode(' ', array_keys($fruits));
    }

    /**
     * The one that is opened first.
     *
     * @param  array<int, ShelvedFruit>  $fruits
     */
    private function first(array $fruits): ?int
    {
        $best = array_map(static fn (ShelvedFruit $fruit): string => $fruit->window()?->best->format('Y-m-d') ?? '9999', $fruits);
        asort($best);

        return array_key_first($best);
    }
}
