<?php

use App\Http\Controllers\BooksController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\GardenController;
use App\Http\Controllers\HandbookController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlantingController;
use App\Http\Controllers\ReckoningController;
use App\Http\Controllers\SettingsController;
use App\Http\Middleware\CopiesDaily;
use App\Http\Middleware\KnowsTheGarden;
use App\Http\Middleware\SpeaksAsSet;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Route;

Route::get('/frame', [FrameController::class, 'frame']);
Route::get('/today', [FrameController::class, 'today']);
Route::get('/places/{place}', [PlaceController::class, 'show']);
Route::get('/lots/{code}', [LotController::class, 'show']);
Route::get('/plantings/{code}', [PlantingController::class, 'show']);
Route::put('/plantings/{code}', [PlantingController::class, 'change']);
Route::post('/entries', [EntryController::class, 'record']);
Route::post('/entries/{entry}/strike', [EntryController::class, 'strike']);
Route::get('/beginnings', [EntryController::class, 'beginnings']);
Route::get('/journal', [EntryController::class, 'index']);
// A garden that cannot be read is what a copy is for.
Route::withoutMiddleware([KnowsTheGarden::class, SpeaksAsSet::class, CopiesDaily::class])->group(static function (): void {
    Route::get('/copies', [CopyController::class, 'index']);
    Route::post('/copies', [CopyController::class, 'take']);
    Route::post('/copies/{copy}/restore', [CopyController::class, 'restore']);
});
Route::get('/settings', [SettingsController::class, 'index']);
Route::put('/settings/{key}', [SettingsController::class, 'put']);
Route::get('/forms/{name}', [GardenController::class, 'form']);
Route::get('/choices/lots', [GardenController::class, 'lots']);
Route::get('/choices/plantings', [GardenController::class, 'plantings']);
Route::get('/crops', [BooksController::class, 'crops']);
Route::get('/crops/{key}', [BooksController::class, 'handbook']);
Route::post('/crops', [HandbookController::class, 'add']);
Route::get('/crops/{key}/figures', [HandbookController::class, 'figures']);
Route::put('/crops/{key}/figures', [HandbookController::class, 'put']);
Route::get('/crops/{key}/file', [HandbookController::class, 'file']);
Route::get('/varieties', [GardenController::class, 'varieties']);
Route::post('/varieties', [GardenController::class, 'addVariety']);
Route::put('/varieties/{id}', [GardenController::class, 'changeVariety']);
Route::post('/varieties/{id}/merge', [GardenController::class, 'mergeVariety']);
Route::get('/store-places', [GardenController::class, 'places']);
Route::post('/store-places', [GardenController::class, 'addPlace']);
Route::put('/store-places/{id}', [GardenController::class, 'changePlace']);
Route::get('/calendar.ics', [CalendarController::class, 'feed']);
Route::get('/plans/{year}/calendar.ics', [CalendarController::class, 'plan'])->where('year', '[0-9]{4}');
Route::get('/plans', [PlanController::class, 'index']);
Route::post('/plans', [PlanController::class, 'start']);
Route::get('/plans/{year}', [PlanController::class, 'show'])->where('year', '[0-9]{4}');
Route::put('/plans/{year}', [PlanController::class, 'save'])->where('year', '[0-9]{4}');
Route::post('/plans/{year}/undo', [PlanController::class, 'undo'])->where('year', '[0-9]{4}');
Route::post('/plans/{year}/remedies', [PlanController::class, 'remedies'])->where('year', '[0-9]{4}');
Route::post('/plans/{year}/remedies/apply', [PlanController::class, 'apply'])->where('year', '[0-9]{4}');
Route::get('/reckonings', [ReckoningController::class, 'index']);
Route::get('/reckonings/{name}', [ReckoningController::class, 'show']);
Route::get('/which', [BooksController::class, 'which']);
Route::get('/season', [BooksController::class, 'season']);
Route::get('/find', [BooksController::class, 'find']);
Route::get('/words', [BooksController::class, 'words']);
Route::get('/forecasts', [BooksController::class, 'forecasts']);
// What the framework costs by itself: the start-up scripts wait for it, and the benchmark measures against it.
Route::get('/ping', static fn (): JsonResponse => new JsonResponse(['marrow' => true]))
    ->withoutMiddleware([KnowsTheGarden::class, SpeaksAsSet::class, CopiesDaily::class]);
