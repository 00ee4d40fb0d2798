<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contracts\BadDocument;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** The engine on the console: one document in, one out; bad input: exit 2, nothing on stdout, one line per fault on stderr. */
abstract class EngineCommand extends Command
{
    /**
     * @return array<string, mixed> the answer
     *
     * @throws BadDocument
     */
    abstract protected function answer(string $json): array;

    public function handle(): int
    {
        try {
            $answer = $this->answer($this->source($this->argument('request')));
        } catch (BadDocument $bad) {
            $output = $this->output->getOutput();
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            foreach ($bad->faults as $fault) {
                $errors->writeln($fault->line(), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $this->output->writeln((string) json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @throws BadDocument */
    private function source(mixed $name): string
    {
        $name = is_string($name) ? $name : '-';
        $text = $name === '-' ? stream_get_contents(STDIN) : (is_file($name) ? file_get_contents($name) : false);

        return $text === false ? throw BadDocument::at('', "the file $name cannot be read") : $text;
    }
}
