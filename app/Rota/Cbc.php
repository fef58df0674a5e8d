<?php

declare(strict_types=1);

namespace App\Rota;

use Marrow\Core\Rota\Solver;
use Marrow\Core\Rota\SolverState;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** COIN-OR's CBC, where it is installed: a program of its own, which works on the machine's other core meanwhile. */
final class Cbc implements Solver
{
    /** It tells its bound to three places behind the point, or as many figures: what it says may be above it by that. */
    private const ROUNDED = 1e-3;

    /** It looks for nothing that is better by less, and is no more exact than that. */
    private const STEP = 5e-7;

    /** s */
    private const MOST = 3600;

    private ?Process $process = null;

    private string $folder = '';

    public function __construct(private readonly string $program) {}

    public function __destruct()
    {
        $this->end();
    }

    /** Null where there is none. */
    public static function installed(): ?self
    {
        $program = (new ExecutableFinder)->find('cbc');

        return $program === null ? null : new self($program);
    }

    public function begin(string $program, array $start): void
    {
        $this->end();
        $this->folder = sys_get_temp_dir().'/marrow-rota-'.bin2hex(random_bytes(8));
        if (! @mkdir($this->folder, 0o700)) {
            $this->folder = '';

            return;
        }
        file_put_contents("$this->folder/rota.lp", $program);
        $lines = "start\n";
        foreach (array_keys($start) as $n => $name) {
            $lines .= "$n $name {$start[$name]} 0\n";
        }
        file_put_contents("$this->folder/start.txt", $lines);
        $this->process = new Process([$this->program, 'rota.lp', '-mipstart', 'start.txt', '-allowableGap', '0', '-increment', (string) self::STEP, '-seconds', (string) self::MOST, '-solve', '-solution', 'found.txt'], $this->folder, timeout: null);
        $this->process->start();
    }

    public function state(): SolverState
    {
        if ($this->process === null) {
            return new SolverState(-INF, null, true);
        }
        $said = $this->process->getOutput();
        $bound = preg_match_all('/best possible (-?[\d.e+]+)/', $said, $found) > 0 ? (float) end($found[1]) - self::ROUNDED : -INF;
        if ($this->process->isRunning()) {
            return new SolverState($bound, null, false);
        }
        $said = $this->process->getOutput();
        // What it had proven, as it says in the end to more places.
        $isProven = str_contains($said, 'Result - Optimal solution found') && preg_match('/^Objective value:\s+(-?[\d.e+]+)/m', $said, $value) === 1;

        return new SolverState($isProven ? (float) ($value[1] ?? 0) - self::STEP : $bound, $this->ones(), true);
    }

    public function end(): void
    {
        $this->process?->stop(0.0);
        $this->process = null;
        if ($this->folder !== '') {
            array_map(unlink(...), glob("$this->folder/*") ?: []);
            @rmdir($this->folder);
            $this->folder = '';
        }
    }

    /** @return ?list<string> */
    private function ones(): ?array
    {
        $text = @file_get_contents("$this->folder/found.txt");
        if ($text === false || preg_match_all('/^\s*\*{0,2}\s*\d+\s+(x\d+_\d+)\s+(\S+)/m', $text, $found) < 1) {
            return null;
        }

        return array_values(array_filter($found[1], static fn (int $n): bool => (float) $found[2][$n] > 0.5, ARRAY_FILTER_USE_KEY));
    }
}
