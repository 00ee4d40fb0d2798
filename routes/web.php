<?php

declare(strict_types=1);

use App\Http\Controllers\AmountController;
use App\Http\Controllers\AroundController;
use App\Http\Controllers\BoilOffController;
use App\Http\Controllers\ChoicesController;
use App\Http\Controllers\CookController;
use App\Http\Controllers\CookEventController;
use App\Http\Controllers\DeviceKeyController;
use App\Http\Controllers\DishController;
use App\Http\Controllers\DoorLinkController;
use App\Http\Controllers\ExchangeController;
use App\Http\Controllers\FarewellController;
use App\Http\Controllers\FoodController;
use App\Http\Controllers\KitchenController;
use App\Http\Controllers\LearnedController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MeController;
use App\Http\Controllers\NightController;
use App\Http\Controllers\NothingHere;
use App\Http\Controllers\PanHoldsController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SwapController;
use App\Http\Controllers\ThingController;
use App\Http\Controllers\WorkOutController;
use App\Http\Middleware\AtTheTablet;
use App\Http\Middleware\FromOurPages;
use App\Http\Middleware\OnceByKey;
use App\Http\Middleware\OrNobody;
use App\Http\Middleware\OwnHands;
use App\Http\Middleware\Work;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\Route;

$id = '[0-9]{1,18}'; // no row has a number that an integer cannot hold

