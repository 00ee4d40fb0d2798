<?php

declare(strict_types=1);

namespace App\Contracts;

/** What is wrong with one field of a document. */
final readonly class Fault
{
    /**
     * @param  string  $path  JSON Pointer (RFC 6901); empty for the document itself
     * @param  string|null  $code  where a screen has more to offer than the words
     * @param  float|null  $least  of a number that is out of its range
     */
    public function __construct(
        public string $path,
        public string $detail,
        public ?string $code = null,
        public ?float $least = null,
        public ?float $most = null,
    ) {}

    /** The same fault, told with where in a larger document it stands. */
    public function under(string $path): self
    {
        return new self($path.$this->path, $this->detail, $this->code, $this->least, $this->most);
    }

    /** @return array{pointer: string, detail: string, code?: string, least?: float, most?: float} */
    public function document(): array
    {
        return ['pointer' => $this->path, ...array_filter(['detail' => $this->detail, 'code' => $this->code, 'least' => $this->least, 'most' => $this->most], static fn (mixed $part): bool => $part !== null)];
    }

    public function line(): string
    {
        return ($this->path === '' ? '/' : $this->path).': '.$this->detail;
    }
}
