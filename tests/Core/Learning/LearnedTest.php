<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\Learning\Taught;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Weighing;
use Velko\Core\Learning\Effect;
use Velko\Core\Learning\Gaussian;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\LoggedCook;
use Velko\Core\Learning\Observation;
use Velko\Core\Learning\Parameter;
use Velko\Core\Learning\Posterior;
use Velko\Core\Learning\SaidWord;
use Velko\Core\Learning\SpikeAndSlab;
use Velko\Core\Planning\Planner;

/* What many cooks teach together. */

/** A cook that found a ring so far off its marks, give or take so much, and was worked out there: nothing to be played. */
function lessonOf(int $day, float $off, float $spread = 0.05, float $given = 800.0, string $ring = 'ring 3'): Lesson
{
    // Its ring is 1 + the number off: a weighing found that much more boiled off, in shares of what the mark says.
    return new Lesson("cook $day", 86_400_000 * $day, [new Effect('ring-power', 'medium', [Parameter::ring($ring), Parameter::mark($ring, 'medium')])], [$given], [new Observation(Observation::SIGN, -(exp($off) - 1) / $spread, [1 / $spread])], true);
}

function numberOf(Learned $learned, Parameter $parameter): LearnedNumber
{
    return array_values(array_filter($learned->numbers, static fn (LearnedNumber $number): bool => $number->parameter->key() === $parameter->key()))[0];
}

it('adds up normal beliefs in closed form', function (): void {
    // By hand: 0 ± 0.2 and a measurement of 0.3 ± 0.1 are 0.3 · 0.04/(0.04 + 0.01) = 0.24, and 1/√(25 + 100) = 0.0894.
    $belief = Gaussian::prior([0.2]);
    $belief->join([0], [[100.0]], [30.0]);
    expect($belief->mean()[0])->toEqualWithDelta(0.24, 1e-12)->and(sqrt($belief->covariance()[0][0]))->toEqualWithDelta(0.0894427, 1e-7);
    // Of two numbers only the sum was measured: each takes half, and they are known to lean on each other.
    $both = Gaussian::prior([1.0, 1.0]);
    $both->join([0, 1], [[1.0, 1.0], [1.0, 1.0]], [3.0, 3.0]);
    // Precision [[2, 1], [1, 2]], pull [3, 3]: mean [1, 1], covariance [[2, -1], [-1, 2]]/3.
    expect($both->mean())->toEqualWithDelta([1.0, 1.0], 1e-12)->and($both->covariance())->toEqualWithDelta([[2 / 3, -1 / 3], [-1 / 3, 2 / 3]], 1e-12);
});

it('takes a tool to work or to be wrong, by what the data make likelier', function (float $thought, float $spread): void {
    // The mixture, 85 parts ± 0.015 and 15 parts ± 0.1, times what the data say; summed up over a grid.
    $normal = static fn (float $x, float $deviation): float => exp(-$x ** 2 / 2 / $deviation ** 2) / $deviation;
    $all = $first = $second = 0.0;
    for ($x = -1.0; $x <= 1.0; $x += 0.0002) {
        $weight = (0.85 * $normal($x, 0.015) + 0.15 * $normal($x, 0.1)) * $normal($x - $thought, $spread);
        [$all, $first, $second] = [$all + $weight, $first + $weight * $x, $second + $weight * $x ** 2];
    }
    // What is believed without the site: the slab and the data, both normal.
    $known = 1 / 0.1 ** 2 + 1 / $spread ** 2;
    [$precision, $pull] = SpikeAndSlab::site(0.015, $thought / $spread ** 2 / $known, 1 / $known, [0.0, 0.0]);
    $variance = 1 / ($known + $precision);
    expect($variance * ($thought / $spread ** 2 + $pull))->toEqualWithDelta($first / $all, 1e-5)->and($variance)->toEqualWithDelta($second / $all - ($first / $all) ** 2, 1e-6);
})->with(['data that say nothing' => [0.0, 10.0], 'it works' => [0.005, 0.01], 'it may be either' => [0.06, 0.025], 'it is wrong' => [0.1, 0.02]]);

