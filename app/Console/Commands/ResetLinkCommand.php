<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\People\Email;
use App\People\SendLinks;
use Illuminate\Console\Command;

final class ResetLinkCommand extends Command
{
    protected $signature = 'velko:reset-link {email : of the account whose password is forgotten}';

    protected $description = 'Prints a link that sets a new password, for a chef whom no other chef can help';

    public function handle(): int
    {
        $user = User::here()->where('email', Email::normal($this->argument('email')))->first();
        if ($user === null) {
            $this->error('Nobody has that e-mail.');

            return self::FAILURE;
        }
        $link = SendLinks::forPassword($user, null);
        $this->line(is_string($link['url']) ? $link['url'] : '');

        return self::SUCCESS;
    }
}
