import { bench } from './views/bench'
import { day } from './views/day'
import { garden } from './views/garden'
import { shelf } from './views/shelf'

/** Every view. Only a dialog itself is looked at: the view behind it has a line of its own. */
export const views = [...day, ...garden, ...bench, ...shelf]
