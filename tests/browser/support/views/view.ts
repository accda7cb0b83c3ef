import type { Page } from '@playwright/test'

/** A view, or a state of one, and how one comes to it. */
export interface View {
  name: string
  open: (page: Page) => Promise<void>
  /** What is not looked at: of many equal cards the first few will do. */
  except?: string
}