Route::prefix('api')->group(function () use ($id): void {
    Route::get('session', [SessionController::class, 'show'])->middleware(OrNobody::class);

    // Said by nobody who is signed in.
    Route::middleware(FromOurPages::class)->withoutMiddleware(ValidateCsrfToken::class)->group(function (): void {
        Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
        Route::post('session/demo', [SessionController::class, 'demo'])->middleware('throttle:open');
        Route::post('session/forgotten', [DoorLinkController::class, 'forgotten'])->middleware('throttle:forgotten');
        Route::post('kitchens', [KitchenController::class, 'store'])->middleware('throttle:open');
        Route::post('links/look', [DoorLinkController::class, 'look'])->middleware('throttle:open');
        Route::post('links/join', [DoorLinkController::class, 'join'])->middleware('throttle:open');
        Route::post('links/reset', [DoorLinkController::class, 'reset'])->middleware('throttle:open');
        Route::post('links/confirm', [DoorLinkController::class, 'confirm'])->middleware('throttle:open');
    });

    Route::middleware(['auth', 'auth.session', AtTheTablet::class, Work::class])->group(function () use ($id): void {
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::post('session/hand', [SessionController::class, 'hand'])->middleware('throttle:pin');

        Route::middleware(OwnHands::class)->group(function () use ($id): void {
            Route::post('session/everywhere', [SessionController::class, 'everywhere']);
            Route::put('me', [MeController::class, 'update'])->middleware('throttle:password');
            Route::put('me/password', [MeController::class, 'password'])->middleware('throttle:password');
            Route::put('me/pin', [MeController::class, 'pin'])->middleware('throttle:password');
            Route::get('people', [PeopleController::class, 'index']);
            Route::post('people/invitations', [PeopleController::class, 'invite'])->middleware('throttle:password');
            Route::delete('people/invitations/{invitation}', [PeopleController::class, 'uninvite'])->where('invitation', $id);
            Route::put('people/{person}', [PeopleController::class, 'update'])->where('person', $id)->middleware('throttle:password');
            Route::delete('people/{person}', [PeopleController::class, 'destroy'])->where('person', $id)->middleware('throttle:password');
            Route::post('people/{person}/link', [PeopleController::class, 'link'])->where('person', $id)->middleware('throttle:password');
            Route::post('people/{person}/held', [PeopleController::class, 'held'])->where('person', $id);
            Route::post('kitchen/farewell', [FarewellController::class, 'store'])->middleware('throttle:password');
            Route::delete('kitchen/farewell', [FarewellController::class, 'destroy']);
        });

        Route::get('kitchen', [KitchenController::class, 'show']);
        Route::put('kitchen', [KitchenController::class, 'update']);
        Route::post('kitchen/set-up', [KitchenController::class, 'setUp']);
        Route::get('kitchen/archive', [ExchangeController::class, 'archive']);
        Route::post('kitchen/archive', [ExchangeController::class, 'restore']);
        Route::post('kitchen/archive/cooks', [ExchangeController::class, 'restoreMore']);
        Route::delete('kitchen/archive', [ExchangeController::class, 'restoreNot']);
        Route::post('kitchen/pans/holds', PanHoldsController::class);
        Route::post('kitchen/devices/{device}/key', DeviceKeyController::class)->where('device', $id);
        Route::post('kitchen/{thing}', [ThingController::class, 'store'])->middleware(OnceByKey::class);
        Route::put('kitchen/{thing}/{id}', [ThingController::class, 'update'])->where('id', $id);
        Route::delete('kitchen/{thing}/{id}', [ThingController::class, 'destroy'])->where('id', $id);
        Route::post('kitchen/{thing}/{id}/back', [ThingController::class, 'restore'])->where('id', $id);
        Route::post('kitchen/burners/{burner}/boil-off', BoilOffController::class)->where('burner', $id)->middleware(OnceByKey::class);
        Route::post('dishes', [DishController::class, 'store'])->middleware(OnceByKey::class);
        Route::get('dishes/{dish}', [DishController::class, 'show'])->where('dish', $id);
        Route::put('dishes/{dish}', [DishController::class, 'update'])->where('dish', $id);
        Route::delete('dishes/{dish}', [DishController::class, 'destroy'])->where('dish', $id);
        Route::post('dishes/{id}/back', [DishController::class, 'restore'])->where('id', $id);
        Route::get('foods', FoodController::class);
        Route::post('amounts', AmountController::class);
        Route::post('recipes/read', [RecipeController::class, 'read']);
        Route::post('recipes', [RecipeController::class, 'store'])->middleware(OnceByKey::class);
        Route::post('dishes/import', [ExchangeController::class, 'bring'])->middleware(OnceByKey::class);
        Route::get('dishes/{dish}/export', [ExchangeController::class, 'dish'])->where('dish', $id);
        Route::post('dishes/{dish}/copy', [DishController::class, 'copy'])->where('dish', $id)->middleware(OnceByKey::class);
        Route::post('plan', PlanController::class);
        Route::post('work-out', WorkOutController::class);
        Route::post('work-out/mise.csv', [ExchangeController::class, 'mise']);
        Route::post('work-out/prep.ics', [ExchangeController::class, 'prep']);
        Route::post('around', AroundController::class);
        Route::post('choices', ChoicesController::class);
        Route::post('swaps', SwapController::class);
        Route::get('nights', [NightController::class, 'index']);
        Route::prefix('nights/{day}')->where(['day' => '[0-9]{4}-[0-9]{2}-[0-9]{2}'])->group(function (): void {
            Route::get('/', [NightController::class, 'show']);
            Route::put('/', [NightController::class, 'update']);
            Route::get('offers', [NightController::class, 'offers']);
            Route::get('lists', [NightController::class, 'lists']);
            Route::get('lists.{kind}', [NightController::class, 'file'])->where('kind', 'csv|ics');
            Route::post('copy', [NightController::class, 'copy'])->middleware(OnceByKey::class);
            Route::post('read', [NightController::class, 'read']);
            Route::post('firings', [NightController::class, 'put'])->middleware(OnceByKey::class);
        });
        Route::put('firings/{firing}', [NightController::class, 'change'])->where('firing', $id);
        Route::delete('firings/{firing}', [NightController::class, 'destroy'])->where('firing', $id);
        Route::get('cooks', [LogController::class, 'index']);
        Route::get('log/weeks', [LogController::class, 'weeks']);
        Route::get('log.{kind}', [LogController::class, 'file'])->where('kind', 'csv|json');
        Route::post('log/read', [LogController::class, 'read']);
        Route::post('log/paper', [LogController::class, 'paper'])->middleware(OnceByKey::class);
        Route::delete('log/paper/{line}', [LogController::class, 'strike'])->whereUuid('line');
        Route::get('learned', [LearnedController::class, 'show']);
        Route::post('learned/own', [LearnedController::class, 'take']);
        Route::post('learned/own/back', [LearnedController::class, 'giveBack']);
        Route::post('cooks', [CookController::class, 'store']);
        Route::get('cooks/{cook}', [CookController::class, 'show'])->whereUuid('cook');
        Route::get('cooks/{cook}/photo', [PhotoController::class, 'show'])->whereUuid('cook');
        Route::put('cooks/{cook}/photo', [PhotoController::class, 'keep'])->whereUuid('cook');
        Route::delete('cooks/{cook}/photo', [PhotoController::class, 'drop'])->whereUuid('cook');
        Route::get('cooks/{cook}/ways-back', [CookController::class, 'waysBack'])->whereUuid('cook');
        Route::post('cooks/{cook}/events', [CookEventController::class, 'store'])->whereUuid('cook')->withoutMiddleware(Work::class)->middleware(Work::class.':web,touches');
    });

    Route::any('{any}', NothingHere::class)->where('any', '.*');
});

// The same page for everybody, and no session with it: the service worker fetches it while somebody signs in, and would
// bring the session from before back.
Route::view('{any?}', 'app')->where('any', '.*')->withoutMiddleware('web');
