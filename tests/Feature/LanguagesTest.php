<?php

declare(strict_types=1);

use App\Words\Languages;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use Velko\Core\Quantity\Fact;

/* A second language is a folder of lang/: whoever's browser asks for it is answered in it. */

beforeEach(function (): void {
    $this->folder = storage_path('framework/testing/lang');
    File::copyDirectory(lang_path('en'), "$this->folder/en");
    File::ensureDirectoryExists("$this->folder/qaa");
    File::put("$this->folder/qaa/engine.json", json_encode(['say.turn' => 'dreh']));
    app()->useLangPath($this->folder);
});

afterEach(function (): void {
    File::deleteDirectory($this->folder);
});

it('answers in the language that is asked for, where there are words of it', function (string $wanted, string $language): void {
    expect(Languages::of(Request::create('/', server: ['HTTP_ACCEPT_LANGUAGE' => $wanted])))->toBe($language);
    $this->get('/', ['Accept-Language' => $wanted])->assertOk()->assertSee("<html lang=\"$language\">", false);
})->with([['qaa', 'qaa'], ['fr, qaa;q=0.8, en;q=0.5', 'qaa'], ['en-GB, qaa;q=0.5', 'en'], ['fr', 'en'], ['', 'en'], ['*', 'en'], ["../../etc, '\"<", 'en']]);

it('says in English what a language has no words for', function (): void {
    app()->setLocale('qaa');
    $turn = Fact::of('say.turn', mark: 'low');
    expect((new Words)->say($turn))->toBe('dreh')
        ->and((new Words)->say(Fact::of('allergen.fish')))->toBe('fish')
        ->and((new Words(language: 'en'))->say($turn))->not->toBe('dreh');
});
