<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

use Marrow\Core\Fields\InvalidFigure;

/**
 * How related lots are: the chance that a gene drawn from one plant and the same gene drawn from another are copies of one that
 * a forebear carried once (coancestry; Malécot 1948). A lot of N equal parents out of a lot with kinship f among its plants has
 * f′ = (1 + F)/(2N) + (1 − 1/N)f, its parents being inbred by F = (1 − t + 2tf)/(1 + t), what a share t of crossing
 * settles to where the rest is selfed. A cross of M mothers out of one lot with N fathers out of another takes one gene of each: two
 * of its plants share by their mothers, by their fathers, or across, and what comes of it is inbred by its generations. Lots from nowhere are taken to be of plants that are not related.
 */
final class Kinship
{
    private const MOST_LOTS = 1000;

    private const MOST_PARENTS = 1_000_000;

    /** By how much shares of a mixture may miss a whole. */
    private const ROUNDED = 0.001;

    /** @var array<string, array{parents: int, from: ?string}|array{parts: array<string, float>}|array{mothers: int, mother: ?string, fathers: int, father: ?string}> in the order in which they were told */
    private array $lots = [];

    /** @var array<string, int> */
    private array $order = [];

    /** @var array<string, float> */
    private array $found = [];

    /** @var array<string, float> of lots that come of a cross */
    private array $inbredOf = [];

    /** @var array<string, bool> */
    private array $ofCross = [];

    /** @var array<string, string> which lot each is by its genes: those off the same plants are one */
    private array $alias = [];

    /** @var array<string, string> the first lot picked off some plants */
    private array $pickedOff = [];

    /** @param  float  $outcrossing  share of seed with foreign pollen, 0 … 1 */
    private function __construct(private readonly float $outcrossing) {}

    /**
     * @param  string  $lots  as "A=:10, B=A:4, D=A*0.6+B*0.4, E=A:2xB:1": from nowhere by 10 equal parents, from A by 4, a mixture, a cross of 2 mothers of A with a father of B; each of lots that stand before it
     *
     * @throws InvalidFigure
     */
    public static function told(string $lots, float $outcrossing = 1.0): self
    {
        InvalidFigure::unlessWithin('outcrossing', $outcrossing, 0.0, 1.0);
        $kinship = new self($outcrossing);
        foreach (explode(',', $lots) as $told) {
            $kinship->add(trim($told));
        }

        return $kinship;
    }

    /**
     * Of lots that stand in a pedigree, and of all that they came from. Plants from elsewhere are taken to be unrelated, and a picking of
     * which nobody knows off how many plants it is, to have lost nothing: so that what is said is the least that they are related.
     *
     * @param  list<string>  $lots
     *
     * @throws InvalidFigure
     */
    public static function ofPedigree(Pedigree $pedigree, array $lots, float $outcrossing = 1.0): self
    {
        InvalidFigure::unlessWithin('outcrossing', $outcrossing, 0.0, 1.0);
        $kinship = new self($outcrossing);
        foreach ($lots as $lot) {
            $kinship->addOf($pedigree, $lot);
        }

        return $kinship;
    }

    /**
     * Of two different plants of one lot.
     *
     * @throws InvalidFigure
     */
    public function within(string $lot): float
    {
        $lot = $this->alias[$lot] ?? $lot;
        $this->mustBeThere($lot);

        return $this->found[$lot] ??= $this->reckon($lot);
    }

    /**
     * Of a plant of each; of one lot twice, as within it.
     *
     * @throws InvalidFigure
     */
    public function between(string $one, string $other): float
    {
        [$one, $other] = [$this->alias[$one] ?? $one, $this->alias[$other] ?? $other];
        $this->mustBeThere($one);
        $this->mustBeThere($other);
        if ($one === $other) {
            return $this->within($one);
        }
        // The later one is followed back: nothing comes of what is younger than itself.
        [$later, $earlier] = $this->order[$one] > $this->order[$other] ? [$one, $other] : [$other, $one];

        return $this->found["$later $earlier"] ??= $this->toward($this->lots[$later], $earlier);
    }

    /** Whether two lots are off the same plants. */
    public function isOne(string $one, string $other): bool
    {
        return ($this->alias[$one] ?? $one) === ($this->alias[$other] ?? $other);
    }

    private function addOf(Pedigree $pedigree, string $lot): void
    {
        if (isset($this->alias[$lot])) {
            return;
        }
        $links = $pedigree->links($lot);
        foreach ($links as $link) {
            $link->from === null || $this->addOf($pedigree, $link->from);
        }
        $plants = implode("\n", array_filter(array_map(static fn (Descent $link): ?string => $link->plantsOf, $links)));
        if ($plants !== '' && isset($this->pickedOff[$plants])) {
            $this->alias[$lot] = $this->pickedOff[$plants];

            return;
        }
        $this->alias[$lot] = $lot;
        if ($plants !== '') {
            $this->pickedOff[$plants] = $lot;
        }
        $this->lots[$lot] = $this->came($links, $lot);
        $this->order[$lot] = count($this->order);
    }

