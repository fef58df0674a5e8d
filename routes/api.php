<?php

use App\Http\Controllers\BooksController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\FamilyController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\GardenController;
use App\Http\Controllers\HandbookController;
use App\Http\Controllers\HolderController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\KeeperController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\PastController;
use App\Http\Controllers\PhotographController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlantingController;
use App\Http\Controllers\PrintController;
use App\Http\Controllers\ReckoningController;
use App\Http\Controllers\RotaController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SharingController;
use App\Http\Controllers\TagController;
use App\Http\Controllers\WorkController;
use App\Http\Middleware\CopiesDaily;
use App\Http\Middleware\KnowsTheGarden;
use App\Http\Middleware\Needs;
use App\Http\Middleware\SignsIn;
use App\Http\Middleware\SpeaksAsSet;
use App\Http\Middleware\WorksOn;
use App\Keeping\Purpose;
use App\Keeping\Role;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Route;

// Each route stands under the least role that it answers (Http\Middleware\Needs); RoutesTest walks them all.

// To look, and to reckon without keeping anything.
Route::middleware(Needs::least(Role::Reader))->group(static function (): void {
    Route::get('/frame', [FrameController::class, 'frame']);
    Route::get('/today', [FrameController::class, 'today']);
    Route::get('/then', [PastController::class, 'then']);
    Route::get('/along', [FrameController::class, 'along']);
    Route::get('/racks', [PlaceController::class, 'racks']);
    Route::get('/trays', [PlaceController::class, 'trays']);
    Route::get('/shelf', [PlaceController::class, 'shelf']);
    Route::get('/places/{place}', [PlaceController::class, 'show']);
    Route::get('/places/{place}/table', [PlaceController::class, 'table']);
    Route::get('/lots/{code}', [LotController::class, 'show']);
    Route::get('/lots/{code}/family', [FamilyController::class, 'show']);
    Route::get('/lots/{code}/road', [FamilyController::class, 'road']);
    Route::get('/lots/{code}/crossed', [FamilyController::class, 'crossed']);
    Route::get('/lots/{code}/kin/{other}', [FamilyController::class, 'kin']);
    Route::get('/varieties/{id}/family', [FamilyController::class, 'ofVariety']);
    Route::get('/lots/{code}/portions', [LotController::class, 'portions']);
    Route::get('/lots/{code}/test-ahead', [LotController::class, 'testAhead']);
    Route::get('/rounds/{which}', [PlantingController::class, 'round']);
    Route::get('/plantings/{code}', [PlantingController::class, 'show']);
    Route::get('/plantings/{code}/tastings', [PlantingController::class, 'tastings']);
    Route::get('/intake', [IntakeController::class, 'form']);
    Route::post('/intake/columns', [IntakeController::class, 'columns']);
    Route::post('/intake/read', [IntakeController::class, 'read']);
    Route::get('/intakes', [IntakeController::class, 'index']);
    Route::get('/intakes/{id}', [IntakeController::class, 'show']);
    Route::get('/many', [EntryController::class, 'many']);
    Route::get('/lines', [EntryController::class, 'lines']);
    Route::post('/lines/read', [EntryController::class, 'readLine']);
    Route::get('/acts/{id}', [EntryController::class, 'act']);
    Route::get('/beginnings', [EntryController::class, 'beginnings']);
    Route::get('/kinds', [EntryController::class, 'kinds']);
    Route::get('/journal', [EntryController::class, 'index']);
    Route::get('/settings', [SettingsController::class, 'index']);
    Route::get('/instruments', [InstrumentController::class, 'index']);
    Route::get('/instruments/{id}', [InstrumentController::class, 'show']);
    Route::get('/forms/{name}', [GardenController::class, 'form']);
    Route::get('/print-jobs', [PrintController::class, 'index']);
    Route::get('/swap-list', [SharingController::class, 'swapList']);
    Route::get('/people', [SharingController::class, 'people']);
    Route::get('/tags', [TagController::class, 'index']);
    Route::get('/tags/read', [TagController::class, 'read']);
    Route::get('/choices/lots', [GardenController::class, 'lots']);
    Route::get('/choices/plantings', [GardenController::class, 'plantings']);
    Route::get('/crops', [BooksController::class, 'crops']);
    Route::get('/crops/{key}', [BooksController::class, 'handbook']);
    Route::get('/crops/{key}/figures', [HandbookController::class, 'figures']);
    Route::get('/crops/{key}/file', [HandbookController::class, 'file']);
    Route::get('/varieties', [GardenController::class, 'varieties']);
    Route::get('/store-places', [GardenController::class, 'places']);
    Route::get('/photographs/{id}', [PhotographController::class, 'show']);
    Route::get('/holders', [HolderController::class, 'index']);
    Route::get('/holders/{id}', [HolderController::class, 'show']);
    Route::get('/plans', [PlanController::class, 'index']);
    Route::get('/plans/{year}', [PlanController::class, 'show'])->where('year', '[0-9]{4}');
    Route::post('/plans/{year}/remedies', [PlanController::class, 'remedies'])->where('year', '[0-9]{4}');
    Route::post('/rota', [RotaController::class, 'find']);
    Route::post('/rota/play', [RotaController::class, 'play']);
    Route::post('/rota/moved', [RotaController::class, 'moved']);
    Route::get('/works/{id}', [WorkController::class, 'show']);
    Route::get('/reckonings', [ReckoningController::class, 'index']);
    Route::get('/reckonings/{name}', [ReckoningController::class, 'show']);
    Route::get('/which', [BooksController::class, 'which']);
    Route::get('/season', [BooksController::class, 'season']);
    Route::get('/find', [BooksController::class, 'find']);
    Route::get('/words', [BooksController::class, 'words']);
    Route::get('/forecasts', [BooksController::class, 'forecasts']);
});

