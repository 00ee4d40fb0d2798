<?php

declare(strict_types=1);

use App\Dish\Photo;
use App\Log\LogLineStore;
use App\Models\Cook;
use App\Models\Kitchen;
use App\Models\LogLine;
use App\Models\User;
use Carbon\CarbonImmutable;
use Database\Seeders\KilnHouse;
use Database\Seeders\KilnHouseCooks;
use Database\Seeders\KilnHouseMonth;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Feature\Station;

/* The log as it is read: lines beside the events, found, carried out, and brought from paper. */

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T11:00:00Z'));
    config(['velko.demo' => true]);
    $this->seed(KilnHouse::class);
    $this->kitchen = Kitchen::query()->where('name', 'The Kiln House')->sole();
    $this->chef = fn () => User::query()->where('email', 'chef@kiln.example')->sole();
    $this->actingAs(($this->chef)());
    $this->all = fn (string $query = ''): array => collect(range(1, 20))->reduce(function (array $found, int $page) use ($query): array {
        if ($page > 1 && $found['next'] === null) {
            return $found;
        }
        $answer = $this->getJson($page === 1 ? "/api/cooks?$query" : $found['next'])->assertOk();
        Station::keeps('log', $answer->content());

        return ['cooks' => [...$found['cooks'], ...$answer->json('cooks')], 'next' => $answer->json('next')];
    }, ['cooks' => [], 'next' => null])['cooks'];
});

it('makes its lines once, plays no cook to show them again, and makes the same of all events by one command', function (): void {
    $this->seed(KilnHouseCooks::class);
    $shown = ($this->all)();
    expect($shown)->toHaveCount((int) DB::table('cooks')->count());
    $lines = static fn (): array => LogLine::query()->withoutGlobalScopes()->orderBy('cook_id')->get()->map(static fn (LogLine $line): array => array_diff_key($line->toArray(), ['id' => true]))->all();
    $before = $lines();
    DB::enableQueryLog();
    $this->getJson('/api/cooks')->assertOk();
    $asked = array_column(DB::getQueryLog(), 'query');
    DB::disableQueryLog();
    expect(array_filter($asked, static fn (string $query): bool => str_contains($query, 'cook_events') || str_contains($query, 'from `plans`') || str_starts_with($query, 'insert')))->toBe([]);
    expect(Artisan::call('velko:summaries'))->toBe(0)->and(Artisan::output())->toContain('The Kiln House: '.count($before).' cooks')
        ->and($lines())->toEqual($before);

    // A word said later stands in its line, and nobody else's is made again.
    $cook = Cook::query()->where('uuid', $shown[3]['id'])->sole();
    $this->postJson("/api/cooks/$cook->uuid/events", Station::event('verdict', looseness: 'stands', bite: 'mush', note: 'somebody else says', waste_plates: 2, at: '2026-05-04T11:00:00.000Z'))->assertCreated();
    expect(LogLine::query()->where('cook_id', $cook->id)->count())->toBe(0);
    $line = collect(($this->all)())->firstWhere('id', $cook->uuid);
    // Two plates of what a plate of this pan weighs.
    $plate = array_sum(array_column($cook->plan->working['plan']['explain']['plate_g'], 'value')) / $line['covers'];
    expect($line['verdict'])->toMatchArray(['bite' => 'mush', 'waste_plates' => 2, 'as_wanted' => false])->and($line['wasted_g'])->toEqualWithDelta(2 * $plate, 0.1);
});

