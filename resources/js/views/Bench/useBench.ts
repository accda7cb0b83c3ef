import { api, take, type Bench, type RecipeBody, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useWorkedOut } from '@/composables/useWorkedOut'
import { watch, type Ref } from 'vue'

const PAUSE_MS = 40

export interface BenchChoice {
  recipe: RecipeBody
  sprayerId: string | null
  plantingId: string | null
  volume: string
  now: Schemas['HereAndNow']
  factor: number
}

/** Keeps the bench worked out while the choice changes. The last good answer is put aside while something cannot be read. */
export function useBench(choice: Ref<BenchChoice | null>, recipe: () => string) {
  const store = useGarden()
  const {
    answer: bench,
    isAside,
    isKnown,
    errors,
    failure,
    workOut,
    soon,
  } = useWorkedOut<Bench>(
    (signal) => {
      const asked = choice.value
      return asked === null
        ? null
        : take(
            api.POST('/api/gardens/{garden}/bench', {
              params: { path: { garden: store.id } },
              body: {
                recipe: asked.recipe,
                sprayer_id: asked.sprayerId,
                planting_id: asked.plantingId,
                volume: asked.volume,
                now: asked.now,
                factor: asked.factor,
              },
              signal,
            }),
          )
    },
    PAUSE_MS,
    recipe,
  )
  watch(choice, () => void soon(), { deep: true })

  return { bench, isAside, errors, failure, isKnown, workOut }
}