// A calendar subscribes by an address of its own.
Route::middleware(Needs::least(Role::Reader, Purpose::Calendar))->group(static function (): void {
    Route::get('/calendar.ics', [CalendarController::class, 'feed']);
    Route::get('/plans/{year}/calendar.ics', [CalendarController::class, 'plan'])->where('year', '[0-9]{4}');
});

// To record.
Route::middleware(Needs::least(Role::Helper))->group(static function (): void {
    Route::post('/demo', [FrameController::class, 'demo']);
    Route::post('/entries', [EntryController::class, 'record']);
    Route::post('/entries/{entry}/strike', [EntryController::class, 'strike']);
    Route::post('/photographs', [PhotographController::class, 'add']);
    Route::post('/print-jobs', [PrintController::class, 'make']);
    Route::post('/print-jobs/{id}/send', [PrintController::class, 'send']);
    Route::post('/print-jobs/{id}/drop', [PrintController::class, 'drop']);
    Route::post('/varieties', [GardenController::class, 'addVariety']);
    Route::post('/plans/{year}/plantings/{planting}/put-off', [PlanController::class, 'putOff'])->where('year', '[0-9]{4}');
    Route::post('/works/{id}/stop', [WorkController::class, 'stop']);
    Route::post('/reading', [InstrumentController::class, 'reading']);
    Route::post('/instruments/{id}/ask', [InstrumentController::class, 'ask']);
});

// An instrument sends what it measured.
Route::middleware(Needs::least(Role::Helper, Purpose::Readings))->group(static function (): void {
    Route::post('/holders/{id}/readings', [HolderController::class, 'readings']);
    Route::post('/instruments/{id}/readings', [InstrumentController::class, 'readings']);
});

