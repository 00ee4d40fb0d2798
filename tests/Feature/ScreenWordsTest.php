<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

/* What the screens say is in lang/en/screens.json: every message that is asked for is there, and none lies about. */

it('has every message that a screen says, and no other', function (): void {
    $asked = [];
    foreach (Finder::create()->files()->in(resource_path('js'))->name(['*.ts', '*.tsx']) as $file) {
        preg_match_all("/\\bt\\(\\s*'([\\w.-]+)'/", $file->getContents(), $found);
        $asked = [...$asked, ...$found[1]];
    }
    $messages = json_decode((string) file_get_contents(lang_path('en/screens.json')), true, flags: JSON_THROW_ON_ERROR);
    // The words of documents are looked up by their codes.
    $said = array_filter(array_keys($messages), static fn (string $key): bool => ! str_starts_with($key, 'word.'));
    expect($asked)->not->toBeEmpty()->and(array_values(array_unique($asked)))->toEqualCanonicalizing(array_values($said));
});

it('has the words of each vocabulary that is shown', function (): void {
    $messages = json_decode((string) file_get_contents(lang_path('en/screens.json')), true, flags: JSON_THROW_ON_ERROR);
    $words = json_decode((string) file_get_contents(base_path('contracts/words.json')), true, flags: JSON_THROW_ON_ERROR)['$defs'];
    foreach (['bite', 'looseness', 'browning', 'allergen', 'diet', 'doses', 'trouble', 'sign', 'family', 'variety', 'base', 'device'] as $vocabulary) {
        foreach ($words[$vocabulary]['enum'] as $word) {
            expect($messages)->toHaveKey("word.$vocabulary.".str_replace(' ', '-', $word));
        }
    }
});

it('has ICU messages that can be said', function (): void {
    foreach (json_decode((string) file_get_contents(lang_path('en/screens.json')), true, flags: JSON_THROW_ON_ERROR) as $key => $message) {
        expect(MessageFormatter::create('en', $message))->not->toBeNull($key);
    }
});