it('is less sure where a ring may have become another, before it can be named', function (): void {
    $before = array_map(static fn (int $day): Lesson => lessonOf($day, 0.0), range(0, 9));
    $mark = Parameter::mark('ring 3', 'medium');
    $usual = numberOf(Learned::from([...$before, lessonOf(10, 0.0), lessonOf(11, 0.0)]), $mark);
    $maybe = numberOf(Learned::from([...$before, lessonOf(10, 0.2), lessonOf(11, 0.2)]), $mark);
    expect($maybe->since)->toBeNull()->and($maybe->spread)->toBeGreaterThan(1.3 * $usual->spread)->and($maybe->off)->toBeBetween($usual->off, 0.2);
});

it('reads a word as the range that is called so', function (): void {
    // Tables of the normal distribution: Φ(0) = 0.5, Φ(1) = 0.841345, Φ(1.96) = 0.975002, Φ(−2.5) = 0.006210.
    foreach ([[0.0, 0.5], [1.0, 0.841345], [1.96, 0.975002], [-2.5, 0.006210], [INF, 1.0], [-INF, 0.0]] as [$z, $below]) {
        expect(SaidWord::below($z))->toEqualWithDelta($below, 1e-6);
    }
});

it('adds a word to what else is believed as summing up would', function (float $mean, float $deviation, float $from, float $to): void {
    $spread = 0.07;
    [$precision, $pull] = (new SaidWord(0.0, $from, $to, $spread))->adds($mean, $deviation ** 2);
    // Summed up in ten thousand steps: what was believed times what is likely to be called so, nine words in ten said rightly, the tenth any of four.
    [$all, $first, $second] = [0.0, 0.0, 0.0];
    foreach (range(-5000, 5000) as $step) {
        $thought = $mean + 8 * $deviation * $step / 5000;
        $else = exp(-(($thought - $mean) / $deviation) ** 2 / 2);
        $weight = $else * (0.9 * (SaidWord::below(($to - $thought) / $spread) - SaidWord::below(($from - $thought) / $spread)) + 0.1 / 4);
        [$all, $first, $second] = [$all + $weight, $first + $weight * $thought, $second + $weight * $thought ** 2];
    }
    $variance = $second / $all - ($first / $all) ** 2;
    $together = 1 / ($deviation ** -2 + $precision);
    expect($together)->toEqualWithDelta($variance, 1e-4 * $deviation ** 2)->and($mean + $together * $pull)->toEqualWithDelta($first / $all, 1e-4 * $deviation);
})->with(['in its middle' => [0.65, 0.1, 0.55, 0.75], 'at its edge' => [0.75, 0.1, 0.55, 0.75], 'below an open end' => [0.90, 0.15, 0.975, INF], 'hardly known' => [0.8, 0.3, -INF, 0.55], 'a surprise, which makes all else less sure' => [1.0, 0.05, 0.55, 0.75]]);

