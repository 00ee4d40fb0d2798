<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Method\Stirring;
use Velko\Core\Pan\Crust;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Pan;

/** @return list<string> */
function codesOf(Plan $plan): array
{
    return array_map(static fn ($warning): string => $warning->code, $plan->warnings);
}

describe('the course of a pan rice', function (): void {
    it('is dry when the rice is done, and has nothing to say about the house pan', function (): void {
        $plan = Planner::plan(Kitchens::panRice());
        expect($plan->atTable->free)->toBeLessThan(0.02 * $plan->rice())
            ->and($plan->bite())->toBe(Bite::Right)
            ->and($plan->atTable->doneness)->toEqualWithDelta(19.0, 0.3)
            ->and($plan->warnings)->toBe([]);
    });

    it('takes 18 to 21 minutes on the fire, the grains showing about minute 8 to 11 (common practice, no single source)', function (int $covers): void {
        $plan = Planner::plan(Kitchens::panRice(covers: $covers));
        $shows = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Heat))[0];
        expect($plan->pulled->minute())->toBeGreaterThan(18.0)->toBeLessThan(21.5)
            ->and($shows->minute)->toBeGreaterThan(7.9)->toBeLessThan(11.1)
            ->and($shows->say)->toEqual(Fact::of('say.grains-show'));
    })->with([6, 8, 12]);

    it('runs hot in the first half and gentle in the second (common practice, no single source)', function (): void {
        $plan = Planner::plan(Kitchens::panRice());
        $net = array_map(static fn (HeatChange $change): float => $plan->ask->burner->net[$change->mark], $plan->heat);
        expect($net[0])->toBeGreaterThan(2 * $net[1])->and($plan->heat[1]->fromMinute / $plan->dryMinute)->toEqualWithDelta(0.5, 0.1);
    });

    it('takes about three parts of stock to one of rice by volume in the house pan (common practice, no single source)', function (): void {
        expect(Planner::plan(Kitchens::panRice())->partsByVolume())->toEqualWithDelta(3.1, 0.3);
    });

    it('levels once and never stirs, rests under a cloth with the flames out', function (): void {
        $kinds = array_map(static fn (Stage $stage): string => $stage->kind->value, Planner::plan(Kitchens::panRice())->stages);
        expect(array_count_values($kinds))->toMatchArray(['pour' => 1, 'level' => 1, 'crust' => 1, 'rest' => 1])->not->toHaveKey('stir');
    });

    it('keeps a reserve for the rescue', function (): void {
        $plan = Planner::plan(Kitchens::panRice());
        expect($plan->reserve() / $plan->stock)->toEqualWithDelta(0.1, 0.01);
    });
});

