<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\FactDocument;
use Velko\Core\Planning\Around\Choice;
use Velko\Core\Planning\Around\Choices;
use Velko\Core\Planning\Around\Option;
use Velko\Core\Quantity\Fact;

/** The document velko.choices/1: the schools side by side, in one pan. */
final class ChoicesDocument
{
    /** @return array<string, mixed> */
    public static function of(KitchenAsk $asked): array
    {
        $plan = $asked->plan();

        $words = $asked->words;
        $budget = new TimeBudget(always: TimeBudget::OF_EACH_LIST);
        $choices = $budget->each(Choices::each($plan));

        return [
            'format' => 'velko.choices/1',
            'choices' => array_map(static fn (Choice $choice): array => [
                'choice' => $words->say(Fact::of("choice.{$choice->school->value}")),
                'code' => $choice->school->value,
                'options' => array_map(static fn (Option $option): array => [
                    'label' => $words->say(Fact::of("school.$option->school")),
                    'school' => $option->school,
                    'chosen' => $option->chosen,
                    'stock_ml' => round($option->plan->stock, 1),
                    'ml_per_g' => round($option->plan->millilitresPerGram(), 2),
                    'pull_min' => round($option->plan->pulled->minute(), 1),
                    'hands_min' => round(Choices::hands($option->plan), 1),
                    'body' => $option->plan->body()->value,
                    'note' => $words->say($option->note),
                    'note_fact' => FactDocument::of($option->note),
                ], $choice->options),
            ], $choices),
            'left_out' => $budget->leftOut,
        ];
    }
}
