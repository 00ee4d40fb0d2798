<?php

declare(strict_types=1);

use App\Contracts\Contract;
use App\Words\FactDocument;
use App\Words\Units;
use App\Words\Words;
use Tests\Feature\Station;
use Velko\Core\Cook\Trouble;
use Velko\Core\Family\Families;
use Velko\Core\Food\Goes;
use Velko\Core\Method\Cover;
use Velko\Core\Method\Fat;
use Velko\Core\Method\Pace;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Mise\Scales;
use Velko\Core\Mise\Until;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Traits;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Power;
use Velko\Core\Quantity\Ratio;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Diet;

/* The engine's facts in a reader's words and units. */

/** @return list<string> codes of facts that stand in the source as they are, and of warnings */
function codesInTheSource(): array
{
    $codes = [];
    foreach ([base_path('core'), app_path()] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $tokens = array_values(array_filter(PhpToken::tokenize((string) file_get_contents($file->getPathname())), static fn (PhpToken $token): bool => $token->id === T_CONSTANT_ENCAPSED_STRING));
            foreach ($tokens as $token) {
                $text = trim($token->text, "'\"");
                if (preg_match('/^(text|(unit|calendar|say|change|do|beware|caution|prep|fix|offer|note|what-if|because|swap|way|order)\.[a-z-]+)$/', $text) === 1) {
                    $codes[] = $text;
                }
            }
            preg_match_all("/new Warning\(\s*'([a-z-]+)'/", (string) file_get_contents($file->getPathname()), $warnings);
            $codes = [...$codes, ...array_map(static fn (string $code): string => "warning.$code", $warnings[1])];
        }
    }

    return array_values(array_unique($codes));
}

it('has words for every fact, and no words for none', function (): void {
    $facts = [
        ...array_map(static fn ($spoken): Fact => $spoken->fact(), [...array_map(static fn (Family $spoken): Traits => $spoken->traits(), array_values(Families::all())), ...Variety::cases(), ...Bite::cases(), ...Diet::cases(), ...Allergen::cases(), ...Toasting::cases(), ...Stirring::cases(), ...Goes::cases(), ...Until::cases(), ...Pace::cases(), ...Cover::cases(), ...Fat::cases(), ...Scales::cases(), ...Looseness::cases()]),
        ...array_map(static fn (Trouble $trouble): Fact => $trouble->sees(), Trouble::cases()), ...array_map(static fn (Trouble $trouble): Fact => $trouble->cause(), Trouble::cases()),
        ...array_map(Schools::sign(...), [...array_values(Schools::all()), null]),
    ];
    $known = array_keys(Words::messages());
    $said = [...array_column($facts, 'code'), ...codesInTheSource()];
    $byCode = array_values(array_filter($known, static fn (string $code): bool => preg_match('/^(term|choice|school|ingredient|house|kit|stage|warning\.(pan|ring)-on-the-fire)/', $code) === 1));
    expect(array_values(array_diff($said, $known)))->toBe([])
        ->and(array_values(array_diff($known, $said, $byCode)))->toBe([]);
});

it('makes each message in ICU\'s own grammar', function (): void {
    foreach (Words::messages() as $code => $message) {
        expect(MessageFormatter::create('en', $message))->not->toBeNull($code);
    }
});