describe('stock and heat', function (): void {
    it('finds the stock for a track that is given, and keeps the track', function (): void {
        $track = [new HeatChange(0, 'medium'), new HeatChange(7, 'medium-low')];
        $plan = Planner::plan(Kitchens::panRice(track: $track));
        expect($plan->heat)->toBe($track)->and($plan->dryMinute)->not->toBeNull()->and($plan->bite())->toBe(Bite::Right)
            ->and($plan->stock)->toBeGreaterThan(Planner::plan(Kitchens::panRice(track: [new HeatChange(0, 'medium'), new HeatChange(7, 'low')]))->stock + 100);
    });

    it('finds the track for stock that is given, and pours just that', function (float $given): void {
        $plan = Planner::plan(Kitchens::panRice(given: $given, salt: 0.3));
        expect($plan->stock)->toBe($given)->and($plan->bite())->toBe(Bite::Right)
            ->and($plan->atTable->free)->toBeLessThan(0.02 * $plan->rice())
            ->and(array_diff(codesOf($plan), ['too-fierce']))->toBe([]);
    })->with([950.0, 1100.0, 1250.0, 1400.0, 1800.0]);

    it('turns down later the more stock there is', function (): void {
        $turns = array_map(static fn (float $given): float => Planner::plan(Kitchens::panRice(given: $given))->heat[1]->fromMinute, [1050.0, 1130.0, 1210.0, 1290.0]);
        $sorted = $turns;
        sort($sorted);
        expect($turns)->toBe($sorted);
    });

    it('says so when no setting can be rid of so much stock in time, and names the stock that would go', function (): void {
        $plan = Planner::plan(Kitchens::panRice(given: 4000, height: 8));
        $stock = array_column($plan->warnings, 'fix', 'code')['too-wet']->args['stock']->ml;
        $nearest = Planner::plan(Kitchens::panRice(given: round($stock, -1), height: 8, salt: 0.2));
        expect(codesOf($nearest))->not->toContain('too-wet', 'too-dry');
    });

    it('says so when the stock is gone before the rice is done, however low the ring', function (): void {
        $plan = Planner::plan(Kitchens::panRice(given: 500, net: ['low' => 1000, 'high' => 4000]));
        expect(codesOf($plan))->toContain('too-dry')->and($plan->bite())->not->toBe(Bite::Right);
    });

    it('says so when the burner is too weak to dry the pan in the window, and the ring it names is strong enough', function (): void {
        $plan = Planner::plan(Kitchens::panRice(net: ['low' => 100, 'high' => 700]));
        $watts = array_column($plan->warnings, 'fix', 'code')['does-not-simmer']->args['power']->watts;
        $stronger = Planner::plan(Kitchens::panRice(net: ['low' => 300, 'high' => $watts]));
        expect(codesOf($stronger))->not->toContain('does-not-simmer', 'never-done');
    });

    it('holds the layer to 12 mm and names the covers that do fit, and they do', function (): void {
        $plan = Planner::plan(Kitchens::panRice(covers: 12));
        $covers = array_column($plan->warnings, 'fix', 'code')['layer-too-deep']->args['covers'];
        $fits = Planner::plan(Kitchens::panRice(covers: $covers));
        expect($plan->layer())->toBeGreaterThan(Pan::PAN_RICE_LAYER_MM)->and($fits->layer())->toBeLessThanOrEqual(Pan::PAN_RICE_LAYER_MM)->toBeGreaterThan(10.0);
    });

    it('chooses pans by what the rice really drinks: a pan taken as full is full', function (Variety $variety): void {
        $grain = $variety->grain();
        $pan = new Pan(36, 42, 5, 1050);
        $most = Fit::thinLayer($grain->drunkInAmpleLiquid($grain->window->middle()))->mostRice($pan);
        $plan = Planner::plan(Kitchens::panRice(covers: 1, grams: $most, variety: $variety));
        // To half a millimetre, which no warning tells either.
        expect($plan->layer())->toEqualWithDelta(Pan::PAN_RICE_LAYER_MM, 0.5);
    })->with([[Variety::Bomba], [Variety::Round], [Variety::Sushi]]);
});

describe('an input that moves a little', function (): void {
    it('moves the stock a little; where it jumps to other marks, both are said to be as good', function (): void {
        $net = ['low' => 670, 'medium-low' => 1400, 'medium' => 2240, 'medium-high' => 3640, 'high' => 5600];
        $before = null;
        $jumps = 0;
        for ($base = 40.0; $base < 57.0; $base += 0.2) {
            $plan = Planner::plan(Kitchens::panRice(covers: 8, grams: 60, base: $base, height: 6, ring: 32, metal: 1050 * ($base / 36) ** 2, net: $net, crust: CrustWish::None));
            if ($before !== null && abs($plan->stock / $before->stock - 1) > 0.04) {
                $jumps++;
                expect(in_array('either-mark', codesOf($plan), true) && in_array('either-mark', codesOf($before), true))->toBeTrue("base $base");
            }
            $before = $plan;
        }
        expect($jumps)->toBeGreaterThan(2); // a ring with five marks has no heat between them
    });

    it('finds a crust on a wider ring wherever it finds one on a narrower', function (): void {
        $found = array_filter(range(16, 40), static fn (int $ring): bool => ! in_array('no-crust', codesOf(Planner::plan(Kitchens::panRice(ring: $ring))), true));
        expect(array_values($found))->toBe(range(min($found), 40))->and(min($found))->toBeLessThanOrEqual(24);
    });

    it('names other marks whose stock is what they would take', function (): void {
        $plan = Planner::plan(Kitchens::panRice(covers: 8, grams: 60, base: 43, height: 6, ring: 32, net: ['low' => 670, 'medium-low' => 1400, 'medium' => 2240, 'medium-high' => 3640, 'high' => 5600]));
        expect($plan->asGood)->not->toBeNull();
        $taken = Planner::plan($plan->ask->withPanHeat($plan->asGood->heat));
        expect($taken->stock)->toBe($plan->asGood->stock)->and($taken->heat[0]->mark)->toBe($plan->asGood->heat->hot);
    });
});

describe('what nobody should be told', function (): void {
    it('plans a pan rice without a crust that is still wet when it is done', function (): void {
        $plan = Planner::plan(Kitchens::panRice(given: 4000, height: 8, crust: CrustWish::None));
        expect(codesOf($plan))->toContain('too-wet')->not->toContain('no-crust');
    });

    it('turns no knob after the pull', function (): void {
        foreach (Kitchens::ofEveryFamily(30, 812) as $name => $ask) {
            $plan = Planner::plan($ask->withHeat([new HeatChange(0, $ask->burner->marks()[1]), new HeatChange(60, $ask->burner->marks()[0])]));
            expect(count($plan->heat))->toBe(1, $name);
        }
    });
});

