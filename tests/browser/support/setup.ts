import { blank, demo } from './server'

export default async function setup(): Promise<void> {
  await demo.stop()
  await blank.stop()
  demo.prepare(true)
  blank.prepare(false)
  await demo.start()
  await blank.start()
}
