<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useTimes } from '@/composables/useTimes'
import { useUnits } from '@/composables/useUnits'
import { NButton } from 'naive-ui'
import { ref, shallowRef } from 'vue'

/** Sprayers and bottles: how much goes in, how fine they are, what they are kept for, what they last held. */
const props = defineProps<{ sprayers: Schemas['PantrySprayer'][]; reload: () => Promise<unknown> }>()

const store = useGarden()
const times = useTimes()
const { names, withUnit } = useUnits()
const shown = ref(false)
const chosen = shallowRef<Schemas['Sprayer'] | null>(null)
const { values: form, version, errors, busy, notes, attempt, finish } = useForm(shown, {
  reload: () => props.reload(),
  kept: () => `sprayer.${chosen.value?.id ?? 'new'}`,
  blank: () => ({
    name: '',
    capacity: '',
    usable_fraction: '',
    material: '',
    dedicated_to: '',
    finest_passage_mm: '',
    ten_squeezes: '',
    one_minute: '',
  }),
  from: () => {
    const one = chosen.value
    if (!one) return {}
    const typed = props.sprayers.find(({ sprayer }) => sprayer.id === one.id)?.typed
    return {
      name: one.name,
      capacity: typed?.capacity ?? '',
      usable_fraction: String(one.usable_fraction),
      material: one.material ?? '',
      dedicated_to: one.dedicated_to ?? '',
      finest_passage_mm: typed?.finest_passage ?? '',
      ten_squeezes: typed?.ten_squeezes ?? '',
      one_minute: typed?.one_minute ?? '',
    }
  },
  version: () => chosen.value?.version ?? 0,
})

function open(sprayer: Schemas['Sprayer'] | null): void {
  chosen.value = sprayer
  shown.value = true
}
const sent = () => ({ ...form, finest_passage_mm: withUnit(form.finest_passage_mm, names.value.passage) })
const save = () =>
  attempt(async () => {
    const path = { garden: store.id }
    const saved = chosen.value
      ? await take(
          api.PUT('/api/gardens/{garden}/sprayers/{sprayer}', {
            params: { path: { ...path, sprayer: chosen.value.id } },
            body: { ...sent(), version: version.value },
          }),
        )
      : await take(api.POST('/api/gardens/{garden}/sprayers', { params: { path }, body: sent() }))
    await finish(saved.change)
  })
const drop = () =>
  attempt(async () => {
    const change = await take(
      api.DELETE('/api/gardens/{garden}/sprayers/{sprayer}', { params: { path: { garden: store.id, sprayer: chosen.value!.id } } }),
    )
    await finish(change)
  })
</script>

