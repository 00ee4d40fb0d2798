<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Contracts\BadDocument;
use App\Contracts\BodyUnread;
use App\Contracts\Contract;
use Illuminate\Foundation\Http\FormRequest;

/** A request whose body is one document of contracts/. */
abstract class DocumentRequest extends FormRequest
{
    private const LONGEST_BODY = 262144;

    /** @return string name of the schema in contracts/ */
    abstract protected function contract(): string;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** @return int bytes of the longest body that is read */
    protected function longest(): int
    {
        return self::LONGEST_BODY;
    }

    /** @return int|null most values in it; null: as a body has */
    protected function values(): ?int
    {
        return null;
    }

    /**
     * @return array<string, mixed> held to the schema
     *
     * @throws BadDocument
     */
    public function document(): array
    {
        $body = $this->getContent();
        abort_if(strlen($body) > ($this->user() === null ? BodyUnread::LONGEST_OF_A_GUEST : $this->longest()), 413);

        return Contract::named($this->contract())->read($body, $this->values());
    }
}
