<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** One mail with one link in it: what it is for, and how long it is good. */
abstract class MailLink extends Notification
{
    /** @return array{subject: string, lines: list<string>, action: string, url: string, after: string} */
    abstract protected function said(): array;

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
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
