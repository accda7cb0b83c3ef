import { useGarden } from '@/stores/garden'
import type { Recipe, RecipeBody } from '@/api/client'
import { computed, ref, watch } from 'vue'

interface Kept {
  version: number
  body: RecipeBody
  note: string
}

/** What is not saved yet has no name of its own: it belongs to the garden that is open. */
const key = (id: string) => `nebbia.draft.${id === 'new' ? `${useGarden().id}.new` : id}`

export function emptyBody(units: RecipeBody['units']): RecipeBody {
  return {
    format: 'nebbia.recipe/1',
    name: '',
    use: 'foliar',
    units,
    base: { amount: units === 'us' ? '1 quart' : '1 L', basis: 'added', liquid: 'water' },
    ingredients: [{ ingredient: 'liquid-castile-soap', amount: units === 'us' ? '2 tbsp' : '20 mL' }],
  }
}

const copyOf = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/**
 * The recipe as it is being written. What is not saved is kept on this device, by recipe, until it is saved or dropped.
 */
export function useDraft() {
  const recipe = ref<Recipe | null>(null)
  const body = ref<RecipeBody | null>(null)
  const note = ref('')
  /** The version that the draft was begun from, which may be older than what is stored by now. */
  const version = ref(0)
  const id = computed(() => recipe.value?.id ?? 'new')

  const changed = computed(() => {
    if (!body.value) return false
    if (!recipe.value) return true
    return JSON.stringify(body.value) !== JSON.stringify(recipe.value.body) || note.value !== (recipe.value.note ?? '')
  })

  function open(stored: Recipe): void {
    recipe.value = stored
    const kept = read(stored.id)
    body.value = copyOf(kept?.body ?? stored.body)
    note.value = kept?.note ?? stored.note ?? ''
    version.value = kept?.version ?? stored.version
  }

  function openNew(units: RecipeBody['units']): void {
    recipe.value = null
    const kept = read('new')
    body.value = kept?.body ?? emptyBody(units)
    note.value = kept?.note ?? ''
    version.value = 0
  }

  /** Begins a new recipe with a body; what was begun before is given back, if there was anything. */
  function begin(wanted: RecipeBody): RecipeBody | null {
    const kept = read('new')
    recipe.value = null
    body.value = wanted
    note.value = ''
    version.value = 0
    localStorage.setItem(key('new'), JSON.stringify({ version: 0, body: wanted, note: '' } satisfies Kept))
    return kept && JSON.stringify(kept.body) !== JSON.stringify(emptyBody(kept.body.units)) ? kept.body : null
  }

  /** What is stored becomes what is on the bench. */
  function settle(stored: Recipe): void {
    localStorage.removeItem(key(id.value))
    recipe.value = stored
    body.value = copyOf(stored.body)
    note.value = stored.note ?? ''
    version.value = stored.version
    localStorage.removeItem(key(stored.id))
  }

  function drop(units: RecipeBody['units']): void {
    localStorage.removeItem(key(id.value))
    if (recipe.value) settle(recipe.value)
    else openNew(units)
  }

  watch(
    [body, note],
    () => {
      if (!body.value) return
      if (changed.value)
        localStorage.setItem(key(id.value), JSON.stringify({ version: version.value, body: body.value, note: note.value } satisfies Kept))
      else localStorage.removeItem(key(id.value))
    },
    { deep: true },
  )

  return { recipe, body, note, version, changed, open, openNew, begin, settle, drop }
}

function read(id: string): Kept | null {
  try {
    const text = localStorage.getItem(key(id))
    return text ? (JSON.parse(text) as Kept) : null
  } catch {
    return null
  }
}