describe('the crust', function (): void {
    it('takes a minute or two short and hot, two to four long and gentle (common practice, no single source)', function (): void {
        $short = Planner::plan(Kitchens::panRice());
        $long = Planner::plan(Kitchens::panRice(school: CrustSchool::LongAndGentle));
        expect($short->crust->plan->seconds())->toBeGreaterThanOrEqual(55.0)->toBeLessThanOrEqual(130.0)
            ->and($long->crust->plan->seconds())->toBeGreaterThanOrEqual(115.0)->toBeLessThanOrEqual(245.0)
            ->and($long->ask->burner->net[$long->crust->plan->mark])->toBeLessThan($short->ask->burner->net[$short->crust->plan->mark]);
    });

    it('colours every part of the floor and burns none, where it says so', function (): void {
        $even = 0;
        foreach (Kitchens::randomPanRice(120, 88) as $name => $ask) {
            $plan = Planner::plan($ask);
            if ($ask->target->crust === CrustWish::None || ! $plan->crust->plan->even) {
                continue;
            }
            $even++;
            foreach ($plan->crust->rings() as $ring) {
                expect($ring->palest)->toBeGreaterThan(0.85 * $ask->target->crust->palest(), $name)->and($ring->darkest)->toBeLessThan(1.1 * $ask->target->crust->darkest(), $name);
            }
        }
        expect($even)->toBeGreaterThan(30);
    });

    it('shifts and turns a pan wider than its ring, so that the rim gets its share', function (): void {
        $ask = Kitchens::panRice(covers: 10, base: 48, height: 6, ring: 32, metal: 1900, net: ['low' => 670, 'medium-low' => 1400, 'medium' => 2240, 'medium-high' => 3640, 'high' => 5600]);
        $plan = Planner::plan($ask);
        expect($plan->crust->plan->shift())->toBeGreaterThan(10.0)
            ->and($plan->crust->plan->even)->toBeTrue()
            // left in the middle, the rim would be pale when the middle burns
            ->and($plan->crust->minutesLeft()['rim_gold'] ?? INF)->toBeGreaterThan(2 * $plan->crust->minutesLeft()['centre_burnt']);
        expect(array_map(static fn (Stage $stage): string => $stage->say->code, $plan->stages))->toContain('say.crust-shifted');
    });

    it('shifts no pan off what it stands on', function (): void {
        $ask = Kitchens::panRice(ring: 24);
        $shift = static fn (?float $grate): float => Planner::plan($ask->in($ask->pan, new Burner(24.0, $ask->burner->net, $grate)))->crust->plan->shift();
        // 36 cm on a ring of 24: not measured, the grate is taken for 40, and the pan's middle stays 2 cm inside its edge.
        expect($shift(null))->toBeGreaterThan(14.0)->toBeLessThanOrEqual(40 / 2 - 2)
            ->and($shift(40.0))->toBe($shift(null))
            ->and($shift(30.0))->toBeLessThanOrEqual(30 / 2 - 2)
            ->and($shift(60.0))->toBeGreaterThanOrEqual($shift(40.0));
        // Where it may not be shifted far enough, that is said.
        expect(codesOf(Planner::plan($ask->in($ask->pan, new Burner(24.0, $ask->burner->net, 16.0)))))->toContain('no-crust');
    });

    it('says a ring is too small for a crust, and the ring it names is not', function (): void {
        $plan = Planner::plan(Kitchens::panRice(ring: 12));
        $ring = array_column($plan->warnings, 'fix', 'code')['no-crust']->args['ring']->mm / 10;
        expect(codesOf(Planner::plan(Kitchens::panRice(ring: $ring))))->not->toContain('no-crust');
    });

    it('gets there sooner the stronger the setting, in the middle before the rim, and gold before burnt', function (): void {
        $before = INF;
        foreach (Planner::plan(Kitchens::panRice())->crust->byMark() as $minutes) {
            expect($minutes['centre_gold'])->toBeLessThan($before)
                ->and($minutes['centre_gold'])->toBeLessThan($minutes['rim_gold'])
                ->and($minutes['centre_gold'])->toBeLessThan($minutes['centre_burnt']);
            $before = $minutes['centre_gold'];
        }
    });

    it('never plans to burn a part of the floor, whatever the ring and the track', function (): void {
        foreach ([16.0, 20.0, 24.0, 30.0, 36.0] as $ring) {
            foreach ([null, [new HeatChange(0, 'medium'), new HeatChange(10, 'low')], [new HeatChange(0, 'high')]] as $track) {
                $plan = Planner::plan(Kitchens::panRice(ring: $ring, track: $track, crust: CrustWish::Dark));
                expect($plan->crust->plan->darkest)->toBeLessThan(Crust::BURNT);
            }
        }
    });

    it('is darker on demand, and left out on demand', function (): void {
        $gold = Planner::plan(Kitchens::panRice());
        $dark = Planner::plan(Kitchens::panRice(crust: CrustWish::Dark));
        $none = Planner::plan(Kitchens::panRice(crust: CrustWish::None));
        expect($dark->crust->plan->darkest)->toBeGreaterThan($gold->crust->plan->darkest + 0.5)
            ->and($none->crust->plan->legs)->toBe([])
            ->and($none->pulled->minute())->toEqualWithDelta($none->dryMinute, 0.05);
    });
});

