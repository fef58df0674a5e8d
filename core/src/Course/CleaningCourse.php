<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\FermentStarted;

/** Getting the seed out: ferment, pour off, rinse; or thresh and winnow. */
final class CleaningCourse
{
    public CleaningStage $stage = CleaningStage::Uncleaned;

    /** When the present stage began. */
    public ?\DateTimeImmutable $since = null;

    public ?FermentStarted $ferment = null;

    public ?\DateTimeImmutable $fermentedFrom = null;

    public ?\DateTimeImmutable $pouredOffAt = null;

    public bool $sproutedSeen = false;

    /** g after the last step that was weighed */
    public ?float $massOut = null;

    public function __construct(private readonly Crop $crop) {}

    /** @throws EntryRefused */
    public function fermentStarted(FermentStarted $ferment, \DateTimeImmutable $at): void
    {
        if ($this->crop->cleaning->way === CleaningWay::Thresh) {
            throw EntryRefused::outOfPlace(sprintf('%s is threshed dry, not fermented.', $this->crop->name));
        }
        $this->mustBe($at, 'A ferment starts with uncleaned seed', CleaningStage::Uncleaned);
        $this->ferment = $ferment;
        $this->fermentedFrom = $at;
        $this->enter(CleaningStage::Fermenting, $at);
    }

    /** @throws EntryRefused */
    public function pouredOff(bool $sprouted, \DateTimeImmutable $at): void
    {
        $this->mustBe($at, 'Only a working ferment can be poured off', CleaningStage::Fermenting);
        $this->pouredOffAt = $at;
        $this->sproutedSeen = $sprouted;
        $this->enter(CleaningStage::PouredOff, $at);
    }

    /** @throws EntryRefused */
    public function rinsed(\DateTimeImmutable $at): void
    {
        if ($this->stage === CleaningStage::Fermenting) {
            throw EntryRefused::outOfPlace('The ferment is still working: record that you poured it off, then the rinse.');
        }
        // Rubbed and rinsed at once is the other school for gel seed; onion is rinsed after winnowing by some.
        $this->mustBe($at, 'Seed is rinsed before it is dried', CleaningStage::Uncleaned, CleaningStage::PouredOff, CleaningStage::Clean);
        $this->enter(CleaningStage::Clean, $at);
    }

    /** @throws EntryRefused */
    public function threshed(?float $mass, \DateTimeImmutable $at): void
    {
        if ($this->crop->cleaning->way !== CleaningWay::Thresh) {
            throw EntryRefused::outOfPlace(sprintf('%s seed comes out of wet fruit; there is nothing to thresh.', $this->crop->name));
        }
        $this->mustBe($at, 'Seed is threshed before it is winnowed', CleaningStage::Uncleaned, CleaningStage::Threshed);
        $this->massOut = $mass;
        $this->enter(CleaningStage::Threshed, $at);
    }

    /** @throws EntryRefused */
    public function winnowed(?float $mass, \DateTimeImmutable $at): void
    {
        $this->mustBe($at, 'Seed is winnowed after it has been threshed', CleaningStage::Threshed, CleaningStage::Clean);
        if ($mass !== null && $this->massOut !== null && $mass > $this->massOut) {
            throw EntryRefused::at('mass_g', sprintf(
                'Winnowing only takes away: %s g cannot come out of the %s g that were threshed.',
                Show::grams($mass),
                Show::grams($this->massOut),
            ));
        }
        $this->massOut = $mass ?? $this->massOut;
        $this->enter(CleaningStage::Clean, $at);
    }

    public function fermentWindow(): ?FermentWindow
    {
        return $this->ferment === null ? null : FermentWindow::at($this->ferment->temperatureC);
    }

    /** Hours the seed lay in its ferment; null while it still does, or never did. */
    public function fermentedHours(): ?float
    {
        if ($this->fermentedFrom === null || $this->pouredOffAt === null) {
            return null;
        }

        return ($this->pouredOffAt->getTimestamp() - $this->fermentedFrom->getTimestamp()) / 3600;
    }

    /** @throws EntryRefused */
    private function mustBe(\DateTimeImmutable $at, string $rule, CleaningStage ...$stages): void
    {
        if (in_array($this->stage, $stages, true)) {
            return;
        }
        $now = match ($this->stage) {
            CleaningStage::Uncleaned => 'nothing had been done with this lot yet',
            CleaningStage::Fermenting => 'a ferment was working',
            CleaningStage::PouredOff => 'it had been poured off',
            CleaningStage::Threshed => 'it had been threshed',
            CleaningStage::Clean => 'it was clean already',
        };
        throw EntryRefused::outOfPlace(sprintf('%s; on %s %s.', $rule, Show::moment($at), $now));
    }

    private function enter(CleaningStage $stage, \DateTimeImmutable $at): void
    {
        $this->stage = $stage;
        $this->since = $at;
    }
}
