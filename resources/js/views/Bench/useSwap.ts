import { api, ApiFailure, take, type Finding, type Offer, type RecipeBody } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { ref, shallowRef, type Ref } from 'vue'

/** Puts a bottle of the cupboard in place of what the recipe names, and keeps what it was, to go back to. */
export function useSwap(body: Ref<RecipeBody | null>) {
  const store = useGarden()
  const findings = shallowRef<Finding[]>([])
  const name = ref('')
  const refused = ref<string | null>(null)
  const before = shallowRef<RecipeBody | null>(null)
  /** Which bottle was chosen for which line, for the course that is planned with it. */
  const chosen = ref<Record<number, string>>({})

  async function swap(line: number | null, offer: Offer): Promise<void> {
    if (!body.value) return
    refused.value = null
    if (offer.is_same) {
      if (line !== null) chosen.value[line] = offer.product_id
      return
    }
    try {
      const answer = await take(api.POST('/api/gardens/{garden}/bench/swap', {
        params: { path: { garden: store.id } }, body: { recipe: body.value, line, product_id: offer.product_id },
      }))
      before.value = JSON.parse(JSON.stringify(body.value)) as RecipeBody
      body.value = { ...body.value, ...(answer.recipe), name: body.value.name }
      findings.value = answer.findings
      name.value = offer.name
      if (line !== null) chosen.value[line] = offer.product_id
    } catch (e) {
      if (!(e instanceof ApiFailure) || e.status !== 422) throw e
      refused.value = Object.values(e.fields)[0] ?? e.message
    }
  }
  function putBack(): void {
    if (before.value) body.value = before.value
    forget()
  }
  function forget(): void {
    before.value = null
    findings.value = []
    refused.value = null
    chosen.value = {}
  }

  return { swap, putBack, forget, findings, name, refused, before, chosen }
}
