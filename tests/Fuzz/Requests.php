<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Random\Randomizer;

/** Requests by chance, to every route there is: mostly what the contracts allow, with numbers of both kitchens, else spoiled. */
final class Requests
{
    /** What a route takes, by its contract; text where it is no document. */
    private const BODIES = [
        'POST api/session' => 'sign-in', 'POST api/session/forgotten' => 'forgotten', 'POST api/session/hand' => 'hand', 'POST api/kitchens' => 'new-kitchen',
        'POST api/links/look' => 'token', 'POST api/links/join' => 'join', 'POST api/links/reset' => 'reset',
        'PUT api/me' => 'me', 'PUT api/me/password' => 'new-password', 'PUT api/me/pin' => 'pin', 'POST api/people/invitations' => 'invitation', 'PUT api/people/{person}' => 'person',
        'POST api/kitchen/farewell' => 'farewell', 'PUT api/kitchen' => 'house', 'POST api/kitchen/archive' => 'archive-head', 'POST api/kitchen/archive/cooks' => 'archive-cook',
        'POST api/kitchen/pans/holds' => 'pan', 'POST api/kitchen/burners/{burner}/boil-off' => 'boil-off', 'POST api/dishes' => 'dish-entry', 'PUT api/dishes/{dish}' => 'dish-entry', 'POST api/dishes/import' => 'dish',
        'POST api/plan' => 'plan-request', 'POST api/work-out' => 'ask', 'POST api/work-out/mise.csv' => 'ask', 'POST api/work-out/prep.ics' => 'ask', 'POST api/around' => 'ask', 'POST api/choices' => 'ask',
        'PUT api/nights/{day}' => 'night-entry', 'POST api/nights/{day}/copy' => 'night-copy', 'POST api/nights/{day}/read' => 'firings-said', 'POST api/nights/{day}/firings' => 'firings-entry', 'PUT api/firings/{firing}' => 'firing-entry',
        'POST api/learned/own' => 'own-number', 'POST api/learned/own/back' => 'own-number', 'POST api/log/read' => 'paper-said', 'POST api/log/paper' => 'paper-entry',
        'POST api/cooks' => 'start-cook', 'POST api/cooks/{cook}/events' => 'cook-event',
    ];

    private const THINGS = ['pans' => 'pan', 'burners' => 'burner', 'devices' => 'device', 'ladles' => 'ladle', 'rices' => 'rice', 'stocks' => 'stock'];

    private const NO_JSON = ['', '{', '[]', 'null', '"x"', '{"a":', "\0", "\xff\xfe", '{"format":"velko.ask/1","covers":1e999}', 'scale 99999999 g', "knob low\nknob high", '{"a":{"a":{"a":{"a":[[[[[]]]]]}}}}'];

    private const ODD = [null, true, -1, 0, 1e300, 9_007_199_254_740_993, '', [], 'x', "\0", '①', ['a' => ['b' => 1]], '2026-02-30', 0.1];

    private const NO_ID = ['0', '-1', '99999999999999999999', '1e3', '%00', 'null', '..', "1'--", 'é', '０'];

    /**
     * @param  list<string>  $routes  "METHOD uri"
     * @param  array<string, list<int|string>>  $ids  of both kitchens, by parameter
     */
    public function __construct(private readonly array $routes, private readonly array $ids, private readonly Randomizer $chance) {}

    /** @return array{method: string, path: string, body: string} */
    public function next(): array
    {
        $route = $this->one($this->routes);
        $thing = $this->one(array_keys(self::THINGS));
        $contract = str_contains($route, '{thing}') && preg_match('#^(POST|PUT) api/kitchen/\{thing\}(/\{id\})?$#', $route) === 1 ? self::THINGS[$thing] : self::BODIES[$route] ?? null;
        [$method, $path] = explode(' ', str_replace('{thing}', $this->rarely() ? $this->one(self::NO_ID) : $thing, $route));
        $path = (string) preg_replace_callback('/\{(\w+)\??\}/', fn (array $name): string => $this->rarely() ? $this->one(self::NO_ID) : (string) $this->one($this->ids[$name[1]] ?? $this->ids['id']), $path);

        return ['method' => $method, 'path' => '/'.$path.($this->rarely() ? '?'.$this->one(['by=7', 'cursor=eyJ4IjoxfQ', 'as=json-ld', 'cursor[]=1', 'by[]=1', 'api_token=x', 'dish=1', 'verdict=wave', 'verdict=x', 'words=%25_', 'from=2026-99-99', 'to[]=x', 'burner=99999999999999999999']) : ''), 'body' => $contract === null ? $this->one(self::NO_JSON) : $this->body($contract)];
    }

    private function body(string $contract): string
    {
        if ($this->rarely()) {
            return $this->one(self::NO_JSON);
        }
        $document = json_decode((string) json_encode(FromSchema::make($contract, $this->chance)), true);
        if (is_array($document)) {
            array_walk_recursive($document, function (mixed &$value, int|string $name): void {
                if (is_string($name) && isset($this->ids[$name]) && $this->chance->getInt(0, 9) > 0) {
                    $value = $this->one($this->ids[$name]);
                }
            });
            if ($this->chance->getInt(0, 2) === 0) {
                $document = $this->spoiled($document);
            }
        }

        return (string) json_encode($document, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * @param  array<mixed>  $document
     *
     * @return array<mixed>
     */
    private function spoiled(array $document): array
    {
        if ($document === []) {
            return ['more' => $this->one(self::ODD)];
        }
        $key = $this->one(array_keys($document));
        if (is_array($document[$key]) && $this->chance->getInt(0, 2) > 0) {
            $document[$key] = $this->spoiled($document[$key]);
        } elseif ($this->chance->getInt(0, 3) === 0) {
            unset($document[$key]);
        } else {
            $document[$key] = $this->one(self::ODD);
        }

        return $document;
    }

    private function rarely(): bool
    {
        return $this->chance->getInt(0, 11) === 0;
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }
}
