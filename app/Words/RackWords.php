<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DriesWhere;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Work\Place;

/** Where seed lies to dry, in what air, and how far that air takes it. */
final readonly class RackWords
{
    public function __construct(private LotCourse $lot) {}

    /** @return list<string> none of what does not lie on the racks */
    public function says(): array
    {
        $rack = $this->lot->rack;
        if ($this->lot->place() !== Place::Racks || $rack->surface === null || $rack->isShutIn) {
            return [];
        }
        $lies = [ucfirst($rack->surface->label()), $rack->placeName() === null ? '' : "in {$rack->placeName()}", $rack->lies === DriesWhere::Indoors ? '' : $rack->lies->label(), $rack->aid === null ? '' : 'with '.$rack->aid->label()];

        return array_values(array_filter([implode(', ', array_filter($lies)).'.', $this->air()]));
    }

    /** What the air it lies in makes of it; of an ordinary room it is said to be that. */
    private function air(): ?string
    {
        $course = $this->lot->rack->course();
        $enough = $this->lot->facts->crop->jarMoisture;
        // What is dry enough need not be told what the room would make of it.
        if ($course === null || $enough === null || $this->lot->drying->verdict() === DryingVerdict::DryEnough) {
            return null;
        }
        $isKnown = $course->isAirKnown;
        $air = sprintf($isKnown ? 'Its air is at %s and %s RH' : 'In an ordinary room (%s, %s RH)', Quantity::temperature($course->temperature), Quantity::percent($course->rh));
        $within = $this->lot->facts->crop->balance->ground->within();

        return match (true) {
            $course->stopsAt() <= $enough => sprintf($isKnown ? '%s: there it comes down to %s, dry enough for a jar.' : '%s it would come down to %s, dry enough for a jar.', $air, Quantity::moisture($course->stopsAt())),
            $course->stopsAt() <= $enough + $within => sprintf($isKnown ? '%s: there it stops at about %s; %s or less is wanted for a jar, so it may get there, or not quite.' : '%s it would stop at about %s; %s or less is wanted for a jar, so it may get there, or not quite.', $air, Quantity::moisture($course->stopsAt()), Quantity::moisture($enough)),
            default => sprintf($isKnown ? '%s: there it stops at %s, and never comes to the %s that a jar wants.' : '%s it would stop at about %s, above the %s that a jar wants.', $air, Quantity::moisture($course->stopsAt()), Quantity::moisture($enough)),
        };
    }
}
