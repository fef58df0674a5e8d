<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\PrintJob;
use App\Moment;
use App\Voice\Speaking;
use OpenApi\Attributes as OA;

/** Labels on their way to the printer. */
#[OA\Schema]
final readonly class PrintJobDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public bool $waits,
        #[OA\Property]
        public string $said,
    ) {}

    public static function of(PrintJob $job): self
    {
        return new self($job->id, $job->title, $job->sent_at === null, match (true) {
            $job->sent_at !== null => 'Sent to the printer '.Speaking::forms()->day(Moment::read($job->sent_at)).', '.Speaking::forms()->hour(Moment::read($job->sent_at)).'.',
            $job->trouble !== '' => "$job->trouble The labels wait; they are sent again while this page is open.",
            default => 'Not sent yet.',
        });
    }
}