describe('warnings', function (): void {
    it('says what is wrong with a choice', function (array $with, string $code): void {
        $warning = array_column(Planner::plan(Kitchens::panRice(...$with))->warnings, null, 'code')[$code] ?? null;
        expect($warning)->not->toBeNull()->and($warning->fix->code)->toStartWith('fix.');
    })->with([
        'stirred' => [['stirring' => Stirring::Constant], 'stirred'],
        'risotto rice' => [['variety' => Variety::Arborio], 'rice-not-for-pan'],
        'soaked' => [['soak' => 20, 'sealed' => false], 'rinsed'],
        'a ring too narrow for a dark crust' => [['ring' => 20, 'crust' => CrustWish::Dark], 'no-crust'],
        'cold stock' => [['stock' => 20], 'stock-cold'],
        'salty stock' => [['salt' => 1.2], 'too-salty'],
        'a fire under it' => [['track' => [new HeatChange(0, 'high')]], 'too-fierce'],
        'a lid from beginning to end' => [['lid' => [new LidChange(0, true)]], 'lid-all-through'],
        'one cover in the widest pan' => [['covers' => 1, 'base' => 46, 'ring' => 32], 'pan-too-wide'],
        'over the rim' => [['height' => 2.4, 'covers' => 8], 'over-the-rim'],
        'ring too small' => [['ring' => 15], 'ring-too-small'],
    ]);
});

describe('the top of a deep bed', function (): void {
    it('is as far as the rest in a thin one, and behind in a deep one that stands open', function (): void {
        $thin = Planner::plan(Kitchens::panRice(covers: 4));
        expect($thin->layer())->toBeLessThan(12.0)
            ->and($thin->top()->doneness)->toBe($thin->atTable->doneness)
            ->and($thin->top()->cover)->toBe(0.0);
        $deep = Planner::plan(Kitchens::panRice(covers: 10));
        // By hand: once the grains show, the top runs at 12 mm over the depth; from then on to the pull the rest gains so much.
        $gaps = static fn (int $row): float => Grain::gaps($deep->rice(), $deep->track->drunk[$row]);
        $rows = array_keys(array_filter($deep->track->minute, static fn (float $minute, int $row): bool => $minute > 1.0 && $minute <= $deep->pulled->minute() && $deep->track->free[$row] < $gaps($row), ARRAY_FILTER_USE_BOTH));
        $gained = $deep->track->doneness[end($rows)] - $deep->track->doneness[$rows[0]];
        expect($deep->layer())->toBeGreaterThan(17.0)
            // It rests under a cloth, where the top keeps step.
            ->and($deep->atTable->doneness - $deep->top()->doneness)->toEqualWithDelta($gained * (1 - 12 / $deep->layer()), 0.25)
            ->and(codesOf($deep))->toContain('top-behind');
    });

    it('is brought to its bite by the lid that is said to do it, and by no shorter one', function (): void {
        $deep = Planner::plan(Kitchens::panRice(covers: 10));
        $cover = $deep->top()->cover;
        $with = static fn (float $minutes): Plan => Planner::plan($deep->ask->withMethod(['coverLast' => $minutes]));
        expect($cover)->toBeGreaterThan(0.5)
            ->and(codesOf($with($cover)))->not->toContain('top-behind')
            ->and($with($cover - 2.0)->top()->bite)->not->toBe(Bite::Right)
            // The lid is a step of the plan; under it less boils off, and the rest is right as before.
            ->and(array_filter($with($cover)->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Lid))->toHaveCount(1)
            ->and($with($cover)->stock)->toBeLessThan($deep->stock)->toBeGreaterThan(0.93 * $deep->stock)
            ->and($with($cover)->bite())->toBe(Bite::Right);
    });

    it('keeps step where it is stirred', function (): void {
        $risotto = Planner::plan(Kitchens::ask(covers: 12));
        expect($risotto->top()->doneness)->toBe($risotto->atTable->doneness);
    });
});
