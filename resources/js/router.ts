import { useGarden } from '@/stores/garden'
import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', name: 'today', meta: { title: 'Today' }, component: () => import('./views/Today/TodayView.vue') },
    { path: '/garden', name: 'garden', meta: { title: 'Garden' }, component: () => import('./views/Garden/GardenView.vue') },
    { path: '/scout/:planting?', name: 'scout', meta: { title: 'Scout' }, component: () => import('./views/Scout/ScoutView.vue') },
    { path: '/trouble/:trouble', name: 'trouble', meta: { title: 'Trouble' }, component: () => import('./views/Trouble/TroubleView.vue') },
    { path: '/bench/:recipe?', name: 'bench', meta: { title: 'Bench' }, component: () => import('./views/Bench/BenchView.vue') },
    { path: '/mix/:recipe', name: 'mix', meta: { title: 'Mixing', bare: true }, component: () => import('./views/Mix/MixView.vue') },
    { path: '/label/:recipe', name: 'label', meta: { title: 'Bottle label' }, component: () => import('./views/Label/LabelView.vue') },
    { path: '/leaves/:planting', name: 'leaves', meta: { title: 'Leaves' }, component: () => import('./views/Leaves/LeavesView.vue') },
    { path: '/bottle', name: 'bottle', meta: { title: 'Label reader' }, component: () => import('./views/Bottle/BottleView.vue') },
    { path: '/why', name: 'why', meta: { title: 'Why we say so' }, component: () => import('./views/Why/WhyView.vue') },
    { path: '/compare', name: 'compare', meta: { title: 'Compare recipes' }, component: () => import('./views/Compare/CompareView.vue') },
    { path: '/pantry', name: 'pantry', meta: { title: 'Pantry' }, component: () => import('./views/Pantry/PantryView.vue') },
    { path: '/making/:preparation?', name: 'making', meta: { title: 'Making' }, component: () => import('./views/Making/MakingView.vue') },
    { path: '/soap', name: 'soap', meta: { title: 'Soap bench' }, component: () => import('./views/Soap/SoapView.vue') },
    { path: '/other-uses', name: 'other-uses', meta: { title: 'Other uses' }, component: () => import('./views/OtherUses/OtherUsesView.vue') },
    { path: '/card/:recipe', name: 'card', meta: { title: 'Recipe card' }, component: () => import('./views/Card/CardView.vue') },
    { path: '/rounds', name: 'rounds', meta: { title: 'Rounds' }, component: () => import('./views/Rounds/RoundsView.vue') },
    { path: '/rounds/month', name: 'month', meta: { title: 'A month of rounds' }, component: () => import('./views/Rounds/MonthView.vue') },
    { path: '/notebook', name: 'notebook', meta: { title: 'Notebook' }, component: () => import('./views/Notebook/NotebookView.vue') },
    { path: '/settings', name: 'settings', meta: { title: 'Settings' }, component: () => import('./views/Settings/SettingsView.vue') },
    { path: '/welcome', name: 'welcome', meta: { title: 'Welcome', bare: true }, component: () => import('./views/FirstRun/FirstRunView.vue') },
    { path: '/:rest(.*)*', name: 'missing', meta: { title: 'Not found' }, component: () => import('./views/NotFound/NotFoundView.vue') },
  ],
})

router.beforeEach(async (to) => {
  const store = useGarden()
  const hasGarden = await store.open()
  if (!hasGarden && to.name !== 'welcome') return { name: 'welcome' }
  if (hasGarden && to.name === 'welcome') return { name: 'today' }
  return true
})

router.afterEach((to) => {
  document.title = typeof to.meta.title === 'string' ? `${to.meta.title} · Nebbia` : 'Nebbia'
})