it('finds by dish, pan, ring, who, day, verdict and words, all of them at once, page by page', function (): void {
    $this->seed([KilnHouseMonth::class, KilnHouseCooks::class]);
    $all = ($this->all)();
    $ids = static fn (array $cooks): array => array_column($cooks, 'id');
    $dish = $this->kitchen->dishes()->where('name', 'like', '%pea, lovage%')->sole();
    $ring = $this->kitchen->burners()->where('name', 'ring 3')->sole();
    $pan = $this->kitchen->pans()->where('name', '28 sautoir')->sole();
    foreach ([
        "dish=$dish->id" => static fn (array $line): bool => $line['dish'] === $dish->name,
        "burner=$ring->id" => static fn (array $line): bool => $line['burner'] === 'ring 3',
        "pan=$pan->id&burner=$ring->id" => static fn (array $line): bool => $line['burner'] === 'ring 3' && $line['pan'] === '28 sautoir',
        'by=Trainee' => static fn (array $line): bool => $line['cook'] === 'Trainee',
        'verdict=wanted' => static fn (array $line): bool => ($line['verdict']['as_wanted'] ?? false) === true,
        'verdict=given-up' => static fn (array $line): bool => $line['status'] === 'given-up',
        'verdict=soft' => static fn (array $line): bool => ($line['verdict']['bite'] ?? '') === 'soft',
        'from=2026-04-20&to=2026-04-26' => static fn (array $line): bool => substr($line['table_at'], 0, 10) >= '2026-04-20' && substr($line['table_at'], 0, 10) <= '2026-04-26',
        'words=hotter' => static fn (array $line): bool => str_contains($line['verdict']['note'] ?? '', 'hotter'),
        'words=%25' => static fn (array $line): bool => str_contains($line['verdict']['note'] ?? '', '%'),
    ] as $query => $is) {
        $found = ($this->all)($query);
        expect($ids($found))->toBe($ids(array_values(array_filter($all, $is))), $query);
    }
    expect(($this->all)("dish=$dish->id"))->not->toBeEmpty();
    foreach (['dish=x' => '/dish', 'from=2026-02-30' => '/from', 'to[]=1' => '/to', 'verdict=lovely' => '/verdict', 'words='.str_repeat('a', 101) => '/words', 'burner=99999999999999999999' => '/burner', 'by='.rawurlencode("\xff") => '/by'] as $query => $pointer) {
        $this->getJson("/api/cooks?$query")->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    }
    // Another kitchen finds nothing of it, whatever number it names.
    $this->actingAs(Station::open()->cook);
    expect($this->getJson("/api/cooks?dish=$dish->id")->assertOk()->json('cooks'))->toBe([]);
});

it('goes out as CSV and as JSON, all of it or what was looked for', function (): void {
    $this->seed(KilnHouseCooks::class);
    $all = ($this->all)();
    $csv = $this->get('/api/log.csv')->assertOk()->streamedContent();
    $file = fopen('php://memory', 'r+b');
    fwrite($file, $csv);
    rewind($file);
    $names = fgetcsv($file, null, ',', '"', '');
    $rows = [];
    while (($row = fgetcsv($file, null, ',', '"', '')) !== false) {
        $rows[] = array_combine($names, $row);
    }
    expect($rows)->toHaveCount(count($all))->and(str_contains($csv, "\r\n"))->toBeTrue();
    $line = collect($all)->firstWhere('status', 'at-table');
    $row = collect($rows)->first(static fn (array $row): bool => str_starts_with($line['table_at'], "{$row['date']}T{$row['time']}"));
    expect((float) $row['stock_ml'])->toEqual($line['happened']['poured_ml'])->and((float) $row['planned_ml'])->toEqual($line['planned']['stock_ml'])->and($row['dish'])->toBe($line['dish'])->and($row['looseness'])->toBe($line['verdict']['looseness']);
    $json = $this->get('/api/log.json?verdict=given-up')->assertOk()->streamedContent();
    Station::keeps('log', $json);
    expect(json_decode($json, true)['cooks'])->toEqual(array_values(array_filter($all, static fn (array $line): bool => $line['status'] === 'given-up')));
});