// To change what the garden is: names, places, figures, settings, plans.
Route::middleware(Needs::least(Role::Keeper))->group(static function (): void {
    Route::put('/plantings/{code}', [PlantingController::class, 'change']);
    Route::post('/intakes', [IntakeController::class, 'keep']);
    Route::post('/intakes/{id}/take-back', [IntakeController::class, 'takeBack']);
    Route::put('/settings/{key}', [SettingsController::class, 'put']);
    Route::post('/instruments', [InstrumentController::class, 'add']);
    Route::put('/instruments/{id}', [InstrumentController::class, 'change']);
    Route::post('/instruments/{id}/list', [InstrumentController::class, 'days']);
    Route::post('/instruments/{id}/remove', [InstrumentController::class, 'remove']);
    Route::post('/crops', [HandbookController::class, 'add']);
    Route::post('/crops/file', [HandbookController::class, 'takeIn']);
    Route::put('/crops/{key}/figures', [HandbookController::class, 'put']);
    Route::put('/varieties/{id}', [GardenController::class, 'changeVariety']);
    Route::post('/varieties/{id}/merge', [GardenController::class, 'mergeVariety']);
    Route::post('/store-places', [GardenController::class, 'addPlace']);
    Route::put('/store-places/{id}', [GardenController::class, 'changePlace']);
    Route::post('/holders/{id}/remove', [HolderController::class, 'remove']);
    Route::post('/containers', [HolderController::class, 'add']);
    Route::put('/containers/{id}', [HolderController::class, 'change']);
    Route::put('/rota/wish', [RotaController::class, 'wish']);
    Route::post('/rota/agreed', [RotaController::class, 'agree']);
    Route::post('/rota/plan', [RotaController::class, 'plan']);
    Route::post('/plans', [PlanController::class, 'start']);
    Route::put('/plans/{year}', [PlanController::class, 'save'])->where('year', '[0-9]{4}');
    Route::post('/plans/{year}/undo', [PlanController::class, 'undo'])->where('year', '[0-9]{4}');
    Route::post('/plans/{year}/remedies/apply', [PlanController::class, 'apply'])->where('year', '[0-9]{4}');
});

// To say who keeps it, and what is known of people.
Route::middleware(Needs::least(Role::Owner))->group(static function (): void {
    Route::post('/people/forget', [SharingController::class, 'forget']);
});

// The way in: what a stranger may ask, and hears nothing of the garden by.
Route::middleware(Needs::nothing())->group(static function (): void {
    Route::get('/me', [KeeperController::class, 'me']);
    Route::post('/sign-in', [KeeperController::class, 'signIn']);
    Route::post('/join/look', [KeeperController::class, 'look']);
    Route::post('/join', [KeeperController::class, 'join']);
});

// Of those who keep it: a browser of theirs asks, and no program.
Route::middleware(Needs::somebody(Role::Reader))->group(static function (): void {
    Route::post('/sign-out', [KeeperController::class, 'signOut']);
    Route::get('/keepers', [KeeperController::class, 'index']);
    Route::post('/keepers/{id}/leave', [KeeperController::class, 'leave']);
    Route::post('/keepers/{id}/sign-out', [KeeperController::class, 'outEverywhere']);
    Route::put('/me/password', [KeeperController::class, 'password']);
    Route::post('/passes/{id}/end', [KeeperController::class, 'end']);
    Route::post('/tokens', [KeeperController::class, 'token']);
});
Route::middleware(Needs::somebody(Role::Owner))->group(static function (): void {
    Route::post('/keepers/first', [KeeperController::class, 'first']);
    Route::post('/keepers/invite', [KeeperController::class, 'invite']);
    Route::put('/keepers/{id}', [KeeperController::class, 'change']);
    Route::post('/keepers/{id}/password-link', [KeeperController::class, 'passwordLink']);
});

// A garden that cannot be read is what a copy is for.
Route::withoutMiddleware([KnowsTheGarden::class, SpeaksAsSet::class, CopiesDaily::class, WorksOn::class])->group(static function (): void {
    Route::middleware(Needs::least(Role::Keeper))->group(static function (): void {
        Route::get('/copies', [CopyController::class, 'index']);
        Route::post('/copies', [CopyController::class, 'take']);
    });
    Route::post('/copies/{copy}/restore', [CopyController::class, 'restore'])->middleware(Needs::least(Role::Owner));
    // What the framework costs by itself: the start-up scripts wait for it, and the benchmark measures against it.
    Route::get('/ping', static fn (): JsonResponse => new JsonResponse(['marrow' => true]))->middleware(Needs::nothing())->withoutMiddleware(SignsIn::class);
});
