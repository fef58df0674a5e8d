<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Drying\DesiccantJar;
use Marrow\Core\Drying\DesiccantKind;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DesiccantTask;
use Marrow\Core\Work\Task;

/** Seed in a closed jar with a desiccant: how far that takes it, when it is changed, and where its water went. */
final readonly class DesiccantWords
{
    public function __construct(private LotCourse $lot, private When $when) {}

    /** How it is dried again, with what is to be heeded. */
    public static function again(DesiccantKind $kind): string
    {
        return match ($kind) {
            DesiccantKind::Gel => 'Dry gel again in a thin layer at 110 to 120 °C for two to three hours: hotter spoils its colour, and sachets of plastic melt, so empty them. Let it cool in a closed jar. Its dust harms lungs, and blue gel (cobalt) is poisonous: off seed for eating, and out of children’s reach.',
            DesiccantKind::Clay => 'Dry clay again at 120 °C for four to six hours, and let it cool in a closed jar. Sachets of plastic melt; its dust harms lungs.',
            DesiccantKind::Rice => 'Bake rice again at 150 to 180 °C for three quarters of an hour, until it smells of toast; let it cool in a closed jar. It holds a third of what gel does.',
            DesiccantKind::Salt => 'Salt dries nothing below 75 % RH.',
        };
    }

    /** @return list<string> none of what is in no such jar */
    public function says(): array
    {
        $desiccant = $this->lot->desiccant;
        $account = $desiccant->disagree === null ? [] : [sprintf('By what it gained the desiccant took %s, by the scale the seed lost %s: that does not agree. Was the jar opened, or seed taken out?', Quantity::grams(max(0.0, $desiccant->disagree[0])), Quantity::grams(max(0.0, $desiccant->disagree[1])))];
        if ($desiccant->in === null || $desiccant->since === null) {
            return [...($desiccant->taken > 0.0 ? [sprintf('Desiccant has taken %s of water out of it so far.', Quantity::grams($desiccant->taken))] : []), ...$account];
        }
        $kind = $desiccant->in->desiccant;
        $jar = $desiccant->jar;

        return [
            sprintf('In a closed jar with %s%s since %s.', $desiccant->in->desiccantG === null ? '' : Quantity::grams($desiccant->in->desiccantG).' of ', $kind->label(), $this->when->day($desiccant->since)),
            $jar === null
                ? 'How far that takes it cannot be reckoned: its weight, its moisture or the weight of the desiccant is not known. Take it out in a week, and read the jar of the seed by itself a day later.'
                : $this->goes($jar, $kind),
            ...$account,
        ];
    }

    /** "60 g of silica gel, look on Friday 11 September"; null of what is in no such jar. */
    public function until(): ?string
    {
        $desiccant = $this->lot->desiccant;
        if ($desiccant->in === null) {
            return null;
        }
        $task = array_find($desiccant->wants(), static fn (Task $task): bool => $task->kind instanceof DesiccantTask);

        return sprintf('%s%s%s', $desiccant->in->desiccantG === null ? '' : Quantity::grams($desiccant->in->desiccantG).' of ', $desiccant->in->desiccant->label(), $task === null ? '' : sprintf(', %s %s', $task->kind === DesiccantTask::Change ? 'change it' : 'look', $this->when->day($task->best)));
    }

    private function goes(DesiccantJar $jar, DesiccantKind $kind): string
    {
        $enough = (float) $this->lot->facts->crop->jarMoisture;
        [$early, $middle, $late] = $jar->until($enough);
        $since = $this->lot->desiccant->since ?? $this->when->now;
        $on = fn (float $hours): string => $this->when->date($since->modify(sprintf('+%d minutes', (int) round(60 * $hours))));
        if ($early === null || $middle === null || $late === null) {
            return sprintf('That takes it to %s and no further; %s or less is wanted. Change it about %s. %s', Quantity::moisture($jar->endsAt), Quantity::moisture($enough), $on(DesiccantJar::spentAfter()), self::again($kind));
        }
        $least = $this->lot->facts->crop->leastMoisture;

        return sprintf(
            'Dry enough about %s (%s to %s, by an assumed pace), when it is to come out%s. In the end the jar would be at %s RH and the seed at %s.',
            $on($middle),
            $on($early),
            $on($late),
            $least !== null && $jar->endsAt < $least ? sprintf(': below %s it is harmed', Quantity::moisture($least)) : '',
            Quantity::percent($jar->endsRh),
            Quantity::moisture($jar->endsAt),
        );
    }
}
