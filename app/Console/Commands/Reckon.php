<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Reckoners\Asked;
use App\Reckoners\Judgements;
use Illuminate\Console\Command;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Reckoning\Reckoning;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Reckoning\UnknownReckoning;
use Symfony\Component\Console\Command\Command as Base;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputOption;

/** The reckonings at the command line: the same definitions as in the application. */
final class Reckon extends Command
{
    protected $name = 'marrow:reckon';

    protected $description = 'Reckon one figure: marrow:reckon NAME key=value … [--json]; alone it lists the names';

    protected function configure(): void
    {
        $this->addArgument('reckoning', InputArgument::OPTIONAL, 'the name of the reckoning')
            ->addArgument('figures', InputArgument::IS_ARRAY, 'key=value, lists with commas, shares from 0 to 1; key=@file for a plan')
            ->addOption('json', null, InputOption::VALUE_NONE, 'one flat object, numbers unrounded');
    }

    /**
     * What `marrow:reckon NAME --help` says. The console answers --help before a command sees its arguments, so the
     * name is read from the line as it was typed.
     */
    public function getProcessedHelp(): string
    {
        $registry = app(Registry::class);
        foreach ((new ArgvInput)->getRawTokens() as $token) {
            try {
                return self::help($registry->named($token));
            } catch (UnknownReckoning) {
                continue;
            }
        }

        return 'marrow:reckon alone lists the names; marrow:reckon NAME --help tells of one.';
    }

    public function handle(Registry $registry): int
    {
        $name = $this->argument('reckoning');
        if (! is_string($name) || $name === '') {
            foreach ($registry->all() as $reckoning) {
                $this->line(sprintf('%-24s %s', $reckoning->name, $reckoning->question));
            }

            return Base::SUCCESS;
        }
        try {
            $reckoning = $registry->named($name);
            $in = $reckoning->read($this->figures());
            $result = $reckoning->of($in);
        } catch (UnknownReckoning $e) {
            return $this->refuse($e->getMessage().' marrow:reckon alone lists them.');
        } catch (Refused $e) {
            return $this->refuse(str_starts_with($e->getMessage(), $e->path) ? $e->getMessage() : "$e->path: {$e->getMessage()}");
        }
        $this->option('json')
            ? $this->line(json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE))
            : $this->show($reckoning, $in, $result);

        return Base::SUCCESS;
    }

    private static function help(Reckoning $reckoning): string
    {
        $lines = [$reckoning->question, '', $reckoning->name.' key=value …', '', 'Inputs'];
        foreach ($reckoning->inputs as $input) {
            $lines[] = sprintf('  %-16s %s (%s)%s', $input->key, $input->label, $input->bounds(), self::optional($input));
        }
        foreach ($reckoning->alternatives as $alternatives) {
            $lines[] = '  Either '.$alternatives->describe().'.';
        }
        $lines[] = '';
        $lines[] = 'Outputs';
        foreach ($reckoning->outputs as $output) {
            $lines[] = sprintf('  %-18s %s%s', $output->key, $output->label, $output->unit === '' ? '' : " ($output->unit)");
        }

        return implode("\n", [...$lines, '', 'Source', '  '.$reckoning->source]);
    }

    private static function optional(Field $input): string
    {
        return match (true) {
            $input->required => '',
            $input->default === null => ', may be left out',
            default => ($typed = $input->defaultTyped()) === null ? '' : ", $typed if left out",
        };
    }

    /** @return array<string, string> */
    private function figures(): array
    {
        $figures = [];
        /** @var list<string> $given */
        $given = $this->argument('figures');
        foreach ($given as $figure) {
            [$key, $value] = [...explode('=', $figure, 2), null];
            if ($key === '' || $value === null) {
                throw Refused::at($figure, "\"$figure\" is not of the form key=value.");
            }
            $figures[$key] = str_starts_with($value, '@') ? self::file($key, substr($value, 1)) : $value;
        }

        return $figures;
    }

    /** A plan is too long for a command line: plan=@garden.json. */
    private static function file(string $key, string $path): string
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw Refused::at($key, "There is no file $path to read $key from.");
        }

        return (string) file_get_contents($path);
    }

    private function refuse(string $message): int
    {
        $message = str_replace("\u{00A0}", ' ', $message);
        $this->getOutput()->getErrorStyle()->writeln($message);

        return Base::FAILURE;
    }

    /** @param  array<string, float|int|string|bool|list<float>|list<int>|list<string>|null>  $result */
    private function show(Reckoning $reckoning, Values $in, array $result): void
    {
        $judgement = app(Judgements::class)->of(new Asked($reckoning->name, $in, $result));
        foreach ([$judgement->sentence, $judgement->because, $judgement->sure, $judgement->beside, ...$judgement->cautions] as $line) {
            if ($line !== null) {
                // A hard space keeps a figure with its unit on a page; in a terminal it only hinders searching.
                $this->line(str_replace("\u{00A0}", ' ', $line));
            }
        }
        $this->newLine();
        foreach ($reckoning->outputs as $output) {
            $value = $result[$output->key] ?? null;
            if ($value === null) {
                continue;
            }
            $text = match (true) {
                is_bool($value) => $value ? 'yes' : 'no',
                is_array($value) => implode(', ', array_map(static fn (float|int|string $item): string => is_string($item) ? $item : sprintf('%.6G', $item), $value)),
                is_float($value) => sprintf('%.6G', $value),
                default => (string) $value,
            };
            $unit = $output->unit === '' || $output->unit === 'share' ? '' : ' '.$output->unit;
            $this->line(sprintf('%-34s %s%s', $output->label, $text, $unit));
        }
    }
}