it('sums up weeks as one would by hand', function (): void {
    $this->seed(KilnHouseCooks::class);
    $all = collect(($this->all)());
    $answer = $this->getJson('/api/log/weeks')->assertOk();
    Station::keeps('weeks', $answer->content());
    $week = $answer->json('weeks.1');
    $of = $all->filter(static fn (array $line): bool => CarbonImmutable::parse($line['table_at'])->startOfWeek()->format('Y-m-d') === $week['from']);
    expect($week['cooks'])->toBe($of->count())->and($week['as_wanted'])->toBe($of->where('verdict.as_wanted', true)->count())
        ->and($week['poured_ml'])->toEqual(round($of->where('status', 'at-table')->sum('happened.poured_ml')))->and($week['planned_ml'])->toEqual(round($of->where('status', 'at-table')->sum('planned.stock_ml')))
        ->and($week['in_window'])->toBe($of->filter(static fn (array $line): bool => $line['happened']['late_min'] !== null && $line['happened']['late_min'] >= -3 && $line['happened']['late_min'] <= 2)->count());
    expect(collect($answer->json('weeks'))->sum('cooks'))->toBe($all->whereIn('status', ['at-table', 'given-up'])->count())->and(collect($answer->json('rings'))->sum('cooks'))->toBe($all->count());
    // A kitchen that has cooked nothing is told nothing.
    $this->actingAs(Station::open()->cook);
    expect($this->getJson('/api/log/weeks')->assertOk()->json())->toMatchArray(['weeks' => [], 'dishes' => [], 'advice' => []]);
});

