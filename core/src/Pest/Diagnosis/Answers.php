<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

use Nebbia\Core\Data\UnknownName;

/** Which signs were seen, which were looked for and not found, and which nobody could look at. */
final readonly class Answers
{
    /**
     * @param  array<string, bool>  $seen  sign => whether it is there
     * @param  list<string>  $skipped  signs that are not to be asked again; they say nothing
     */
    private function __construct(public array $seen, public array $skipped) {}

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param  list<string>  $present
     * @param  list<string>  $absent
     * @param  list<string>  $skipped
     *
     * @throws UnknownName if there is no such sign
     * @throws DiagnosisException if a sign is said to be both there and not
     */
    public static function of(Signs $signs, array $present, array $absent = [], array $skipped = []): self
    {
        $seen = [];
        foreach ([['present', $present, true], ['absent', $absent, false]] as [$field, $ids, $there]) {
            foreach ($ids as $n => $id) {
                $sign = self::known($signs, $id, "$field.$n");
                if (isset($seen[$sign]) && $seen[$sign] !== $there) {
                    throw DiagnosisException::bothWays($sign)->at("$field.$n");
                }
                $seen[$sign] = $there;
            }
        }
        $passed = [];
        foreach ($skipped as $n => $id) {
            $sign = self::known($signs, $id, "skipped.$n");
            if (! isset($seen[$sign])) {
                $passed[] = $sign;
            }
        }
        // One order whatever the order of looking, so that the same answers give the same figures to the last digit.
        ksort($seen);

        return new self($seen, $passed);
    }

    public function with(string $sign, bool $there): self
    {
        $seen = [...$this->seen, $sign => $there];
        ksort($seen);

        return new self($seen, $this->skipped);
    }

    public function without(string $sign): self
    {
        return new self(array_diff_key($this->seen, [$sign => true]), $this->skipped);
    }

    private static function known(Signs $signs, string $id, string $field): string
    {
        try {
            return $signs->of($id)->id;
        } catch (UnknownName $e) {
            throw $e->at($field);
        }
    }
}
