<?php

declare(strict_types=1);

use App\Http\Controllers\Bench\ConversionController;
use App\Http\Controllers\Bench\EvaluationController;
use App\Http\Controllers\Bench\PitchController;
use App\Http\Controllers\Bench\SolutionController;
use App\Http\Controllers\Bench\SoundController;
use App\Http\Controllers\Bench\TuningController;
use App\Http\Controllers\Frame\AnswersController;
use App\Http\Controllers\Instruments\FitController;
use App\Http\Controllers\Instruments\ReachController;
use Illuminate\Support\Facades\Route;

Route::get('ok', AnswersController::class)->name('ok');
Route::post('evaluations', EvaluationController::class)->name('evaluations');
Route::post('solutions', SolutionController::class)->name('solutions');
Route::post('conversions', ConversionController::class)->name('conversions');
Route::post('sounds', SoundController::class)->name('sounds');
Route::get('tunings', [TuningController::class, 'index'])->name('tunings');
Route::get('pitches', PitchController::class)->name('pitches');
Route::post('fits', FitController::class)->name('fits');
Route::post('reaches', ReachController::class)->name('reaches');
