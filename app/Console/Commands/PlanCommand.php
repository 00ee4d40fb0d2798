<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Contracts\PlanDocument;
use App\Contracts\PlanRequestDocument;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Velko\Core\Planning\RisottoPlanner;

/** velko.plan-request/1 in, velko.plan/1 out; bad input: exit 2, nothing on stdout, one line per fault on stderr. */
final class PlanCommand extends Command
{
    protected $signature = 'velko:plan {request : a file, or - for standard input}';

    protected $description = 'Works out a pan: velko.plan-request/1 in, velko.plan/1 out';

    public function handle(): int
    {
        try {
            $request = PlanRequestDocument::read($this->source($this->argument('request')));
            $plan = RisottoPlanner::plan($request->ask());
        } catch (BadDocument $bad) {
            $output = $this->output->getOutput();
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            foreach ($bad->faults as $fault) {
                $errors->writeln($fault->line(), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $this->output->writeln((string) json_encode(PlanDocument::of($plan, $request->assumed()), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @throws BadDocument */
    private function source(mixed $name): string
    {
        $name = is_string($name) ? $name : '-';
        $text = $name === '-' ? stream_get_contents(STDIN) : (is_file($name) ? file_get_contents($name) : false);

        return $text === false ? throw new BadDocument([new Fault('', "the file $name cannot be read")]) : $text;
    }
}
