<?php

declare(strict_types=1);

namespace App\Words;

use LogicException;
use MessageFormatter;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Quantity;

/**
 * The engine's facts in a reader's words and units: screen, card, files and console alike. The messages are ICU's, in
 * lang/LANGUAGE/engine.json; a second language is a second file.
 */
final class Words
{
    /** What begins like a sentence, whatever it begins with. */
    private const SENTENCES = ['warning', 'fix'];

    /** Between the parts of what is said in one breath. */
    private const BETWEEN = ', ';

    /** @var array<string, array<string, string>> by language and code */
    private static array $messages = [];

    private readonly string $language;

    /** @param  string|null  $language  null: that of whoever asks */
    public function __construct(private readonly Units $units = Units::Metric, ?string $language = null)
    {
        $this->language = $language ?? app()->getLocale();
    }

    public function say(Fact $fact): string
    {
        $said = MessageFormatter::formatMessage($this->language, $this->message($fact->code), array_map($this->arg(...), $fact->args));

        if ($said === false) {
            throw new LogicException("the message $fact->code cannot be made: ".intl_get_error_message());
        }

        return in_array(explode('.', $fact->code)[0], self::SENTENCES, true) ? self::capital($said) : $said;
    }

    /**
     * @param  list<Fact>  $facts
     *
     * @return list<string>
     */
    public function all(array $facts): array
    {
        return array_map($this->say(...), $facts);
    }

    /** @param  list<Fact>  $facts */
    public function inOneBreath(array $facts): string
    {
        return implode(self::BETWEEN, $this->all($facts));
    }

    /**
     * A document as it was kept, in this reader's units: beside each text stands the fact it says. What has no words any more
     * stays as it was said then.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @return array<array-key, mixed>
     */
    public function retold(array $document): array
    {
        foreach ($document as $key => $value) {
            if (! is_array($value)) {
                continue;
            }
            $text = (string) preg_replace('/_facts?$/', '', (string) $key);
            if ($text === (string) $key) {
                $document[$key] = $this->retold($value);
            } elseif (str_ends_with((string) $key, 's')) {
                $facts = array_map(FactDocument::read(...), array_values($value));
                $document[$text] = array_filter($facts, self::isKnown(...)) === $facts ? $this->all($facts) : $document[$text];
            } elseif (self::isKnown($fact = FactDocument::read($value))) {
                $document[$text] = $this->say($fact);
            }
        }

        return $document;
    }

    private static function capital(string $said): string
    {
        return mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
    }

    private function arg(mixed $arg): string|int|float
    {
        return match (true) {
            $arg instanceof Fact => $this->say($arg),
            $arg instanceof Quantity => $this->arg($this->units === Units::Us ? $arg->us() : $arg->metric()),
            is_array($arg) => implode(self::BETWEEN, array_map($this->arg(...), $arg)),
            is_bool($arg) => $arg ? 'yes' : 'no',
            is_string($arg), is_int($arg), is_float($arg) => $arg,
            default => throw new LogicException('what a message needs is a quantity, a fact, a number or a word'),
        };
    }

    private static function isKnown(mixed $fact): bool
    {
        return match (true) {
            $fact instanceof Fact => isset(self::messages()[$fact->code]) && self::isKnown($fact->args),
            is_array($fact) => array_filter($fact, self::isKnown(...)) === $fact,
            default => true,
        };
    }

    private function message(string $code): string
    {
        return self::messages($this->language)[$code] ?? self::messages()[$code] ?? throw new LogicException("there is no message $code");
    }

    /** @return array<string, string> by code; none where there is no such language */
    public static function messages(string $language = Languages::USUAL): array
    {
        return self::$messages[$language] ??= self::read(lang_path("$language/engine.json"));
    }

    /** @return array<string, string> */
    private static function read(string $file): array
    {
        /** @var array<string, string> */
        return is_file($file) ? json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR) : [];
    }
}
