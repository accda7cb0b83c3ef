/** What a browser keeps, as far as the composables ask of it. */
const kept = new Map<string, string>()
const storage: Storage = {
  getItem: (key) => kept.get(key) ?? null,
  setItem: (key, text) => void kept.set(key, text),
  removeItem: (key) => void kept.delete(key),
  clear: () => kept.clear(),
  key: (n) => [...kept.keys()][n] ?? null,
  get length() {
    return kept.size
  },
}
Object.assign(globalThis, { localStorage: storage })
