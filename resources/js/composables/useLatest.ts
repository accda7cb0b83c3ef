/**
 * Answers may overtake each other on a slow line. Whoever waits for one gets that of the newest question, so that nothing stands on the
 * screen that was asked for before something else.
 */
export function useLatest<T>() {
  let newest: Promise<T> | null = null

  return async function latest(asked: Promise<T>): Promise<T> {
    newest = asked
    for (;;) {
      const waited: Promise<T> = newest
      try {
        const answer = await waited
        if (waited === newest) return answer
      } catch (e) {
        if (waited === newest) throw e
      }
    }
  }
}
