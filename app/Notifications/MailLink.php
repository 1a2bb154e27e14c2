<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Queue\SerializesModels;

/**
 * One mail with one link in it: what it is for, and how long it is good. It goes out by the queue, where it stands sealed: the link is
 * a key.
 */
abstract class MailLink extends Notification implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;
    use SerializesModels;

    public int $tries = 5;

    /** @var list<int> seconds until it is tried again */
    public array $backoff = [10, 60, 600, 3600];

    /** @return array{subject: string, lines: list<string>, action: string, url: string, after: string} */
    abstract protected function said(): array;

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    /** @return array<string, string> */
    public function viaQueues(): array
    {
        return ['mail' => 'mail'];
    }

    public function toMail(): MailMessage
    {
        $said = $this->said();
        $mail = (new MailMessage())->subject($said['subject']);
        foreach ($said['lines'] as $line) {
            $mail->line($line);
        }

        return $mail->action($said['action'], $said['url'])->line($said['after']);
    }
}
