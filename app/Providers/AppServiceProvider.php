<?php

declare(strict_types=1);

namespace App\Providers;

use App\Clock;
use App\Copies\GoneBack;
use App\Garden\SchemaAge;
use App\Garden\Settings;
use App\Garden\SettingsChanged;
use App\Handbook\HandbookChanged;
use App\Handbook\OwnFigures;
use App\Handbook\ReadCrops;
use App\Instruments\Poller;
use App\Journal\Changed;
use App\Keeping\Present;
use App\Keeping\Role;
use App\Lineage\Crossings;
use App\Lineage\Lines;
use App\Models\Acting;
use App\Models\Backlog;
use App\Models\GatedConnector;
use App\Plans\PlansAfresh;
use App\Presenting\RemedySearch;
use App\Presenting\RotaPlayWork;
use App\Presenting\RotaWork;
use App\Projection\Projector;
use App\Reading\JournalReader;
use App\Reading\StorePaces;
use App\Reading\Stores;
use App\Reading\YearsWarmth;
use App\Sharing\StaysForgotten;
use App\Voice\Forms;
use App\Voice\Speaking;
use App\Works\Chores;
use App\Works\Slices;
use App\Works\Worker;
use App\Works\Works;
use DateTimeZone;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Database\Events\NoPendingMigrations;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Queue\Worker as QueueWorker;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Settings\Practice;
use PDOException;
use Psr\Clock\ClockInterface;
use RuntimeException;

final class AppServiceProvider extends ServiceProvider
{
    /** What takes long and is done meanwhile; a new sort of it is a new line here. */
    private const DOINGS = [RemedySearch::class, RotaWork::class, RotaPlayWork::class];

    public function register(): void
    {
        $this->app->scoped(Clock::class, static function (): Clock {
            $fixed = config('marrow.now');

            // The clock goes on where the garden cannot be read: going back to a copy of it wants the time, too.
            try {
                $zone = app(Settings::class)->text('time_zone');
            } catch (PDOException|SQLiteDatabaseDoesNotExistException) {
                $zone = '';
            }

            return new Clock(
                is_string($fixed) && $fixed !== '' ? $fixed : null,
                new DateTimeZone($zone !== '' ? $zone : config()->string('app.timezone')),
            );
        });
        $this->app->bind('db.connector.sqlite', GatedConnector::class);
        $this->app->scoped(Settings::class);
        $this->app->alias(Clock::class, ClockInterface::class);
        $this->app->scoped(OwnFigures::class, fn (): OwnFigures => new OwnFigures(config()->string('marrow.crops'), $this->app->make(ReadCrops::class)));
        $this->app->scoped(ReadCrops::class, fn (): ReadCrops => new ReadCrops(config()->string('marrow.crops_read'), ! $this->app->runningInConsole()));
        $this->app->scoped(CropReference::class, fn (): CropReference => $this->app->make(OwnFigures::class)->reference());
        $this->app->scoped(Registry::class, fn (): Registry => Registry::standard($this->app->make(CropReference::class)));
        $this->app->scoped(Present::class);
        // Who signed in; where nobody does, what was chosen once on the device that asks, and is sent with everything.
        $this->app->bind(Acting::class, static function (Application $app): Acting {
            $present = $app->make(Present::class);

            return $present->keeper === null
                ? (new Acting($present->owner()->name ?? ''))->orBy(rawurldecode((string) $app->make(Request::class)->headers->get('X-Keeper', '')))
                : new Acting($present->keeper->name, true, ! $present->may(Role::Keeper));
        });
        $this->app->scoped(JournalReader::class);
        $this->app->scoped(Crossings::class);
        $this->app->scoped(Lines::class);
        $this->app->scoped(Stores::class);
        $this->app->bind(Slices::class, Projector::class);
        $this->app->bind(Chores::class, Poller::class);
        $this->app->tag(self::DOINGS, 'doings');
        $this->app->when(Works::class)->needs('$doings')->giveTagged('doings');
        $this->app->when(Worker::class)->needs(QueueWorker::class)->give('queue.worker');
        $this->app->scoped(StorePaces::class);
        $this->app->scoped(YearsWarmth::class);
        $this->app->bind(Practice::class, fn (): Practice => $this->app->make(Settings::class)->practice());
    }

    public function boot(): void
    {
        // A lazily loaded relation or a misspelt column is a mistake to hear of, not to pay for in silence.
        Model::shouldBeStrict(! $this->app->environment('production'));
        Event::listen(Changed::class, [Projector::class, 'journalChanged']);
        Event::listen(Changed::class, [PlansAfresh::class, 'journalChanged']);
        Event::listen(HandbookChanged::class, [Projector::class, 'handbookChanged']);
        Event::listen(HandbookChanged::class, [PlansAfresh::class, 'handbookChanged']);
        Event::listen(SettingsChanged::class, [Projector::class, 'settingsChanged']);
        Event::listen(SettingsChanged::class, [PlansAfresh::class, 'settingsChanged']);
        Event::listen(GoneBack::class, [StaysForgotten::class, 'goneBack']);
        Event::listen([MigrationsStarted::class, NoPendingMigrations::class], static function (): void {
            if (SchemaAge::isNewer()) {
                throw new RuntimeException(SchemaAge::NEWER);
            }
        });
        // What lists hold is laid out anew by migrations; it is reckoned from the journal and the plans.
        Event::listen(MigrationsEnded::class, static function (): void {
            if (DB::table('journal_entries')->exists()) {
                app(Projector::class)->allAgain();
                Backlog::addPlans(array_values(array_map(intval(...), DB::table('plan_versions')->distinct()->pluck('year')->all())));
            }
        });
        Speaking::as(new Forms);
        // What a work finds is handed on as it stands: it says days and quantities as an answer would.
        Event::listen(JobProcessing::class, static fn () => Speaking::as(app(Settings::class)->forms()));
    }
}
