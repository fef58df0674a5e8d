<?php

declare(strict_types=1);

namespace App\Voice;

use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\LookTime;
use Marrow\Core\Season\PlanTaskKind;

/** What a plan asks to be done, in words, from the facts that are kept of it. */
final readonly class PlanTaskVoice
{
    /**
     * @param  string  $name  of the variety
     * @param  array<string, mixed>  $figures
     * @param  array<string, string>  $names  of other varieties, by id
     */
    public function __construct(private PlanTaskKind $kind, private string $name, private Crop $crop, private array $figures, private array $names) {}

    public function do(): string
    {
        return self::headline($this->kind, $this->name, $this->text('cover'));
    }

    /**
     * @param  string  $name  of the variety
     * @param  string  $cover  how it is kept from crossing, where the task is about that
     */
    public static function headline(PlanTaskKind $kind, string $name, string $cover): string
    {
        return match ($kind) {
            PlanTaskKind::Sow => "Sow $name",
            PlanTaskKind::Unsown => "Not sown this year: $name",
            PlanTaskKind::PlantOut => "Plant out $name",
            PlanTaskKind::Lift => "Lift $name",
            PlanTaskKind::Sort => "Look over the stored $name",
            PlanTaskKind::Replant => "Plant $name out again",
            PlanTaskKind::LookOver => "Look over $name before it blooms",
            PlanTaskKind::WatchBloom => "Watch for the first flowers of $name",
            PlanTaskKind::CoverUp => match ($cover) {
                'bagged' => "Bag the first buds of $name",
                'cloth' => "Put pollen-tight cloth over $name",
                'glass' => "Shut the house or the window where $name stands",
                default => "Put the cage over $name",
            },
            PlanTaskKind::Pollinate => "Pollinate $name by hand",
            PlanTaskKind::Shake => "Shake $name under its cloth",
            PlanTaskKind::ChangeCages => "Change the cages over: $name",
            PlanTaskKind::LookForRipe => "Look for ripe seed on $name",
            PlanTaskKind::LiftKept => "Lift $name",
            PlanTaskKind::ClearBed => "The bed of $name is free",
        };
    }

    public function why(): string
    {
        return match ($this->kind) {
            PlanTaskKind::Sow => sprintf('%s, %s%s.%s', $this->crop->name, Quantity::number((int) $this->text('plants'), 'plant'), match ($this->text('purpose')) {
                'seed' => ' for seed',
                'food' => ' for food',
                default => ' for seed and food',
            }, $this->crop->growing->host === null ? '' : ' It lives on others: '.lcfirst($this->crop->growing->host).'.'),
            PlanTaskKind::Unsown => sprintf('Its time was until %s. Say that it was sown after all, drop it from the plan, or sow it next.', Speaking::forms()->day(new DateTimeImmutable($this->text('until')))),
            PlanTaskKind::LookOver => $this->lookOver(),
            PlanTaskKind::PlantOut => $this->crop->growing->frostTender ? 'After the last frost: it does not bear any.' : 'Label it again as it goes out.',
            PlanTaskKind::Lift => 'Before hard frost. '.$this->choose(LookTime::Lifting, 'Keep the best plants; leave out any that are sick, forked or off-type.'),
            PlanTaskKind::Sort => 'Take out what rots or sprouts: the ones that keep are the ones to have seed from.'.$this->store(),
            PlanTaskKind::Replant => 'As soon as the ground can be worked; choose once more.',
            PlanTaskKind::WatchBloom => 'Note the day: bloom, ripening and what is at risk are reckoned from it.',
            PlanTaskKind::CoverUp => $this->coverUp(),
            PlanTaskKind::Shake => 'At midday, when it is dry: no wind gets in that would carry its pollen from plant to plant. It sets less than in the open.',
            PlanTaskKind::Pollinate => $this->byHand(),
            PlanTaskKind::ChangeCages => $this->turns(),
            PlanTaskKind::LiftKept => 'What is kept of it is lifted, or taken from the plant: '.lcfirst($this->crop->vegetative->cue ?? $this->crop->ripening->cue).'.',
            PlanTaskKind::LookForRipe => implode(' ', array_filter([$this->crop->ripening->cue.'.', HarvestOrder::of($this->crop)])),
            PlanTaskKind::ClearBed => 'The last pass is done by now.',
        };
    }

    /** What to pull before it gives pollen. */
    private function lookOver(): string
    {
        $selection = $this->crop->selection;

        return implode(' ', array_filter([
            'What does not belong is pulled before it gives pollen.',
            $selection?->offTypes === null ? null : "Look for: {$selection->offTypes}.",
            $selection?->boltersOut === true ? 'The first to run up go too.' : null,
        ]));
    }

    /** What plants are chosen by at a time, or what is true of any. */
    private function choose(LookTime $when, string $else): string
    {
        foreach ($this->crop->selection->looks ?? [] as $look) {
            if ($look->when === $when) {
                return "Choose by: {$look->look}.";
            }
        }

        return $else;
    }

    /** How it is kept over the winter, where that is known. */
    private function store(): string
    {
        $winter = $this->crop->winter;

        return $winter?->storeTemperature === null || $winter->storeHumidity === null ? '' : sprintf(
            ' In store at %s to %s and %d to %d %% humidity.',
            Quantity::temperature($winter->storeTemperature[0]),
            Quantity::temperature($winter->storeTemperature[1]),
            $winter->storeHumidity[0],
            $winter->storeHumidity[1],
        );
    }

    private function coverUp(): string
    {
        return match (true) {
            ! $this->crop->isWindBorne() => 'Before the first flower opens; one open flower is enough for a bee.',
            in_array($this->text('cover'), ['bagged', 'cloth'], true) => 'Before the first flower opens. The wind carries its pollen: only what is pollen-tight keeps it out, paper bags or closely woven cloth, no mesh.',
            default => 'The wind carries its pollen, and mesh lets it through: it keeps insects and birds off and isolates nothing.',
        };
    }

    private function byHand(): string
    {
        $hand = $this->crop->byHand;

        return $hand === null ? 'Early, while flowers are fresh; several fathers keep more diversity.' : sprintf(
            '%s%s. Usually %s to %s take; several fathers keep more diversity.',
            $hand->eveningBefore ? 'It begins the evening before. ' : '',
            $hand->steps[0],
            Quantity::percent($hand->take[0]),
            Quantity::percent($hand->take[1]),
        );
    }

    /** On which days this cage stands open: its partners have the days between. */
    private function turns(): string
    {
        $every = (int) $this->text('every');
        $first = new DateTimeImmutable($this->text('opens'));
        $days = array_map(static fn (int $n): DateTimeImmutable => $first->modify('+'.$n * $every.' days'), [0, 1, 2]);
        $others = array_map(fn (string $id): string => $this->names[$id] ?? 'the other', array_filter(explode(',', $this->text('others'))));

        return sprintf(
            'Open on %s and every %s day after; shut on the days between%s. Change over in the evening, when no bee flies.',
            implode(', ', array_map(static fn (DateTimeImmutable $open, int $i): string => $open->format(isset($days[$i + 1]) && $days[$i + 1]->format('n') === $open->format('n') ? 'j' : 'j F'), $days, array_keys($days))),
            Quantity::ordinal($every),
            $others === [] ? '' : ', when '.implode(' or ', $others).' stands open',
        );
    }

    private function text(string $key): string
    {
        $value = $this->figures[$key] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }
}
