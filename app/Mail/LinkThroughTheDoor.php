<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\DoorLink;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** An invitation, or the way back in for whoever forgot the password. */
final class LinkThroughTheDoor extends Mailable
{
    public function __construct(public readonly DoorLink $link, public readonly string $url) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->link->user_id === null ? 'You are asked into a kitchen on Velko' : 'A new password for Velko');
    }

    public function content(): Content
    {
        return new Content(text: 'mail.link', with: ['kitchen' => $this->link->kitchen->name, 'joins' => $this->link->user_id === null, 'until' => $this->link->expires_at->setTimezone($this->link->kitchen->timezone)->format('j F, H:i')]);
    }
}
