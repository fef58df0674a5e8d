<?php

declare(strict_types=1);

namespace App\Intake;

use App\Documents\ActDocument;
use App\Documents\IntakeColumnDocument;
use App\Documents\IntakeFormDocument;
use App\Models\Act;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\Speaking;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Intake\Column;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Steps\Origin\Received;
use Marrow\Core\Steps\Storing\ContainerKind;

/** What came in as one, said. */
final readonly class ActSheet
{
    /** Sources that are offered; those heard of last. */
    private const SOURCES = 200;

    public function __construct(private Follows $follows, private ActBook $acts) {}

    public function of(Act $act): ActDocument
    {
        $since = $act->taken_back_at === null ? $this->acts->recordedSince($act) : 0;

        return new ActDocument(
            $act->id,
            $act->title,
            $this->said($act),
            $act->lots,
            $act->taken_back_at !== null,
            ActBook::loses($since),
            $act->taken_back_at === null ? $this->follows->of($act) : [],
        );
    }

    /** @return list<ActDocument> newest first, without what follows */
    public function all(): array
    {
        return array_values(Act::query()->where('sort', 'taken_in')->orderByDesc('made_at')->orderByDesc('id')->limit(50)->get()
            ->map(fn (Act $act): ActDocument => new ActDocument($act->id, $act->title, $this->said($act), $act->lots, $act->taken_back_at !== null, '', []))->all());
    }

    public function form(int $most): IntakeFormDocument
    {
        $sources = DB::table('journal_entries')->where('kind', 'received')->orderByDesc('seq')->limit(5 * self::SOURCES)
            ->selectRaw("json_extract(payload, '$.from') AS source")->pluck('source')
            ->filter(static fn (mixed $source): bool => is_string($source) && $source !== '')->unique()->take(self::SOURCES)->sort()->values()->all();

        return new IntakeFormDocument(
            array_map(IntakeColumnDocument::of(...), Column::cases()),
            array_values(array_filter($sources, is_string(...))),
            array_map(static fn (ContainerKind $kind): string => $kind->label(), ContainerKind::cases()),
            array_values(Kind::declared(Received::class)->fields->field('how')->options),
            $most,
        );
    }

    private function said(Act $act): string
    {
        return sprintf(
            '%s, %s%s',
            Quantity::number($act->lots, 'lot'),
            Speaking::forms()->day(Moment::read($act->made_at)),
            $act->taken_back_at === null ? '' : '; taken back '.Speaking::forms()->day(Moment::read($act->taken_back_at)),
        );
    }
}
