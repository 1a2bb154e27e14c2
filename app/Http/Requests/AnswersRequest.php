<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\AnswerQuestions;
use Bouclier\Core\Diagnose\Question;
use Illuminate\Foundation\Http\FormRequest;

/** What was answered on the phone, by question. */
final class AnswersRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'answers' => ['required', 'array:' . implode(',', array_column(Question::cases(), 'value'))],
            'answers.*' => ['required', 'string', 'max:1000'],
        ];
    }

    public function command(): AnswerQuestions
    {
        return new AnswerQuestions(array_filter($this->array('answers'), is_string(...)));
    }
}
