<?php

declare(strict_types=1);

namespace App\Keep\Lists;

/** The lists of a garden as tables for spreadsheets: each column, where it comes from, and how it is written. */
final class ListShape
{
    /** List => [table, by which it is ordered, [heading => [column, how]]]. */
    public const LISTS = [
        'plantings' => ['plantings', 'name', [
            'name' => ['name', 'text'], 'plant' => ['plant', 'text'], 'kind' => ['kind_name', 'text'], 'variety' => ['variety', 'text'],
            'zone' => ['zone_id', 'zones'], 'number' => ['number', 'number'], 'stage' => ['stage', 'text'],
            'height_cm' => ['height_cm', 'number'], 'area_m2' => ['area_m2', 'number'], 'pot_l' => ['pot_l', 'number'],
            'indoors' => ['indoors', 'yes'], 'harvest_on' => ['harvest_on', 'day'], 'moved_on' => ['moved_on', 'day'],
            'gone_on' => ['retired_on', 'day'], 'gone_why' => ['retired_why', 'text'], 'note' => ['note', 'text'],
        ]],
        'recipes' => ['recipes', 'name', [
            'name' => ['name', 'text'], 'use' => ['use', 'text'], 'base' => ['body', 'base'], 'ingredients' => ['body', 'ingredients'],
            'every_days' => ['body', 'every'], 'times' => ['body', 'times'], 'against' => ['body', 'targets'], 'note' => ['note', 'text'],
        ]],
        'sprays' => ['applications', 'applied_at', [
            'sprayed_at' => ['applied_at', 'instant'], 'recipe' => ['snapshot', 'recipe-name'], 'on' => ['planting_ids', 'plantings'],
            'volume_ml' => ['volume_ml', 'number'], 'strengths' => ['doses', 'amounts'], 'sprayer' => ['sprayer_id', 'sprayers'],
            'by' => ['by', 'text'], 'rinsed' => ['rinsed', 'yes'], 'note' => ['note', 'text'],
        ]],
        'rounds' => ['rounds', 'due_on', [
            'due_on' => ['due_on', 'day'], 'hour' => ['due_hour', 'number'], 'course' => ['course_id', 'courses'],
            'number' => ['number', 'number'], 'status' => ['status', 'text'], 'why' => ['reason', 'text'],
        ]],
        'troubles' => ['troubles', 'noticed_on', [
            'noticed_on' => ['noticed_on', 'day'], 'planting' => ['planting_id', 'plantings'], 'what' => ['target', 'text'],
            'status' => ['status', 'text'], 'closed_on' => ['closed_on', 'day'], 'outcome' => ['outcome', 'text'],
            'note' => ['note', 'text'],
        ]],
        'counts' => ['counts', 'counted_at', [
            'counted_at' => ['counted_at', 'instant'], 'trouble' => ['trouble_id', 'troubles'], 'measure' => ['measure', 'text'],
            'counts' => ['counts', 'numbers'], 'leaves_per_plant' => ['leaves_per_plant', 'number'], 'enemies' => ['enemies', 'text'],
            'note' => ['note', 'text'],
        ]],
        'looks' => ['glances', 'seen_at', [
            'seen_at' => ['seen_at', 'instant'], 'planting' => ['planting_id', 'plantings'], 'trouble' => ['trouble_id', 'troubles'],
            'how' => ['word', 'text'], 'note' => ['note', 'text'],
        ]],
        'leaves' => ['looks', 'put_on_at', [
            'put_on_at' => ['put_on_at', 'instant'], 'planting' => ['planting_id', 'plantings'], 'kind' => ['kind', 'text'],
            'recipe' => ['recipe_name', 'text'], 'of_full_strength' => ['fraction', 'number'], 'seen_at' => ['seen_at', 'instant'],
            'hurt_of_10' => ['score', 'number'], 'note' => ['note', 'text'],
        ]],
        'never-again' => ['nevers', 'said_on', [
            'said_on' => ['said_on', 'day'], 'planting' => ['planting_id', 'plantings'], 'never' => ['ingredient', 'text'],
            'all_of_its_kind' => ['whole_kind', 'yes'], 'why' => ['why', 'text'],
        ]],
        'bottles' => ['products', 'name', [
            'name' => ['name', 'text'], 'ingredient' => ['ingredient', 'text'], 'strength' => ['strength', 'text'],
            'size_ml_or_g' => ['size', 'number'], 'left_ml_or_g' => ['left', 'number'], 'price' => ['price', 'number'],
            'opened_on' => ['opened_on', 'day'], 'best_before' => ['best_before', 'day'], 'note' => ['note', 'text'],
        ]],
        'jars' => ['preparations', 'started_at', [
            'name' => ['name', 'text'], 'kind' => ['kind', 'text'], 'started_at' => ['started_at', 'instant'],
            'strained_at' => ['strained_at', 'instant'], 'left_ml' => ['left_ml', 'number'], 'ph' => ['ph', 'number'],
            'note' => ['note', 'text'],
        ]],
        'jobs' => ['chores', 'next_on', [
            'what' => ['what', 'text'], 'kind' => ['kind', 'text'], 'planting' => ['planting_id', 'plantings'],
            'how_often' => ['often', 'text'],
            'until' => ['until', 'text'], 'next_on' => ['next_on', 'day'], 'done_on' => ['done_on', 'day'],
        ]],
        'measures-taken' => ['tactic_uses', 'done_at', [
            'done_at' => ['done_at', 'instant'], 'trouble' => ['trouble_id', 'troubles'], 'measure' => ['tactic', 'text'],
            'note' => ['note', 'text'],
        ]],
        'sprayers' => ['sprayers', 'name', [
            'name' => ['name', 'text'], 'holds_ml' => ['capacity_ml', 'number'], 'material' => ['material', 'text'],
            'kept_for' => ['dedicated_to', 'text'], 'ml_per_squeeze' => ['ml_per_squeeze', 'number'],
            'ml_per_minute' => ['ml_per_minute', 'number'],
        ]],
        'measuring-tools' => ['tools', 'name', [
            'name' => ['name', 'text'], 'kind' => ['kind', 'text'], 'size_ml_or_g' => ['size', 'number'], 'step' => ['step', 'number'],
        ]],
        'own-measures' => ['own_measures', 'unit', [
            'unit' => ['unit', 'text'], 'ingredient' => ['ingredient', 'text'], 'low' => ['low', 'number'],
            'likely' => ['likely', 'number'],
            'high' => ['high', 'number'], 'weighed' => ['is_weighed', 'yes'],
        ]],
        'weather' => ['weather_notes', 'from_at', [
            'kind' => ['kind', 'text'], 'from' => ['from_at', 'seconds'], 'until' => ['until_at', 'seconds'],
        ]],
    ];
}