it('believes of a number what summing up would', function (array $said): void {
    // How fast a floor browns, 0 ± 0.5 and ± 0.15 from cook to cook, moves by its logarithm: words of three cooks.
    $lessons = [];
    foreach ($said as $day => $words) {
        $lessons[] = new Lesson("cook $day", 86_400_000 * $day, [new Effect('crust', null, [Parameter::crust('rice')])], [1.0], array_map(static fn (array $range): Observation => new Observation('crust', new SaidWord(0.0, $range[0], $range[1], 0.2), [1.0]), $words), false);
    }
    $posterior = new Posterior($lessons);
    // Summed up in steps of 0.02 over the number, and for each over what it is in each cook.
    [$all, $first, $second] = [0.0, 0.0, 0.0];
    foreach (range(-150, 150) as $step) {
        $number = 0.02 * $step;
        $weight = exp(-($number / 0.5) ** 2 / 2) * 0.02 / 0.5 / sqrt(2 * M_PI);
        foreach ($said as $words) {
            $cook = 0.0;
            foreach (range(-40, 40) as $of) {
                $apart = 0.02 * $of;
                $likely = exp(-($apart / 0.15) ** 2 / 2) * 0.02 / 0.15 / sqrt(2 * M_PI);
                foreach ($words as [$from, $to]) {
                    $likely *= 0.9 * (SaidWord::below(($to - $number - $apart) / 0.2) - SaidWord::below(($from - $number - $apart) / 0.2)) + 0.1 / 4;
                }
                $cook += $likely;
            }
            $weight *= $cook;
        }
        [$all, $first, $second] = [$all + $weight, $first + $weight * $number, $second + $weight * $number ** 2];
    }
    $spread = sqrt($second / $all - ($first / $all) ** 2);
    expect($posterior->meanOf(Parameter::crust('rice')->key()))->toEqualWithDelta($first / $all, 0.05 * $spread)
        ->and(sqrt($posterior->covariance[0][0]))->toEqualWithDelta($spread, 0.1 * $spread);
})->with([
    'that agree' => [[[[0.1, 0.5], [0.1, 0.5]], [[0.1, 0.5]], [[0.3, INF]]]],
    'two in a cook, side by side' => [[[[-0.4, 0.0], [0.0, 0.4]], [[0.0, 0.4], [0.4, INF]], [[-0.4, 0.0]]]],
    'all at an open end' => [[[[0.5, INF], [0.5, INF]], [[0.5, INF]], [[0.5, INF], [0.5, INF]]]],
]);

it('holds nobody back by a word past its open end', function (): void {
    // Thought to be 1.40 ± 0.10 where all beyond 0.975 is called so: nothing new, against the 100 that are known.
    [$precision] = (new SaidWord(0.0, 0.975, INF, 0.07))->adds(1.4, 0.01);
    expect($precision)->toBeLessThan(1.0);
    // A word that cannot be right: nobody believes it.
    expect((new SaidWord(0.0, 0.0, 0.55, 0.07))->adds(1.4, 0.01)[0])->toBeLessThan(1.0);
});

it('takes how a pan falls from a spoon, and a sign that is not there yet, as ranges: nobody is pulled to their edges', function (): void {
    $plan = Planner::plan(Kitchens::ask(covers: 6));
    $pours = array_keys(array_filter($plan->stages, static fn ($stage): bool => $stage->kind === StageKind::Pour && $stage->minute > 2.0));
    $due = $plan->stages[$pours[1]]->minute;
    $said = [new Touch('n', TouchKind::NotYet, OnTheFire::at($due - 0.1), $pours[1]), new Touch('f', TouchKind::Sign, OnTheFire::at($due - 0.05), sign: Sign::VeryLoose)];
    $touches = [...OnTheFire::doneUntil($plan, $due - 0.2), ...$said, ...array_values(array_filter(OnTheFire::doneUntil($plan, 60.0), static fn (Touch $touch): bool => $touch->at > OnTheFire::at($due - 0.2)))];
    $words = Lesson::of(new LoggedCook('cook', 0, $plan->ask, $plan->heat, Replay::of($plan->stages, $touches), 'ring 3', 'rice', 'dish'))->observations ?? [];
    expect($words)->toHaveCount(2)->each(fn ($observation) => $observation->what->toBeInstanceOf(SaidWord::class));
    [$notYet, $falls] = array_column($words, 'what');
    // A wave is 0.85 and very loose 1.10 (the scale of the model): from half-way, 0.975, without an end. The spread is the 0.07 of whoever looks: what the ladle is off by is a parameter of its own.
    expect([$falls->from, $falls->to])->toEqualWithDelta([0.975, INF], 1e-9)->and($falls->spread)->toEqualWithDelta(0.07, 1e-9)
        // Ladle by ladle a dose is due at 0.60 g/g, where the trail closes slowly (docs/model.md): anything wetter than that.
        ->and($notYet->from)->toEqualWithDelta(0.60, 1e-9)->and($notYet->to)->toBe(INF)->and($notYet->thought)->toEqualWithDelta($falls->thought, 0.1);
    // The tightest word has no lower end, and any other sign is a measurement.
    $scale = $plan->ask->family->traits()->scale;
    expect(Sign::Stands->range($scale))->toEqualWithDelta([-INF, 0.55], 1e-9)->and(Sign::DryTrail->range($scale))->toBeNull()
        ->and((new SaidWord(0.3, -INF, 0.55, 0.07))->place())->toEqualWithDelta(-0.25, 1e-9)->and((new SaidWord(0.6, 0.55, 0.75, 0.07))->place())->toEqualWithDelta(-0.05, 1e-9);
});