describe('from paper', function (): void {
    beforeEach(function (): void {
        $this->good = "date;time;dish;covers;ring;pan;stock;verdict;bite;late;waste;who;note\n2026-05-01;19:30;pea;6;ring 2;28 sautoir;1.35 L;wave;right;1;40;Trainee;\"fine; almost\"\n1.5.2026;20:15;hake;8;ring 4;;2100;creamy;right;;;;\n";
        $this->read = fn (string $text, ?array $columns = null) => $this->postJson('/api/log/read', ['format' => 'velko.paper-said/1', 'text' => $text, 'columns' => $columns]);
        $this->keep = fn (array $lines) => $this->postJson('/api/log/paper', ['format' => 'velko.paper-entry/1', 'lines' => $lines]);
    });

    it('is read row by row, kept whole, and found and counted like any other', function (): void {
        $before = count(($this->all)());
        $read = ($this->read)($this->good)->assertOk();
        Station::keeps('paper-read', $read->content());
        expect(array_column($read->json('rows'), 'faults'))->toBe([[], []])->and($read->json('rows.0.line'))->toMatchArray(['on' => '2026-05-01', 'at' => '19:30', 'covers' => 6, 'stock_ml' => 1350, 'looseness' => 'wave', 'waste_g' => 40, 'by' => 'Trainee', 'note' => 'fine; almost'])
            ->and($read->json('rows.1.line'))->toMatchArray(['on' => '2026-05-01', 'stock_ml' => 2100, 'pan_id' => null]);
        ($this->keep)(array_column($read->json('rows'), 'line'))->assertCreated()->assertJson(['kept' => 2]);
        $all = ($this->all)();
        $paper = collect($all)->where('paper', true);
        expect($all)->toHaveCount($before + 2)->and($paper->first(static fn (array $line): bool => $line['covers'] === 6)['verdict']['as_wanted'])->toBeTrue()
            ->and(($this->all)('words=almost'))->toHaveCount(1);
        $out = Station::archive($this->get('/api/kitchen/archive')->assertOk());
        Station::keeps('archive', $out);
        $this->actingAs($cook = User::factory()->create());
        $this->call('POST', '/api/kitchen/archive', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $out)->assertCreated();
        $this->actingAs($cook->fresh());
        expect(json_decode(Station::archive($this->get('/api/kitchen/archive')), true)['paper'])->toEqual(json_decode($out, true)['paper'])->toHaveCount(2);
    });

    it('is summed up by a count of its own, whatever was said of its cooks', function (): void {
        $line = ($this->read)($this->good)->json('rows.0.line');
        $chance = new Randomizer(new Mt19937(30));
        $lines = [];
        for ($i = 0; $i < 60; $i++) {
            $judged = $chance->getInt(0, 2) > 0;
            $lines[] = [...$line, 'on' => sprintf('2026-04-%02d', $chance->getInt(1, 30)), 'stock_ml' => $chance->getInt(0, 4) === 0 ? null : $chance->getInt(1000, 2600), 'late_min' => $chance->getInt(-4, 5), 'looseness' => $judged ? ['wave', 'stands'][$chance->getInt(0, 1)] : null, 'bite' => $judged ? ['right', 'soft'][$chance->getInt(0, 1)] : null];
        }
        foreach (array_chunk($lines, 30) as $some) {
            ($this->keep)($some)->assertCreated();
        }
        $all = collect(($this->all)())->where('dish', $dish = collect(($this->all)())->firstWhere('paper', true)['dish']);
        $said = collect($this->getJson('/api/log/weeks')->assertOk()->json('dishes'))->firstWhere('name', $dish);
        $told = $all->filter(static fn (array $line): bool => ($line['verdict']['as_wanted'] ?? null) !== null);
        expect($said['cooks'])->toBe($all->count())->and($said['judged'])->toBe($told->count())->and($said['as_wanted'])->toBe($told->where('verdict.as_wanted', true)->count())
            ->and($told->count())->toBeLessThan($all->count());
        foreach (['wanted' => true, 'otherwise' => false] as $of => $asWanted) {
            $those = $told->filter(static fn (array $line): bool => $line['verdict']['as_wanted'] === $asWanted && $line['happened']['poured_ml'] > 0);
            $ratios = $those->map(static fn (array $line): float => $line['happened']['poured_ml'] / $line['rice_g'])->sort()->values();
            $middle = intdiv($ratios->count(), 2);
            expect($said[$of]['cooks'])->toBe($those->count())->toBeGreaterThan(3)
                ->and($said[$of]['ml_per_g'])->toEqualWithDelta($ratios->count() % 2 === 1 ? $ratios[$middle] : ($ratios[$middle - 1] + $ratios[$middle]) / 2, 0.006);
        }
    });

    it('takes its columns as they were matched, and says what is missing and what is wrong on its row', function (): void {
        $text = "wann,was,wie viele,brühe\n2026-05-01,trout,4,1.1 l\n2026-13-01,trout,4,1.1 l\n2026-05-02,peas porridge,0,lots";
        $unmatched = ($this->read)($text)->assertOk();
        expect($unmatched->json('missing'))->toBe(['on', 'dish', 'covers'])->and($unmatched->json('rows'))->toBe([])->and($unmatched->json('names'))->toBe(['wann', 'was', 'wie viele', 'brühe']);
        $rows = ($this->read)($text, ['on' => 0, 'dish' => 1, 'covers' => 2, 'stock' => 3])->assertOk()->json('rows');
        expect($rows[0]['line']['stock_ml'])->toEqual(1100)->and(array_column($rows[1]['faults'], 'column'))->toBe(['on'])->and(array_column($rows[2]['faults'], 'column'))->toBe(['dish', 'covers', 'stock'])->and($rows[2]['row'])->toBe(4);
        ($this->read)($text, ['on' => 9])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/columns/on');
        ($this->read)('nothing')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/text');
    });

    it('keeps all of it or nothing, and nothing of another kitchen', function (): void {
        $lines = array_column(($this->read)($this->good)->json('rows'), 'line');
        ($this->keep)([$lines[0], [...$lines[1], 'on' => '2031-01-01']])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/lines/1/on');
        ($this->keep)([[...$lines[0], 'looseness' => 'soup']])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/lines/0/looseness');
        ($this->keep)([[...$lines[0], 'at' => '29:30']])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/lines/0/at');
        expect(LogLine::query()->where('cook_id', null)->count())->toBe(0);
        $this->actingAs(Station::open()->cook);
        ($this->keep)($lines)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/lines/0/dish_id');
    });

    it('gives a thousand malformed files a thousand clear refusals, with nothing half kept', function (): void {
        $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class);
        config(['velko.work_store' => 'null']);
        $chance = new Randomizer(new Mt19937(7));
        $cells = ['', 'x', '-1', '1e9', "\u{202e}", '=cmd()', '2026-02-31', '99:99', '"', str_repeat('9', 300), '0', 'NULL', "\0"];
        for ($i = 0; $i < 1000; $i++) {
            $rows = array_map(static fn (string $line): array => str_getcsv($line, ';', '"', ''), array_slice(explode("\n", trim($this->good)), 0, 3));
            // Something that must be right is not, in some row; now and then the file is cut, mixed up or no table.
            $row = $chance->getInt(1, 2);
            $column = [0, 2, 3][$chance->getInt(0, 2)];
            $rows[$row][$column] = $cells[$chance->getInt(0, count($cells) - 1)];
            $text = implode("\n", array_map(static fn (array $row): string => implode(';', array_map(static fn (string $cell): string => '"'.str_replace('"', '""', $cell).'"', $row)), $rows));
            $text = match ($chance->getInt(0, 9)) {
                0 => substr($text, 0, $chance->getInt(0, 60)), 1 => (string) substr($text, (int) strpos($text, "\n") + 1), 2 => strtr($text, ';', '|'), 3 => $chance->getBytes(60), default => $text,
            };
            $answer = $this->call('POST', '/api/log/read', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: (string) json_encode(['format' => 'velko.paper-said/1', 'text' => $text], JSON_INVALID_UTF8_SUBSTITUTE));
            $said = $answer->getStatusCode() === 200
                ? [...$answer->json('missing'), ...array_merge(...array_column($answer->json('rows'), 'faults'))]
                : array_column($answer->json('errors') ?? [], 'detail');
            expect($answer->getStatusCode())->toBeIn([200, 422], substr($text, 0, 200))->and($said)->not->toBe([], substr($text, 0, 200));
        }
        expect(LogLine::query()->where('cook_id', null)->count())->toBe(0);
    });
});

