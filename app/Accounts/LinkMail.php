<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A mail with a link; sent apart, so that nobody reads from the time an answer takes whether one was sent. */
final class LinkMail extends Mailable implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $title, private readonly string $text)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->title);
    }

    public function content(): Content
    {
        return new Content(htmlString: e($this->text));
    }
}
