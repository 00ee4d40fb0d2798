<?php

declare(strict_types=1);

namespace App\Contracts;

/** What is wrong with one field of a document. */
final readonly class Fault
{
    /** @param  string  $path  JSON Pointer (RFC 6901); empty for the document itself */
    public function __construct(public string $path, public string $detail) {}

    public function line(): string
    {
        return ($this->path === '' ? '/' : $this->path).': '.$this->detail;
    }
}