<template>
  <section class="sprayers" :aria-label="t('pantry.sprayers-panel.sprayers')">
    <article v-for="{ sprayer, held, goes_in, squeeze, minute, passage } in sprayers" :key="sprayer.id">
      <h2>{{ sprayer.name }}</h2>
      <dl>
        <div>
          <dt>{{ t('pantry.sprayers-panel.goes') }}</dt>
          <dd>{{ t('pantry.sprayers-panel.rest-air', { goesIn: goes_in }) }}</dd>
        </div>
        <div>
          <dt>{{ t('pantry.sprayers-panel.finest-passage') }}</dt>
          <dd>
            {{
              passage ?? t('pantry.sprayers-panel.not-measured')
            }}
          </dd>
        </div>
        <div v-if="squeeze">
          <dt>{{ t('pantry.sprayers-panel.squeeze') }}</dt>
          <dd>{{ squeeze }}</dd>
        </div>
        <div v-if="minute">
          <dt>{{ t('pantry.sprayers-panel.minute') }}</dt>
          <dd>{{ minute }}</dd>
        </div>
        <div v-if="sprayer.material">
          <dt>{{ t('pantry.sprayers-panel.made') }}</dt>
          <dd>{{ sprayer.material }}</dd>
        </div>
        <div v-if="sprayer.dedicated_to">
          <dt>{{ t('pantry.sprayers-panel.kept') }}</dt>
          <dd>{{ sprayer.dedicated_to }}</dd>
        </div>
        <div>
          <dt>{{ t('pantry.sprayers-panel.held-last') }}</dt>
          <dd>{{ held ? `${held.recipe}, ${times.instant(held.applied_at)}` : t('pantry.sprayers-panel.nothing-written-down') }}</dd>
        </div>
      </dl>
      <n-button size="small" :aria-label="t('pantry.sprayers-panel.change', { name: sprayer.name })" @click="open(sprayer)">
        {{
          t('pantry.sprayers-panel.change-2')
        }}
      </n-button>
    </article>
    <div>
      <n-button type="primary" @click="open(null)">{{ t('pantry.sprayers-panel.add-sprayer') }}</n-button>
      <p><router-link :to="{ name: 'other-uses', hash: '#cleaning' }">{{ t('pantry.sprayers-panel.how-to-clean') }}</router-link></p>
    </div>
    <app-dialog v-model:shown="shown" :title="chosen?.name ?? t('pantry.sprayers-panel.add-sprayer')" :width="640">
      <form class="form-grid" @submit.prevent="save">
        <div class="two">
          <app-field id="s-name" v-slot="field" :label="t('pantry.sprayers-panel.called')" :error="errors.name">
            <input v-bind="field" v-model="form.name" />
          </app-field>
          <app-field id="s-capacity" v-slot="field" :label="t('pantry.sprayers-panel.holds-filled-brim')" :error="errors.capacity">
            <input v-bind="field" v-model="form.capacity" :placeholder="t('pantry.sprayers-panel.2-l-1')" />
          </app-field>
          <app-field id="s-fraction" v-slot="field" :label="t('pantry.sprayers-panel.part-fill-up')" :error="errors.usable_fraction">
            <input v-bind="field" v-model="form.usable_fraction" inputmode="decimal" placeholder="0.85" />
          </app-field>
          <app-field id="s-passage" v-slot="field" :label="t('pantry.sprayers-panel.finest-passage-mm', { unit: names.passage })" :error="errors.finest_passage_mm">
            <input
              v-bind="field"
              v-model="form.finest_passage_mm"
              inputmode="decimal"
              :placeholder="t('pantry.sprayers-panel.nozzle-filter-0')"
            />
          </app-field>
          <app-field id="s-squeezes" v-slot="field" :label="t('pantry.sprayers-panel.ten-squeezes-into')" :error="errors.ten_squeezes">
            <input v-bind="field" v-model="form.ten_squeezes" :placeholder="t('pantry.sprayers-panel.11-ml')" />
          </app-field>
          <app-field id="s-minute" v-slot="field" :label="t('pantry.sprayers-panel.minute-spraying-came')" :error="errors.one_minute">
            <input v-bind="field" v-model="form.one_minute" :placeholder="t('pantry.sprayers-panel.320-ml')" />
          </app-field>
          <app-field id="s-material" v-slot="field" :label="t('pantry.sprayers-panel.made')">
            <input v-bind="field" v-model="form.material" :placeholder="t('pantry.sprayers-panel.plastic-brass-lance')" />
          </app-field>
          <app-field id="s-for" v-slot="field" :label="t('pantry.sprayers-panel.kept-one-thing')">
            <input v-bind="field" v-model="form.dedicated_to" :placeholder="t('pantry.sprayers-panel.weeds-paths')" />
          </app-field>
        </div>
        <form-notes :of="notes" />
        <div class="actions">
          <n-button type="primary" attr-type="submit" :loading="busy">
            {{
              chosen ? t('pantry.sprayers-panel.save') : t('pantry.sprayers-panel.add-sprayer-2')
            }}
          </n-button>
          <n-button v-if="chosen" @click="drop">{{ t('pantry.sprayers-panel.take-out') }}</n-button>
          <n-button @click="shown = false">{{ t('pantry.sprayers-panel.not-now') }}</n-button>
        </div>
      </form>
    </app-dialog>
  </section>
</template>

<style scoped>
.sprayers {
  display: grid; gap: var(--space-6); grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr)); align-items: start;
}
article {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7)
  var(--space-7); display: grid; gap: var(--space-5); justify-items: start;
}
dl { margin: 0; display: grid; gap: var(--space-2); width: 100%; }
dl div { display: grid; grid-template-columns: 124px minmax(0, 1fr); gap: var(--space-5); }
dt { color: var(--soft); }
dd { margin: 0; }
</style>
