<?php

declare(strict_types=1);

use App\Http\Controllers\Bench\AskedDesignController;
use App\Http\Controllers\Bench\PitchController;
use App\Http\Controllers\Bench\TuningController;
use App\Http\Controllers\Bench\TypedController;
use App\Http\Controllers\Documents\AnswerController;
use App\Http\Controllers\Documents\QuestionController;
use App\Http\Controllers\Frame\AliveController;
use Illuminate\Support\Facades\Route;
use Lira\Document\Answers;
use Lira\Document\Asked\Questions;

Route::name('api.')->group(static function (): void {
    Route::get('ok', AliveController::class)->name('ok')->middleware('may:nobody');
    Route::get('tunings', [TuningController::class, 'index'])->name('tunings')->middleware('may:look');
    Route::get('typed', TypedController::class)->name('typed')->middleware('may:look');
    Route::get('pitches', PitchController::class)->name('pitches')->middleware('may:look');
    foreach (Answers::QUESTIONS as $question) {
        Route::post($question, AnswerController::class)->defaults('question', $question)->name($question)->middleware('may:look');
        Route::post("bench/{$question}", AskedDesignController::class)->defaults('question', $question)->name("bench.{$question}")->middleware('may:look');
    }
    foreach (array_keys(Questions::ALL) as $question) {
        Route::post($question, QuestionController::class)->defaults('question', $question)->name($question)->middleware('may:look');
    }
});