it('learns nothing of a mark that is taken to give nothing, whenever that was said', function (): void {
    $plan = Planner::plan(Kitchens::ask(covers: 6, net: ['off' => 0.0, 'medium' => 800.0, 'high' => 1600.0]));
    $touches = [...OnTheFire::doneUntil($plan, 60.0), new Touch('h', TouchKind::Heat, OnTheFire::at(8.0), mark: 'off'), new Touch('w', TouchKind::Weigh, OnTheFire::at(9.0), weighing: new Weighing(3300.0, 1500.0, 0.0))];
    $lesson = Lesson::of(new LoggedCook('cook', 0, $plan->ask, $plan->heat, Replay::of($plan->stages, $touches), 'ring 3', 'rice', 'dish'));
    expect(array_column($lesson->effects ?? [], 'mark'))->toContain($plan->heat[0]->mark)->not->toContain('off');
    // It gave 800 W when it was cooked on, and was measured at nothing since.
    $mark = Parameter::mark('ring 3', 'medium');
    expect(numberOf(Learned::from([lessonOf(1, 0.1)], [$mark->key() => 0.0]), $mark)->given)->toBe(800.0);
});

it('comes to what is true, the surer the more cooks, and says between which it lies', function (): void {
    $cooks = array_map(static fn (int $day): Lesson => lessonOf($day, 0.25 + [0.03, -0.03][$day % 2]), range(0, 11));
    $mark = Parameter::mark('ring 3', 'medium');
    $few = numberOf(Learned::from(array_slice($cooks, 0, 2)), $mark);
    $many = numberOf(Learned::from($cooks), $mark);
    expect($many->off)->toEqualWithDelta(0.25, 0.01)->and($many->spread)->toBeLessThan($few->spread)->and($many->cooks)->toBe(12)->and($many->given)->toBe(800.0)
        ->and($many->low())->toBeLessThan(exp(0.25))->and($many->high())->toBeGreaterThan(exp(0.25))
        // By hand: with measurements that say it all, twelve cooks that are 0.04 apart tell it to 0.04/√12 = 0.0115; with measurements no better than the
        // 0.05 they are thought to be, to √(0.04² + 0.05²)/√12 = 0.0185. They lie 0.03 off: they are better than that.
        ->and($many->spread)->toBeBetween(0.0115, 0.0185);
});

it('names the cook that does not fit and keeps it out, whatever the others', function (): void {
    $cooks = array_map(static fn (int $day): Lesson => lessonOf($day, 0.10), range(0, 7));
    $number = numberOf(Learned::from([...$cooks, lessonOf(3, -0.55)]), Parameter::ring('ring 3'));
    expect(array_column($number->outliers, 'cook'))->toBe(['cook 3'])->and($number->outliers[0]->off)->toBeLessThan(-0.4)->and($number->off)->toBeGreaterThan(0.05)->and($number->cooks)->toBe(8);
    // Nobody has cooked yet.
    expect(Learned::from([])->numbers)->toBe([])->and(Learned::from([])->in(Kitchens::ask(), 'ring 3', 'carnaroli', 'pea'))->toEqual(Kitchens::ask());
    // Of three nobody can say which is wrong.
    expect(numberOf(Learned::from([lessonOf(0, 0.1), lessonOf(1, 0.1), lessonOf(2, -0.55)]), Parameter::ring('ring 3'))->outliers)->toBe([]);
});

