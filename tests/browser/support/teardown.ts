import { blank, demo } from './server'

export default async function teardown(): Promise<void> {
  await demo.stop()
  await blank.stop()
}
