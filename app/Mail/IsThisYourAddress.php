<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** To an address that somebody gave: a link that shows it is theirs; or, where it has an account already, the way in. */
final class IsThisYourAddress extends Mailable
{
    /** @param  bool  $isKnown  It has an account: the link is the sign-in. */
    public function __construct(public readonly string $url, public readonly bool $isKnown) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->isKnown ? 'You have an account at Velko already' : 'Is this your address? Velko');
    }

    public function content(): Content
    {
        return new Content(text: 'mail.address');
    }
}