describe('a photo of the plate', function (): void {
    beforeEach(function (): void {
        $ask = ['format' => 'velko.ask/1', 'dish_id' => $this->kitchen->dishes()->where('name', 'like', '%hake%')->sole()->id, 'covers' => 4, 'portion' => 'main', 'pan_id' => null, 'burner_id' => null, 'table_at' => '12:30', 'heat' => null];
        $this->cook = $this->postJson('/api/cooks', ['format' => 'velko.start-cook/1', 'id' => '0198c1de-0000-7000-8000-000000000001', 'ask' => $ask])->assertCreated()->json('id');
        $this->postJson("/api/cooks/$this->cook/events", Station::event('abandon', at: '2026-05-04T11:00:00.000Z'))->assertCreated();
        $this->put = fn (string $bytes, ?string $cook = null) => $this->call('PUT', '/api/cooks/'.($cook ?? $this->cook).'/photo', server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
        $this->picture = static function (int $width, int $height, string $as = 'jpeg'): string {
            $picture = imagecreatetruecolor($width, $height);
            imagefilledellipse($picture, intdiv($width, 2), intdiv($height, 2), $width, intdiv($height, 2), (int) imagecolorallocate($picture, 240, 190, 60));
            ob_start();
            $as === 'jpeg' ? imagejpeg($picture) : imagepng($picture);

            return (string) ob_get_clean();
        };
        // A camera's own words: where it was, by EXIF (APP1) with a GPS tag and its orientation, turned by 90°.
        $this->withExif = static function (string $jpeg): string {
            $tiff = "II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\0\0\0\0GPS 51.4545 N";
            $app1 = "Exif\0\0".$tiff;

            return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($app1) + 2).$app1.substr($jpeg, 2);
        };
    });

    it('is kept small, upright and without what the camera wrote into it, and goes with the archive', function (): void {
        $answer = ($this->put)(($this->withExif)(($this->picture)(3000, 2000)))->assertOk();
        Station::keeps('cook', $answer->content());
        $kept = $this->get($answer->json('photo'))->assertOk()->assertHeader('Content-Type', 'image/jpeg')->content();
        [$width, $height] = getimagesizefromstring($kept);
        expect([$width, $height])->toBe([800, 1200])->and(strlen($kept))->toBeLessThan(300_000)->and($kept)->not->toContain('GPS')->not->toContain('Exif');
        $small = ($this->picture)(300, 200, 'png');
        $again = ($this->put)($small)->assertOk();
        expect($again->json('photo'))->not->toBe($answer->json('photo'))->and(getimagesizefromstring($this->get($again->json('photo'))->content())[0])->toBe(300);

        $out = Station::archive($this->get('/api/kitchen/archive')->assertOk());
        Station::keeps('archive', $out);
        $this->actingAs($cook = User::factory()->create());
        $this->call('POST', '/api/kitchen/archive', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $out)->assertCreated();
        $this->actingAs($cook->fresh());
        expect(json_decode(Station::archive($this->get('/api/kitchen/archive')), true))->toEqual(json_decode($out, true));

        $this->actingAs(($this->chef)());
        $this->deleteJson("/api/cooks/{$this->cook}/photo")->assertOk()->assertJsonPath('photo', null);
        $this->get("/api/cooks/{$this->cook}/photo")->assertNotFound();
    });

    it('is refused where it would cost more to look at than any photo, and keeps nothing that somebody hid in one', function (): void {
        $jpeg = ($this->picture)(400, 300);
        $scan = strpos($jpeg, "\xFF\xDA");
        $length = ord($jpeg[$scan + 2]) * 256 + ord($jpeg[$scan + 3]);
        // Two thousand empty scans of one picture: 295 kB that cost 26.5 s to decode.
        $scans = substr($jpeg, 0, $scan).str_repeat(substr($jpeg, $scan, 2 + $length)."\0", 2_000)."\xFF\xD9";
        $from = getrusage();
        expect(($this->put)($scans)->assertStatus(422)->json('errors.0.detail'))->toContain('at most');
        $to = getrusage();
        expect($to['ru_utime.tv_sec'] - $from['ru_utime.tv_sec'])->toBeLessThanOrEqual(2);
        expect(($this->put)(substr($jpeg, 0, $scan).str_repeat("\xFF\xFE\0\x04ab", 500).substr($jpeg, $scan))->assertStatus(422)->json('errors.0.detail'))->toContain('parts');
        // A progressive JPEG of nine million pixels: a frame says so before anything is decoded.
        $vast = str_replace("\xFF\xC0", "\xFF\xC2", $jpeg);
        $frame = strpos($vast, "\xFF\xC2");
        expect(($this->put)(substr_replace($vast, pack('nn', 3_000, 3_000), $frame + 5, 4))->assertStatus(422)->json('errors.0.detail'))->toContain('progressive');
        // Words in APP0, in a comment, after the end; a small picture that is far too many bytes.
        $secret = 'where it was taken';
        foreach ([
            substr($jpeg, 0, 2)."\xFF\xE0".pack('n', strlen($secret) + 2).$secret.substr($jpeg, 2),
            substr($jpeg, 0, 2)."\xFF\xFE".pack('n', strlen($secret) + 2).$secret.substr($jpeg, 2),
            $jpeg.$secret, $jpeg.str_repeat($secret, 50_000),
        ] as $with) {
            $kept = $this->get(($this->put)($with)->assertOk()->json('photo'))->content();
            expect($kept)->not->toContain($secret)->and(strlen($kept))->toBeLessThan(600_000)->and(str_ends_with($kept, "\xFF\xD9"))->toBeTrue();
        }
    });

    it('costs less than two seconds and 128 MB, whatever kind of picture it is', function (string $kind, int $width, int $height): void {
        // As large as it may be, and nothing in it that packs well.
        $noise = imagecreatetruecolor($width, $height);
        $tile = imagecreatetruecolor(500, 500);
        for ($x = 0; $x < 500; $x++) {
            for ($y = 0; $y < 500; $y++) {
                imagesetpixel($tile, $x, $y, random_int(0, 0xFFFFFF));
            }
        }
        imagesettile($noise, $tile);
        imagefilledrectangle($noise, 0, 0, $width, $height, IMG_COLOR_TILED);
        imageinterlace($noise, str_starts_with($kind, 'interlaced'));
        $file = tempnam(sys_get_temp_dir(), 'photo');
        for ($quality = 90; $quality > 0 && ($quality === 90 || filesize($file) > Photo::MOST_BYTES); $quality -= 15) {
            match (true) {
                str_ends_with($kind, 'JPEG') => imagejpeg($noise, $file, $quality),
                str_ends_with($kind, 'PNG') => imagepng($noise, $file, 9),
                default => imagewebp($noise, $file, $quality),
            };
            clearstatcache();
        }
        unset($noise, $tile);
        // In a process of its own, so that what it takes is what the photo takes.
        $bare = new Process([PHP_BINARY, '-r', 'require $argv[1]; $said = ""; '.($spent = 'echo json_encode([(getrusage()["ru_utime.tv_sec"] + getrusage()["ru_utime.tv_usec"] / 1e6), getrusage()["ru_maxrss"] / 1024, $said]);'), base_path('vendor/autoload.php')]);
        $with = new Process([PHP_BINARY, '-r', 'require $argv[1]; $bytes = file_get_contents($argv[2]); try { $said = strlen(App\Dish\Photo::small($bytes)); } catch (App\Contracts\BadDocument $bad) { $said = $bad->faults[0]->detail; } '.$spent, base_path('vendor/autoload.php'), $file]);
        [[$seconds, $megabytes], [$allSeconds, $allMegabytes, $said]] = array_map(static fn (Process $process): array => json_decode($process->mustRun()->getOutput(), true), [$bare, $with]);
        unlink($file);
        // A picture that never packs is too many bytes, and is refused for that.
        is_int($said) ? expect($said)->toBeLessThan(600_000) : expect($said)->toContain('at most');
        expect($allSeconds - $seconds)->toBeLessThan(2.0)->and($allMegabytes - $megabytes)->toBeLessThan(128.0);
    })->with([
        'a JPEG' => ['JPEG', 5_000, 4_000], 'a progressive JPEG' => ['interlaced JPEG', 3_200, 2_500],
        'a PNG' => ['PNG', 4_000, 3_000], 'an interlaced PNG' => ['interlaced PNG', 4_000, 3_000], 'a WebP' => ['WebP', 4_000, 2_500],
    ]);

    it('is refused where it is no picture, or far too large', function (): void {
        foreach (['', 'not a photo', '%PDF-1.7', "\xFF\xD8\xFF\xE0".str_repeat("\0", 200), substr(($this->picture)(400, 300), 0, 700), 'GIF89a'.str_repeat('x', 50)] as $bytes) {
            $refused = ($this->put)($bytes);
            expect($refused->getStatusCode())->toBe(422, bin2hex(substr($bytes, 0, 12)))->and($refused->json('errors.0.detail'))->toContain('picture');
        }
        expect(($this->put)(str_repeat("\xFF", 40_000_000))->assertStatus(422)->json('errors.0.detail'))->toContain('15 MB');
        // A small file of a vast picture.
        expect(($this->put)("\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 60_000, 60_000)."\x08\x02\0\0\0".pack('N', crc32('IHDR'.pack('NN', 60_000, 60_000)."\x08\x02\0\0\0")))->assertStatus(422)->json('errors.0.detail'))->toContain('million pixels');
        expect($this->getJson("/api/cooks/{$this->cook}")->json('photo'))->toBeNull();
        $other = Station::open();
        $this->actingAs($other->cook);
        ($this->put)(($this->picture)(40, 30))->assertNotFound();
        $this->getJson("/api/cooks/{$this->cook}/photo")->assertNotFound();
    });
});

it('counts what there was no time for, and has it the next time', function (): void {
    $this->seed(KilnHouseCooks::class);
    LogLine::query()->withoutGlobalScopes()->delete();
    expect(LogLineStore::bringUpToDate($this->kitchen, CarbonImmutable::now(), new App\Bench\TimeBudget(0.0)))->toBe((int) DB::table('cooks')->count());
    expect($this->getJson('/api/cooks')->assertOk()->json('left_out'))->toBe(0);
    // A pan that is put on now is read as it stands, each time.
    $dish = $this->kitchen->dishes()->where('name', 'like', '%pea, lovage%')->sole();
    $ask = ['format' => 'velko.ask/1', 'dish_id' => $dish->id, 'covers' => 4, 'portion' => 'main', 'pan_id' => null, 'burner_id' => null, 'table_at' => '19:30'];
    $this->postJson('/api/cooks', ['format' => 'velko.start-cook/1', 'id' => (string) Illuminate\Support\Str::uuid(), 'ask' => $ask])->assertCreated();
    foreach (['first', 'again'] as $look) {
        expect($this->getJson('/api/cooks')->assertOk()->json('left_out'))->toBe(0, $look);
    }
});
