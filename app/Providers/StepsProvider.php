<?php

declare(strict_types=1);

namespace App\Providers;

use App\Boards\BenchBoard;
use App\Boards\Boards;
use App\Boards\PlotBoard;
use App\Boards\RacksBoard;
use App\Boards\StoreBoard;
use App\Boards\TraysBoard;
use App\Finding\Finder;
use App\Finding\FindsCrops;
use App\Finding\FindsPeople;
use App\Finding\FindsReckoners;
use App\Finding\FindsSettings;
use App\Finding\FindsWays;
use App\Finding\FindsWhich;
use App\Finding\FindsWords;
use App\Presenting\LotSheet;
use App\Reckoners\Judgements;
use App\Reckoners\Judgements\CleaningJudgements;
use App\Reckoners\Judgements\FieldJudgements;
use App\Reckoners\Judgements\GerminationJudgements;
use App\Reckoners\Judgements\IsolationJudgements;
use App\Reckoners\Judgements\PopulationJudgements;
use App\Reckoners\Judgements\StorageJudgements;
use App\Reckoners\Judgements\WaterJudgements;
use App\Reckoners\Pictures\FieldPictures;
use App\Reckoners\Pictures\GerminationPictures;
use App\Reckoners\Pictures\IsolationPictures;
use App\Reckoners\Pictures\Pictures;
use App\Reckoners\Pictures\PopulationPictures;
use App\Reckoners\Pictures\StoragePictures;
use App\Reckoners\Pictures\WaterPictures;
use App\Steps\Cellar\CellarSection;
use App\Steps\Cellar\CellarVoice;
use App\Steps\Choosing\ChoosingVoice;
use App\Steps\Cleaning\CleaningSection;
use App\Steps\Cleaning\CleaningVoice;
use App\Steps\Drying\DesiccantVoice;
use App\Steps\Drying\DryingSection;
use App\Steps\Drying\DryingVoice;
use App\Steps\Drying\RackVoice;
use App\Steps\Growing\GrowingVoice;
use App\Steps\Journal\SettleVoice;
use App\Steps\Keeping\KeepingVoice;
use App\Steps\Origin\OriginSection;
use App\Steps\Packets\PacketsSection;
use App\Steps\Pollinating\PollinatingVoice;
use App\Steps\Ripening\RipeningVoice;
use App\Steps\Sharing\SharingVoice;
use App\Steps\Shelf\ShelfVoice;
use App\Steps\Storing\StoringSection;
use App\Steps\Storing\StoringVoice;
use App\Steps\Testing\TestingSection;
use App\Steps\Testing\TestingVoice;
use App\Steps\Treating\TreatingVoice;
use App\Steps\Trueness\TruenessVoice;
use App\Work\TaskVoices;
use Illuminate\Support\ServiceProvider;

/** What each step of the work says, shows and draws, found the one way: what is new is a line here, and nowhere else. */
final class StepsProvider extends ServiceProvider
{
    private const VOICES = [GrowingVoice::class, ChoosingVoice::class, RipeningVoice::class, ShelfVoice::class, CleaningVoice::class, DryingVoice::class, RackVoice::class, DesiccantVoice::class, TestingVoice::class, StoringVoice::class, CellarVoice::class, KeepingVoice::class, TreatingVoice::class, SharingVoice::class, TruenessVoice::class, PollinatingVoice::class, SettleVoice::class];

    /** In the order in which they stand on the worksheet. */
    private const SECTIONS = [StoringSection::class, CellarSection::class, PacketsSection::class, TestingSection::class, DryingSection::class, CleaningSection::class, OriginSection::class];

    /** In the order in which they are shown. */
    private const FINDS = [FindsPeople::class, FindsCrops::class, FindsWhich::class, FindsReckoners::class, FindsWays::class, FindsSettings::class, FindsWords::class];

    /** One for each place of the work. */
    private const BOARDS = [PlotBoard::class, BenchBoard::class, RacksBoard::class, TraysBoard::class, StoreBoard::class];

    private const JUDGEMENTS = [GerminationJudgements::class, WaterJudgements::class, StorageJudgements::class, CleaningJudgements::class, PopulationJudgements::class, FieldJudgements::class, IsolationJudgements::class];

    private const PICTURES = [GerminationPictures::class, WaterPictures::class, StoragePictures::class, PopulationPictures::class, FieldPictures::class, IsolationPictures::class];

    public function register(): void
    {
        $this->app->when(Boards::class)->needs('$boards')->give(self::BOARDS);
        $this->app->tag(self::JUDGEMENTS, 'judgements');
        $this->app->when(Judgements::class)->needs('$judges')->giveTagged('judgements');
        $this->app->tag(self::PICTURES, 'pictures');
        $this->app->when(Pictures::class)->needs('$draws')->giveTagged('pictures');
        $this->app->tag(self::FINDS, 'finds');
        $this->app->when(Finder::class)->needs('$sorts')->giveTagged('finds');
        $this->app->tag(self::VOICES, 'task-voices');
        $this->app->tag(self::SECTIONS, 'sheet-sections');
        $this->app->when(TaskVoices::class)->needs('$voices')->giveTagged('task-voices');
        $this->app->when(LotSheet::class)->needs('$sections')->giveTagged('sheet-sections');
    }
}
