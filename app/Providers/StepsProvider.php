<?php

declare(strict_types=1);

namespace App\Providers;

use App\Finding\Finder;
use App\Finding\FindsCrops;
use App\Finding\FindsPeople;
use App\Finding\FindsReckoners;
use App\Finding\FindsSettings;
use App\Finding\FindsWays;
use App\Finding\FindsWhich;
use App\Finding\FindsWords;
use App\Presenting\LotSheet;
use App\Steps\Cleaning\CleaningSection;
use App\Steps\Cleaning\CleaningVoice;
use App\Steps\Drying\DryingSection;
use App\Steps\Drying\DryingVoice;
use App\Steps\Growing\GrowingVoice;
use App\Steps\Journal\SettleVoice;
use App\Steps\Keeping\KeepingVoice;
use App\Steps\Origin\OriginSection;
use App\Steps\Packets\PacketsSection;
use App\Steps\Pollinating\PollinatingVoice;
use App\Steps\Sharing\SharingVoice;
use App\Steps\Storing\StoringSection;
use App\Steps\Storing\StoringVoice;
use App\Steps\Testing\TestingSection;
use App\Steps\Testing\TestingVoice;
use App\Steps\Treating\TreatingVoice;
use App\Steps\Trueness\TruenessVoice;
use App\Work\TaskVoices;
use Illuminate\Support\ServiceProvider;

/** What each step of the work says and shows. A new step or section is a new line here, and nowhere else. */
final class StepsProvider extends ServiceProvider
{
    private const VOICES = [GrowingVoice::class, CleaningVoice::class, DryingVoice::class, TestingVoice::class, StoringVoice::class, KeepingVoice::class, TreatingVoice::class, SharingVoice::class, TruenessVoice::class, PollinatingVoice::class, SettleVoice::class];

    /** In the order in which they stand on the worksheet. */
    private const SECTIONS = [StoringSection::class, PacketsSection::class, TestingSection::class, DryingSection::class, CleaningSection::class, OriginSection::class];

    /** In the order in which they are shown. */
    private const FINDS = [FindsPeople::class, FindsCrops::class, FindsWhich::class, FindsReckoners::class, FindsWays::class, FindsSettings::class, FindsWords::class];

    public function register(): void
    {
        $this->app->tag(self::FINDS, 'finds');
        $this->app->when(Finder::class)->needs('$sorts')->giveTagged('finds');
        $this->app->tag(self::VOICES, 'task-voices');
        $this->app->tag(self::SECTIONS, 'sheet-sections');
        $this->app->when(TaskVoices::class)->needs('$voices')->giveTagged('task-voices');
        $this->app->when(LotSheet::class)->needs('$sections')->giveTagged('sheet-sections');
    }
}
