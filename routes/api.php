<?php

declare(strict_types=1);

use App\Http\Controllers\Api\AccessCodeController;
use App\Http\Controllers\Api\AccountController;
use App\Http\Controllers\Api\AgreementController;
use App\Http\Controllers\Api\AppealController;
use App\Http\Controllers\Api\AssessmentController;
use App\Http\Controllers\Api\BenchController;
use App\Http\Controllers\Api\BriefController;
use App\Http\Controllers\Api\CalendarController;
use App\Http\Controllers\Api\CaptureController;
use App\Http\Controllers\Api\CarcassController;
use App\Http\Controllers\Api\ChangesController;
use App\Http\Controllers\Api\CostController;
use App\Http\Controllers\Api\DeliveryController;
use App\Http\Controllers\Api\DraftController;
use App\Http\Controllers\Api\FindController;
use App\Http\Controllers\Api\FloorController;
use App\Http\Controllers\Api\GroupController;
use App\Http\Controllers\Api\LedgerController;
use App\Http\Controllers\Api\LiveController;
use App\Http\Controllers\Api\LotLabelController;
use App\Http\Controllers\Api\ModerationController;
use App\Http\Controllers\Api\NeedController;
use App\Http\Controllers\Api\PersonController;
use App\Http\Controllers\Api\PhotoController;
use App\Http\Controllers\Api\PolicyController;
use App\Http\Controllers\Api\PotController;
use App\Http\Controllers\Api\PracticeController;
use App\Http\Controllers\Api\PriceController;
use App\Http\Controllers\Api\PrintController;
use App\Http\Controllers\Api\PutAwayController;
use App\Http\Controllers\Api\RecordController;
use App\Http\Controllers\Api\ReleaseController;
use App\Http\Controllers\Api\RosterController;
use App\Http\Controllers\Api\ScaleController;
use App\Http\Controllers\Api\ScalePanController;
use App\Http\Controllers\Api\SchoolController;
use App\Http\Controllers\Api\ServingController;
use App\Http\Controllers\Api\SessionController;
use App\Http\Controllers\Api\SheetController;
use App\Http\Controllers\Api\StandardController;
use App\Http\Controllers\Api\StandardisingController;
use App\Http\Controllers\Api\StartController;
use App\Http\Controllers\Api\StudentController;
use App\Http\Controllers\Api\TermController;
use App\Http\Controllers\Api\TrayController;
use App\Http\Controllers\Api\TryStandardController;
use App\Http\Controllers\Api\VerdictController;
use App\Http\Controllers\Api\WeekController;
use App\Http\Middleware\SamePerson;
use Illuminate\Support\Facades\Route;

Route::get('/session', [SessionController::class, 'show']);
Route::post('/session', [SessionController::class, 'store'])->middleware('throttle:sign-in');

Route::get('/start', [StartController::class, 'show']);
Route::post('/start', [StartController::class, 'store'])->middleware('throttle:code');
Route::post('/code/look', [AccessCodeController::class, 'show'])->middleware('throttle:code');
Route::post('/code', [AccessCodeController::class, 'store'])->middleware('throttle:code');
Route::get('/calendar.ics', [CalendarController::class, 'feed'])->middleware('throttle:code');

