<?php

declare(strict_types=1);

namespace App\Printing;

use App\Clock;
use App\Garden\Settings;
use App\Models\PrintJob;
use App\Models\WriteLock;
use App\Moment;

/** Labels on their way to the printer: one that does not answer is not waited for, the job waits. */
final readonly class PrintQueue
{
    /** Jobs that were sent are remembered so long, that a label can be printed again. */
    private const REMEMBERED = 20;

    public function __construct(private LabelPrinter $printer, private Settings $settings, private Clock $clock) {}

    public function add(string $id, string $title, string $script): PrintJob
    {
        return WriteLock::hold(fn (): PrintJob => PrintJob::query()->firstOrCreate(['id' => $id], ['title' => $title, 'document' => $script, 'made_at' => Moment::keep($this->clock->now()), 'sent_at' => null, 'trouble' => '']));
    }

    /** Nothing is written while the printer is waited for. */
    public function send(PrintJob $job): PrintJob
    {
        try {
            $this->printer->send($this->settings->text('label_printer'), $job->document);
            $now = ['sent_at' => Moment::keep($this->clock->now()), 'trouble' => ''];
        } catch (PrinterSilent $silent) {
            $now = ['sent_at' => null, 'trouble' => $silent->getMessage()];
        }

        return WriteLock::hold(function () use ($job, $now): PrintJob {
            PrintJob::query()->where('id', $job->id)->update($now);
            $old = PrintJob::query()->whereNotNull('sent_at')->orderByDesc('sent_at')->orderByDesc('id')->skip(self::REMEMBERED)->take(1000)->pluck('id');
            PrintJob::query()->whereIn('id', $old)->delete();

            return $job->refresh();
        });
    }

    public function drop(PrintJob $job): void
    {
        WriteLock::hold(static fn () => $job->delete());
    }
}