it('reads quantities in the kitchen\'s units', function (Fact $fact, string $metric, string $us): void {
    expect((new Words)->say($fact))->toBe($metric)->and((new Words(Units::Us))->say($fact))->toBe($us);
})->with([
    // 1 US cup is 236.588 mL, 1 fl oz 29.5735 mL (NIST Handbook 44, appendix C): 60 mL are 2.03 fl oz, 590 mL are 2.49 cups.
    [Fact::of('do.sprinkle', volume: Volume::ofMl(60)), 'sprinkle 60 mL of hot stock all over', 'sprinkle 2 fl oz of hot stock all over'],
    [Fact::of('do.still-goes-in', volume: Volume::ofMl(590)), '590 mL still goes in, hot', '2 ½ cups still goes in, hot'],
    // 20 °C is 68 °F.
    [Fact::of('what-if.cold-stock', temperature: Temperature::ofC(20)), 'with stock at 20 °C', 'with stock at 68 °F'],
    // 13 mm are 0.51 in, 30 cm 11.8 in, 1,600 m 5,249 ft (1 in = 25.4 mm).
    [Fact::of('warning.layer-too-deep', depth: Length::ofMm(13), most: Length::ofMm(12), evenly: 'cook'), '13 mm deep: at most 12 mm cooks evenly', '0.5 in deep: at most 0.5 in cooks evenly'],
    [Fact::of('fix.wider-base', base: Length::ofCm(30)), 'A base of 30 cm or wider', 'A base of 11.8 in or wider'],
    [Fact::of('what-if.hills', altitude: Length::ofM(1600)), 'at 1,600 m', 'at 5,249 ft'],
    // What weighs next to nothing stays in grams.
    [Fact::of('do.with-salt', weight: Mass::ofG(3.4)), 'with 3.4 g of salt in it', 'with 3.4 g of salt in it'],
    // 1 W is 3.412 BTU/h.
    [Fact::of('fix.stronger-ring', power: Power::ofW(800)), 'A ring that puts 800 W into this pan, or a narrower pan', 'A ring that puts 2,730 BTU/h into this pan, or a narrower pan'],
    [Fact::of('because.twice', steam: Fact::of('because.as-much'), ratio: Ratio::of(4), instead: Ratio::of(5)), 'the rice drinks twice as much, the pan boils off about as much: 4 mL to a gram instead of 5 mL to a gram', 'the rice drinks twice as much, the pan boils off about as much: 3.8 fl oz to an ounce instead of 4.8 fl oz to an ounce'],
    [Fact::of('do.time-more', time: Duration::ofMinutes(0.5)), '30 s more', '30 s more'],
    [Fact::of('warning.rice-not-for-pan', rice: Variety::VialoneNano->fact()), 'Vialone nano goes creamy and splits in a pan', 'Vialone nano goes creamy and splits in a pan'],
    [Fact::of('swap.brings', allergens: [Allergen::Fish->fact(), Allergen::Milk->fact()]), 'brings fish, milk', 'brings fish, milk'],
    [Fact::of('fix.covers-or-larger-pan', covers: 1), 'At most 1 cover in this pan, or a larger one', 'At most 1 cover in this pan, or a larger one'],
    [Fact::text('it’s {odd} as typed'), 'it’s {odd} as typed', 'it’s {odd} as typed'],
]);

it('carries a fact through a document and back', function (): void {
    $fact = Fact::of('warning.x', v: Volume::ofMl(180), m: Mass::ofG(3.5), d: Duration::ofMinutes(2), t: Temperature::ofC(-5), p: Power::ofW(900), r: Ratio::of(4.5), l: Length::ofCm(30), n: 3, yes: true, text: 'as typed', inner: Fact::of('say.turn'), list: [Fact::of('allergen.fish'), 'cube']);
    $document = json_decode((string) json_encode(FactDocument::of($fact)), true);
    expect(FactDocument::read($document))->toEqual($fact)
        ->and(fn () => Contract::named('fact')->read((string) json_encode(FactDocument::of($fact))))->not->toThrow(Throwable::class);
});

it('tells a kept plan anew in whatever units its reader has now', function (): void {
    $station = Station::open();
    $this->actingAs($station->cook);
    $cook = $this->postJson('/api/cooks', $station->start())->assertCreated()->json();
    $said = static fn (array $cook): array => [...$cook['working']['cautions'], ...array_column($cook['working']['plan']['stages'], 'say')];
    expect(implode(' ', $said($cook)))->toContain('°C');
    $this->actingAs(tap($station->cook)->update(['units' => 'us'])->fresh());
    $us = $this->getJson("/api/cooks/{$cook['id']}")->assertOk()->json();
    expect(implode(' ', $said($us)))->toContain('°F')->not->toContain('°C')
        ->and($us['working']['plan']['stages'])->toHaveCount(count($cook['working']['plan']['stages']));
});

it('leaves what was said as it was, where its fact has no words any more', function (): void {
    $turn = ['code' => 'do.turn-to', 'args' => ['mark' => 'low']];
    $gone = ['code' => 'say.first-dose', 'args' => ['stirring' => ['code' => 'stirring.by-the-moon']]];
    expect((new Words)->retold(['a' => 'once', 'a_fact' => $gone, 'b' => 'once', 'b_fact' => $turn, 'c' => ['x', 'y'], 'c_facts' => [$turn, $gone], 'd' => ['e' => 'once', 'e_fact' => $turn]]))
        ->toMatchArray(['a' => 'once', 'b' => 'turn it to low', 'c' => ['x', 'y']])
        ->and((new Words)->retold(['d' => ['e' => 'once', 'e_fact' => $turn]])['d']['e'])->toBe('turn it to low');
});