Route::middleware(['auth:sanctum', SamePerson::class])->group(static function (): void {
    Route::delete('/session', [SessionController::class, 'destroy']);

    Route::put('/account/password', [AccountController::class, 'password'])->middleware('throttle:code');
    Route::delete('/account/sessions', [AccountController::class, 'signOut']);
    Route::get('/calendars', [CalendarController::class, 'index']);
    Route::post('/calendars', [CalendarController::class, 'store']);
    Route::delete('/calendars/{calendar}', [CalendarController::class, 'destroy']);
    Route::get('/people', [PersonController::class, 'index']);
    Route::post('/people', [PersonController::class, 'store']);
    Route::patch('/people/{person}', [PersonController::class, 'update']);
    Route::post('/people/{person}/code', [PersonController::class, 'code']);
    Route::get('/roster', [RosterController::class, 'show']);
    Route::get('/roster.csv', [RosterController::class, 'csv']);
    Route::get('/roster.zip', [RosterController::class, 'zip']);
    Route::post('/roster/plan', [RosterController::class, 'plan']);
    Route::post('/roster/import', [RosterController::class, 'import']);
    Route::post('/groups', [GroupController::class, 'store']);
    Route::put('/groups/{group}', [GroupController::class, 'update']);
    Route::post('/groups/{group}/codes', [GroupController::class, 'codes']);
    Route::get('/students', [StudentController::class, 'index']);
    Route::post('/students', [StudentController::class, 'store']);
    Route::patch('/students/{student}', [StudentController::class, 'update']);
    Route::get('/students/{student}/record.csv', [RecordController::class, 'csv']);
    Route::get('/students/{student}/record.pdf', [RecordController::class, 'pdf']);
    Route::post('/students/{student}/accommodations', [StudentController::class, 'allow']);
    Route::delete('/students/{student}/accommodations/{accommodation}', [StudentController::class, 'end']);
    Route::get('/changes', [ChangesController::class, 'index']);

    Route::get('/school', [SchoolController::class, 'show']);
    Route::patch('/school', [SchoolController::class, 'update']);
    Route::get('/carcasses', [CarcassController::class, 'index']);
    Route::post('/standards/check', [StandardController::class, 'check']);
    Route::get('/drafts', [DraftController::class, 'index']);
    Route::get('/drafts/{draft}', [DraftController::class, 'show']);
    Route::put('/drafts/{draft}', [DraftController::class, 'store']);
    Route::delete('/drafts/{draft}', [DraftController::class, 'destroy']);

    Route::get('/find', [FindController::class, 'index']);
    Route::get('/standardising', [StandardisingController::class, 'index']);
    Route::put('/standardising/{id}', [StandardisingController::class, 'store']);
    Route::get('/standardising/{set}', [StandardisingController::class, 'show']);
    Route::put('/standardising/{set}/entries/{entry}', [StandardisingController::class, 'take']);
    Route::get('/standardising/{set}/photos/{sha256}', [StandardisingController::class, 'photo']);
    Route::get('/agreement', [AgreementController::class, 'show']);
    Route::get('/bench', [BenchController::class, 'show']);
    Route::get('/bench/earlier', [BenchController::class, 'earlier']);

    Route::get('/assessments/{assessment}', [AssessmentController::class, 'show']);
    Route::get('/assessments/{assessment}/package', [AssessmentController::class, 'package']);
    Route::get('/assessments/{assessment}/sheet', [SheetController::class, 'show']);
    Route::get('/assessments/{assessment}/results.zip', [SheetController::class, 'zip']);
    Route::get('/assessments/{assessment}/sheet.csv', [SheetController::class, 'csv']);
    Route::get('/assessments/{assessment}/floor', [FloorController::class, 'show']);
    Route::put('/assessments/{assessment}/room', [FloorController::class, 'arrange']);
    Route::put('/assessments/{assessment}/scale-checks/{check}', [FloorController::class, 'check']);
    Route::post('/assessments/{assessment}/presence', [FloorController::class, 'present']);
    Route::get('/assessments/{assessment}/captures', [CaptureController::class, 'after']);
    Route::post('/assessments/{assessment}/standard', [AssessmentController::class, 'hold']);
    Route::get('/assessments/{assessment}/moderation', [ModerationController::class, 'show']);
    Route::post('/assessments/{assessment}/release', [ReleaseController::class, 'store']);

    Route::get('/assessments/{assessment}/cost', [CostController::class, 'show']);
    Route::get('/assessments/{assessment}/cost.csv', [CostController::class, 'csv']);
    Route::put('/assessments/{assessment}/deliveries/{delivery}', [DeliveryController::class, 'store']);
    Route::put('/ledger/prices/{price}', [PriceController::class, 'store']);
    Route::get('/assessments/{assessment}/put-away', [PutAwayController::class, 'show']);

    Route::get('/ledger', [LedgerController::class, 'index']);
    Route::post('/ledger/facts', [LedgerController::class, 'store']);
    Route::get('/ledger/facts', [LedgerController::class, 'after']);
    Route::get('/ledger/lots', [LedgerController::class, 'onHand']);
    Route::get('/ledger/labels', [LotLabelController::class, 'show']);
    Route::get('/ledger/lots/{lot}', [LedgerController::class, 'show']);

    Route::get('/attempts/{attempt}', [TrayController::class, 'show']);
    Route::post('/attempts/{attempt}/captures', [CaptureController::class, 'store']);
    Route::put('/attempts/{attempt}/photos/{sha256}', [PhotoController::class, 'store']);
    Route::get('/attempts/{attempt}/photos/{sha256}', [PhotoController::class, 'show']);
    Route::get('/attempts/{attempt}/appeals', [AppealController::class, 'index']);
    Route::put('/attempts/{attempt}/appeals/{appeal}', [AppealController::class, 'store']);
    Route::put('/appeals/{appeal}/assignee/{entry}', [AppealController::class, 'assign']);
    Route::put('/appeals/{appeal}/decisions/{entry}', [AppealController::class, 'decide']);
    Route::get('/appeals/{appeal}/file.pdf', [AppealController::class, 'file']);
    Route::get('/attempts/{attempt}/verdict', [VerdictController::class, 'show']);
    Route::get('/attempts/{attempt}/released', [VerdictController::class, 'released']);
    Route::get('/attempts/{attempt}/released.pdf', [VerdictController::class, 'releasedPdf']);
    Route::get('/results', [VerdictController::class, 'own']);
    Route::get('/practice', [PracticeController::class, 'index']);
    Route::get('/practice/{standard}', [PracticeController::class, 'show']);
    Route::get('/practice/{standard}/quiz', [PracticeController::class, 'quiz']);

    Route::get('/standards', [StandardController::class, 'index']);
    Route::post('/standards/try', [TryStandardController::class, 'store']);
    Route::post('/standards', [StandardController::class, 'store']);
    Route::get('/standards/{standard}', [StandardController::class, 'show']);
    Route::get('/standards/{standard}/sheet.pdf', [StandardController::class, 'sheet']);
    Route::get('/standards/{standard}/document', [StandardController::class, 'document']);

    Route::get('/briefs', [BriefController::class, 'index']);
    Route::get('/missed-tries', [BriefController::class, 'missed']);
    Route::get('/briefs/{brief}', [BriefController::class, 'show']);
    Route::put('/briefs/{brief}', [BriefController::class, 'store']);
    Route::delete('/briefs/{brief}', [BriefController::class, 'destroy']);
    Route::post('/briefs/{brief}/set', [BriefController::class, 'set']);
    Route::post('/briefs/{brief}/postpone', [BriefController::class, 'postpone']);
    Route::post('/briefs/{brief}/cancel', [BriefController::class, 'cancel']);
    Route::get('/briefs/{brief}/print', [PrintController::class, 'show']);
    Route::get('/briefs/{brief}/purchase.csv', [PrintController::class, 'purchase']);
    Route::get('/policy', [PolicyController::class, 'show']);
    Route::post('/policy', [PolicyController::class, 'store']);
    Route::post('/policy/try', [PolicyController::class, 'try']);
    Route::get('/policy/document', [PolicyController::class, 'document']);

    Route::get('/assessments/{assessment}/live', [LiveController::class, 'assessment']);
    Route::get('/scale/live', [LiveController::class, 'scale']);
    Route::get('/scale', [ScaleController::class, 'stream']);
    Route::get('/ledger/needs', [NeedController::class, 'index']);
    Route::get('/ledger/serving', [ServingController::class, 'show']);
    Route::get('/ledger/term', [TermController::class, 'show']);
    Route::get('/ledger/term.csv', [TermController::class, 'csv']);
    Route::get('/ledger/term.pdf', [TermController::class, 'pdf']);
    Route::get('/ledger/week', [WeekController::class, 'show']);
    Route::get('/ledger/week.csv', [WeekController::class, 'csv']);
    Route::get('/ledger/pots', [PotController::class, 'index']);
    if (is_string(config('scale.pan'))) {
        Route::get('/ledger/lots/{lot}/probe', [ScalePanController::class, 'coolingProbe']);
        Route::post('/attempts/{attempt}/pan', [ScalePanController::class, 'store']);
        Route::get('/attempts/{attempt}/probe', [ScalePanController::class, 'probe']);
    }
});
