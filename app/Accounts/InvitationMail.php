<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Words\Words;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

final class InvitationMail extends Mailable
{
    public function __construct(private readonly string $crew, private readonly string $link)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: app(Words::class)->say('mail.invitation.subject', ['crew' => $this->crew]));
    }

    public function content(): Content
    {
        return new Content(htmlString: e(app(Words::class)->say('mail.invitation.text', ['crew' => $this->crew, 'link' => $this->link])));
    }
}
