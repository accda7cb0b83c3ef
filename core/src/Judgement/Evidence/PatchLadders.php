<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\JudgedMix;

/** How to try a mix out: how weak to begin, how long to wait, and what to look for. */
final readonly class PatchLadders
{
    /** Rules whose stop is no matter of strength: such a mix is not tried at all. */
    private const NEVER = ['danger', 'compatibility', 'gas', 'sprayer', 'food', 'care'];

    /** What leaves are judged by. */
    private const OF_LEAVES = ['tolerance', 'burden', 'ph', 'evidence'];

    /** What damage by a substance looks like. */
    private const LOOKS = [
        'potassium-soap' => 'soap',
        'sodium-soap' => 'soap',
        'detergent' => 'soap',
        'vegetable-oil' => 'oil',
        'neem-oil' => 'oil',
        'mineral-oil' => 'oil',
        'sodium-bicarbonate' => 'salt',
        'potassium-bicarbonate' => 'salt',
        'sodium-chloride' => 'salt',
        'hydrogen-peroxide' => 'bleached',
        'isopropanol' => 'alcohol',
        'ethanol' => 'alcohol',
    ];

    public function __construct(private Table $patch) {}

    /**
     * @param  float|null  $temperature  °C of the days to come, where it is known
     */
    public function of(JudgedMix $judged, ?float $temperature = null): PatchLadder
    {
        $file = $this->patch->whole();
        $score = $file->row('score');
        $leaves = Severity::Fine;
        $never = ! $judged->mix->recipe->use->wetsLeaves();
        foreach ($judged->findings as $finding) {
            $never = $never || ($finding->severity === Severity::Stop && in_array($finding->rule, self::NEVER, true));
            $leaves = in_array($finding->rule, self::OF_LEAVES, true) ? $leaves->orWorse($finding->severity) : $leaves;
        }
        $wait = $file->row('wait')->float('likely');
        if ($temperature !== null && $temperature < $file->row('cool')->float('below')) {
            $wait = $file->row('cool')->float('likely');
        }
        $looks = ['all' => Message::of('patch.look.all')];
        foreach ($judged->mix->strengths as $strength) {
            if (in_array($strength->substance->id, $file->row('residue')->strings('substances'), true)) {
                $wait = max($wait, $file->row('residue')->float('likely'));
            }
            $kind = self::LOOKS[$strength->substance->id] ?? null;
            if ($kind !== null) {
                $looks[$kind] = Message::of("patch.look.$kind");
            }
        }
        $steps = [];
        foreach ($never ? [] : $file->row('ladder')->floats($leaves->value) as $fraction) {
            $steps[] = new PatchStep((float) $fraction, $wait);
        }

        return PatchLadder::of(
            $steps,
            $file->row('leaves')->interval(),
            array_values($looks),
            $score->float('passed'),
            $score->float('stops'),
        );
    }
}
