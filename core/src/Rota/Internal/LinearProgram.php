<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

/** The problem as solvers read it: one pattern of each line, at most so much of everything, those beyond the first counted. */
final readonly class LinearProgram
{
    /** Letters in a line, at most. */
    private const WIDE = 200;

    /** @param  list<list<Pattern>>  $patterns  of each line, those that can be part of a best rota */
    public function __construct(private Model $model, private array $patterns) {}

    public function text(): string
    {
        $objective = $rows = $names = $flowers = $used = [];
        $hour = $this->model->problem->hourPrice;
        foreach ($this->patterns as $l => $patterns) {
            $line = $this->model->lines[$l];
            $one = [];
            foreach ($patterns as $pattern) {
                $names[] = $name = self::name($l, $pattern);
                $one[] = "+ $name";
                $objective[] = self::term($pattern->cost, $name);
                foreach ($pattern->stands as $year) {
                    $used[0][$year][] = self::term($line->area, $name);
                    $used[1][$year][] = self::term($line->hours, $name);
                }
                foreach ($pattern->flowers as $year) {
                    $used[2][$year][] = self::term($line->cages, $name);
                    foreach ($this->model->conflictsOf[$l] as $c) {
                        $flowers[$c][$year][] = "+ $name";
                    }
                }
            }
            $rows[] = implode(' ', $one).' = 1';
        }
        foreach ($flowers as $c => $years) {
            $conflict = $this->model->conflicts[$c];
            foreach ($years as $year => $who) {
                if ($conflict->never) {
                    $rows[] = implode(' ', $who).' <= 1';

                    continue;
                }
                $rows[] = implode(' ', $who)." - e{$c}_$year <= 1";
                $objective[] = self::term($hour * $conflict->hours, "e{$c}_$year");
                $used[1][$year][] = self::term($conflict->hours, "e{$c}_$year");
                $used[2][$year][] = self::term($conflict->cages, "e{$c}_$year");
            }
        }
        foreach ($used as $r => $years) {
            foreach ($years as $year => $terms) {
                if ($this->model->limits[$r][$year] < INF) {
                    $rows[] = implode(' ', $terms).sprintf(' <= %.9F', $this->model->limits[$r][$year]);
                }
            }
        }
        $text = "Minimize\n".wordwrap('obj: '.implode(' ', $objective), self::WIDE)."\nSubject To\n";
        foreach ($rows as $n => $row) {
            $text .= wordwrap("r$n: $row", self::WIDE)."\n";
        }

        return $text."Binaries\n".wordwrap(implode(' ', $names), self::WIDE)."\nEnd\n";
    }

    /** @return array<string, float> its variables that are not 0 */
    public function of(Standing $standing): array
    {
        $values = [];
        foreach ($standing->chosen as $l => $pattern) {
            $values[self::name($l, $pattern)] = 1.0;
        }

        return $values;
    }

    /**
     * @param  list<string>  $ones  variables that are 1
     * @return ?Standing null where that is no rota that keeps to everything
     */
    public function standing(array $ones): ?Standing
    {
        $taken = array_fill_keys($ones, true);
        $standing = new Standing($this->model);
        foreach ($this->patterns as $l => $patterns) {
            foreach ($patterns as $pattern) {
                if (isset($taken[self::name($l, $pattern)]) && ! isset($standing->chosen[$l])) {
                    $standing->put($l, $pattern);
                }
            }
        }

        return count($standing->chosen) === count($this->patterns) && $standing->fits() ? $standing : null;
    }

    private static function name(int $l, Pattern $pattern): string
    {
        return "x{$l}_$pattern->mask";
    }

    private static function term(float $by, string $name): string
    {
        return sprintf('%+.12F %s', $by, $name);
    }
}