    /**
     * @param  list<Descent>  $links
     * @return array{parents: int, from: ?string}|array{parts: array<string, float>}|array{mothers: int, mother: ?string, fathers: int, father: ?string}
     */
    private function came(array $links, string $lot): array
    {
        $of = fn (Role $role): array => array_values(array_filter($links, static fn (Descent $link): bool => $link->role === $role));
        $from = fn (Descent $link): ?string => $link->from === null ? null : $this->alias[$link->from];
        [$mothers, $fathers, $parts] = [$of(Role::Mother), $of(Role::Father), $of(Role::Part)];
        if ($parts !== []) {
            return ['parts' => $this->mixed($parts, $lot)];
        }
        $mother = $mothers[0] ?? null;
        if ($mother === null) {
            return ['parents' => self::MOST_PARENTS, 'from' => null];
        }
        if ($fathers === []) {
            return ['parents' => $mother->plants ?? self::MOST_PARENTS, 'from' => $from($mother)];
        }
        // Of several fathers' lots each is taken to have given alike.
        $father = $from($fathers[0]);
        if (count($fathers) > 1) {
            $father = "$lot fathers";
            $this->lots[$father] = ['parts' => $this->mixed($fathers, $lot)];
            $this->order[$father] = count($this->order);
        }

        return ['mothers' => $mother->plants ?? self::MOST_PARENTS, 'mother' => $from($mother), 'fathers' => array_sum(array_map(static fn (Descent $link): int => $link->plants ?? 0, $fathers)) ?: self::MOST_PARENTS, 'father' => $father];
    }

    /**
     * @param  non-empty-list<Descent>  $parts
     * @return array<string, float> shares by lot; alike where any of them is not known
     */
    private function mixed(array $parts, string $lot): array
    {
        $isKnown = array_all($parts, static fn (Descent $part): bool => $part->share !== null);
        $shares = [];
        foreach ($parts as $n => $part) {
            $of = $part->from === null ? "$lot part $n" : $this->alias[$part->from];
            if ($part->from === null) {
                $this->lots[$of] = ['parents' => self::MOST_PARENTS, 'from' => null];
                $this->order[$of] = count($this->order);
            }
            $shares[$of] = ($shares[$of] ?? 0.0) + ($isKnown ? $part->share ?? 0.0 : 1.0 / count($parts));
        }

        return $shares;
    }

    private function reckon(string $lot): float
    {
        $told = $this->lots[$lot];
        if (isset($told['mothers'])) {
            $side = fn (?string $of, int $many): float => (1.0 + $this->inbred($of)) / (2.0 * $many) + (1.0 - 1.0 / $many) * ($of === null ? 0.0 : $this->within($of));
            $across = $told['mother'] === null || $told['father'] === null ? 0.0 : $this->between($told['mother'], $told['father']);

            return ($side($told['mother'], $told['mothers']) + $side($told['father'], $told['fathers']) + 2.0 * $across) / 4.0;
        }
        if (isset($told['parts'])) {
            $kinship = 0.0;
            foreach ($told['parts'] as $one => $share) {
                foreach ($told['parts'] as $other => $with) {
                    $kinship += $share * $with * $this->between((string) $one, (string) $other);
                }
            }

            return $kinship;
        }
        $before = $told['from'] === null ? 0.0 : $this->within($told['from']);

        return (1.0 + $this->inbred($told['from'])) / (2.0 * $told['parents']) + (1.0 - 1.0 / $told['parents']) * $before;
    }

    /** How inbred the plants of a lot are, or those from nowhere: a cross is no more so than its parents are related. */
    private function inbred(?string $lot): float
    {
        $told = $lot === null ? null : $this->lots[$lot];
        if (isset($told['mothers'])) {
            return $told['mother'] === null || $told['father'] === null ? 0.0 : $this->between($told['mother'], $told['father']);
        }
        // What selfing comes to rest at is not reached yet in what comes of a cross: generation by generation, F′ = (1 − t)(1 + F)/2 + tf.
        if ($lot !== null && $this->comesOfCross($lot)) {
            return $this->inbredOf[$lot] ??= match (true) {
                isset($told['parts']) => array_sum(array_map(fn (string|int $part, float $share): float => $share * $this->inbred((string) $part), array_keys($told['parts']), $told['parts'])),
                default => (1.0 - $this->outcrossing) * (1.0 + $this->inbred($told['from'] ?? null)) / 2.0 + $this->outcrossing * (($told['from'] ?? null) === null ? 0.0 : $this->within($told['from'])),
            };
        }

        return (1.0 - $this->outcrossing + 2.0 * $this->outcrossing * ($lot === null ? 0.0 : $this->within($lot))) / (1.0 + $this->outcrossing);
    }