it('notices a new jet within five cooks, and learns the ring anew from then on', function (): void {
    $before = array_map(static fn (int $day): Lesson => lessonOf($day, -0.05), range(0, 5));
    $mark = Parameter::mark('ring 3', 'medium');
    $noticed = null;
    for ($after = 1; $after <= 5 && $noticed === null; $after++) {
        $number = numberOf(Learned::from([...$before, ...array_map(static fn (int $day): Lesson => lessonOf($day, 0.22), range(6, 5 + $after))]), $mark);
        $noticed = $number->since === null ? null : $after;
    }
    expect($noticed)->toBeLessThanOrEqual(5)->not->toBeNull()->and($number->since)->toBe(6 * 86_400_000)->and($number->off)->toBeGreaterThan(0.15)->and($number->cooks)->toBe($noticed)
        // One wild cook at the end is none.
        ->and(numberOf(Learned::from([...$before, lessonOf(6, 0.5)]), $mark)->since)->toBeNull();
});

it('takes cooks by the numbers of their day: a mark that was measured anew since is not learned twice', function (): void {
    // The mark gives 1000 W. It was taken for 800 W at first, ln(1000/800) = 0.223; then for 950 W, ln(1000/950) = 0.0513.
    $cooks = [...array_map(static fn (int $day): Lesson => lessonOf($day, 0.2231, 0.02, 800.0), range(0, 5)), ...array_map(static fn (int $day): Lesson => lessonOf($day, 0.0513, 0.02, 950.0), range(6, 11))];
    $number = numberOf(Learned::from($cooks), Parameter::mark('ring 3', 'medium'));
    expect($number->given)->toBe(950.0)->and($number->given * $number->factor())->toEqualWithDelta(1000.0, 10.0)->and($number->since)->toBeNull();
});

it('learns nothing of a ring from another, and a mark that nobody has used from its ring', function (): void {
    $cooks = array_map(static fn (int $day): Lesson => lessonOf($day, 0.25), range(0, 7));
    $learned = Learned::from([...$cooks, lessonOf(8, 0.0, 0.5, 500.0, 'ring 4')]);
    $ask = Kitchens::ask(net: ['low' => 200.0, 'medium' => 800.0, 'high' => 1600.0]);
    $known = $learned->in($ask, 'ring 3', 'carnaroli', 'pea')->burner->net;
    // Prior 0.18² against 0.08²: five sixths of it are the ring's, the rest is that mark's.
    expect($known['medium'] / 800.0)->toEqualWithDelta(exp(0.24), 0.03)->and($known['high'] / 1600.0)->toEqualWithDelta(exp(0.24 * 0.0324 / 0.0388), 0.03)
        ->and($learned->in($ask, 'ring 4', 'carnaroli', 'pea')->burner->net['medium'] / 800.0)->toEqualWithDelta(1.0, 0.01)
        ->and($learned->in($ask, 'ring 5', 'carnaroli', 'pea')->burner->net)->toBe($ask->burner->net);
});

it('plans with what noisy cooks taught nearer to the truth: a good deal where every other one weighs its pan, a little where none ever does', function (bool $weighs, int $seed, float $share): void {
    $kitchen = new Taught($seed, $weighs);
    $lessons = $kitchen->cooks(8);
    expect(count($lessons))->toBeGreaterThan(5)->and(array_filter($lessons, static fn (Lesson $lesson): bool => $lesson->weighed) !== [])->toBe($weighs);
    $learned = Learned::from($lessons);
    $usual = $kitchen->usual();
    $truth = Planner::plan($kitchen->truly($usual))->stock;
    $off = static fn (float $stock): float => abs($stock / $truth - 1);
    expect($off(Planner::plan($learned->in($usual, Taught::RING, Taught::RICE, Taught::DISH))->stock))->toBeLessThan($share * $off(Planner::plan($usual)->stock) + 0.005);
    $power = numberOf($learned, Parameter::mark(Taught::RING, 'medium'));
    // Three standard deviations.
    expect(abs($power->off - $kitchen->true['ring'] - $kitchen->true['mark']))->toBeLessThan(3 * $power->spread);
})->with([[true, 2, 0.6], [true, 7, 0.6], [false, 2, 1.0], [false, 3, 1.0]]);
