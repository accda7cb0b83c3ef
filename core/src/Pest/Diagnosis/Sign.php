<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;

/** Something one can see. */
final readonly class Sign
{
    /** Where one looks, from the tips down. */
    public const PLACES = ['tips', 'upper', 'under', 'stem', 'flowers', 'soil', 'night', 'whole'];

    /**
     * @param  string  $place  where one looks, one of PLACES
     * @param  array<string, string>  $words  cause => coarse word of its likelihood; what is missing is `never`
     * @param  string  $unexplained  the word where none of the known causes is at work
     * @param  list<string>  $shows  causes that are seen in it, and not only what they do
     */
    private function __construct(
        public string $id,
        public string $place,
        public array $words,
        public string $unexplained,
        public array $shows = [],
    ) {}

    public static function fromRow(Row $row): self
    {
        $words = [];
        foreach (['nearly_always', 'often', 'sometimes', 'seldom'] as $word) {
            foreach ($row->strings($word) as $cause) {
                $words[$cause] = $word;
            }
        }

        return new self($row->string('id'), $row->string('place'), $words, $row->string('unexplained'), $row->strings('shows'));
    }

    public function name(): Message
    {
        return Message::of("sign.$this->id.name");
    }

    /** Where and when to look for it. */
    public function look(): Message
    {
        return Message::of("sign.$this->id.look");
    }

    /** How to tell it from its neighbours. */
    public function unlike(): Message
    {
        return Message::of("sign.$this->id.unlike");
    }

    public function where(): Message
    {
        return Message::of("place.$this->place.where");
    }

    public function when(): Message
    {
        return Message::of("place.$this->place.when");
    }
}
