<?php

use App\Http\Controllers\BooksController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\JournalController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlantingController;
use App\Http\Controllers\ReckoningController;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Route;

Route::get('/frame', [FrameController::class, 'frame']);
Route::get('/today', [FrameController::class, 'today']);
Route::get('/places/{place}', [PlaceController::class, 'show']);
Route::get('/lots/{code}', [LotController::class, 'show']);
Route::post('/lots/{code}/entries', [LotController::class, 'record']);
Route::get('/plantings/{code}', [PlantingController::class, 'show']);
Route::post('/plantings', [PlantingController::class, 'start']);
Route::post('/plantings/{code}/entries', [PlantingController::class, 'record']);
Route::post('/plantings/{code}/lots', [LotController::class, 'start']);
Route::get('/journal', [JournalController::class, 'index']);
Route::post('/entries/{entry}/strike', [JournalController::class, 'strike']);
Route::get('/crops', [BooksController::class, 'crops']);
Route::get('/crops/{key}', [BooksController::class, 'handbook']);
Route::get('/varieties', [BooksController::class, 'varieties']);
Route::post('/varieties', [BooksController::class, 'addVariety']);
Route::get('/store-places', [BooksController::class, 'storePlaces']);
Route::post('/store-places', [BooksController::class, 'addStorePlace']);
Route::get('/calendar.ics', [CalendarController::class, 'feed']);
Route::get('/plans/{year}/calendar.ics', [CalendarController::class, 'plan'])->whereNumber('year');
Route::get('/plans', [PlanController::class, 'index']);
Route::post('/plans', [PlanController::class, 'start']);
Route::get('/plans/{year}', [PlanController::class, 'show'])->whereNumber('year');
Route::put('/plans/{year}', [PlanController::class, 'save'])->whereNumber('year');
Route::post('/plans/{year}/undo', [PlanController::class, 'undo'])->whereNumber('year');
Route::post('/plans/{year}/remedies', [PlanController::class, 'remedies'])->whereNumber('year');
Route::post('/plans/{year}/remedies/apply', [PlanController::class, 'apply'])->whereNumber('year');
Route::get('/reckonings', [ReckoningController::class, 'index']);
Route::get('/reckonings/{name}', [ReckoningController::class, 'show']);
Route::get('/find', [BooksController::class, 'find']);
// What the framework costs by itself: the start-up scripts wait for it, and the benchmark measures against it.
Route::get('/ping', static fn (): JsonResponse => new JsonResponse(['marrow' => true]));
