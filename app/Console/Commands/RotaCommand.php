<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Rota\Cbc;
use App\Rota\GardenRota;
use Illuminate\Console\Command;
use JsonException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Rota\ProblemReader;
use Marrow\Core\Rota\RotaAnswer;
use Marrow\Core\Rota\RotaProblem;
use Symfony\Component\Console\Output\OutputInterface;

/** The rota at the command line: one open document in, one out. */
final class RotaCommand extends Command
{
    protected $signature = 'marrow:rota {problem? : a file with the problem; "-" reads what is handed over; left out, that of the garden} {--seconds= : how long to look for a better one, at most} {--problem : print the problem itself}';

    protected $description = 'Which line is grown for seed in which year: prints the answer as JSON';

    public function handle(GardenRota $garden): int
    {
        $file = $this->argument('problem');
        try {
            $own = is_string($file) ? null : $garden->of();
            $problem = $own->problem ?? ProblemReader::read($this->document(is_string($file) ? $file : '-'));
        } catch (Refused $e) {
            $this->getOutput()->getErrorStyle()->writeln($e->path === '' ? $e->getMessage() : "$e->path: {$e->getMessage()}", OutputInterface::OUTPUT_RAW);

            return self::FAILURE;
        }
        $seconds = $this->option('seconds');
        $until = microtime(true) + (is_numeric($seconds) ? (float) $seconds : self::seconds($problem));
        $answer = $this->option('problem') === true ? ProblemReader::write($problem) : RotaAnswer::of($problem, static fn (): bool => microtime(true) < $until, Cbc::installed())->toArray($own === null ? null : $own->name(...));
        $this->output->writeln(json_encode($answer, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return array<array-key, mixed> */
    private function document(string $file): array
    {
        $text = $file === '-' ? stream_get_contents(STDIN) : @file_get_contents($file);
        if ($text === false) {
            throw Refused::at('', "There is no file $file that can be read.");
        }
        try {
            $document = json_decode($text, true, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $document = null;
        }

        return is_array($document) && ($document === [] || ! array_is_list($document)) && ! str_starts_with(ltrim($text), '[') ? $document : throw Refused::at('', 'This is no rota problem: a JSON object with first_year, years and lines is needed.');
    }

    /** As long as it is worth waiting: nine seconds for thirty lines over six years, under a minute for the largest. */
    private static function seconds(RotaProblem $problem): float
    {
        return max(9.0, min(54.0, count($problem->lines) * $problem->years / 20));
    }
}