    private function comesOfCross(string $lot): bool
    {
        return $this->ofCross[$lot] ??= match (true) {
            isset($this->lots[$lot]['mothers']) => true,
            isset($this->lots[$lot]['parts']) => array_any(array_keys($this->lots[$lot]['parts']), fn (string|int $part): bool => $this->comesOfCross((string) $part)),
            default => ($this->lots[$lot]['from'] ?? null) !== null && $this->comesOfCross($this->lots[$lot]['from']),
        };
    }

    /** @param  array{parents: int, from: ?string}|array{parts: array<string, float>}|array{mothers: int, mother: ?string, fathers: int, father: ?string}  $later */
    private function toward(array $later, string $earlier): float
    {
        if (isset($later['mothers'])) {
            return (($later['mother'] === null ? 0.0 : $this->between($later['mother'], $earlier)) + ($later['father'] === null ? 0.0 : $this->between($later['father'], $earlier))) / 2.0;
        }
        if (isset($later['parts'])) {
            $kinship = 0.0;
            foreach ($later['parts'] as $part => $share) {
                $kinship += $share * $this->between((string) $part, $earlier);
            }

            return $kinship;
        }

        return $later['from'] === null ? 0.0 : $this->between($later['from'], $earlier);
    }

    /** @throws InvalidFigure */
    private function add(string $told): void
    {
        if (preg_match('/^([\w-]{1,40})\s*=\s*(.+)$/u', $told, $named) !== 1) {
            throw InvalidFigure::because('lots', "Write each lot as A=:10 (from nowhere, by 10 parents), B=A:4, D=A*0.6+B*0.4 or E=A:2xB:1 (a cross); “{$told}” is none of these.");
        }
        [, $lot, $source] = $named;
        if (isset($this->lots[$lot])) {
            throw InvalidFigure::because('lots', "$lot is told twice.");
        }
        InvalidFigure::unlessWithin('lots', count($this->lots) + 1, 1, self::MOST_LOTS, 'lots');
        $from = fn (string $of): ?string => $of === '' ? null : $this->before($of, $lot);
        $this->lots[$lot] = match (true) {
            preg_match('/^([\w-]*)\s*:\s*(\d+)$/u', $source, $picked) === 1 => ['parents' => $this->parents((int) $picked[2]), 'from' => $from($picked[1])],
            preg_match('/^([\w-]*)\s*:\s*(\d+)\s*[x×]\s*([\w-]*)\s*:\s*(\d+)$/u', $source, $crossed) === 1 => ['mothers' => $this->parents((int) $crossed[2]), 'mother' => $from($crossed[1]), 'fathers' => $this->parents((int) $crossed[4]), 'father' => $from($crossed[3])],
            default => ['parts' => $this->parts($source, $lot)],
        };
        $this->order[$lot] = count($this->order);
    }

    /** @throws InvalidFigure */
    private function parents(int $parents): int
    {
        InvalidFigure::unlessWithin('lots', $parents, 1, self::MOST_PARENTS, 'parents');

        return $parents;
    }

    /**
     * @return array<string, float>
     *
     * @throws InvalidFigure
     */
    private function parts(string $source, string $lot): array
    {
        $parts = [];
        foreach (explode('+', $source) as $part) {
            if (preg_match('/^\s*([\w-]{1,40})\s*\*\s*(\d*\.?\d+)\s*$/u', $part, $of) !== 1) {
                throw InvalidFigure::because('lots', "Write what $lot is a mixture of as A*0.6+B*0.4.");
            }
            $parts[$this->before($of[1], $lot)] = ($parts[$of[1]] ?? 0.0) + (float) $of[2];
        }
        if (abs(array_sum($parts) - 1.0) > self::ROUNDED) {
            throw InvalidFigure::because('lots', "The shares of $lot must come to 1.");
        }

        return $parts;
    }

    /** @throws InvalidFigure */
    private function before(string $source, string $lot): string
    {
        return isset($this->lots[$source]) ? $source : throw InvalidFigure::because('lots', $source === $lot ? "$lot cannot come from itself." : "$lot is said to come from $source, which is not told before it.");
    }

    /** @throws InvalidFigure */
    private function mustBeThere(string $lot): void
    {
        isset($this->lots[$lot]) || throw InvalidFigure::because('of', "There is no lot $lot among them.");
    }
}
