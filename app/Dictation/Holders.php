<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Models\Container;
use App\Models\Place;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Phrase;
use Marrow\Core\Journal\Subject;

/** Places and containers in use, as a line names them: where something goes, or what is spoken of. */
final readonly class Holders
{
    /** Behind these it is where something goes, or comes from. */
    private const WHERE = ['to', 'into', 'in', 'from', 'at', 'on', '>'];

    /** @var array<string, list<array{Subject, string}>> what goes by each name */
    private array $byName;

    public function __construct()
    {
        $by = [];
        foreach (Place::query()->where('gone', 0)->get(['id', 'name']) as $place) {
            $by[$place->name][] = [Subject::Place, $place->id];
        }
        foreach (Container::query()->where('name', '!=', '')->where('gone', 0)->get(['id', 'name']) as $container) {
            $by[$container->name][] = [Subject::Container, $container->id];
        }
        $this->byName = $by;
    }

    /** @param  array<string, string>  $things  ids of what else the line refers to, by code */
    public function named(array $things): Named
    {
        return new Named(array_map(static fn (array $all): array => array_column($all, 1), $this->byName), $things);
    }

    /** @return array{Subject, string}|null the one of that name */
    public function the(string $name): ?array
    {
        $all = $this->byName[$name] ?? [];

        return count($all) === 1 ? $all[0] : null;
    }

    /** What a clause speaks of by name; of several the longest. */
    public function spokenOf(Clause $clause): ?Called
    {
        $best = null;
        foreach (array_keys($this->byName) as $name) {
            $at = Phrase::exactly($clause->tokens, array_fill_keys($clause->taken, true), (string) $name);
            if (count($at) > count($best->tokens ?? []) && ! self::isWhere($clause, $at[0])) {
                $best = new Called((string) $name, array_fill(0, count($this->byName[$name]), (string) $name), $at);
            }
        }

        return $best;
    }

    private static function isWhere(Clause $clause, int $at): bool
    {
        // "to the blue tin", but "the blue tin is dry".
        for ($i = $at - 1; $i >= 0 && $clause->tokens[$i]->is('the', 'my', 'our'); $i--);

        return $i >= 0 && $clause->tokens[$i]->is(...self::WHERE);
    }
}
